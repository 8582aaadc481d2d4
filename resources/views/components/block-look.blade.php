@props(['study', 'palette', 'side' => 132, 'name', 'label' => null, 'way' => null])
@php([$width, $height] = array_map(fn ($side) => $side ?: 300, $study->seen()))
@php($scale = $side / max($width, $height))
<svg class="look" viewBox="-4 -4 {{ $width + 8 }} {{ $height + 8 }}" width="{{ round($width * $scale) }}" height="{{ round($height * $scale)
    }}"
    @if ($label) role="img" aria-label="{{ $label }}" @else aria-hidden="true" @endif>
    @if ($study->points() !== null)<polygon class="spot-ground" points="{{ $study->points() }}"/>@else
    <rect class="spot-ground" x="0" y="0" width="{{ $width }}" height="{{ $height }}"/>@endif
    <x-laid :study="$study" :palette="$palette" :name="$name" :laid="$way === null ? $study->laid : $study->ways[$way] ?? []"/>
</svg>
