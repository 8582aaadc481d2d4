@props(['figure', 'size' => 'normal', 'second' => null])
<span {{ $attributes->class(['figure', 'is-'.$figure->kind->value, 'is-'.$size]) }}>
    <span class="figure-label">{{ __('measure.'.$figure->kind->value) }}</span>
    <span class="figure-number">@unless ($figure->isTrue)<span class="figure-near">≈</span>@endunless{{ $figure->number }}@if ($second)<span
        class="figure-by" aria-label="{{ __('measure.by') }}">×</span>{{ $second->number }}@endif</span>
    <span class="figure-unit"><abbr title="{{ __('measure.'.$figure->unit) }}">{{ $figure->unit }}</abbr></span>
    @unless ($figure->isTrue)
        <span class="figure-note">{{ __('measure.nearest', ['exactly' => $figure->exactly, 'unit' => $figure->unit]) }}</span>
    @endunless
</span>
