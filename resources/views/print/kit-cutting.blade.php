@extends('print.page')
@section('print')
<p>{{ __('prints.kit_cutting_intro') }}</p>
@forelse ($bolts as $bolt)
    <div class="keep"><h2><span class="chip" style="background: {{ $bolt['colour'] }}"></span> {{ $bolt['cloth'] }} ({{ $bolt['for'] }}): {{ $bolt['wanted'] }}</h2>
    <table>@foreach ($bolt['bolts'] as $one)<tr><td style="width: 14pt"><span class="tick"></span></td><td style="width: 35%"><b>{{ $one['name'] }}</b></td>
        <td>{{ implode(', ', $one['cuts']) }}</td><td class="soft">{{ $one['left'] }}</td></tr>@endforeach</table>
    @if ($bolt['too_long'] !== '')<p>{{ __('kits.too_long', ['lengths' => $bolt['too_long']]) }}</p>@endif</div>
@empty
    <p>{{ __('prints.nothing') }}</p>
@endforelse
@endsection
