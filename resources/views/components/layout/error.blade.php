@props(['heading', 'hint' => ''])
<x-layout.base :title="$heading" body-class="plain">
    <main id="content" class="plain-content">
        <p class="brand"><x-mark/> Dew</p>
        <h1>{{ $heading }}</h1>
        <p>{{ $hint }}</p>
        <p><a class="btn btn-main" href="/home">{{ __('errors.back') }}</a></p>
    </main>
</x-layout.base>
