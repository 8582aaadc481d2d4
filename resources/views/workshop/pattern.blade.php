@php($patterns = ['' => ['name' => '', 'rows' => $pattern->rows]] + $pattern->own)
<h2>{{ __('workshop.pattern') }}</h2>
<p class="field-hint">{{ __($document->at(Dew\Core\Draft\Place::of('setting', 'kind'))->value === 'sixty' ? 'workshop.pattern_sixty_hint' :
    'workshop.pattern_hint') }}</p>
@if (count($pattern->blocks) > 1)
    <p class="actions"><x-edit.button class="btn-other" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'setting/pattern', expect: $document->at(Dew\Core\Draft\Place::of('setting', 'pattern'))->value, to: $pattern->sampler())">{{ __('workshop.sampler') }}</x-edit.button></p>
@endif
@foreach ($patterns as $size => $one)
    @php($whose = $size === '' ? [] : ['size' => $size])
    @if ($size !== '')<h3>{{ __('workshop.pattern_of', ['size' => $one['name']]) }}</h3>@endif
    <div class="pattern" role="group" aria-label="{{ $size === '' ? __('workshop.pattern_label') : __('workshop.pattern_of', ['size' =>
        $one['name']]) }}">
        @foreach ($one['rows'] as $row => $blocks)
            <div class="pattern-row">
                @foreach ($blocks as $column => $block)
                    <x-edit.select :value="$block" hidden :label="__('workshop.pattern_place', ['column' => $column + 1, 'row' => $row + 1,
                        'block' => $block === null ? __('workshop.no_block') : ($pattern->blocks[$block] ?? $block)])"
                            :empty="__('workshop.no_block')"
                        :id="'pattern-'.$size.'-'.($column + 1).'-'.($row + 1)" :choices="$pattern->blocks"
                        :edit="Dew\Core\Draft\Kind\EditLibrary::form('place', ...$whose, column: $column + 1, row: $row + 1, block: App\Support\Placeholder::in('value', 'optional'), expect: $block)"/>
                @endforeach
            </div>
        @endforeach
    </div>
    <div class="inline-fields">
        @php($columns = count($one['rows'][0] ?? []))
        @php($rows = count($one['rows']))
        <x-edit.text :value="$columns" type="number" min="1" max="60" :label="__('workshop.pattern_columns')" :id="'pattern-columns-'.$size"
            :edit="Dew\Core\Draft\Kind\EditLibrary::form('resize-pattern', ...$whose, columns: App\Support\Placeholder::in('value', 'int'), rows: max(1, $rows))"/>
        <x-edit.text :value="$rows" type="number" min="1" max="60" :label="__('workshop.pattern_rows')" :id="'pattern-rows-'.$size"
            :edit="Dew\Core\Draft\Kind\EditLibrary::form('resize-pattern', ...$whose, columns: max(1, $columns), rows: App\Support\Placeholder::in('value',
                'int'))"/>
        @if ($size !== '')
            <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'sizes/'.$size.'/pattern')">{{ __('workshop.share_pattern',
                ['size' => $one['name']]) }}</x-edit.button>
        @endif
    </div>
@endforeach
