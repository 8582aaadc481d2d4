@props(['picture', 'palette', 'label'])
@php($half = ($picture->width + $picture->height) / 2)
<svg class="in-quilt" viewBox="{{ $picture->onPoint ? ($picture->width / 2 - $half * 0.72).' '.($picture->height / 2 - $half *
    0.72).' '.($half * 1.44).' '.($half * 1.44)
    : '0 0 '.$picture->width.' '.$picture->height }}" role="img" aria-label="{{ $label }}">
    <defs>
        @foreach ($picture->blocks as $block => $study)
            @php([$width, $height] = $study->seen())
            @if ($study->trimmed !== null)<clipPath id="in-{{ $block }}-seen"><rect width="{{ $width }}" height="{{ $height
                }}"/></clipPath>@endif
            <g id="in-{{ $block }}" @if ($study->trimmed !== null) clip-path="url(#in-{{ $block }}-seen)" @endif>
                @if ($study->points() !== null)<polygon class="spot-ground" points="{{ $study->points() }}"/>@else
                <rect class="spot-ground" width="{{ $width }}" height="{{ $height }}"/>@endif
                <x-laid :study="$study" :palette="$palette" :name="'in-'.$block" :laid="$study->laid"/></g>
        @endforeach
    </defs>
    <g @if ($picture->onPoint) transform="rotate(45 {{ $picture->width / 2 }} {{ $picture->height / 2 }})" @endif>
        @if ($picture->ground !== null)<rect width="{{ $picture->width }}" height="{{ $picture->height }}" fill="{{
            $palette->paint($picture->ground) }}"/>@endif
        @if ($picture->stones !== null)
            @foreach ($picture->corners as $corner)<rect x="{{ $corner['x'] }}" y="{{ $corner['y'] }}" width="{{ $corner['side'] }}"
                height="{{ $corner['side'] }}"
                fill="{{ $palette->paint($picture->stones) }}"/>@endforeach
        @endif
        @foreach ($picture->places as $place)<use href="#in-{{ $place['block'] }}" transform="{{ $place['transform'] }}"/>@endforeach
    </g>
</svg>
