<svg xmlns="http://www.w3.org/2000/svg" viewBox="{{ $picture->box }}" width="{{ explode(' ', $picture->box)[2] }}" height="{{ explode(' ', $picture->box)[3] }}">
@foreach ($picture->frame as $shape)<path d="{{ $shape->path }}" fill="{{ $shape->fill }}" stroke="#4d5b57" stroke-width="4"/>@endforeach
@foreach ($picture->places as $number => $place)<g transform="{{ $place['transform'] }}">@include('print.layout-part', ['of' => $place['of']])</g>@endforeach
@foreach ($picture->places as $number => $place)<circle cx="{{ $place['middle'][0] }}" cy="{{ $place['middle'][1] }}" r="150" fill="#ffffff"/><text x="{{ $place['middle'][0] }}" y="{{ (float) $place['middle'][1] + 50 }}" font-size="150" fill="#1c2624" text-anchor="middle">{{ $labels[$number] }}</text>@endforeach
</svg>
