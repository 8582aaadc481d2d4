<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\Clue;
use App\Models\ClueState;
use DateTimeImmutable;
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

    public function now(Clue $clue): void
    {
        DB::transaction(function () use ($clue): void {
            $locked = $this->locked($clue);
            if ($locked->state() === ClueState::Released) {
                return;
            }
            if ($locked->state() !== ClueState::Withdrawn || $locked->release_at?->isFuture() !== false) {
                $locked->setReleaseTime(
                    ReleaseTime::at(DateTimeImmutable::createFromInterface(now()), $locked->zone ?? $locked->quiltAlong->zone),
                );
                $locked->announced_at = null;
            }
            $locked->withdrawn_at = null;
            $locked->save();
        });
        $clue->refresh();
    }

    /** Hides the clue; what people counted in it stays. */
    public function withdraw(Clue $clue): void
    {
        $clue->withdrawn_at = now()->toImmutable();
        $clue->save();
    }

    private function locked(Clue $clue): Clue
    {
        return Clue::query()->whereKey($clue->id)->lockForUpdate()->firstOrFail();
    }
}
