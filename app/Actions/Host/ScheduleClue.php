<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\Clue;
use App\Models\ClueState;
use App\Wording\Sentence;
use DateTimeImmutable;
use DateTimeInterface;
use Dew\Core\Calendar\ReleaseTime;
use Dew\Core\Calendar\ReleaseTimeException;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Sets or moves the hour at which a clue opens, or opens it at once. */
final class ScheduleClue
{
    /** @throws ValidationException naming the field */
    public function at(Clue $clue, string $date, string $time, string $zone): ReleaseTime
    {
        try {
            $release = ReleaseTime::of($date, $time, $zone);
        } catch (ReleaseTimeException $error) {
            throw ValidationException::withMessages([$error->part => __('clues.errors.'.$error->part)]);
        }

        return DB::transaction(function () use ($clue, $release): ReleaseTime {
            $locked = $this->locked($clue);
            if ($locked->state() === ClueState::Released) {
                throw ValidationException::withMessages(['date' => __('clues.errors.already_released')]);
            }
            if ($release->instant <= now()) {
                throw ValidationException::withMessages(
                    ['date' => __('clues.errors.past', ['now' => now($release->zone)->isoFormat('LLL')])],
                );
            }
            $locked->setReleaseTime($release);
            $locked->withdrawn_at = null;
            $locked->announced_at = null;
            $locked->save();
            $clue->setRawAttributes($locked->getAttributes(), true);

            return $release;
        });
    }

    /**
     * Says roughly when a clue opens; it opens by no clock then. Refused when it is open already, or the day has passed.
     *
     * @param  string|null  $day  YYYY-MM-DD, the day it is likely to be
     */
    public function about(Clue $clue, string $words, ?string $day): void
    {
        DB::transaction(function () use ($clue, $words, $day): void {
            $locked = $this->locked($clue);
            if ($locked->state() === ClueState::Released) {
                throw ValidationException::withMessages(['about' => __('clues.errors.already_released')]);
            }
            if ($day !== null && $day < now($locked->zone ?? $locked->quiltAlong->zone)->format('Y-m-d')) {
                throw ValidationException::withMessages(['about_date' => __('clues.errors.about_past', [
                    'next' => now($locked->zone ?? $locked->quiltAlong->zone)->addWeek()->format('Y-m-d'),
                ])]);
            }
            $locked->forceFill([
                'local_date' => null, 'local_time' => null, 'release_at' => null, 'withdrawn_at' => null, 'announced_at' => null,
                'about' => $words, 'about_date' => $day,
            ])->save();
            $clue->setRawAttributes($locked->getAttributes(), true);
        });
    }

    /**
     * Opens a clue, at once or in a few seconds, within which its host can undo it. Its date is kept with the deed.
     *
     * @param  int  $seconds  from now
     */
    public function now(Clue $clue, int $seconds = 0): void
    {
        DB::transaction(function () use ($clue, $seconds): void {
            $locked = $this->locked($clue);
            if ($locked->state() === ClueState::Released) {
                $locked->forceFill(['withdrawn_at' => null])->save();

                return;
            }
            $isSeenAgain = $locked->state() === ClueState::Withdrawn && $locked->release_at?->isFuture() === false;
            if (! $isSeenAgain || $seconds > 0) {
                $locked->setReleaseTime(ReleaseTime::at(
                    DateTimeImmutable::createFromInterface(now()->addSeconds($seconds)), $locked->zone ?? $locked->quiltAlong->zone,
                ));
            }
            // Whoever was told of it before is not told again.
            $locked->announced_at = $isSeenAgain ? $locked->announced_at : null;
            $locked->withdrawn_at = null;
            $locked->save();
        });
        $clue->refresh();
    }

    /**
     * Hides the clue, at once or in a few seconds; what people counted in it stays.
     *
     * @param  int  $seconds  from now
     */
    public function withdraw(Clue $clue, int $seconds = 0): void
    {
        $clue->withdrawn_at = now()->addSeconds($seconds)->toImmutable();
        $clue->save();
    }

    /**
     * Clues open in their order, unless their host wants it otherwise.
     *
     * @param  DateTimeInterface  $instant  at which a clue would open
     *
     * @throws ValidationException naming the clues that it would pass
     */
    public function refuseOutOfOrder(Clue $clue, DateTimeInterface $instant): void
    {
        $passed = $clue->quiltAlong->clues()->where('id', '!=', $clue->id)->get()->filter(fn (Clue $other): bool => match (true) {
            // A rough date was given on purpose.
            $other->about !== null => false,
            $other->number < $clue->number => $other->release_at === null || $other->release_at > $instant,
            default => $other->release_at !== null && $other->release_at < $instant,
        });
        if ($passed->isNotEmpty()) {
            throw ValidationException::withMessages(['out_of_order' => trans_choice('clues.errors.out_of_order', $passed->count(), [
                'number' => $clue->number, 'others' => Sentence::list(array_values(
                    $passed->map(fn (Clue $other): string => (string) $other->number)->all(),
                )),
            ])]);
        }
    }

    private function locked(Clue $clue): Clue
    {
        return Clue::query()->whereKey($clue->id)->lockForUpdate()->firstOrFail();
    }
}
