<?php

declare(strict_types=1);

use App\Console\Commands\AnnounceReleases;
use Illuminate\Support\Facades\Schedule;

Schedule::command(AnnounceReleases::class)->everyMinute()->withoutOverlapping();
Schedule::command('auth:clear-resets')->daily();
Schedule::command('queue:prune-failed --hours=336')->daily();
