@php($high = array_sum(array_map(fn (array $one): float => $one[1]->height + 400, $drawn)))
@php($wide = max([100, ...array_map(fn (array $one): float => $one[1]->width + 400, $drawn)]))
@php($down = 0)
<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {{ $wide }} {{ max(100, $high) }}" width="{{ $wide * 0.2 }}" height="{{ max(100, $high) * 0.2 }}">
@foreach ($drawn as [$name, $picture])
<text x="20" y="{{ $down + 160 }}" font-size="140" font-family="sans-serif">{{ $name }}</text>
<g transform="translate(300 {{ $down + 240 }})">
@include('print.picture-shapes', ['picture' => $picture])
</g>
@php($down += $picture->height + 400)
@endforeach
</svg>
