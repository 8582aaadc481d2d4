@php($json = App\Support\Attribute::json(...))
@php($edge = max(40, $board->width * 0.05))
@if ($problem !== null)
    <p class="message is-warning">{{ $problem === ucfirst($problem) ? $problem : __('workshop.cannot_draw', ['problem' => $problem]) }}</p>
@endif
<svg class="board" id="board" viewBox="{{ -$edge }} {{ -$edge }} {{ $board->width + $edge * 1.2 }} {{ $board->height + $edge * 1.2 }}"
    role="group"
    aria-label="{{ __('workshop.grid_label', ['block' => $block['name'] ?? $id]) }}" data-block="{{ $id }}"
    @if ($board->isSixty) data-sixty @endif
    data-lay='{{ $json(Dew\Core\Draft\Kind\EditLibrary::form('lay', block: $id, column: App\Support\Placeholder::in('column', 'int'), row: App\Support\Placeholder::in('row', 'int'), expect: App\Support\Placeholder::in('cell', 'json'))) }}'
    data-swap='{{ $json(Dew\Core\Draft\Kind\EditLibrary::form('swap', block: $id, column: App\Support\Placeholder::in('column', 'int'), row: App\Support\Placeholder::in('row', 'int'), with_column: App\Support\Placeholder::in('with_column', 'int'), with_row: App\Support\Placeholder::in('with_row', 'int'))) }}'>
    <defs>
        @foreach ($study->looks as $product => $look)
            <g id="look-{{ str_replace(['.', '=', '/'], '-', $product) }}">@foreach ($look->patches as $patch)<path class="cloth"
                d="{{ $patch['path'] }}" fill="{{ $palette->paint($patch['slot']) }}"/>@endforeach</g>
        @endforeach
        @foreach ($looks as $unit => $look)
            @unless (isset($study->looks[$unit]))
                <g id="look-{{ $unit }}">@foreach ($look->patches as $patch)<path class="cloth" d="{{ $patch['path'] }}"
                    fill="{{ $palette->paint($patch['slot']) }}"/>@endforeach</g>
            @endunless
        @endforeach
    </defs>
    @foreach ($board->columns as $column)
        <text class="board-size" x="{{ $column['at'] + $column['width'] / 2 }}" y="{{ -$edge * 0.4 }}" font-size="{{ $edge * 0.5 }}"
            text-anchor="middle"
            aria-hidden="true">{{ $column['text'] }}</text>
    @endforeach
    @foreach ($board->rows as $row)
        <text class="board-size" x="{{ -$edge * 0.5 }}" y="{{ $row['at'] + $row['width'] / 2 }}" font-size="{{ $edge * 0.5 }}"
            text-anchor="middle"
            dominant-baseline="central" aria-hidden="true">{{ $row['text'] }}</text>
    @endforeach
    @foreach ($board->spots as $spot)
        @php($what = $spot->cell === null ? __('workshop.empty_place') : $spot->label)
        <g class="spot{{ $spot->cell === null ? ' is-empty' : '' }}" id="cell-{{ $spot->column }}-{{ $spot->row }}" role="button"
            tabindex="{{ $loop->first ? 0 : -1 }}" aria-pressed="false"
            aria-label="{{ __($board->isSixty ? 'workshop.sixty_place' : 'workshop.place', ['column' => $spot->column, 'row' => $spot->row,
                'what' => $what]) }}" data-column="{{
                $spot->column }}"
            data-row="{{ $spot->row }}" data-across="{{ $spot->across }}" data-down="{{ $spot->down }}" data-cell='{{ $json($spot->cell) }}'
            data-holds="{{ $spot->holds() }}" data-fabrics='{{ $json((object) $spot->fabrics()) }}' data-what="{{ $what }}"
            @if ($spot->points !== null) data-ways='{{ $json((object) $spot->ways) }}' @endif>
            @if ($spot->points !== null)<polygon class="spot-ground" points="{{ $spot->points }}"/>@else
            <rect class="spot-ground" x="{{ $spot->x }}" y="{{ $spot->y }}" width="{{ $spot->width }}" height="{{ $spot->height }}"/>@endif
            @if ($spot->drawn !== null)
                @php($look = $study->looks[$spot->drawn['product']])
                <use href="#look-{{ str_replace(['.', '=', '/'], '-', $spot->drawn['product']) }}"
                    transform="translate({{ $spot->drawn['x'] }} {{ $spot->drawn['y'] }}) rotate({{ $spot->drawn['turn'] }})"/>
                @foreach ($look->letters as $letter)
                    @php([$x, $y] = $spot->letterAt($letter['x'], $letter['y']))
                    <text x="{{ round($x, 1) }}" y="{{ round($y, 1) }}" font-size="{{ min($letter['size'], $edge * 0.8) }}"
                        fill="{{ $palette->ink($letter['slot']) }}" text-anchor="middle" dominant-baseline="central"
                        aria-hidden="true">{{ $palette->letter($letter['slot']) }}</text>
                @endforeach
            @elseif ($spot->cell !== null)
                @php([$x, $y] = $spot->middle())
                <text x="{{ round($x, 1) }}" y="{{ round($y, 1) }}" font-size="{{ $edge * 0.5 }}"
                    text-anchor="middle"
                    dominant-baseline="central" aria-hidden="true">{{ $spot->label }}</text>
            @endif
            @if ($spot->points !== null)<polygon class="spot-ring" points="{{ $spot->points }}" fill="none"/>@else
            <rect class="spot-ring" x="{{ $spot->x + 5 }}" y="{{ $spot->y + 5 }}" width="{{ max(1, $spot->width - 10) }}" height="{{ max(1,
                $spot->height - 10) }}" fill="none"/>@endif
        </g>
    @endforeach
    @if ($study->trimmed !== null)
        <rect class="board-trim" x="{{ ($board->width - $study->trimmed[0]) / 2 }}" y="{{ ($board->height - $study->trimmed[1]) / 2 }}"
            width="{{ $study->trimmed[0] }}"
            height="{{ $study->trimmed[1] }}" fill="none"/>
    @endif
</svg>
<div class="tools" id="tools" role="toolbar" aria-label="{{ __('workshop.tools') }}" data-on="{{ __('workshop.tools_hint') }}">
    <p class="tools-hint" id="tools-hint">{{ __('workshop.tools_hint') }}</p>
    <x-edit.form :edit="new stdClass" id="cell-form" data-cell-form hidden>
        @foreach (['column', 'row', 'cell', 'wider', 'narrower', 'taller', 'shorter', 'across', 'down'] as $field)
            <input type="hidden" name="{{ $field }}">
        @endforeach
        @php($cell = ['block' => $id, 'column' => App\Support\Placeholder::in('column', 'int'), 'row' => App\Support\Placeholder::in('row', 'int')])
        @php($expect = ['expect' => App\Support\Placeholder::in('cell', 'json')])
        <div class="tool-row">
            @foreach ([
                'turn_right' => Dew\Core\Draft\Kind\EditLibrary::form('turn', ...$cell, ...$expect, by: 90), 'turn_left' => Dew\Core\Draft\Kind\EditLibrary::form('turn', ...$cell, ...$expect, by: 270),
                'mirror' => Dew\Core\Draft\Kind\EditLibrary::form('mirror', ...$cell, ...$expect), 'lift' => Dew\Core\Draft\Kind\EditLibrary::form('lift', ...$cell, ...$expect),
                'wider' => Dew\Core\Draft\Kind\EditLibrary::form('span', ...$cell, ...$expect, across: App\Support\Placeholder::in('wider', 'int'), down: App\Support\Placeholder::in('down', 'int')),
                'narrower' => Dew\Core\Draft\Kind\EditLibrary::form('span', ...$cell, ...$expect, across: App\Support\Placeholder::in('narrower', 'int'), down: App\Support\Placeholder::in('down', 'int')),
                'taller' => Dew\Core\Draft\Kind\EditLibrary::form('span', ...$cell, ...$expect, across: App\Support\Placeholder::in('across', 'int'), down: App\Support\Placeholder::in('taller', 'int')),
                'shorter' => Dew\Core\Draft\Kind\EditLibrary::form('span', ...$cell, ...$expect, across: App\Support\Placeholder::in('across', 'int'), down: App\Support\Placeholder::in('shorter', 'int')),
            ] as $tool => $edit)
                @continue($board->isSixty && in_array($tool, ['taller', 'shorter'], true))
                <button class="btn btn-count tool" name="edit" value='{{ $json($edit) }}' data-tool="{{ $tool }}">{{
                    __('workshop.'.($board->isSixty ? ['wider' => 'larger', 'narrower' => 'smaller'][$tool] ?? $tool : $tool)) }}</button>
            @endforeach
            <button type="button" class="btn btn-count tool" data-swap-start aria-pressed="false">{{ __('workshop.swap') }}</button>
        </div>
        @if ($ways !== [])
            <div class="tool-row">
                @foreach ($ways as $way)
                    <button class="btn btn-count tool" name="edit" value='{{ $json(Dew\Core\Draft\Kind\EditLibrary::form('turn', ...$cell, ...$expect, by: 90, way: $way['id'])) }}'>{{ __('workshop.turn_in_way', ['way' => $way['name']]) }}</button>
                @endforeach
            </div>
        @endif
        @unless ($board->isSixty)<details class="section-tool"><summary>{{ __('workshop.section') }}</summary>
            <p class="field-hint">{{ __('workshop.section_hint') }}</p>
            <div class="tool-row">
                <label class="reclothe-one">{{ __('workshop.name') }} <input class="form-control" name="section" maxlength="60"
                    autocomplete="off"
                    value="{{ __('workshop.section_name', ['block' => mb_substr($block['name'] ?? $id, 0, 40)]) }}"></label>
                <label class="reclothe-one">{{ __('workshop.across') }} <input class="form-control" type="number" min="1" max="40"
                    name="section_across" value="2"></label>
                <label class="reclothe-one">{{ __('workshop.down') }} <input class="form-control" type="number" min="1" max="40"
                    name="section_down" value="1"></label>
                <button class="btn btn-count tool" name="edit" value='{{ $json(Dew\Core\Draft\Kind\EditLibrary::form('nest', ...$cell, id: App\Support\Placeholder::in('id', 'b'), name: App\Support\Placeholder::in('section'), across: App\Support\Placeholder::in('section_across', 'int'), down: App\Support\Placeholder::in('section_down', 'int')))
                        }}'>{{ __('workshop.make_section') }}</button>
            </div>
        </details>@endunless
    </x-edit.form>
    @foreach ($document->items(Dew\Core\Draft\Place::of('units')) as $unit)
        @if (in_array($unit['id'], array_map(fn ($spot) => $spot->holds(), $board->spots), true))
            <fieldset class="reclothe" data-of-unit="{{ $unit['id'] }}" hidden>
                <legend>{{ __('workshop.in_fabrics') }}</legend>
                @foreach (array_unique(array_filter(is_array($unit['fabrics'] ?? null) ? $unit['fabrics'] : [], 'is_string')) as $fabric)
                    <label class="reclothe-one">{{ $palette->letter($fabric) }}
                        <select class="form-select" data-reclothe="{{ $fabric }}"
                            data-edit='{{ $json(Dew\Core\Draft\Kind\EditLibrary::form('reclothe', ...$cell, ...$expect, fabrics: [$fabric => App\Support\Placeholder::in('value')])) }}'
                            aria-label="{{ __('workshop.own_fabric', ['fabric' => $palette->name($fabric)]) }}">
                            @foreach ($palette->fabrics as $choice => $known)
                                <option value="{{ $choice }}">{{ $known['letter'] }} {{ $known['name'] }}</option>
                            @endforeach
                        </select></label>
                @endforeach
            </fieldset>
        @endif
    @endforeach
</div>
