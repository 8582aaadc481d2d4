@props(['title', 'project', 'place', 'quilt' => null])
<x-layout.base :title="$title" body-class="member">
    <header class="topbar is-member">
        <a class="brand" href="{{ route('home') }}" title="{{ __('nav.home') }}"><x-mark/><span
            class="visually-hidden">{{ __('nav.home') }}</span></a>
        <p class="topbar-name"><span class="serif">{{ $project->quiltAlong->name }}</span> <small>{{ $project->name }}</small></p>
        <a class="icon-button" href="{{ route('member.project.edit', $project) }}" aria-label="{{ __('nav.member.quilt') }}"
            title="{{ __('nav.member.quilt') }}"><x-icon name="settings"/></a>
        <x-theme-button/>
    </header>
    <main id="content" class="member-content">
        <x-messages/>
        @include('member.own-cloths')
        {{ $slot }}
    </main>
    <nav class="bottom-bar" aria-label="{{ __('nav.member.label') }}">
        @foreach (['now' => route('member.now', $project), 'clue' => route('member.clues.index', $project),
            'fabrics' => route('member.fabrics', $project), 'bench' => route('member.bench', $project)] as $name => $url)
            <a href="{{ $url }}" @class(['is-here' => $place === $name]) @if ($place === $name) aria-current="page" @endif><x-icon
                :name="$name"/><span>{{ __('nav.member.'.$name) }}</span></a>
        @endforeach
    </nav>
</x-layout.base>
