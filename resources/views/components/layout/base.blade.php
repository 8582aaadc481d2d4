@props(['title', 'bodyClass' => ''])
<!DOCTYPE html>
<html lang="{{ str_replace('_', '-', app()->getLocale()) }}" @if (in_array(request()->cookie('dew_theme'), ['light', 'dark'], true))
    data-bs-theme="{{ request()->cookie('dew_theme') }}" @endif>
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <meta name="color-scheme" content="light dark">
    <meta name="robots" content="noindex">
    <title>{{ $title }} · Dew</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body class="{{ $bodyClass }}">
<a class="skip" href="#content">{{ __('nav.skip') }}</a>
{{ $slot }}
</body>
</html>
