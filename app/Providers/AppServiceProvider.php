<?php

declare(strict_types=1);

namespace App\Providers;

use App\Mail\Transport\TrayTransport;
use App\Models\Invitation;
use App\Plans\Cloth\CutCounts;
use App\Plans\Unreleased\SheetMissed;
use App\Plans\Unreleased\SheetStore;
use App\Presentation\Member\Bench\BenchTasks;
use App\Rules\NotGuessable;
use App\Support\QuietSessions;
use App\Support\Words;
use Carbon\CarbonImmutable;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Console\Events\CommandFinished;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Http\Events\RequestHandled;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;
use Symfony\Component\HttpFoundation\Response;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(SheetStore::class);
        $this->app->scoped(CutCounts::class);
        $this->app->singleton(Words::class, function (Application $app): Words {
            $words = new Words($app->make('translation.loader'), (string) config('app.locale'));
            $words->setFallback((string) config('app.fallback_locale'));

            return $words;
        });
        $this->app->extend('translator', fn (): Words => $this->app->make(Words::class));
    }

    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        Model::shouldBeStrict(! app()->environment('production'));
        Password::defaults(fn (): Password => Password::min(10)->rules([new NotGuessable(request()->user())]));
        Session::extend('database', fn (Application $app): QuietSessions => new QuietSessions(
            DB::connection(config('session.connection')),
            (string) config('session.table'),
            (int) config('session.lifetime'),
            $app,
        ));
        Mail::extend('tray', fn (): TrayTransport => new TrayTransport);
        Event::listen(fn (SheetMissed $miss) => Log::warning('A sheet was compiled while somebody waited.', (array) $miss));
        $proxies = config('dew.trusted_proxies');
        if (is_string($proxies) && $proxies !== '') {
            TrustProxies::at($proxies === '*' ? '*' : explode(',', $proxies));
        }
        if (str_starts_with((string) config('app.url'), 'https://')) {
            URL::forceScheme('https');
            config(['session.secure' => config('session.secure') ?? true]);
        }
        if (config('dew.count_queries')) {
            $this->countQueries();
        }
        $this->keepSecretsToTheOwner();
        $this->patterns();
        $this->rateLimits();
    }

    /** Every answer says how many queries it took: for measuring. */
    private function countQueries(): void
    {
        $queries = 0;
        DB::listen(function () use (&$queries): void {
            $queries++;
        });
        Event::listen(function (RequestHandled $handled) use (&$queries): void {
            $handled->response->headers->set('Server-Timing', "queries;dur=$queries");
        });
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

    private function patterns(): void
    {
        Route::pattern('block', '[a-z0-9-]{1,40}');
        Route::pattern('picture', '[0-9a-f]{64}');
        Route::pattern('slot', '[A-Za-z0-9-]{1,64}');
        Route::pattern('stock', '[0-9a-z]{26}');
        Route::pattern('work', implode('|', array_keys(BenchTasks::PAGES)));
        Route::pattern('part', '[1-9][0-9]{0,15}');
        Route::pattern('other', '[a-z0-9-]{1,40}');
        Route::pattern('order', '[1-9][0-9]{0,17}');
        Route::pattern('format', 'json|csv');
        Route::pattern('unit', '[a-z0-9-]{1,40}');
        Route::pattern('number', '[1-9][0-9]{0,2}');
        Route::pattern('clue', '[a-z0-9-]{1,40}');
        Route::pattern('correction', '[1-9][0-9]{0,17}');
        Route::pattern('deed', '[1-9][0-9]{0,17}');
        Route::pattern('remark', '[1-9][0-9]{0,17}');
        Route::pattern('task', '[a-z0-9-]{1,40}');
        Route::pattern('membership', '[1-9][0-9]{0,17}');
        Route::pattern('helperInvitation', '[1-9][0-9]{0,17}');
        Route::pattern('post', '[1-9][0-9]{0,17}');
        Route::bind(
            'code',
            fn (string $code): Invitation => Invitation::query()->open()->with('quiltAlong')->where(
                'code',
                Invitation::tidy($code),
            )->firstOrFail(),
        );
    }

    /**
     * Too often is said at the form, with what was typed still in it.
     *
     * @param  array<string, int>  $headers
     */
    private function tooOften(Request $request, array $headers): Response
    {
        $message = __('auth.throttle', ['seconds' => $headers['Retry-After'] ?? 60]);
        if ($request->expectsJson() || $request->isMethod('GET')) {
            return new Response($message, 429, $headers);
        }

        return back()->withInput($request->except(['password', 'password_confirmation', 'current_password']))->with('warning', $message);
    }

    private function rateLimits(): void
    {
        $limit = fn (string $name): int => (int) config("dew.limits.$name");

        RateLimiter::for('sign-in', fn (Request $request): array => [
            Limit::perMinute($limit('sign_in'))->by(
                'person|'.($request->user()->id ?? $request->string('email')->lower()->trim()).'|'.$request->ip(),
            )->response($this->tooOften(...)),
            // One account from many places.
            Limit::perMinute($limit('sign_in_account'))->by(
                'account|'.($request->user()->id ?? $request->session()->get('sign_in.account') ?? $request->string('email')->lower()->trim()),
            )->response($this->tooOften(...)),
            Limit::perMinute($limit('sign_in_address'))->by('address|'.$request->ip())->response($this->tooOften(...)),
        ]);
        RateLimiter::for('register', fn (Request $request): Limit => Limit::perMinute($limit('register'))->by(
            (string) $request->ip(),
        )->response($this->tooOften(...)));
        RateLimiter::for('mail', fn (Request $request): array => [
            Limit::perMinute($limit('mail'))->by('to|'.$request->string('email')->lower()->trim())->response($this->tooOften(...)),
            Limit::perMinute($limit('mail') * 5)->by('from|'.$request->ip())->response($this->tooOften(...)),
        ]);
        RateLimiter::for('edits', fn (Request $request): Limit => Limit::perMinute($limit('edits'))->by(
            (string) ($request->user()->id ?? $request->ip()),
        ));
        // A calendar service asks for many members from one address.
        RateLimiter::for('feed', fn (Request $request): Limit => Limit::perMinute($limit('feed'))->by((string) $request->ip()));
        RateLimiter::for('join', fn (Request $request): Limit => Limit::perMinute($limit('join'))->by(
            (string) ($request->user()->id ?? $request->ip()),
        ));
    }
}
