<x-layout.plain :title="__('welcome.title')" wide>
    <div class="welcome">
        <h1 class="serif">{{ __('welcome.title') }}</h1>
        <p class="lead">{{ __('welcome.lead') }}</p>
        <p class="actions">
            <a class="btn btn-main" href="{{ route('join') }}">{{ __('home.join') }}</a>
            <a class="btn btn-other" href="{{ route('login') }}">{{ __('auth.sign_in') }}</a>
        </p>
        <div class="pair">
            <section><h2>{{ __('welcome.member') }}</h2><p>{{ __('welcome.member_text') }}</p></section>
            <section><h2>{{ __('welcome.host') }}</h2><p>{{ __('welcome.host_text') }}</p></section>
        </div>
        @if (config('dew.demo'))
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
