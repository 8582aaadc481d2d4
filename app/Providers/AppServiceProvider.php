<?php

declare(strict_types=1);

namespace App\Providers;

use App\Mail\Transport\TrayTransport;
use App\Plans\Cloth\CutCounts;
use App\Plans\Unreleased\SheetMissed;
use App\Plans\Unreleased\SheetStore;
use App\Support\Words;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Http\Events\RequestHandled;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\ServiceProvider;

/** What the application is made of, and how it is measured. */
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
        Mail::extend('tray', fn (): TrayTransport => new TrayTransport);
        Event::listen(fn (SheetMissed $miss) => Log::warning('A sheet was compiled while somebody waited.', (array) $miss));
        if (config('dew.count_queries')) {
            $this->countQueries();
        }
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
}
