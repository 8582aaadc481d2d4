@props(['letter', 'colour', 'ink'])
<svg class="swatch" viewBox="0 0 44 44" width="44" height="44" aria-hidden="true"><path d="M2 2h40v40H2z" fill="{{ $colour }}"/><path
    class="swatch-edge" d="M2 2h40v40H2z"/><text x="22" y="23" fill="{{ $ink }}" font-size="22" font-weight="600" text-anchor="middle"
    dominant-baseline="central">{{ $letter }}</text></svg>
