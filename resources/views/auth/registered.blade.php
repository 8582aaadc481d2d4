<x-layout.plain :title="__('auth.check_mail')">
    <h1>{{ __('auth.check_mail') }}</h1>
    <p class="lead">{{ __('auth.check_mail_body', ['email' => $email]) }}</p>
    <p>{{ __('auth.check_mail_hint') }}</p>
    @if (config('dew.demo'))
        <p class="field-hint">{{ __('auth.demo_tray') }} <a href="{{ route('post.index', ['to' => $email]) }}">{{ __('post.title') }}</a></p>
    @endif
    <p><a href="{{ route('register') }}">{{ __('auth.register') }}</a> · <a href="{{ route('login') }}">{{ __('auth.sign_in') }}</a></p>
</x-layout.plain>
