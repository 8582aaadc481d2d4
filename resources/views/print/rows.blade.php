@extends('print.page')
@section('print')
@foreach (array_filter($stages, fn ($stage) => $stage['labelled']) as $stage)
<h2>{{ $stage['title'] }}</h2>
<table class="labels">@foreach (array_chunk($stage['parts'], 2) as $pair)<tr class="keep">@foreach ($pair as $part)<td class="label">
    <p class="huge"><b>{{ $part['name'] }}</b></p><p>{{ $part['blocks'] }}</p><p class="soft">{{ $part['pressed'] }}</p><p>{{ $part['size'] }}</p>
    <p class="soft"><span class="tick"></span> {{ __('assembly.pin') }}</p></td>@endforeach
    @if (count($pair) === 1)<td class="none"></td>@endif</tr>@endforeach</table>
@endforeach
@endsection
