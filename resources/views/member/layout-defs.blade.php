<defs>
    @foreach ($picture->units as $id => $shapes)<g id="{{ $id }}">@foreach ($shapes as $shape)<path class="cloth" d="{{ $shape->path }}" fill="{{ $shape->fill }}"/>@endforeach</g>@endforeach
    @foreach ($picture->blocks as $id => $places)<g id="{{ $id }}">@foreach ($places as $place)<use href="#{{ $place['of'] }}" transform="{{ $place['transform'] }}"/>@endforeach</g>@endforeach
</defs>
