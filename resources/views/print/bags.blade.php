@extends('print.page')
@section('print')
<table class="labels">@foreach (array_chunk($fabrics, 2) as $pair)<tr class="keep">@foreach ($pair as $fabric)<td class="label">
    <p class="huge"><b>{{ $fabric['view']->letter }}</b>
        <font class="chip" color="{{ $fabric['view']->colour }}">■</font></p>
    <p class="big">{{ $fabric['view']->name }}</p><p>{{ $fabric['view']->cloth }}</p>
    @foreach ($fabric['facts']->plans as $plan)<p class="soft"><span class="tick"></span> {{ $plan['number'] }}. {{ $plan['title'] }}</p>@endforeach</td>@endforeach
    @if (count($pair) === 1)<td class="none"></td>@endif</tr>@endforeach</table>
@endsection
