@props(['picture', 'label'])
<svg class="quilt-picture" viewBox="0 0 {{ $picture->width }} {{ $picture->height }}" role="img" aria-label="{{ $label }}">
    <defs>
        @foreach ($picture->blocks as $id => $shapes)
            <g id="block-{{ $id }}">
                @foreach ($shapes as $shape)
                    <polygon points="{{ $shape->points }}" fill="{{ $shape->fill }}" stroke="{{ $shape->fill }}" stroke-width="2"/>
                @endforeach
            </g>
        @endforeach
    </defs>
    @foreach ($picture->borders as $shape)
        <polygon points="{{ $shape->points }}" fill="{{ $shape->fill }}" stroke="{{ $shape->fill }}" stroke-width="2"/>
    @endforeach
    @foreach ($picture->places as $place)
        <use href="#block-{{ $place['block'] }}" x="{{ $place['x'] }}" y="{{ $place['y'] }}"/>
    @endforeach
</svg>
