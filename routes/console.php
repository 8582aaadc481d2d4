<?php

declare(strict_types=1);

use App\Actions\RemoveQuilt;
use App\Console\Commands\AnnounceReleases;
use App\Console\Commands\DeriveReleases;
use App\Console\Commands\Warm;
use App\Models\MadePage;
use App\Models\User;
use App\Support\ExpiredCache;
use Illuminate\Support\Facades\Schedule;

Schedule::command(AnnounceReleases::class)->everyMinute()->withoutOverlapping(5);
// Whoever chose a method before a clue opens finds the clue's sheet ready.
Schedule::command(Warm::class, ['--keep'])->everyTenMinutes()->withoutOverlapping(30);
// The zone data comes with the system and may change under a date that is set.
Schedule::command(DeriveReleases::class)->hourly()->withoutOverlapping(30);
// Whoever never followed the link of her registration has no account.
Schedule::call(fn (): int => User::query()->whereNull('email_verified_at')->where('created_at', '<', now()->subWeek())->delete())
    ->name('accounts-never-confirmed')->daily();
// What was left or removed a day ago is deleted for good.
Schedule::call(fn (): int => app(RemoveQuilt::class)->purge())->name('removed-quilts')->hourly();
Schedule::call(MadePage::forget(...))->name('made-pages')->everyFiveMinutes();
Schedule::call(ExpiredCache::forget(...))->name('expired-cache')->daily();
Schedule::command('auth:clear-resets')->daily();
Schedule::command('queue:prune-failed --hours=336')->daily();
