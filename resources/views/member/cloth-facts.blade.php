<dl class="cloth-facts">
    <div><dt>{{ __('chart.need') }}</dt><dd>{{ $facts->need ?? __('chart.need_none') }}</dd></div>
    @if ($facts->whole !== null)<div><dt>{{ __('chart.whole') }}</dt><dd>{{ $facts->whole }}</dd></div>@endif
    @if ($facts->need !== null)<div><dt>{{ __('chart.used') }}</dt><dd>{{ $open->at("used:$facts->slot") }}</dd></div>@endif
</dl>
@if ($facts->short !== [])
    <div class="verdict is-short"><x-icon name="warning"/><div>@foreach ($facts->short as $sentence)<p>{{ $sentence }}</p>@endforeach
        <p><a href="{{ $open->at('base') }}/{{ $facts->slot }}/fits">{{ __('chart.what_fits') }}</a></p></div></div>
@elseif ($facts->isSaid)
    <p class="verdict is-enough"><x-icon name="check"/><span>{{ $facts->left === '' ? __('chart.enough') : __('chart.enough_left', ['left' => $facts->left])
        }}</span></p>
@elseif ($facts->need !== null)
    <p class="field-hint">{{ __('chart.unsaid') }}</p>
@endif
@if ($facts->plans !== [])
    <ul class="plan-links">
        @foreach ($facts->plans as $plan)
            <li><a class="btn btn-quiet" href="{{ $open->at('clues') }}/{{ $plan['number'] }}/mat#fabric-{{ $facts->slot }}">{{
                __('chart.plan', ['clue' => $plan['number'].'. '.$plan['title']]) }}</a></li>
        @endforeach
    </ul>
@endif
@php($bag = $errors->getBag(\App\Http\Requests\StockRequest::bag($facts->slot)))
@php($isChanged = fn (array $row): bool => $row['id'] === $change || ($bag->any() && old('stock') === $row['id']))
<details class="own-cloth stock" id="stock-{{ $facts->slot }}" @if ($bag->any() || in_array($change, array_column($facts->rows, 'id'), true)) open @endif>
    <summary>{{ __('stock.title') }}@if ($facts->rows !== []) ({{ count($facts->rows) }})@endif</summary>
    @if ($facts->rows === [])
        <p class="field-hint">{{ __($facts->isSaid ? 'stock.all_cut' : 'stock.none') }}</p>
    @else
        <ul class="stock-list">
            @foreach ($facts->rows as $row)
                <li id="cloth-{{ $row['id'] }}">
                    <p>{{ $row['text'] }}@if ($row['left'])<small>, {{ $row['left'] }}</small>@endif</p>
                    {{-- Of a long list, the form of one alone is on the page. --}}
                    @if ($loop->index >= App\Presentation\Member\FabricsPage::FORMS && ! $isChanged($row))
                        <a href="{{ $open->at('base') }}?change={{ $row['id'] }}#cloth-{{ $row['id'] }}">{{ __('stock.change') }}<span class="visually-hidden">: {{
                            $row['text'] }}</span></a>
                    @else
                    <details @if ($isChanged($row)) open @endif>
                        <summary>{{ __('stock.change') }}</summary>
                        @include('member.stock-form', ['row' => $row, 'bag' => $bag, 'facts' => $facts, 'open' => $open])
                        <form method="post" action="{{ $open->at('base') }}/{{ $facts->slot }}/stock/{{ $row['id'] }}">
                            <input type="hidden" name="_token" value="{{ $open->at('token') }}">
                            @method('delete')
                            <button class="btn btn-quiet">{{ __('stock.remove') }}</button>
                        </form>
                    </details>
                    @endif
                </li>
            @endforeach
        </ul>
    @endif
    <details @if ($facts->rows === [] || ($bag->any() && (old('stock') ?? '') === '' && old('kind') !== null)) open @endif>
        <summary>{{ __('stock.add') }}</summary>
        @include('member.stock-form', ['row' => null, 'bag' => $bag, 'facts' => $facts, 'open' => $open])
    </details>
    <form method="post" action="{{ $open->at('base') }}/{{ $facts->slot }}/rules" class="stack">
        <input type="hidden" name="_token" value="{{ $open->at('token') }}">
        @method('put')
        <fieldset class="stack cloth-rules"><legend>{{ __('stock.rules') }}</legend>
            <x-field name="margin" :bag="\App\Http\Requests\StockRequest::bag($facts->slot)" :id="'margin-'.$facts->slot"
                :label="__('stock.margin')">
                <input id="margin-{{ $facts->slot }}" name="margin" class="form-control is-length" inputmode="text" autocomplete="off"
                    value="{{ $bag->has('margin') || $bag->has('variety') ? old('margin') : $facts->margin }}">
            </x-field>
            <x-field name="variety" :bag="\App\Http\Requests\StockRequest::bag($facts->slot)" :id="'variety-'.$facts->slot"
                :label="__('stock.variety')" :hint="__('stock.variety_hint')">
                <input id="variety-{{ $facts->slot }}" name="variety" type="number" min="1" max="9" class="form-control is-length"
                    aria-describedby="variety-{{ $facts->slot }}-note" value="{{ $bag->has('variety') || $bag->has('margin') ? old('variety') : $facts->variety }}">
            </x-field>
            <button class="btn btn-quiet">{{ __('stock.save') }}</button>
        </fieldset>
    </form>
</details>
