<x-layout.plain :title="__('auth.reset_title')">
    <h1>{{ __('auth.reset_title') }}</h1>
    <form method="post" action="{{ route('password.update') }}" class="stack">
        @csrf
        <input type="hidden" name="token" value="{{ $token }}">
        <x-field name="email" type="email" :label="__('auth.email')" :value="$email" autocomplete="username" required/>
        <x-field name="password" type="password" :label="__('account.new_password')" :hint="__('auth.password_hint')"
            autocomplete="new-password" required/>
        <x-field name="password_confirmation" type="password" :label="__('auth.password_again')" autocomplete="new-password" required/>
        <button class="btn btn-main">{{ __('auth.reset_save') }}</button>
    </form>
</x-layout.plain>
