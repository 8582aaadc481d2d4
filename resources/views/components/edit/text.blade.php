@props(['place', 'value' => null, 'label', 'type' => 'text', 'as' => 'text', 'id', 'hidden' => false, 'edit' => null])
{{-- A field that is saved when it is left. What stood there goes with it, so that nobody writes over somebody else. --}}
<x-edit.form :edit="$edit ?? Dew\Core\Draft\Kind\EditLibrary::form('set', place: $place, expect: $value, to: App\Support\Placeholder::in('value', $as))" auto>
    <label for="{{ $id }}" @class(['form-label', 'visually-hidden' => $hidden])>{{ $label }}</label>
    @if ($type === 'textarea')
        <textarea id="{{ $id }}" name="value" rows="4" {{ $attributes->class('form-control') }}>{{ $value }}</textarea>
    @else
        <input id="{{ $id }}" name="value" type="{{ $type }}" value="{{ is_scalar($value) ? $value : '' }}" autocomplete="off"
            {{ $attributes->class('form-control') }}>
    @endif
    @if ($type === 'color' || $type === 'textarea')<noscript><button class="btn btn-other">{{ __('workshop.save')
        }}</button></noscript>@endif
</x-edit.form>
