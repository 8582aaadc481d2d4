@props(['study', 'palette', 'side' => 132, 'name', 'label' => null, 'way' => null])
@php([$width, $height] = array_map(fn ($side) => $side ?: 300, $study->seen()))
@php([$left, $top] = $study->off())
@php($scale = $side / max($width, $height))
<svg class="look" viewBox="-4 -4 {{ $width + 8 }} {{ $height + 8 }}" width="{{ round($width * $scale) }}" height="{{ round($height * $scale)
    }}"
    @if ($label) role="img" aria-label="{{ $label }}" @else aria-hidden="true" @endif>
    @if ($study->points() !== null)<polygon class="spot-ground" points="{{ $study->points() }}"/>@else
    <rect class="spot-ground" x="0" y="0" width="{{ $width }}" height="{{ $height }}"/>@endif
    <defs>
        @foreach ($study->looks as $product => $look)
            <g id="{{ $name }}-{{ str_replace(['.', '=', '/'], '-', $product) }}">@foreach ($look->patches as $patch)<path class="cloth"
                d="{{ $patch['path'] }}"
                fill="{{ $palette->paint($patch['slot']) }}"/>@endforeach</g>
        @endforeach
    </defs>
    @foreach ($way === null ? $study->laid : $study->ways[$way] ?? [] as $laid)
        <use href="#{{ $name }}-{{ str_replace(['.', '=', '/'], '-', $laid['product']) }}"
            transform="translate({{ $laid['x'] - $left }} {{ $laid['y'] - $top }}) rotate({{ $laid['turn'] }})"/>
    @endforeach
</svg>
