<svg class="layout-picture {{ $class ?? '' }}" viewBox="{{ $picture->box }}" role="img" aria-label="{{ $label }}">
    @include('member.layout-defs', ['picture' => $picture])
    @foreach ($picture->places as $place)<use href="#{{ $place['of'] }}" transform="{{ $place['transform'] }}"/>@endforeach
    @foreach ($picture->frame as $shape)<path class="cloth" d="{{ $shape->path }}" fill="{{ $shape->fill }}"/>@endforeach
    @foreach ($flags ?? [] as $flag)<path class="press-flag" d="{{ $flag }}"/>@endforeach
</svg>
