@props(['edit'])
<button {{ $attributes->class('btn') }} form="edits" name="edit" value="{{ json_encode($edit, JSON_UNESCAPED_UNICODE |
    JSON_UNESCAPED_SLASHES) }}">{{ $slot }}</button>
