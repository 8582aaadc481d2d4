@props(['edit', 'auto' => false])
<form method="post" action="{{ route('host.edits.store', request()->route('quiltAlong')) }}" {{ $attributes->class('edit-form') }} data-edit
    @if ($auto) data-auto @endif>
    @csrf
    <input type="hidden" name="edit" value='{{ App\Support\Attribute::json($edit) }}'>
    {{ $slot }}
</form>
