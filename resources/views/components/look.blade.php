@props(['look', 'palette', 'side' => 64, 'letters' => true, 'label' => null, 'numbered' => null])
@php($scale = $side / max($look->width, $look->height, 1))
@php($slot_of = fn ($slot) => $numbered === null ? $slot : ($numbered[(int) substr($slot, 2) - 1] ?? $slot))
<svg {{ $attributes->class('look') }} viewBox="-3 -3 {{ $look->width + 6 }} {{ $look->height + 6 }}" width="{{ round($look->width * $scale) }}"
    height="{{ round($look->height * $scale) }}" @if ($label) role="img" aria-label="{{ $label }}" @else aria-hidden="true" @endif>
    @foreach ($look->patches as $patch)
        <path class="cloth" d="{{ $patch['path'] }}" fill="{{ $palette->colour($slot_of($patch['slot'])) }}"/>
    @endforeach
    @if ($letters)
        @foreach ($look->letters as $letter)
            @if ($letter['size'] * $scale > 5)
                <text x="{{ $letter['x'] }}" y="{{ $letter['y'] }}" font-size="{{ $letter['size'] }}" fill="{{ $palette->ink($slot_of($letter['slot'])) }}"
                    text-anchor="middle" dominant-baseline="central" aria-hidden="true">{{ $palette->letter($slot_of($letter['slot'])) }}</text>
            @endif
        @endforeach
    @endif
</svg>
