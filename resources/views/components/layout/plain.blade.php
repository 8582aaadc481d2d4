@props(['title', 'wide' => false])
<x-layout.base :title="$title" body-class="plain">
    <header class="topbar">
        <a class="brand" href="{{ route('welcome') }}"><x-mark/> Dew</a>
        <x-top-links/>
    </header>
    <main id="content" @class(['plain-content', 'is-wide' => $wide])>
        <x-messages/>
        {{ $slot }}
    </main>
</x-layout.base>
