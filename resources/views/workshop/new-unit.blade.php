@php($column = is_array($block['columns'] ?? null) && is_string($block['columns'][0] ?? null) && $block['columns'][0] !== 'auto' ?
    $block['columns'][0] : '3')
@php($row = is_array($block['rows'] ?? null) && is_string($block['rows'][0] ?? null) && $block['rows'][0] !== 'auto' ? $block['rows'][0] :
    '3')
@php($edge = is_string($block['sixty']['edge'] ?? null) ? $block['sixty']['edge'] : '2')
@php($fabrics = array_keys($palette->fabrics))
<h2>{{ __('workshop.new_unit') }}</h2>
<x-edit.form :edit="Dew\Core\Draft\Kind\EditLibrary::form('new-unit', id: App\Support\Placeholder::in('id', 'u'), name: App\Support\Placeholder::in('name'), of: App\Support\Placeholder::in('kind'), width: App\Support\Placeholder::in('width'), height: App\Support\Placeholder::in($board->isSixty ? 'width' :
        'height'), fabrics: [App\Support\Placeholder::in('fabric1'), App\Support\Placeholder::in('fabric2', 'optional'), App\Support\Placeholder::in('fabric3',
        'optional')])" class="new-unit" id="new-unit" data-hold data-own>
    <fieldset class="kinds">
        <legend class="visually-hidden">{{ __('workshop.kind') }}</legend>
        @foreach (array_filter($kinds, fn ($kind) => $board->isSixty ===
            (Dew\Core\Sixty\SixtyShape::ofKind(Dew\Core\Unit\Kind\UnitLibrary::kind($kind))
            !== null), ARRAY_FILTER_USE_KEY) as $kind => $look)
            <label class="kind"><input type="radio" name="kind" value="{{ $kind }}" data-name="{{ App\Wording\KindWords::name($kind) }}"
                @checked($loop->first)>
                <x-look :look="$look" :palette="$palette" :side="44" :numbered="$fabrics" :letters="false"/>
                <span>{{ App\Wording\KindWords::name($kind) }}</span></label>
        @endforeach
    </fieldset>
    <div class="new-unit-fields">
        <div class="field"><label class="form-label" for="new-name">{{ __('workshop.name') }}</label>
            <input class="form-control" id="new-name" name="name" maxlength="60" required autocomplete="off" value="{{
                App\Wording\KindWords::name($board->isSixty ? 'triangle-60' : 'square') }}"></div>
        <div class="field"><label class="form-label" for="new-width">{{ __($board->isSixty ? 'workshop.side' :
                'workshop.width') }}</label>
            <input class="form-control" id="new-width" name="width" required autocomplete="off" value="{{ $board->isSixty ? $edge : $column
                }}"></div>
        @unless ($board->isSixty)<div class="field"><label class="form-label" for="new-height">{{ __('workshop.height') }}</label>
            <input class="form-control" id="new-height" name="height" required autocomplete="off" value="{{ $row }}"></div>@endunless
        @foreach ($board->isSixty ? [1] : [1, 2, 3] as $number)
            <div class="field"><label class="form-label" for="new-fabric-{{ $number }}">{{ __('workshop.fabric_number', ['number' =>
                $number]) }}</label>
                <select class="form-select" id="new-fabric-{{ $number }}" name="fabric{{ $number }}">
                    @if ($number > 1)<option value="">{{ __('workshop.none') }}</option>@endif
                    @foreach ($palette->fabrics as $fabric => $known)
                        <option value="{{ $fabric }}" @selected($number < 3 && $fabric === ($fabrics[$number - 1] ?? null))>{{
                            $known['letter'] }} {{ $known['name'] }}</option>
                    @endforeach
                </select></div>
        @endforeach
        <button class="btn btn-main">{{ __('workshop.make_unit') }}</button>
    </div>
</x-edit.form>
