<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Mail\ClueReleasedMail;
use App\Models\Clue;
use App\Models\Notice;
use App\Models\User;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;

/** Mails one member that a clue has opened: once, and only if it is still open when the mail is really sent. */
final class TellOfRelease implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public int $tries = 3;

    public int $backoff = 60;

    public function __construct(
        private readonly int $userId,
        private readonly int $clueId,
    ) {
    }

    public function handle(): void
    {
        $clue = Clue::query()->with('quiltAlong')->find($this->clueId);
        $user = User::query()->find($this->userId);
        if ($clue === null || $user === null || ! $clue->isReleased()) {
            return;
        }
        $project = $user->projects()->where('quilt_along_id', $clue->quilt_along_id)->oldest()->first();
        if ($project === null) {
            return;
        }
        DB::transaction(function () use ($user, $clue, $project): void {
            $new = Notice::query()->insertOrIgnore(
                ['user_id' => $user->id, 'clue_id' => $clue->id, 'kind' => Notice::RELEASED, 'sent_at' => now()->toDateTimeString()],
            );
            if ($new === 1) {
                Mail::to($user)->send(new ClueReleasedMail($user, $clue, $project));
            }
        });
    }
}
