@php($sizes = $document->items(Dew\Core\Draft\Place::of('sizes')))
@php($borders = $document->items(Dew\Core\Draft\Place::of('setting', 'borders')))
<h2>{{ __('workshop.sizes') }}</h2>
@foreach ($study->problems as $problem)
    <p class="message is-warning">{{ $problem }}</p>
@endforeach
@if ($study->sizes === [])
    <div class="empty"><p>{{ __('workshop.not_drawn') }}</p></div>
@endif
<div class="size-cards">
    @foreach ($sizes as $size)
        @php($at = 'sizes/'.$size['id'])
        @php($drawn = $study->sizes[$size['id']] ?? null)
        @php($name = $size['name'] ?? $size['id'])
        <article class="size-card" id="size-{{ $size['id'] }}">
            <div class="size-picture">
                {{-- A picture of thousands of units is a file of its own, and is asked for when it comes into view. --}}
                @if ($drawn !== null && strlen($drawn['picture']) > App\Presentation\Host\Workshop\QuiltStudy::INLINE)
                    <img class="quilt-picture" loading="lazy" width="{{ round($drawn['width'], 2) }}" height="{{ round($drawn['height'], 2) }}"
                        alt="{{ __('drawings.quilt', ['size' => $name]) }}" src="{{ route('host.size', [$quiltAlong, $size['id'],
                            'colourway' => $palette->colourway, 'of' => hash('crc32b', $drawn['picture'])]) }}">
                @elseif ($drawn !== null){!! $drawn['picture'] !!}@endif
            </div>
            <div class="size-fields">
                <x-edit.text :place="$at.'/name'" :value="$size['name'] ?? null" :label="__('workshop.size_name')"
                    :id="'size-name-'.$size['id']" maxlength="40"/>
                <x-edit.text :place="$at.'/columns'" :value="$size['columns'] ?? null" type="number" min="1" max="60" as="int"
                    :label="__($document->at(Dew\Core\Draft\Place::of('setting', 'kind'))->value === 'sixty' ? 'workshop.size_triangles' :
                        'workshop.size_columns')" :id="'size-columns-'.$size['id']"/>
                <x-edit.text :place="$at.'/rows'" :value="$size['rows'] ?? null" type="number" min="1" max="60" as="int"
                    :label="__($document->at(Dew\Core\Draft\Place::of('setting', 'kind'))->value === 'sixty' ? 'workshop.size_triangle_rows'
                        :
                        'workshop.size_rows')" :id="'size-rows-'.$size['id']"/>
                <x-edit.text :place="$at.'/block'" :value="$size['block'] ?? null" as="optional" :label="__('workshop.size_block')"
                    :placeholder="__('workshop.size_block_hint')"
                    :id="'size-block-'.$size['id']"/>
            </div>
            @if ($drawn !== null)
                <dl class="fact-row">
                    <div class="is-wide"><dt>{{ __('workshop.finished') }}</dt><dd>{{ $drawn['finished'] }}</dd></div>
                    <div><dt>{{ __('workshop.blocks_count') }}</dt><dd>{{ $drawn['blocks'] }}</dd></div>
                    <div><dt>{{ __('workshop.pieces_count') }}</dt><dd>{{ number_format($drawn['pieces']) }}</dd></div>
                    <div><dt>{{ __('workshop.seam_length') }}</dt><dd>{{ $drawn['seams'] }}</dd></div>
                    <div><dt>{{ __('workshop.time_to_make') }}</dt><dd>{{ $drawn['time'] }}</dd></div>
                </dl>
                <details><summary>{{ __('workshop.area') }}</summary>
                    <ul class="plain-list">@foreach ($drawn['areas'] as $fabric => $area)<li><x-swatch :letter="$palette->letter($fabric)"
                        :colour="$palette->colour($fabric)"
                        :ink="$palette->ink($fabric)"/> {{ $palette->name($fabric) }} <small>{{ $area
                            }}</small></li>@endforeach</ul>
                </details>
            @endif
            @if ($borders !== [])
                <details><summary>{{ __('workshop.size_borders') }}</summary>
                    @foreach ($borders as $border)
                        @php($has = ! isset($size['borders']) || in_array($border['id'], $size['borders'], true))
                        @php($all = $size['borders'] ?? array_column($borders, 'id'))
                        @php($widths = is_array($size['border_widths'] ?? null) ? $size['border_widths'] : [])
                        @php($called = $border['name'] ?? __('workshop.border', ['number' => $loop->iteration]))
                        <div class="size-border">
                            <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/borders', expect: $size['borders'] ?? null, to: $has ? array_values(array_diff($all, [$border['id']])) : [...$all, $border['id']])">{{ __($has ?
                                    'workshop.without_border' : 'workshop.with_border', ['border' => $called]) }}</x-edit.button>
                            @if ($has)
                                <x-edit.text :value="$widths[$border['id']] ?? null" :label="__('workshop.border_width_of', ['border' =>
                                    $called])" :placeholder="$border['width'] ?? ''"
                                    :id="'border-of-'.$size['id'].'-'.$border['id']" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/border_widths', expect: $size['border_widths'] ?? null, to: [$border['id'] => App\Support\Placeholder::in('value', 'optional')] + $widths)"/>
                            @endif
                        </div>
                    @endforeach
                </details>
            @endif
            <p class="actions">
                @unless (isset($size['pattern']))
                    <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('resize-pattern', size: $size['id'], columns: max(1, (int)
                        ($size['columns'] ?? 1)), rows: max(1, (int) ($size['rows'] ?? 1)))">{{ __('workshop.own_pattern', ['size' => $name]) }}</x-edit.button>
                @endunless
                @if (count($sizes) > 1)
                    <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $at, expect: $size)">{{
                        __('workshop.remove_size', ['size' => $name]) }}</x-edit.button>
                @endif
            </p>
        </article>
    @endforeach
</div>
@if (count($sizes) < 12)
    <x-edit.button class="btn-other" :edit="Dew\Core\Draft\Kind\EditLibrary::form('add', to: 'sizes', item: ['id' => App\Support\Placeholder::in('id', 's'), 'name' =>
        __('workshop.new_size'), 'columns' => 4, 'rows' => 5])">{{ __('workshop.add_size') }}</x-edit.button>
@endif
