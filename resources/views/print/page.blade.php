<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}"><head><meta charset="utf-8"><title>{{ $title }}</title>
<style>
    @page { margin: 0.6in; }
    body { font-family: "DejaVu Sans", sans-serif; font-size: 10pt; color: #1c2624; }
    h1 { font-size: 16pt; margin: 0 0 4pt; }
    h2 { font-size: 12pt; margin: 10pt 0 4pt; }
    p { margin: 0 0 4pt; }
    table { width: 100%; border-collapse: collapse; }
    th, td { text-align: left; vertical-align: top; padding: 4pt 6pt; border-bottom: 0.5pt solid #9aa8a2; }
    .soft { color: #4d5b57; font-size: 8.5pt; }
    .big { font-size: 14pt; font-weight: bold; }
    .keep { page-break-inside: avoid; }
    .swatch { width: 1.6in; height: 1.6in; border: 0.75pt dashed #4d5b57; }
    .labels { border-collapse: separate; border-spacing: 6pt; }
    .labels .label { width: 50%; height: 1.9in; border: 0.75pt solid #4d5b57; padding: 6pt; }
    .labels .none { border: 0; }
    .chip { font-size: 15pt; line-height: 0.8; }
    .w-tick { width: 16pt; } .w-third { width: 35%; } .w-swatch { width: 1.8in; } .w-letter { width: 0.6in; }
    .huge { font-size: 40pt; margin: 0; line-height: 1; }
    .drawn { margin-left: 14pt; }
    .foot { position: fixed; bottom: -0.35in; left: 0; right: 0; text-align: center; font-size: 8pt; color: #4d5b57; }
    .page-number:after { content: counter(page); }
    .tick { display: inline-block; width: 10pt; height: 10pt; border: 0.75pt solid #1c2624; }
</style></head>
<body><p class="foot">{{ $title }} · <span class="page-number"></span></p>
<h1>{{ $title }}</h1>
@yield('print')
</body></html>
