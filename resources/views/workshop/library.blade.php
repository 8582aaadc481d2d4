@php($all = $library->blocks)
@php($grids = array_unique(array_map(fn ($block) => $block->grid(), $all)))
@php($techniques = array_unique(array_merge(...array_map(fn ($block) => $block->techniques, $all))))
<x-layout.workshop :title="__('workshop.library')" :quilt-along="$quiltAlong" here="blocks">
    <p>{{ __('workshop.library_hint') }}</p>
    <form method="get" class="inline-fields library-find">
        @foreach (['grid' => array_combine($grids, $grids), 'technique' => array_combine($techniques, array_map(fn ($kind) =>
            App\Wording\KindWords::name($kind), $techniques)),
            'difficulty' => ['easy' => __('workshop.easy'), 'middling' => __('workshop.middling'), 'hard' => __('workshop.hard')],
            'seams' => ['12' => __('workshop.up_to', ['count' => 12]), '24' => __('workshop.up_to', ['count' => 24]), '40' =>
                __('workshop.up_to', ['count' => 40])]] as $field => $choices)
            <div class="field"><label class="form-label" for="find-{{ $field }}">{{ __('workshop.find_by.'.$field) }}</label>
                <select class="form-select" id="find-{{ $field }}" name="{{ $field }}"><option value="">{{ __('workshop.any') }}</option>
                    @foreach ($choices as $value => $name)<option value="{{ $value }}" @selected((string) $value === $asked[$field])>{{
                        $name }}</option>@endforeach
                </select></div>
        @endforeach
        @foreach ($library->document->items(Dew\Core\Draft\Place::of('fabrics')) as $fabric)
            <div class="field is-short"><label class="form-label" for="as-{{ $fabric['id'] }}">{{ __('workshop.take_as', ['letter' =>
                $fabric['letter']]) }}</label>
                <select class="form-select" id="as-{{ $fabric['id'] }}" name="as_{{ $fabric['id'] }}">
                    @foreach ($palette->fabrics as $id => $known)<option value="{{ $id }}" @selected($fabrics[$fabric['id']] === $id)>{{
                        $known['letter'] }} {{ $known['name'] }}</option>@endforeach
                </select></div>
        @endforeach
        <button class="btn btn-other">{{ __('workshop.find') }}</button>
    </form>
    @if ($blocks === [])<div class="empty"><p>{{ __('workshop.no_match') }}</p></div>@endif
    <ul class="block-cards">
        @foreach ($blocks as $block)
            <li class="block-card">
                <x-block-look :study="$block->study" :palette="$palette->as($fabrics)" :side="132" :name="'lib-'.$block->id"
                    :label="$block->name"/>
                <span class="block-name">{{ $block->name }}</span>
                <small>{{ $block->grid() }} · {{ trans_choice('workshop.pieces_line', $block->pieces) }} ·
                    {{ trans_choice('workshop.seams_line', $block->seams()) }} · {{ __('workshop.'.['easy' =>
                    'easy', 'middling' => 'middling', 'hard' => 'hard'][$block->difficulty]) }}</small>
                <form method="post" action="{{ route('host.library.take', $quiltAlong) }}">
                    @csrf
                    @foreach ($fabrics as $theirs => $ours)<input type="hidden" name="as_{{ $theirs }}" value="{{ $ours }}">@endforeach
                    <button class="btn btn-other" name="block" value="{{ $block->id }}" aria-label="{{ __('workshop.take', ['name' =>
                        $block->name]) }}">{{ __('workshop.take_it') }}</button>
                </form>
            </li>
        @endforeach
    </ul>
</x-layout.workshop>
