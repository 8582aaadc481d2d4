<h1>{{ $heading }}</h1>
@foreach ($paragraphs as $paragraph)
<p>{{ $paragraph }}</p>
@endforeach
@if ($action)
<p><a href="{{ $action[1] }}">{{ $action[0] }}</a></p>
@endif
<p>{{ __('mail.closing') }}</p>
