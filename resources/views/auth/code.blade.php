<x-layout.plain :title="__('auth.code_title')">
    <h1>{{ __('auth.code_title') }}</h1>
    <p>{{ __('auth.code_body') }}</p>
    <form method="post" action="{{ route('login.code.store') }}" class="stack">
        @csrf
        <x-field name="code" :label="__('auth.code')" inputmode="numeric" autocomplete="one-time-code" maxlength="40" required autofocus/>
        <button class="btn btn-main">{{ __('auth.sign_in') }}</button>
    </form>
</x-layout.plain>
