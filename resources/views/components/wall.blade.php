@props(['wall', 'label'])
<svg class="layout-picture wall" viewBox="{{ $wall['picture']->box }}" role="img" aria-label="{{ $label }}">
    @include('member.layout-defs', ['picture' => $wall['picture']])
    @foreach ($wall['picture']->frame as $shape)<path @class(['cloth', 'is-faint' => ! $wall['framed']]) d="{{ $shape->path }}" fill="{{ $shape->fill }}"/>@endforeach
    @foreach ($wall['places'] as $number => $place)
        @php($lies = $wall['picture']->places[$number])
        <g class="wall-place is-{{ $place['state'] }}"><title>{{ $place['title'] }}</title>
            @if ($place['state'] === 'accepted')<use href="#{{ $lies['of'] }}" transform="{{ $lies['transform'] }}"/>@endif
            <path class="wall-edge" d="{{ $wall['picture']->outline }}" transform="{{ $lies['transform'] }}"/>
            @if ($place['mark'] !== '')<text x="{{ $lies['middle'][0] }}" y="{{ $lies['middle'][1] }}" text-anchor="middle" dominant-baseline="central" font-size="{{ $wall['text'] }}">{{ $place['mark'] }}</text>@endif
        </g>
    @endforeach
</svg>
<ul class="wall-others">@foreach ($wall['others'] as $other)<li class="is-{{ $other['state'] }}">{{ $other['label'] }}: {{ __('hands.state.'.$other['state']) }}@if ($other['who']), {{ $other['who'] }}@endif</li>@endforeach</ul>
