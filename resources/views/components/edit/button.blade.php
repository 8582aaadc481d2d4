@props(['edit'])
<button {{ $attributes->class('btn') }} form="edits" name="edit" value='{{ App\Support\Attribute::json($edit) }}'>{{ $slot }}</button>
