@props(['letter', 'colour', 'ink', 'fill' => null])
<svg class="swatch" viewBox="0 0 44 44" width="44" height="44" aria-hidden="true"><path
    @if (str_starts_with((string) $fill, 'url')) d="M10 10h200v200H10z" transform="scale(.2)" @else d="M2 2h40v40H2z" @endif fill="{{ $fill ?: $colour }}"/><path
    class="swatch-edge" d="M2 2h40v40H2z"/><text x="22" y="23" fill="{{ $ink }}" font-size="22" font-weight="600" text-anchor="middle"
    dominant-baseline="central">{{ $letter }}</text></svg>
