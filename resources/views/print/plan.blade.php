@extends('print.page')
@section('print')
@if ($cards !== [])<p>{{ __('cutting.square_up') }}</p>@endif
@forelse ($cards as $card)
    @foreach ($card['cloths'] as $cloth)
        <div class="keep">@if ($loop->first)
    <h2><font class="chip" color="{{ $card['fabric']->colour }}">■</font> {{ $card['fabric']->letter }} {{ $card['fabric']->name }}, {{ $card['fabric']->cloth }}</h2>
    @if ($card['short'])<p><b>{{ $card['short'] }}</b></p>@endif
    @if ($card['margin'])<p>{{ $card['margin'] }}</p>@endif
    <p class="soft">{{ $card['single'] }}</p>
@endif<p><b>{{ $cloth['title'] }}</b></p>
        @php($picture = $cloth['picture'])
        @php($scale = min(0.05, 300 / max($picture->width, 1), 420 / max($picture->height, 1)))
        <img class="drawn" width="{{ round(($picture->width + 300) * $scale) }}" height="{{ round(($picture->height + 40) * $scale) }}" alt=""
            src="data:image/svg+xml;base64,{{ base64_encode(view('print.picture', ['picture' => $picture])->render()) }}">
        <table>@foreach ($cloth['steps'] as $step)<tr><td class="w-tick"><span class="tick"></span></td><td class="w-tick"><b>{{ $step['number'] }}</b></td>
            <td><b>{{ $step['title'] }}</b><br>@if ($step['count'] > 1){{ __('mat.each') }}@endif
            @include('clue.cuts', ['cuts' => $step['lines']])
            <span class="soft">{{ $step['for'] }} @if ($step['alike']){{ $step['alike'] }}@endif</span></td></tr>
        @endforeach</table>
        @if ($cloth['left'])<p class="soft">{{ $cloth['left'] }}</p>@endif</div>
    @endforeach
    @if ($card['cloths'] === [])
    <h2><font class="chip" color="{{ $card['fabric']->colour }}">■</font> {{ $card['fabric']->letter }} {{ $card['fabric']->name }}, {{ $card['fabric']->cloth }}</h2>
    @if ($card['short'])<p><b>{{ $card['short'] }}</b></p>@endif
    @if ($card['margin'])<p>{{ $card['margin'] }}</p>@endif
    <p class="soft">{{ $card['single'] }}</p>
    @endif
@empty
    <p>{{ __('mat.nothing') }}</p>
@endforelse
<p class="soft">{{ __('cautions.cutter') }}</p>
@endsection
