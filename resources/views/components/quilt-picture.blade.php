@props(['picture', 'label', 'widest' => null])
<svg class="quilt-picture" viewBox="{{ $picture->viewBox($widest ?? null) }}" role="img" aria-label="{{ $label }}">
    <defs>
        @foreach ($picture->units as $id => $shapes)
            <g id="{{ $id }}">@foreach ($shapes as $shape)<path d="{{ $shape->path }}" fill="{{ $shape->fill }}" stroke="{{ $shape->fill }}"
                stroke-width="5"/>@endforeach</g>
        @endforeach
        @foreach ($picture->blocks as $id => $places)
            <g id="{{ $id }}">@foreach ($places as $place)<use href="#{{ $place['of'] }}"
                transform="{{ $place['transform'] }}"/>@endforeach</g>
        @endforeach
        @foreach ($picture->places as $number => $place)
            @if ($place['clip'] !== null)<clipPath id="{{ $picture->prefix }}seen-{{ $number }}"><path d="{{ $place['clip']
                }}"/></clipPath>@endif
        @endforeach
    </defs>
    @foreach ($picture->places as $number => $place)
        @if ($place['clip'] === null)
            <use href="#{{ $place['of'] }}" transform="{{ $place['transform'] }}"/>
        @else
            <g clip-path="url(#{{ $picture->prefix }}seen-{{ $number }})"><use href="#{{ $place['of'] }}" transform="{{ $place['transform']
                }}"/></g>
        @endif
    @endforeach
    @foreach ($picture->frame as $shape)
        <path d="{{ $shape->path }}" fill="{{ $shape->fill }}" stroke="{{ $shape->fill }}" stroke-width="5"/>
    @endforeach
</svg>
