@extends('print.page')
@section('print')
<p><img class="laid" src="data:image/svg+xml;base64,{{ base64_encode(view('print.layout-picture', ['picture' => $plain, 'labels' => $labels])->render()) }}" alt=""></p>
@php($rows = [])
@foreach ($labels as $number => $label)@php($rows[rtrim($label, '0123456789')][] = $names[$number])@endforeach
<table class="layout">@foreach ($rows as $letter => $places)<tr class="keep"><td class="big"><b>{{ $letter }}</b></td><td>{{ implode(' · ', $places) }}</td></tr>@endforeach</table>
@if ($warnings !== [])<h2>{{ __('layout.again') }}</h2>@foreach ($warnings as $warning)<p>{{ $warning }}</p>@endforeach @endif
@endsection
