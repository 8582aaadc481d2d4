<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Mail\ClueCorrectedMail;
use App\Mail\ClueReleasedMail;
use App\Mail\DewMail;
use App\Models\Notice;
use App\Models\Project;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Throwable;

/**
 * Mails a number of members that a clue has opened, or was corrected. Each notice is marked together with the sending of its own mail: a crash, a restart or
 * a mail server that refuses one address leaves the others as they are, and what was not sent is sent later.
 */
final class SendNotices implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    /** Notices that one job sends. */
    public const AT_ONCE = 100;

    public int $tries = 1;

    public function handle(): void
    {
        $notices = $this->claimed();
        $projects = Project::query()
            ->whereIn('user_id', $notices->pluck('user_id'))
            ->whereIn('quilt_along_id', $notices->pluck('clue.quilt_along_id'))
            ->oldest()
            ->get()
            ->groupBy(fn (Project $project): string => $project->user_id.' '.$project->quilt_along_id);
        foreach ($notices as $notice) {
            $project = $projects->get($notice->user_id.' '.$notice->clue->quilt_along_id)?->first();
            if ($project === null) {
                // Her last quilt of it is gone.
                $notice->delete();

                continue;
            }
            try {
                DB::transaction(function () use ($notice, $project): void {
                    // One who was slow and one who took over do not both send it.
                    if (Notice::query()->whereKey($notice->id)->whereNull('sent_at')->update(['sent_at' => now()]) === 1) {
                        Mail::to($notice->user)->sendNow($this->letter($notice, $project));
                    }
                });
            } catch (Throwable $error) {
                report($error);
            }
        }
    }

    private function letter(Notice $notice, Project $project): DewMail
    {
        return $notice->correction === null
            ? new ClueReleasedMail($notice->user, $notice->clue, $project)
            : new ClueCorrectedMail($notice->user, $notice->clue, $notice->correction, $project);
    }

    /** @return Collection<int, Notice> nobody else sends these meanwhile */
    private function claimed(): Collection
    {
        return DB::transaction(function (): Collection {
            $ids = Notice::query()->waiting()->orderBy('id')->limit(self::AT_ONCE)->lock('for update skip locked')->pluck('id');
            Notice::query()->whereIn('id', $ids)->update(['claimed_at' => now(), 'attempts' => DB::raw('attempts + 1')]);

            return Notice::query()->with('clue.quiltAlong', 'user', 'correction')->whereIn('id', $ids)->orderBy('id')->get();
        });
    }
}
