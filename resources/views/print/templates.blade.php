@php($kinds = ['cut' => ['1', ''], 'later' => ['0.75', '6 2 1 2'], 'sew' => ['0.75', '4 3'], 'notch' => ['1', ''], 'grain' => ['0.5', ''], 'mark' => ['0.5', '']])
@php($points = fn ($inches) => rtrim(rtrim(number_format($inches * 72, 3, '.', ''), '0'), '.'))
@php($head = App\Presentation\Shared\TemplatePages::HEAD)
@php($square = fn ($x, $side) => 'M'.$points($x).' 0H'.$points($x + $side).'V'.$points($side).'H'.$points($x).'Z')
<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}"><head><meta charset="utf-8"><title>{{ $title }}</title>
<style>{!! $css.$pages->css() !!}</style></head>
<body>
@forelse ($pages->sheets as $number => $sheet)
    <div class="sheet{{ $number === 0 ? '' : ' next' }}">
        @php($svg = '<svg xmlns="http://www.w3.org/2000/svg" width="'.$points($pages->width).'" height="'.$points($pages->height - 0.05).'" viewBox="0 0 '.$points(
            $pages->width).' '.$points($pages->height - 0.05).'">')
        @php($svg .= '<path d="'.$square($pages->width - 1 - 1/72, 1.0).'" fill="none" stroke="#000000" stroke-width="1"/>')
        @php($svg .= '<path d="'.$square($pages->width - 1 - 1/72 - 0.25 - 2/2.54, 2/2.54).'" fill="none" stroke="#000000" stroke-width="1"/>')
        @foreach ($kinds as $what => [$width, $dashes])
            @if (($sheet->lines[$what] ?? []) !== [])
                @php($path = implode('', array_map(fn ($line) => 'M'.$points($line[0]).' '.$points($line[1] + $head).'L'.$points($line[2]).' '.$points($line[3] + $head),
                    $sheet->lines[$what])))
                @php($svg .= '<path d="'.$path.'" fill="none" stroke="#000000" stroke-width="'.$width.'"'.($dashes === '' ? '' : ' stroke-dasharray="'.$dashes.'"').'/>')
            @endif
        @endforeach
        <img src="data:image/svg+xml;base64,{{ base64_encode($svg.'</svg>') }}" alt="">
        <div class="words"><h1>{{ $title }}</h1><p class="soft">{{ __('templates.true_size') }} {{
                __(isset($sheet->lines['sew']) && $sheet->lines['sew'] !== [] ? 'templates.lines_sewn' : 'templates.lines') }}
            {{ __('templates.page', ['number' => $number + 1, 'of' => count($pages->sheets)]) }}</p></div>
        <div class="side" id="inch-{{ $number }}">{{ __('templates.inch') }}</div>
        <div class="side" id="centimetres-{{ $number }}">{{ __('templates.centimetres') }}</div>
        @foreach ($sheet->labels as $index => $label)
            @php($says = $pages->labels[$label['template']])
            <div class="label" id="label-{{ $number }}-{{ $index }}"><b>{{ $says['name'] }}</b>
                @if ($label['columns'] * $label['rows'] > 1){{ __('templates.part', ['column' => $label['column'], 'columns' => $label['columns'], 'row' => $label['row'], 'rows' =>
                    $label['rows']]) }}@endif<br>{{ $says['cut'] }}@if ($says['note'] !== '')<br>{{ $says['note'] }}@endif</div>
        @endforeach
    </div>
@empty
    <p>{{ __('templates.none') }}</p>
@endforelse
</body></html>
