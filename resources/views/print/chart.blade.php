@extends('print.page')
@section('print')
<p class="soft">{{ __('prints.chart_intro') }}</p>
<table>
@foreach ($fabrics as $fabric)
<tr class="keep"><td style="width: 1.8in"><div class="swatch"><span class="soft">{{ __('prints.swatch', ['letter' => $fabric['view']->letter]) }}</span></div></td>
<td style="width: 0.6in"><span class="big">{{ $fabric['view']->letter }}</span><br><span class="chip" style="background: {{ $fabric['view']->colour }}"></span></td>
<td><p><b>{{ $fabric['view']->name }}</b>, {{ __('fabrics.value.'.$fabric['view']->value) }}</p><p>{{ $fabric['view']->cloth }}</p>
<p class="soft">{{ __('chart.need') }}: {{ $fabric['facts']->need ?? __('chart.need_none') }}</p>
@if ($fabric['facts']->whole !== null)<p class="soft">{{ __('chart.whole') }}: {{ $fabric['facts']->whole }}</p>@endif
@foreach ($fabric['facts']->rows as $row)<p class="soft">{{ __('stock.title') }}: {{ $row['text'] }}</p>@endforeach</td></tr>
@endforeach
</table>
@endsection
