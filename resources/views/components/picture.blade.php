@props(['picture', 'scale' => 0.4])
<svg {{ $attributes->class('picture') }} viewBox="-6 -6 {{ $picture->width + 12 }} {{ $picture->height + 12 }}"
    width="{{ round(($picture->width + 12) * $scale, 1) }}" height="{{ round(($picture->height + 12) * $scale, 1) }}" role="img"
    aria-label="{{ $picture->description }}">
    @foreach ($picture->shapes as $shape)
        <path class="cloth" d="{{ $shape->path }}" fill="{{ $shape->fill }}"/>
    @endforeach
    @foreach ($picture->lines as $line)
        <path class="line is-{{ $line->kind->value }}" d="{{ $line->path }}" @if ($line->kind !== App\Drawing\LineKind::Flag)fill="none"@endif @if ($line->ink) stroke="{{ $line->ink }}" @endif/>
    @endforeach
    @foreach ($picture->letters as $letter)
        <text x="{{ $letter->x }}" y="{{ $letter->y }}" font-size="{{ $letter->size }}" fill="{{ $letter->ink }}" text-anchor="middle"
            dominant-baseline="central" aria-hidden="true">{{ $letter->text }}</text>
    @endforeach
</svg>
