<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Jobs\SendNotices;
use App\Models\Clue;
use App\Models\Notice;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/**
 * Writes a notice to every member for each clue that has opened since it last ran, and queues what is to be sent, also what a crash left
 * unsent. The clue itself opens by the clock, not by this.
 */
final class AnnounceReleases extends Command
{
    /** Jobs that wait at a time, also while no worker takes them: the rest is queued later. */
    private const MOST_JOBS = 50;

    protected $signature = 'dew:announce-releases';

    protected $description = 'Queue a mail to every member for each clue that has just opened';

    public function handle(): int
    {
        foreach (Clue::query()->released()->whereNull('announced_at')->pluck('id') as $clue) {
            $this->write((int) $clue);
        }
        $waiting = Notice::query()->waiting()->count();
        $jobs = min(self::MOST_JOBS - Queue::size(), intdiv($waiting + SendNotices::AT_ONCE - 1, SendNotices::AT_ONCE));
        if ($jobs > 0) {
            Queue::bulk(array_map(fn (): SendNotices => new SendNotices, range(1, $jobs)));
        }

        return self::SUCCESS;
    }

    /** All notices of a clue in one statement, and the clue marked with them: both or neither. */
    private function write(int $id): void
    {
        DB::transaction(function () use ($id): void {
            $clue = Clue::query()->released()->whereNull('announced_at')->whereKey($id)->lockForUpdate()->first();
            if (! $clue instanceof Clue) {
                return;
            }
            $written = DB::affectingStatement(
                'INSERT INTO notices (user_id, clue_id, kind, release_at) '
                .'SELECT DISTINCT projects.user_id, clues.id, ?, clues.release_at FROM clues '
                .'JOIN projects ON projects.quilt_along_id = clues.quilt_along_id AND projects.deleted_at IS NULL WHERE clues.id = ? ON CONFLICT DO NOTHING',
                [Notice::RELEASED, $clue->id],
            );
            $clue->announced_at = now()->toImmutable();
            $clue->save();
            $this->info(sprintf('Clue %d: %d notices written.', $clue->number, $written));
        });
    }
}
