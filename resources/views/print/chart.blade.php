@extends('print.page')
@section('print')
<p class="soft">{{ __('prints.chart_intro') }}</p>
<table>
@foreach ($fabrics as $fabric)
<tr class="keep"><td class="w-swatch"><div class="swatch"><span class="soft">{{ __('prints.swatch', ['letter' => $fabric['view']->letter]) }}</span></div></td>
<td class="w-letter"><span class="big">{{ $fabric['view']->letter }}</span><br><font class="chip" color="{{ $fabric['view']->colour }}">■</font></td>
<td><p><b>{{ $fabric['view']->name }}</b>, {{ __('fabrics.value.'.$fabric['view']->value) }}</p><p>{{ $fabric['view']->cloth }}</p>
<p class="soft">{{ __('chart.need') }}: {{ $fabric['facts']->need ?? __('chart.need_none') }}</p>
@if ($fabric['facts']->whole !== null)<p class="soft">{{ __('chart.whole') }}: {{ $fabric['facts']->whole }}</p>@endif
@foreach ($fabric['facts']->rows as $row)<p class="soft">{{ __('stock.title') }}: {{ $row['text'] }}</p>@endforeach</td></tr>
@endforeach
</table>
@endsection
