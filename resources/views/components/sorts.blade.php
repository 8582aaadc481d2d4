@props(['quiltAlong'])
{{ $quiltAlong->host_name }}@foreach ($quiltAlong->sorts() as $sort) · {{ __('home.sorts.'.$sort) }}@endforeach
