@props(['edit', 'auto' => false])
<form method="post" action="{{ $editsUrl }}" {{ $attributes->class('edit-form') }} data-edit
    @if ($auto) data-auto @endif>
    @csrf
    <input type="hidden" name="edit" value="{{ json_encode($edit, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) }}">
    {{ $slot }}
</form>
