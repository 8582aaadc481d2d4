<x-layout.plain :title="__('welcome.title')" wide>
    <div class="welcome">
        <h1 class="serif">{{ __('welcome.title') }}</h1>
        <p class="lead">{{ __('welcome.lead') }}</p>
        <div class="pair">
            <section class="way-in" aria-labelledby="for-members">
                <h2 id="for-members">{{ __('welcome.member') }}</h2>
                <img src="{{ Vite::asset('resources/images/clue.png') }}" width="620" height="388" alt="{{ __('welcome.member_picture') }}">
                <p>{{ __('welcome.member_text') }}</p>
                <p class="actions"><a class="btn btn-main" href="{{ route('join') }}">{{ __('home.join') }}</a></p>
            </section>
            <section class="way-in" aria-labelledby="for-hosts">
                <h2 id="for-hosts">{{ __('welcome.host') }}</h2>
                <img src="{{ Vite::asset('resources/images/board.png') }}" width="620" height="388" alt="{{ __('welcome.host_picture') }}">
                <p>{{ __('welcome.host_text') }}</p>
                <p class="actions"><a class="btn btn-other" href="{{ route('start') }}">{{ __('home.start') }}</a></p>
            </section>
        </div>
        @if (config('dew.demo') && config('dew.show_sign_ins'))
            <section class="card">
                <h2>{{ __('welcome.demo') }}</h2>
                <p>{{ __('welcome.demo_text', ['password' => Database\Seeders\DemoSeeder::PASSWORD]) }}</p>
                <ul class="plain-list">
                    @foreach (Database\Seeders\DemoSeeder::SIGN_INS as $email => $who)
                        <li><code>{{ $email }}</code> {{ $who }}</li>
                    @endforeach
                </ul>
            </section>
        @endif
    </div>
</x-layout.plain>
