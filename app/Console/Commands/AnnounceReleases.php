<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Jobs\TellOfRelease;
use App\Models\Clue;
use App\Models\Project;
use Illuminate\Console\Command;
use Illuminate\Support\Collection;

/** Hands out the notices of clues that have opened since it last ran. The clue itself opens by the clock, not by this. */
final class AnnounceReleases extends Command
{
    protected $signature = 'dew:announce-releases';

    protected $description = 'Queue a mail to every member for each clue that has just opened';

    public function handle(): int
    {
        Clue::query()->released()->whereNull('announced_at')->each(function (Clue $clue): void {
            $taken = Clue::query()->whereKey($clue->id)->whereNull('announced_at')->update(['announced_at' => now()]);
            if ($taken === 0) {
                return;
            }
            $members = $this->members($clue);
            $members->each(fn (int $user) => TellOfRelease::dispatch($user, $clue->id));
            $this->info(sprintf('Clue %d: %d notices queued.', $clue->number, $members->count()));
        });

        return self::SUCCESS;
    }

    /** @return Collection<int, int> */
    private function members(Clue $clue): Collection
    {
        return Project::query()->where(
            'quilt_along_id',
            $clue->quilt_along_id,
        )->distinct()->pluck('user_id')->map(fn (mixed $id): int => (int) $id);
    }
}
