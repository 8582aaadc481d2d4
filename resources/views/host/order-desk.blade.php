<x-layout.plain :title="__('kits.desk_title')" wide>
    <h1>{{ __('kits.desk_title') }}</h1>
    <p>{{ __('kits.desk_intro', ['host' => $quiltAlong->host_name]) }}</p>
    <p><a href="{{ route('host.kits', $quiltAlong) }}">{{ $quiltAlong->name }}: {{ __('kits.title') }}</a></p>
    @if ($orders === [])
        <p>{{ __('kits.desk_none') }}</p>
    @else
        <div class="table-frame" tabindex="0" role="region" aria-label="{{ __('kits.orders') }}"><table class="table">
            <thead><tr>@foreach (['number', 'name', 'kit', 'size', 'colourway', 'count', 'desk_told'] as $name)<th scope="col">{{ __('kits.'.$name)
                }}</th>@endforeach</tr></thead>
            <tbody>@foreach ($orders as $order)
                <tr><td>{{ $order['number'] }}</td><th scope="row">{{ $order['name'] ?? '' }}</th><td>{{ $order['kit'] }}</td><td>{{ $order['size'] }}</td>
                    <td>{{ $order['colourway'] }}</td><td>{{ $order['count'] ?? 1 }}</td>
                    <td>{{ isset($told[$order['number']]) ? __('kits.states.'.$told[$order['number']]) : '–' }}</td></tr>
            @endforeach</tbody></table></div>
    @endif
    <section class="card" aria-labelledby="place">
        <h2 id="place">{{ __('kits.desk_place') }}</h2>
        @if ($errors->any())<p class="field-error" role="alert">{{ $errors->first() }}</p>@endif
        <form method="post" action="{{ route('host.orders.store', $quiltAlong) }}" class="stack">
            @csrf
            <div class="field-pair">
                <x-field name="name" :label="__('kits.name')" maxlength="80" required/>
                <x-field name="email" type="email" :label="__('kits.desk_email')" maxlength="254"/>
            </div>
            <div class="field-pair">
                @foreach (['kit' => $tables->kits(), 'size' => $tables->sizes(), 'colourway' => $tables->colourways()] as $name => $options)
                    <x-field :name="$name" :label="__('kits.'.$name)"><select id="{{ $name }}" name="{{ $name }}" class="form-select">
                        @foreach ($options as $value => $text)<option value="{{ $value }}" @selected(old($name) === $value)>{{ $text }}</option>@endforeach
                    </select></x-field>
                @endforeach
                <x-field name="count" type="number" min="1" max="99" :label="__('kits.count')" value="1"/>
            </div>
            <button class="btn btn-main">{{ __('kits.desk_place') }}</button>
        </form>
    </section>
</x-layout.plain>
