@php($blocks = $document->items(Dew\Core\Draft\Place::of('blocks')))
@if ($blocks === [])
    <div class="empty"><p>{{ __('workshop.no_blocks') }}</p></div>
@endif
<ul class="block-cards">
    @foreach ($blocks as $block)
        @php($study = $studies[$block['id']])
        @php($name = $block['name'] ?? $block['id'])
        @php($empty = count(array_filter($study->findings, fn ($finding) => $finding['severity'] === 'error')))
        <li class="block-card">
            <a class="block-link" href="{{ route('host.blocks.show', [$quiltAlong, $block['id']]) }}" aria-label="{{
                __('workshop.open_block', ['name' => $name]) }}">
                @if ($looks->isLarge())
                    @php([$box, $width, $height] = $looks->boxes[$block['id']])
                    <svg class="look" viewBox="{{ $box }}" width="{{ 3 * $width }}" height="{{ 3 * $height }}" aria-hidden="true"><use
                        href="{{ $looks->address($quiltAlong) }}#card-{{ $block['id'] }}"/></svg>
                @else
                    <x-block-look :study="$study" :palette="$palette" :side="132" :name="$block['id']"/>
                @endif
                <span class="block-name">{{ $name }}</span></a>
            <small>{{ $study->sizes[0]['finished'] ?? '' }}@if ($empty > 0) · {{ trans_choice('workshop.errors', $empty) }}@endif</small>
            <div class="block-tools">
                <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('copy', place: 'blocks/'.$block['id'], id: App\Support\Placeholder::in('id', 'b'), name: mb_substr(__('workshop.copy_of', ['name' => $name]), 0, 60))">{{ __('workshop.copy') }}</x-edit.button>
                <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: 'blocks/'.$block['id'], digest: Dew\Core\Draft\Value::of($block)->digest())"
                    :aria-label="__('workshop.remove').' '.$name">{{ __('workshop.remove') }}</x-edit.button>
            </div>
        </li>
    @endforeach
</ul>
<h2>{{ __('workshop.new_block') }}</h2>
<x-edit.form :edit="Dew\Core\Draft\Kind\EditLibrary::form('new-block', id: App\Support\Placeholder::in('id', 'b'), name: App\Support\Placeholder::in('name'), columns: App\Support\Placeholder::in('columns', 'int'), rows: App\Support\Placeholder::in('rows', 'int'), width: App\Support\Placeholder::in('size'), height: App\Support\Placeholder::in('size'))" class="inline-fields" id="new-block" data-open="{{ route('host.blocks.show', [$quiltAlong,
        '-new-']) }}">
    <div class="field"><label class="form-label" for="block-new-name">{{ __('workshop.name') }}</label><input class="form-control"
        id="block-new-name" name="name"
        maxlength="60" required autocomplete="off" value="{{ __('workshop.new_block_name', ['number' => count($blocks) + 1]) }}"></div>
    <div class="field is-short"><label class="form-label" for="block-new-columns">{{ __('workshop.across') }}</label><input
        class="form-control" type="number" min="1"
        max="40" id="block-new-columns" name="columns" required value="3"></div>
    <div class="field is-short"><label class="form-label" for="block-new-rows">{{ __('workshop.down') }}</label><input class="form-control"
        type="number" min="1"
        max="40" id="block-new-rows" name="rows" required value="3"></div>
    <div class="field is-short"><label class="form-label" for="block-new-size">{{ __('workshop.block_finished') }}</label><input
        class="form-control"
        id="block-new-size" name="size" required autocomplete="off" value="{{ ($studies[$blocks[0]['id'] ?? '']->sizes[0]['side'] ?? '') ?:
            '9' }}"></div>
    <button class="btn btn-main">{{ __('workshop.make_block') }}</button>
</x-edit.form>
<details class="section-tool"><summary>{{ __('workshop.new_sixty_block') }}</summary>
    <p class="field-hint">{{ __('workshop.new_sixty_hint') }}</p>
    <x-edit.form :edit="Dew\Core\Draft\Kind\EditLibrary::form('new-sixty-block', id: App\Support\Placeholder::in('id', 'b'), name: App\Support\Placeholder::in('name'), shape: App\Support\Placeholder::in('shape'), rows: App\Support\Placeholder::in('rows', 'int'), side: App\Support\Placeholder::in('side'))"
        class="inline-fields" id="new-sixty-block" data-open="{{ route('host.blocks.show', [$quiltAlong, '-new-']) }}">
        <div class="field"><label class="form-label" for="sixty-new-name">{{ __('workshop.sixty_name') }}</label><input class="form-control"
            id="sixty-new-name" name="name" maxlength="60" required autocomplete="off"
            value="{{ __('workshop.new_block_name', ['number' => count($blocks) + 1]) }}"></div>
        <div class="field"><label class="form-label" for="sixty-new-shape">{{ __('workshop.sixty_shape') }}</label><select
            class="form-select" id="sixty-new-shape" name="shape">@foreach (__('workshop.sixty_shapes') as $shape => $called)<option
            value="{{ $shape }}">{{ $called }}</option>@endforeach</select></div>
        <div class="field is-short"><label class="form-label" for="sixty-new-rows">{{ __('workshop.sixty_rows') }}</label><input
            class="form-control" type="number" min="1" max="20" id="sixty-new-rows" name="rows" required value="2"></div>
        <div class="field is-short"><label class="form-label" for="sixty-new-side">{{ __('workshop.sixty_side') }}</label><input
            class="form-control" id="sixty-new-side" name="side" required autocomplete="off" value="6"></div>
        <button class="btn btn-main">{{ __('workshop.make_block') }}</button>
    </x-edit.form>
</details>
<p class="actions"><a class="btn btn-other" href="{{ route('host.library', $quiltAlong) }}">{{ __('workshop.library') }}</a></p>
