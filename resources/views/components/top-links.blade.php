<nav class="top-links" aria-label="{{ __('nav.account') }}">
    @auth
        <a href="{{ route('home') }}">{{ __('nav.home') }}</a>
        <a href="{{ route('account') }}">{{ __('nav.account') }}</a>
    @else
        <a href="{{ route('join') }}">{{ __('nav.join') }}</a>
        <a href="{{ route('login') }}">{{ __('auth.sign_in') }}</a>
    @endauth
    @if (config('dew.demo'))
        <a href="{{ route('post.index') }}">{{ __('nav.post') }}</a>
    @endif
    <x-theme-button/>
</nav>
