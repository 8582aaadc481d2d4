@props(['place' => null, 'value' => null, 'label', 'choices', 'as' => 'text', 'id', 'hidden' => false, 'empty' => null, 'edit' => null])
<x-edit.form :edit="$edit ?? Dew\Core\Draft\Kind\EditLibrary::form('set', place: $place, expect: $value, to: App\Support\Placeholder::in('value', $as))" auto>
    <label for="{{ $id }}" @class(['form-label', 'visually-hidden' => $hidden])>{{ $label }}</label>
    <select id="{{ $id }}" name="value" {{ $attributes->class('form-select') }}>
        @if ($empty !== null)<option value="">{{ $empty }}</option>@endif
        @foreach ($choices as $key => $name)
            <option value="{{ $key }}" @selected((string) $key === (string) $value)>{{ $name }}</option>
        @endforeach
    </select>
    <noscript><button class="btn btn-other">{{ __('workshop.save') }}</button></noscript>
</x-edit.form>
