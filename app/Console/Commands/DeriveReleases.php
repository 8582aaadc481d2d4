<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Clue;
use Dew\Core\Calendar\ReleaseTime;
use Dew\Core\Calendar\ReleaseTimeException;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/**
 * Works out anew at which instant each clue to come opens. A country may change its clocks after a date was set: the wall clock is what was
 * promised, so the instant follows it.
 */
final class DeriveReleases extends Command
{
    protected $signature = 'dew:derive-releases';

    protected $description = 'Work out the instants of releases anew, after the zone data has changed';

    public function handle(): int
    {
        $moved = 0;
        foreach (Clue::query()->where('release_at', '>', now())->pluck('id') as $id) {
            $moved += DB::transaction(fn (): int => $this->derive((int) $id));
        }
        $this->info(trans_choice('console.releases_moved', $moved));

        return self::SUCCESS;
    }

    private function derive(int $id): int
    {
        $clue = Clue::query()->whereKey($id)->where('release_at', '>', now())->lockForUpdate()->first();
        if (! $clue instanceof Clue || $clue->local_date === null || $clue->local_time === null || $clue->zone === null) {
            return 0;
        }
        try {
            $release = ReleaseTime::of($clue->local_date, $clue->local_time, $clue->zone);
        } catch (ReleaseTimeException $error) {
            // A zone that this machine's data no longer has keeps the instant it gave.
            report($error);

            return 0;
        }
        if ($clue->release_at?->equalTo($release->instant) === true) {
            return 0;
        }
        $clue->setReleaseTime($release);
        $clue->save();

        return 1;
    }
}
