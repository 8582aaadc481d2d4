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
    @if ($person->isHost())
        <section class="card" id="codes" aria-labelledby="codes-section">
            <h2 id="codes-section">{{ __('account.codes_section') }}</h2>
            @if (session('recovery_codes'))
                <p class="message is-status" role="status">{{ __('account.codes_recovery') }}</p>
                <ul class="recovery-codes">
                    @foreach (session('recovery_codes') as $code)<li><code>{{ $code }}</code></li>@endforeach
                </ul>
            @endif
            @if ($person->two_factor_at !== null)
                <p>{{ __('account.codes_are_on') }}</p>
                <form method="post" action="{{ route('account.codes.end') }}" class="stack">
                    @csrf @method('delete')
                    <x-field name="password" type="password" bag="codes" id="codes-password" :label="__('account.current_password')"
                        autocomplete="current-password" required/>
                    <button class="btn btn-other">{{ __('account.codes_turn_off') }}</button>
                </form>
            @elseif ($person->two_factor_secret !== null)
                <p>{{ __('account.codes_secret') }}</p>
                <p><code class="secret">{{ implode(' ', str_split($person->two_factor_secret, 4)) }}</code></p>
                <p><a href="{{ App\Security\TimeCode::address($person->two_factor_secret, $person->email) }}">{{ __('account.codes_open') }}</a></p>
                <form method="post" action="{{ route('account.codes.confirm') }}" class="stack">
                    @csrf @method('put')
                    <x-field name="code" bag="codes" :label="__('account.codes_confirm')" inputmode="numeric" autocomplete="one-time-code"
                        maxlength="10" required/>
                    <button class="btn btn-other">{{ __('account.codes_turn_on') }}</button>
                </form>
            @else
                <p>{{ __('account.codes_why') }}</p>
                <form method="post" action="{{ route('account.codes.begin') }}" class="stack">
                    @csrf
                    <x-field name="password" type="password" bag="codes" id="codes-password" :label="__('account.current_password')"
                        autocomplete="current-password" required/>
                    <button class="btn btn-other">{{ __('account.codes_begin') }}</button>
                </form>
            @endif
        </section>
    @endif
    @if ($devices !== [])
        <section class="card" aria-labelledby="sessions-section">
            <h2 id="sessions-section">{{ __('account.sessions_section') }}</h2>
            <ul class="plain-list">
                @foreach ($devices as $device)
                    <li class="device">
                        <p><b title="{{ $device['agent'] }}">{{ __('account.devices.'.$device['kind']) }}</b>
                            <span class="field-hint">{{ $device['ip'] }} · {{ $device['isHere'] ? __('account.this_device')
                                : __('account.last_seen', ['when' => App\Presentation\Shared\When::ago($device['seen'])]) }}</span></p>
                        @unless ($device['isHere'])
                            <form method="post" action="{{ route('account.sessions') }}">
                                @csrf @method('delete')
                                <input type="hidden" name="session" value="{{ $device['id'] }}">
                                <button class="btn btn-quiet">{{ __('account.end_session') }}</button>
                            </form>
                        @endunless
                    </li>
                @endforeach
            </ul>
            @if (count($devices) > 1)
                <form method="post" action="{{ route('account.sessions') }}">
                    @csrf @method('delete')
                    <button class="btn btn-other">{{ __('account.end_others') }}</button>
                </form>
            @endif
        </section>
    @endif
    @if ($events->isNotEmpty())
        <section class="card" aria-labelledby="events-section">
            <h2 id="events-section">{{ __('account.events_section') }}</h2>
            <ul class="plain-list">
                @foreach ($events as $event)
                    <li class="device"><span>{{ __('account.events.'.$event->kind) }}</span> <span class="field-hint"><time
                        datetime="{{ $event->created_at->toIso8601String() }}">{{ App\Presentation\Shared\When::full($event->created_at,
                            'UTC') }}</time> · {{ $event->ip }}</span></li>
                @endforeach
            </ul>
        </section>
    @endif
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
