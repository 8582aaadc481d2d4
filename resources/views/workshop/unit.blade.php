@php($place = 'units/'.$id)
@php($finished = $unit['finished'] ?? null)
@php($kind = Dew\Core\Unit\Kind\UnitLibrary::find(is_string($unit['kind'] ?? null) ? $unit['kind'] : ''))
@php($square = $kind?->proportion() === 1)
<p><a href="{{ route('host.blocks', $quiltAlong) }}">{{ __('workshop.back_to_blocks') }}</a></p>
<div class="unit-page">
    <figure>
        @if ($look)<x-look :look="$look" :palette="$palette" :side="260" :label="$unit['name'] ?? $id"/>@else<p
            class="message is-warning">{{ __('workshop.unit_cannot') }}</p>@endif
    </figure>
    <div class="stack">
        <x-edit.text :place="$place.'/name'" :value="$unit['name'] ?? null" :label="__('workshop.name')" id="unit-name"/>
        <x-edit.select :value="$unit['kind'] ?? null" :label="__('workshop.unit_kind')" id="unit-kind"
            :choices="App\Wording\KindWords::names()"
            :edit="Dew\Core\Draft\Kind\EditLibrary::form('change-kind', unit: $id, of: App\Support\Placeholder::in('value'), expect: $unit['kind'] ?? null)"/>
        <p class="field-hint">{{ __('workshop.unit_kind_hint') }}</p>
        <fieldset class="line-fields"><legend>{{ __('workshop.finished_size') }}</legend>
            @if (is_array($finished))
                @foreach (['width', 'height'] as $side)
                    <x-edit.text :place="$place.'/finished/'.$side" :value="$finished[$side] ?? null" :label="__('workshop.'.$side)"
                        :id="'unit-'.$side"/>
                @endforeach
            @else
                <x-edit.text :place="$place.'/finished'" :value="$finished" :label="__('workshop.finished_size')" hidden
                    id="unit-finished"/>
            @endif
        </fieldset>
        <fieldset class="line-fields"><legend>{{ __('workshop.unit_fabrics') }}</legend>
            @foreach (is_array($unit['fabrics'] ?? null) ? array_values($unit['fabrics']) : [] as $index => $fabric)
                @php($with = $unit['fabrics'])
                @php($with[$index] = App\Support\Placeholder::in('value'))
                <x-edit.select :value="$fabric" :label="__('workshop.fabric_number', ['number' => $index + 1])" :id="'unit-fabric-'.($index
                    + 1)"
                    :choices="array_map(fn ($known) => $known['letter'].' '.$known['name'], $palette->fabrics)"
                    :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $place.'/fabrics', expect: $unit['fabrics'], to: $with)"/>
            @endforeach
        </fieldset>
        @php($options = array_intersect_key($unit, array_flip(['edge', 'radius', 'centre', 'courses', 'count', 'hand', 'widths'])))
        @if ($options !== [])
            <fieldset class="line-fields"><legend>{{ __('workshop.options') }}</legend>
                @foreach ($options as $option => $value)
                    @if ($option === 'widths')
                        <x-edit.text :value="is_array($value) ? implode(', ', $value) : ''" :label="__('workshop.option_names.widths')"
                            id="unit-widths"
                            :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: $place.'/widths', expect: $value, to: App\Support\Placeholder::in('value',
                                'list'))"/>
                    @else
                        <x-edit.text :place="$place.'/'.$option" :value="$value" :label="__('workshop.option_names.'.$option)"
                            :id="'unit-'.$option"
                            :as="is_int($value) ? 'int' : 'text'"/>
                    @endif
                @endforeach
            </fieldset>
        @endif
        @if ($kind?->is(Dew\Core\Unit\Kind\CustomUnit::KIND))
            @include('workshop.pieces')
        @endif
        <p class="actions"><x-edit.button class="btn-danger" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $place, expect: $unit)"
            data-leave="{{ route('host.blocks', $quiltAlong) }}">{{ __('workshop.remove') }}</x-edit.button></p>
    </div>
    <div class="stack" id="stated">
        <h2>{{ __('workshop.stated') }}</h2>
        <p class="field-hint">{{ __('workshop.stated_hint') }}</p>
        @php($sizeText = fn ($size) => is_array($size) ? ($size['width'] ?? '').' × '.($size['height'] ?? '') : $size)
        @php($set = fn (array $to) => Dew\Core\Draft\Kind\EditLibrary::form('set', place: $place.'/stated', expect: $unit['stated'] ?? null, to: $to))
        <x-edit.text :value="$sizeText($stated['unfinished'] ?? null)" :label="__('workshop.stated_unfinished')" id="stated-unfinished"
            :edit="$set(['unfinished' => App\Support\Placeholder::in('value', 'size')] + $stated)"/>
        @foreach ($document->items(Dew\Core\Draft\Place::of('sizes')) as $size)
            @php($counts = is_array($stated['counts'] ?? null) ? $stated['counts'] : [])
            <x-edit.text :value="$counts[$size['id']] ?? null" type="number" min="0" max="100000" :label="__('workshop.stated_count',
                ['size' => $size['name'] ?? $size['id']])"
                :id="'stated-count-'.$size['id']" :edit="$set(['counts' => [$size['id'] => App\Support\Placeholder::in('value', 'count')] +
                    $counts] + $stated)"/>
        @endforeach
        @if ($study !== null)
            <p class="field-hint">{{ __('workshop.computed', ['size' => $study->unfinished]) }}</p>
            <x-edit.select :value="$stated['method'] ?? ''" :label="__('workshop.stated_method')" id="stated-method"
                :empty="__('workshop.stated_no_method')"
                :choices="array_combine($study->methods, array_map(App\Wording\KindWords::method(...), $study->methods))"
                :edit="$set(['method' => App\Support\Placeholder::in('value', 'optional')] + array_diff_key($stated, ['cut' => 1]))"/>
            @if (isset($stated['method']))
                @foreach ($study->pieces as $piece)
                    @php($cuts = is_array($stated['cut'] ?? null) ? $stated['cut'] : [])
                    <x-edit.text :value="$sizeText($cuts[$piece['id']] ?? null)" :label="__('workshop.stated_cut', ['piece' =>
                        $piece['name']])" :id="'stated-'.$piece['id']"
                        :edit="$set(['cut' => [$piece['id'] => App\Support\Placeholder::in('value', 'size')] + $cuts] + $stated)"/>
                    <p class="field-hint">{{ __('workshop.computed_cut', ['size' => $piece['cut']]) }}</p>
                @endforeach
            @endif
        @endif
        <h2>{{ __('workshop.remarks') }}</h2>
        @if ($remarks === [])<p>{{ __('workshop.no_unit_remarks') }}</p>@endif
        <ul class="remarks">@foreach ($remarks as $remark)<li class="remark is-{{ $remark->severity->value }}">{{ $remark->sentence
            }}</li>@endforeach</ul>
    </div>
</div>
