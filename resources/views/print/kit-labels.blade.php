@extends('print.page')
@section('print')
<table class="labels">@foreach (array_chunk($labels, 2) as $pair)<tr class="keep">@foreach ($pair as $label)<td class="label"><p class="big">{{ $label['name'] }}</p>
    <p><b>{{ $label['kit'] }}</b> · {{ $label['size'] }} · {{ $label['colourway'] }} · {{ $label['of'] }}</p>
    <p class="soft">{{ $label['number'] }}</p>
    @foreach ($label['cloths'] as $cloth)<p><font class="chip" color="{{ $cloth['colour'] }}">■</font> <b>{{ $cloth['letter'] }}</b> {{
        $cloth['cloth'] }}: <b>{{ $cloth['length'] }}</b></p>@endforeach</td>@endforeach
    @if (count($pair) === 1)<td class="none"></td>@endif</tr>@endforeach</table>
@if ($labels === [])<p>{{ __('prints.nothing') }}</p>@endif
@endsection
