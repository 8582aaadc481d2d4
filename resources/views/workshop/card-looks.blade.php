{{-- The drawings of all cards, once: a card that moves brings no drawing with it. --}}
<svg width="0" height="0" class="cloths" aria-hidden="true"><defs>
    @foreach ($looks as $id => $look)
        <g id="card-{{ $id }}">@foreach ($look->patches as $patch)<path class="cloth" d="{{ $patch['path'] }}" fill="{{
            $palette->paint($patch['slot']) }}"/>@endforeach</g>
    @endforeach
    @foreach ($studies as $id => $study)
        <g id="card-{{ $id }}"><x-laid :study="$study" :palette="$palette" :name="'in-'.$id" :laid="$study->laid"/></g>
    @endforeach
</defs></svg>
