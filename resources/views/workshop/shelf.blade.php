@php($gear = view('components.icon', ['name' => 'settings', 'attributes' => new Illuminate\View\ComponentAttributeBag])->render())
<h2>{{ __('workshop.shelf') }}</h2>
@php($here = array_map(fn ($spot) => $spot->holds(), $board->spots))
@php($units = collect($document->items(Dew\Core\Draft\Place::of('units')))->sortByDesc(fn ($unit) => in_array($unit['id'], $here,
    true))->filter(fn ($unit) => $board->takes($document, 'units', $unit['id']))->values()->all())
@php($others = array_filter($document->items(Dew\Core\Draft\Place::of('blocks')), fn ($other) => ($other['id'] ?? '') !== $id &&
    ($other['cells'] ?? []) !== [] && $board->takes($document, 'blocks', $other['id'])))
@if ($units === [])
    <p class="empty-line">{{ __('workshop.shelf_empty') }}</p>
@else
    <p class="field-hint">{{ __('workshop.shelf_hint') }}</p>
@endif
<ul class="shelf" id="shelf">
    @foreach ($units as $unit)
        @php($size = is_array($unit['finished'] ?? null) ? implode(' × ', array_filter($unit['finished'], 'is_string')) : ($unit['finished']
            ?? ''))
        <li><button type="button" class="shelf-unit" data-hand="{{ $unit['id'] }}" data-as="unit" data-shape="{{ $board->shapeOf($document,
            'units', $unit['id']) }}"
            aria-pressed="false"
            aria-label="{{ __('workshop.hold', ['name' => $unit['name'] ?? $unit['id']]) }}">
            @if (isset($looks[$unit['id']]))
                {!! $looks[$unit['id']]->svg($palette, 56) !!}
            @else
                <span class="look-missing" aria-hidden="true">?</span>
            @endif
            <span class="shelf-name">{{ $unit['name'] ?? $unit['id'] }}</span><small>{{ $size }}</small></button>
            <a class="shelf-change" href="{{ route('host.units.show', [$quiltAlong, $unit['id']]) }}"
                aria-label="{{ __('workshop.change_unit', ['name' => $unit['name'] ?? $unit['id']]) }}">{!! $gear !!}</a></li>
    @endforeach
</ul>
@if ($others !== [])
    <details class="shelf-blocks"><summary>{{ __('workshop.shelf_blocks') }}</summary>
        <ul class="shelf">
            @foreach ($others as $other)
                <li><button type="button" class="shelf-unit" data-hand="{{ $other['id'] }}" data-as="inner" data-shape="{{
                    $board->shapeOf($document, 'blocks', $other['id']) }}"
                    aria-pressed="false"
                    aria-label="{{ __('workshop.hold', ['name' => $other['name'] ?? $other['id']]) }}"><span
                    class="shelf-name">{{ $other['name'] ?? $other['id'] }}</span></button></li>
            @endforeach
        </ul>
    </details>
@endif
<p class="actions"><button type="button" class="btn btn-other" id="lay-all" disabled>{{ __('workshop.lay_all') }}</button></p>
