<x-layout.plain :title="__('auth.register')">
    <h1>{{ __('auth.register') }}</h1>
    <form method="post" action="{{ route('register') }}" class="stack">
        @csrf
        <x-field name="name" :label="__('auth.name')" :hint="__('auth.name_hint')" autocomplete="name" required maxlength="80"/>
        <x-field name="email" type="email" :label="__('auth.email')" autocomplete="email" required/>
        <x-field name="password" type="password" :label="__('auth.password')" :hint="__('auth.password_hint')"
            autocomplete="new-password" required/>
        <x-field name="password_confirmation" type="password" :label="__('auth.password_again')" autocomplete="new-password" required/>
        <button class="btn btn-main">{{ __('auth.register') }}</button>
    </form>
    <p>{{ __('auth.have_account') }} <a href="{{ route('login') }}">{{ __('auth.sign_in') }}</a></p>
</x-layout.plain>
