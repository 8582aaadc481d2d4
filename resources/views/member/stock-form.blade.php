@php($isTyped = $bag->any() && (old('stock') ?? '') === ($row['id'] ?? '') && old('kind') !== null)
@php($fields = $isTyped ? array_map(fn ($value) => is_string($value) ? $value : '', array_intersect_key((array) old(), array_flip(['kind', 'width', 'length', 'count', 'corner_width', 'corner_length', 'squared', 'directional', 'zigzag', 'name']))) : ($row['fields'] ?? []))
@php($shown = $isTyped ? \App\Http\Requests\StockRequest::bag($facts->slot) : 'none')
@php($id = fn (string $name): string => $name.'-'.($row['id'] ?? $facts->slot))
<form method="post" class="stack stock-form" action="{{ $open->at('base') }}/{{ $facts->slot }}/stock{{ $row === null ? '' : '/'.$row['id'] }}">
    <input type="hidden" name="_token" value="{{ $open->at('token') }}">
    <input type="hidden" name="stock" value="{{ $row['id'] ?? '' }}">
    @if ($row === null)<input type="hidden" name="id" value="{{ $open->at("fresh:$facts->slot") }}">@else @method('put') @endif
    <x-field name="kind" :bag="$shown" :id="$id('kind')" :label="__('stock.kind')">
        <select id="{{ $id('kind') }}" name="kind" class="form-select">
            @foreach (__('stock.kinds') as $kind => $name)
                <option value="{{ $kind }}" @selected(($fields['kind'] ?? 'yardage') === $kind)>{{ $name }}</option>
            @endforeach
        </select>
    </x-field>
    <div class="field-pair">
        @foreach (['length', 'width'] as $name)
            <x-field :name="$name" :bag="$shown" :id="$id($name)" :label="__('stock.'.$name)" :hint="__('stock.'.$name.'_hint', ['width' => $facts->woven])">
                <input id="{{ $id($name) }}" name="{{ $name }}" class="form-control is-length" autocomplete="off" maxlength="40"
                    value="{{ $fields[$name] ?? '' }}" aria-describedby="{{ $id($name) }}-note">
            </x-field>
        @endforeach
    </div>
    <div class="field-pair">
        <x-field name="count" :bag="$shown" :id="$id('count')" :label="__('stock.count')">
            <input id="{{ $id('count') }}" name="count" type="number" min="1" max="500" class="form-control is-length" value="{{ $fields['count'] ?? '1' }}">
        </x-field>
        <x-field name="name" :bag="$shown" :id="$id('name')" :label="__('stock.name')">
            <input id="{{ $id('name') }}" name="name" maxlength="60" class="form-control" autocomplete="off" value="{{ $fields['name'] ?? '' }}">
        </x-field>
    </div>
    <label class="form-check"><input class="form-check-input" type="checkbox" name="directional" value="1" @checked(($fields['directional'] ?? '') === '1')>
        {{ __('stock.directional') }}</label>
    <details @if (($fields['corner_width'] ?? '').($fields['corner_length'] ?? '').($fields['zigzag'] ?? '') !== '') open @endif>
        <summary>{{ __('stock.more_fields') }}</summary>
        <div class="field-pair">
            @foreach (['corner_width', 'corner_length'] as $name)
                <x-field :name="$name" :bag="$shown" :id="$id($name)" :label="__('stock.'.$name)">
                    <input id="{{ $id($name) }}" name="{{ $name }}" class="form-control is-length" autocomplete="off" maxlength="40"
                        value="{{ $fields[$name] ?? '' }}">
                </x-field>
            @endforeach
        </div>
        <label class="form-check"><input class="form-check-input" type="checkbox" name="squared" value="1" @checked(($fields['squared'] ?? '') === '1')>
            {{ __('stock.squared') }}</label>
        <x-field name="zigzag" :bag="$shown" :id="$id('zigzag')" :label="__('stock.zigzag')">
            <select id="{{ $id('zigzag') }}" name="zigzag" class="form-select">
                @foreach (__('stock.zigzags') as $zigzag => $name)
                    <option value="{{ $zigzag }}" @selected(($fields['zigzag'] ?? '') === $zigzag)>{{ $name }}</option>
                @endforeach
            </select>
        </x-field>
    </details>
    <button class="btn btn-other">{{ __($row === null ? 'stock.add' : 'stock.save') }}</button>
</form>
