<x-layout.plain :title="__('account.title')">
    <h1>{{ __('account.title') }}</h1>
    <section class="card" aria-labelledby="name-section">
        <h2 id="name-section">{{ __('account.name_section') }}</h2>
        <form method="post" action="{{ route('account.update') }}" class="stack">
            @csrf @method('patch')
            <x-field name="name" :label="__('auth.name')" :value="$person->name" :hint="__('auth.name_hint')" autocomplete="name" required
                maxlength="80"/>
            <button class="btn btn-other">{{ __('account.save_name') }}</button>
        </form>
    </section>
    <section class="card" aria-labelledby="email-section">
        <h2 id="email-section">{{ __('account.email_section') }}</h2>
        <p>{{ __('account.email_now', ['email' => $person->email]) }}</p>
        <form method="post" action="{{ route('account.email') }}" class="stack">
            @csrf
            <x-field name="email" type="email" bag="email" :label="__('account.new_email')" :hint="__('account.email_hint')"
                autocomplete="email" required/>
            <x-field name="password" type="password" bag="email" id="email-password" :label="__('account.current_password')"
                autocomplete="current-password" required/>
            <button class="btn btn-other">{{ __('account.change_email') }}</button>
        </form>
    </section>
    <section class="card" aria-labelledby="password-section">
        <h2 id="password-section">{{ __('account.password_section') }}</h2>
        <form method="post" action="{{ route('account.password') }}" class="stack">
            @csrf @method('put')
            <x-field name="current_password" type="password" bag="password" :label="__('account.current_password')"
                autocomplete="current-password" required/>
            <x-field name="password" type="password" bag="password" id="new-password" :label="__('account.new_password')"
                :hint="__('auth.password_hint')" autocomplete="new-password" required/>
            <x-field name="password_confirmation" type="password" bag="password" :label="__('auth.password_again')"
                autocomplete="new-password" required/>
            <button class="btn btn-other">{{ __('account.change_password') }}</button>
        </form>
    </section>
    <section class="card" aria-labelledby="delete-section">
        <h2 id="delete-section">{{ __('account.delete_section') }}</h2>
        <p>{{ __('account.delete_hint') }}</p>
        <form method="post" action="{{ route('account.destroy') }}" class="stack">
            @csrf @method('delete')
            <x-field name="password" type="password" bag="delete" id="delete-password" :label="__('account.current_password')"
                autocomplete="current-password" required/>
            <button class="btn btn-danger">{{ __('account.delete') }}</button>
        </form>
    </section>
    <form method="post" action="{{ route('logout') }}" data-sign-out>
        @csrf
        <button class="btn btn-quiet">{{ __('auth.sign_out') }}</button>
    </form>
</x-layout.plain>
