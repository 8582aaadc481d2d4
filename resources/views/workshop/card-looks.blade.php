{{-- The drawings of all cards, once: a card that moves brings no drawing with it. --}}
<svg width="0" height="0" class="cloths" aria-hidden="true"><defs>
    @foreach ($looks as $id => $look)
        <g id="card-{{ $id }}">@foreach ($look->patches as $patch)<path class="cloth" d="{{ $patch['path'] }}" fill="{{
            $palette->paint($patch['slot']) }}"/>@endforeach</g>
    @endforeach
    @foreach ($studies as $id => $study)
        @php([$left, $top] = $study->off())
        @php($name = fn ($product) => $id.'-'.str_replace(['.', '=', '/'], '-', $product))
        @foreach ($study->looks as $product => $look)
            <g id="in-{{ $name($product) }}">@foreach ($look->patches as $patch)<path class="cloth" d="{{ $patch['path'] }}" fill="{{
                $palette->paint($patch['slot']) }}"/>@endforeach</g>
        @endforeach
        <g id="card-{{ $id }}">@foreach ($study->laid as $laid)<use href="#in-{{ $name($laid['product']) }}" transform="translate({{
            $laid['x'] - $left }} {{ $laid['y'] - $top }}) rotate({{ $laid['turn'] }})"/>@endforeach</g>
    @endforeach
</defs></svg>
