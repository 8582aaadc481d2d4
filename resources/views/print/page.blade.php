<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}"><head><meta charset="utf-8"><title>{{ $title }}</title>
<style>{!! $css !!}</style></head>
<body><p class="foot">{{ $title }} · <span class="page-number"></span></p>
<h1>{{ $title }}</h1>
@yield('print')
</body></html>
