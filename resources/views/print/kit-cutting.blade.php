@extends('print.page')
@section('print')
<p>{{ __('prints.kit_cutting_intro') }}</p>
@forelse ($bolts as $bolt)
    <div class="keep"><h2><font class="chip" color="{{ $bolt['colour'] }}">■</font> {{ $bolt['cloth'] }} ({{ $bolt['for'] }}): {{ $bolt['wanted'] }}</h2>
    <table>@foreach ($bolt['bolts'] as $one)<tr><td class="w-tick"><span class="tick"></span></td><td class="w-third"><b>{{ $one['name'] }}</b></td>
        <td>{{ implode(', ', $one['cuts']) }}</td><td class="soft">{{ $one['left'] }}</td></tr>@endforeach</table>
    @if ($bolt['too_long'] !== '')<p>{{ __('kits.too_long', ['lengths' => $bolt['too_long']]) }}</p>@endif</div>
@empty
    <p>{{ __('prints.nothing') }}</p>
@endforelse
@endsection
