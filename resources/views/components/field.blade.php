@props(['name', 'label', 'type' => 'text', 'value' => null, 'hint' => null, 'bag' => 'default', 'id' => null])
@php($id ??= $name)
@php($error = $errors->getBag($bag)->first($name))
<div class="field">
    <label for="{{ $id }}" class="form-label">{{ $label }}</label>
    @if ($slot->isEmpty())
        <input id="{{ $id }}" name="{{ $name }}" type="{{ $type }}" @if ($type !== 'password') value="{{ old($name, $value) }}" @endif
            {{ $attributes->class(['form-control', 'is-invalid' => $error !== '']) }}
            @if ($error !== '') aria-invalid="true" @endif
            @if ($error !== '' || $hint) aria-describedby="{{ $id }}-note" @endif>
    @else
        {{ $slot }}
    @endif
    @if ($error !== '')
        <p id="{{ $id }}-note" class="field-error" role="alert">{{ $error }}</p>
    @elseif ($hint)
        <p id="{{ $id }}-note" class="field-hint">{{ $hint }}</p>
    @endif
</div>
