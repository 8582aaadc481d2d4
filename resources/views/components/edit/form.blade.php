@props(['edit', 'auto' => false])
<form method="post" action="{{ $editsUrl }}" {{ $attributes->class('edit-form') }} data-edit
    @if ($auto) data-auto @endif>
    @csrf
    <input type="hidden" name="edit" value='{{ App\Support\Attribute::json($edit) }}'>
    {{ $slot }}
</form>
