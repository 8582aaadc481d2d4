@if ($result['says'])<p>{{ $result['says'] }}</p>@endif
@if ($result['picture'])
    <svg class="layout-picture quilting-drawing" viewBox="{{ $result['picture']->box }}" role="img" aria-label="{{ $result['says'] }}">
        @include('member.layout-defs', ['picture' => $result['picture']])
        @foreach ($result['picture']->places as $place)<use href="#{{ $place['of'] }}" transform="{{ $place['transform'] }}"/>@endforeach
        @foreach ($result['picture']->frame as $shape)<path class="cloth" d="{{ $shape->path }}" fill="{{ $shape->fill }}"/>@endforeach
        <path class="quilting-line is-under" d="{{ $result['lines'] }}"/><path class="quilting-line" d="{{ $result['lines'] }}"/>
    </svg>
@endif
