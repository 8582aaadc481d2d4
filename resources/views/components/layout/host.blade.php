@props(['title', 'quiltAlong', 'place', 'action' => null])
<x-layout.base :title="$title" body-class="host">
    <nav class="rail" aria-label="{{ __('nav.host.label') }}">
        <a class="brand" href="{{ route('home') }}"><x-mark/> Dew</a>
        <p class="rail-name serif">{{ $quiltAlong->name }}</p>
        @foreach (['desk' => route('host.desk', $quiltAlong), 'design' => route('host.design', $quiltAlong),
            'clues' => route('host.clues.index', $quiltAlong), 'people' => route('host.people', $quiltAlong),
            'kits' => route('host.kits', $quiltAlong)] + ($quiltAlong->many_hands ? ['hands' => route('host.hands', $quiltAlong)] : []) as $name => $url)
            <a href="{{ $url }}" @class(['rail-link', 'is-here' => $place === $name]) @if ($place === $name)
                aria-current="page" @endif><x-icon :name="$name"/><span>{{ __('nav.host.'.$name) }}</span></a>
        @endforeach
        @can('run', $quiltAlong)
            <a href="{{ route('host.settings', $quiltAlong) }}" @class(['rail-link', 'is-here' => $place === 'settings']) @if ($place ===
                'settings')
                aria-current="page" @endif><x-icon name="settings"/><span>{{ __('settings.title') }}</span></a>
        @endcan
        <div class="rail-foot">
            <a class="rail-link" href="{{ route('account') }}"><x-icon name="person"/><span>{{ __('nav.account') }}</span></a>
            <x-theme-button/>
        </div>
    </nav>
    <main id="content" class="host-content">
        <header class="page-head">
            <h1>{{ $title }}</h1>
            @if ($action)
                <div class="page-action">{{ $action }}</div>
            @endif
        </header>
        <x-messages/>
        {{ $slot }}
    </main>
</x-layout.base>
