<?php

declare(strict_types=1);

namespace App\Providers;

use App\Rules\NotGuessable;
use App\Support\QuietSessions;
use Illuminate\Console\Events\CommandFinished;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;

/** Passwords, sessions, the address that people see, and what nobody but the owner may read. */
final class SecurityServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Password::defaults(fn (): Password => Password::min(10)->rules([new NotGuessable(request()->user())]));
        Session::extend('database', fn (Application $app): QuietSessions => new QuietSessions(
            DB::connection(config('session.connection')),
            (string) config('session.table'),
            (int) config('session.lifetime'),
            $app,
        ));
        $proxies = config('dew.trusted_proxies');
        if (is_string($proxies) && $proxies !== '') {
            TrustProxies::at($proxies === '*' ? '*' : explode(',', $proxies));
        }
        if (str_starts_with((string) config('app.url'), 'https://')) {
            URL::forceScheme('https');
            config(['session.secure' => config('session.secure') ?? true]);
        }
        $this->keepSecretsToTheOwner();
    }

    /** Logs and the cached configuration are readable by whoever runs Dew alone. */
    private function keepSecretsToTheOwner(): void
    {
        foreach (['single', 'daily', 'emergency'] as $channel) {
            config(["logging.channels.$channel.permission" => 0600]);
        }
        Event::listen(function (CommandFinished $finished): void {
            if (in_array($finished->command, ['config:cache', 'optimize'], true) && is_file(app()->getCachedConfigPath())) {
                chmod(app()->getCachedConfigPath(), 0600);
            }
        });
    }
}
