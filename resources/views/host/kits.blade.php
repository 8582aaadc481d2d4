@php($unit = __('kits.units.'.$shop->value))
<x-layout.host :title="__('kits.title')" :quilt-along="$quiltAlong" place="kits">
    @include('host.kit-tabs', ['here' => 'kits'])
    @foreach (array_unique($errors->all()) as $message)<p class="field-error" role="alert">{{ $message }}</p>@endforeach
    <p class="lead-line">{{ __('kits.lead', ['packed' => $rows->sum('packed'), 'count' => $rows->sum('count'), 'out' => $rows->sum('handed_out')]) }}</p>
    <div class="kit-actions">
        @can('run', $quiltAlong)
            @if (config('dew.demo'))
                <form method="post" action="{{ route('host.kits.fetch', $quiltAlong) }}">@csrf<button class="btn btn-main">{{ __('kits.desk')
                    }}</button></form>
            @endif
        @endcan
        <a class="btn btn-quiet" href="{{ route('host.kits.file', $quiltAlong) }}">{{ __('kits.save_file') }}</a>
        @if ($rows->isNotEmpty())
            <a class="btn btn-quiet" href="{{ route('host.kits.labels', $quiltAlong) }}">{{ __('kits.print.labels') }}</a>
            <a class="btn btn-quiet" href="{{ route('host.kits.cutting', $quiltAlong) }}">{{ __('kits.print.cutting') }}</a>
        @endif
    </div>
    @if ($rows->isEmpty())
        <div class="empty"><p>{{ __('kits.none') }}</p></div>
    @else
        <section aria-labelledby="lines">
            <h2 id="lines">{{ __('kits.lines') }}</h2>
            <div class="table-frame" tabindex="0" role="region" aria-labelledby="lines"><table class="table">
                <thead><tr>@foreach (['kit', 'size', 'colourway'] as $name)<th scope="col">{{ __('kits.'.$name) }}</th>@endforeach
                    @foreach (['ordered', 'reserve', 'packed', 'handed_out', 'to_pack'] as $name)<th scope="col" class="is-number">{{ __('kits.'.$name)
                        }}</th>@endforeach<th scope="col">{{ __('kits.holds') }}</th></tr></thead>
                <tbody>@foreach ($lines as $line)
                    <tr><th scope="row">{{ $line['name'] }}</th><td>{{ $line['size'] }}</td><td>{{ $line['colourway'] }}</td>
                        @foreach (['ordered', 'reserve', 'packed', 'handed_out'] as $name)<td class="is-number">{{ $line[$name] }}</td>@endforeach
                        <td class="is-number"><b>{{ $line['to_pack'] }}</b></td><td>{{ $line['holds'] }}</td></tr>
                @endforeach</tbody></table></div>
        </section>
        <section aria-labelledby="orders">
            <h2 id="orders">{{ __('kits.orders') }}</h2>
            <nav class="size-tabs" aria-label="{{ __('kits.filter') }}">
                @foreach (['' => __('kits.all')] + ['ordered' => __('kits.states.ordered'), 'packed' => __('kits.states.packed'), 'handed_out' =>
                    __('kits.states.handed_out')] as $one => $name)
                    <a @class(['size-tab', 'is-here' => $state === $one]) href="{{ route('host.kits', $quiltAlong) }}{{ $one === '' ? '' : '?state='.$one
                        }}#orders">{{ $name }}</a>
                @endforeach
            </nav>
            <form method="post" action="{{ route('host.kits.mark', $quiltAlong) }}">
                @csrf @method('put')
                <div class="table-frame" tabindex="0" role="region" aria-labelledby="orders"><table class="table">
                    <thead><tr><th scope="col"><input type="checkbox" class="form-check-input" data-choose-all aria-label="{{
                        __('kits.choose_all') }}"></th><th scope="col">{{ __('kits.number') }}</th><th scope="col">{{ __('kits.name') }}</th>
                        <th scope="col">{{ __('kits.kit') }}</th><th scope="col">{{ __('kits.size') }}</th><th scope="col">{{ __('kits.colourway') }}</th>
                        <th scope="col" class="is-number">{{ __('kits.count') }}</th><th scope="col">{{ __('kits.state') }}</th></tr></thead>
                    <tbody>@foreach ($shown as $row)
                        @php($isReserve = $row->origin === App\Models\KitRow::RESERVE)
                        <tr><td><input type="checkbox" class="form-check-input" name="order_{{ $row->id }}" value="1" aria-label="{{ __('kits.choose',
                            ['number' => $row->number]) }}"></td>
                            <td>{{-- What a member orders here has an id of Dew's own, which says nothing to anybody. --}}{{ $isReserve || $row->origin === 'member' ? '–'
                                : Str::limit($row->number, 14) }} <small>{{ __('kits.origin.'.$row->origin) }}</small></td>
                            <th scope="row">{{ $isReserve ? __('kits.in_reserve') : ($row->name ?: $row->email ?: '–') }}</th>
                            <td>{{ $tables->name($row->order()) }}</td><td>{{ $tables->sizes()[$row->size_key] ?? $row->size_key }}</td>
                            <td>{{ $tables->colourways()[$row->colourway_key] ?? $row->colourway_key }}</td><td class="is-number">{{ $row->count }}</td>
                            <td>{{ match (true) {
                                $row->handed_out === $row->count => __('kits.states.handed_out'),
                                $row->packed === $row->count => __('kits.states.packed'),
                                $row->packed > 0 => __('kits.states.part', ['packed' => $row->packed, 'count' => $row->count]),
                                default => __('kits.states.ordered'),
                            } }}</td></tr>
                    @endforeach</tbody></table></div>
                <fieldset class="kit-marks"><legend>{{ __('kits.mark') }}</legend>
                    @foreach (['packed', 'handed_out', 'ordered'] as $to)<button class="btn {{ $to === 'packed' ? 'btn-other' : 'btn-quiet' }}" name="to"
                        value="{{ $to }}">{{ __('kits.mark_as.'.$to) }}</button>@endforeach</fieldset>
            </form>
            {{ $shown->links('components.pages') }}
        </section>
        <section aria-labelledby="bolts">
            <h2 id="bolts">{{ __('kits.bolts') }}</h2>
            <p>{{ __('kits.bolts_hint') }}</p>
            <form method="post" action="{{ route('host.kits.bolts', $quiltAlong) }}">
                @csrf @method('put')
                <div class="table-frame" tabindex="0" role="region" aria-labelledby="bolts"><table class="table">
                    <thead><tr><th scope="col">{{ __('kits.for') }}</th><th scope="col">{{ __('kits.cloth') }}</th><th scope="col" class="is-number">{{
                        __('kits.wanted') }}</th><th scope="col">{{ __('kits.hand', ['unit' => $unit]) }}</th><th scope="col">{{ __('kits.to_order')
                        }}</th><th scope="col">{{ __('kits.bolts') }}</th></tr></thead>
                    <tbody>@foreach ($bolts as $bolt)
                        <tr><td><x-swatch :letter="mb_substr($bolt['for'], 0, 1)" :colour="$bolt['colour']" :ink="App\Drawing\Ink::on($bolt['colour'])"/></td>
                            <th scope="row">{{ $bolt['cloth'] }} <small>{{ $bolt['for'] }}</small></th><td class="is-number">{{ $bolt['wanted'] }}</td>
                            <td><input name="hand_{{ $bolt['key'] }}" class="form-control is-length" maxlength="300" autocomplete="off"
                                value="{{ old('hand_'.$bolt['key'], $bolt['hand']) }}" aria-label="{{ __('kits.hand', ['unit' => $unit]).': '.$bolt['cloth'] }}"
                                placeholder="{{ __('kits.hand_hint') }}"></td>
                            <td><b>{{ $bolt['order'] === 0 ? __('kits.no_bolt') : trans_choice('kits.bolt_count', $bolt['order']) }}</b>
                                @if ($bolt['hand'] !== '' && $bolt['short'] !== '')<small>{{ __('kits.short_hand', ['lengths' => $bolt['short']]) }}</small>@endif
                                @if ($bolt['too_long'] !== '')<small class="field-error">{{ __('kits.too_long', ['lengths' => $bolt['too_long']]) }}</small>@endif</td>
                            <td><ol class="bolt-cuts">@foreach ($bolt['bolts'] as $one)<li><b>{{ $one['name'] }}:</b> {{ implode(', ', $one['cuts']) }};
                                {{ $one['left'] }}</li>@endforeach</ol></td></tr>
                    @endforeach</tbody></table></div>
                @can('run', $quiltAlong)<button class="btn btn-other">{{ __('kits.save_bolts') }}</button>@endcan
            </form>
        </section>
    @endif
    @can('run', $quiltAlong)
        <section class="card" aria-labelledby="settings">
            <h2 id="settings">{{ __('kits.settings') }}</h2>
            <form method="post" action="{{ route('host.kits.settings', $quiltAlong) }}" class="stack">
                @csrf @method('put')
                <fieldset><legend class="form-label">{{ __('kits.offered') }}</legend>
                    @foreach (Dew\Core\Kits\KitKind::cases() as $kind)
                        <label class="form-check"><input class="form-check-input" type="checkbox" name="offered_{{ $kind->value }}" value="1"
                            @checked(in_array($kind, $settings->offered, true))> {{ __('kits.kinds.'.$kind->value) }}</label>
                    @endforeach</fieldset>
                <div class="field-pair">
                    <x-field name="reserve" type="number" min="0" max="100" :label="__('kits.reserve_percent')" :value="$settings->reserve"/>
                    <x-field name="bolt" :label="__('kits.bolt_length', ['unit' => $unit])" :value="$shop->number($settings->bolt)"/>
                </div>
                <button class="btn btn-other">{{ __('kits.save') }}</button>
            </form>
            <form method="post" action="{{ route('host.kits.read', $quiltAlong) }}" class="stack" enctype="multipart/form-data">
                @csrf
                <x-field name="file" id="orders-file" :label="__('kits.file_label')"><input id="orders-file" name="file" type="file" accept=".csv,text/csv"
                    class="form-control" required></x-field>
                <button class="btn btn-other">{{ __('kits.file') }}</button>
            </form>
            @if (config('dew.demo'))<p class="field-hint"><a href="{{ route('host.orders', $quiltAlong) }}">{{ __('kits.desk_title') }}</a>: {{ __('kits.desk_hint')
                }}</p>@endif
        </section>
    @endcan
</x-layout.host>
