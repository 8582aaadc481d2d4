@php($units = $document->items(Dew\Core\Draft\Place::of('units')))
@php($used = [])
@foreach ($document->items(Dew\Core\Draft\Place::of('blocks')) as $block)
    @foreach (array_unique(array_column(is_array($block['cells'] ?? null) ? $block['cells'] : [], 'unit')) as $unit)
        @php($used[$unit] = ($used[$unit] ?? 0) + 1)
    @endforeach
@endforeach
<h2>{{ __('workshop.units') }}</h2>
@if ($units === [])
    <p class="empty-line">{{ __('workshop.no_units') }}</p>
@endif
<ul class="block-cards">
    @foreach ($units as $unit)
        <li class="block-card">
            <a class="block-link" href="{{ route('host.units.show', [$quiltAlong, $unit['id']]) }}" aria-label="{{
                __('workshop.change_unit', ['name' => $unit['name'] ?? $unit['id']]) }}">
                @if (isset($looks[$unit['id']]))<x-look :look="$looks[$unit['id']]" :palette="$palette" :side="72"/>@else<span
                    class="look-missing"
                    aria-hidden="true">?</span>@endif
                <span class="block-name">{{ $unit['name'] ?? $unit['id'] }}</span></a>
            <small>{{ is_array($unit['finished'] ?? null) ? implode(' × ', array_filter($unit['finished'], 'is_string')) :
                ($unit['finished'] ?? '') }}
                · {{ isset($used[$unit['id']]) ? trans_choice('workshop.used_in', $used[$unit['id']]) : __('workshop.unused') }}</small>
        </li>
    @endforeach
</ul>
