@php($clues = $document->items(Dew\Core\Draft\Place::of('clues')))
@if ($work->unmade === [])
    <p class="field-hint">{{ __('workshop.all_made') }}</p>
@else
    <section class="unmade">
        <h2>{{ __('workshop.unmade') }}</h2>
        <ul class="plain-list">
            @foreach ($work->unmade as $thing)
                <li><span class="unmade-name">{{ $thing['name'] }}</span> <small>@foreach ($thing['counts'] as $of => $count){{
                    $loop->first ? '' : ' · ' }}{{ __('workshop.counts', ['size' => $of, 'count' => $count]) }}@endforeach</small>
                    @foreach ($clues as $number => $clue)
                        @if ($number >= count($clues) - 3)
                            <x-edit.button class="btn-quiet" :edit="['kind' => 'add', 'to' => 'clues/'.$clue['id'].'/tasks', 'item' => ['id'
                                => App\Support\Fill::in('id', 't')] + $thing['task']]"
                                :aria-label="__('workshop.give_to', ['name' => $thing['name']]).' '.__('workshop.clue_number', ['number' =>
                                    $number + 1])">→ {{ $number + 1 }}</x-edit.button>
                        @endif
                    @endforeach
                </li>
            @endforeach
        </ul>
        <p class="actions"><x-edit.button class="btn-main" :edit="['kind' => 'together', 'edits' => array_map(fn ($thing) => ['kind' =>
            'add', 'to' => 'clues', 'item' => [
            'id' => App\Support\Fill::in('id', 'k'), 'title' => mb_substr($thing['name'], 0, 80), 'minutes' => 60, 'tasks' => [['id' =>
                App\Support\Fill::in('id', 't')] + $thing['task']]]], $work->unmade)]">{{ __('workshop.clue_each') }}</x-edit.button></p>
    </section>
@endif
@include('workshop.prepare')
<div class="board-head">
    @if (count($work->sizes) > 1)
        <nav class="size-tabs" aria-label="{{ __('design.size') }}">
            @foreach ($work->sizes as $choice => $name)
                <a href="{{ route('host.draft.clues', [$quiltAlong, 'size' => $choice]) }}"
                    @class(['size-tab', 'is-here' => $choice === $size]) @if ($choice === $size) aria-current="page" @endif>{{ $name }}</a>
            @endforeach
        </nav>
    @endif
    <a class="btn btn-other" href="{{ route('host.split', $quiltAlong) }}">{{ __('workshop.suggest_split') }}</a>
</div>
<p class="field-hint" id="board-hint">{{ __('workshop.board_hint') }}</p>
<ol class="clue-board" aria-label="{{ __('workshop.clues') }}" aria-describedby="board-hint">
    @foreach ($columns as $column){!! $column !!}@endforeach
</ol>
<p class="actions"><x-edit.button class="btn-other" :edit="['kind' => 'add', 'to' => 'clues', 'item' => ['id' => App\Support\Fill::in('id',
    'k'), 'title' => __('workshop.new_clue'), 'minutes' => 60, 'tasks' => []]]">{{ __('workshop.add_clue') }}</x-edit.button></p>
