<x-layout.plain :title="__('auth.forgot_title')">
    <h1>{{ __('auth.forgot_title') }}</h1>
    <p>{{ __('auth.forgot_body') }}</p>
    <form method="post" action="{{ route('password.email') }}" class="stack">
        @csrf
        <x-field name="email" type="email" :label="__('auth.email')" autocomplete="email" required/>
        <button class="btn btn-main">{{ __('auth.forgot_send') }}</button>
    </form>
    @if (config('dew.demo'))
        <p class="field-hint"><a href="{{ route('post.index') }}">{{ __('auth.demo_tray') }}</a></p>
    @endif
</x-layout.plain>
