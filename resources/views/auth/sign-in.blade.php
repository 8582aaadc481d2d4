<x-layout.plain :title="__('auth.sign_in')">
    <h1>{{ __('auth.sign_in') }}</h1>
    <form method="post" action="{{ route('login') }}" class="stack">
        @csrf
        <x-field name="email" type="email" :label="__('auth.email')" autocomplete="username" required/>
        <x-field name="password" type="password" :label="__('auth.password')" autocomplete="current-password" required/>
        <label class="check"><input type="checkbox" class="form-check-input" name="remember"
            value="1" @checked(old('remember'))> {{ __('auth.remember') }}</label>
        <button class="btn btn-main">{{ __('auth.sign_in') }}</button>
    </form>
    <p><a href="{{ route('password.request') }}">{{ __('auth.forgot') }}</a></p>
    <p>{{ __('auth.no_account') }} <a href="{{ route('register') }}">{{ __('auth.register') }}</a></p>
</x-layout.plain>
