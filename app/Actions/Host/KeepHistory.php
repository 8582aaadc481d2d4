<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\Clue;
use App\Models\HistoryEntry;
use App\Models\QuiltAlong;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** The readable history of what hosts do, and taking it back where that can be done: dates, withdrawals and settings. */
final class KeepHistory
{
    /** What makes up the date of a clue. */
    private const DATE = ['local_date', 'local_time', 'zone', 'release_at', 'withdrawn_at', 'announced_at', 'about', 'about_date'];

    /**
     * @param  array<string, mixed>  $about  what the sentence names
     * @param  array<string, mixed>|null  $before  how it was; null where it cannot be taken back
     */
    public static function write(QuiltAlong $quiltAlong, User $person, string $what, array $about = [], ?array $before = null): HistoryEntry
    {
        return HistoryEntry::query()->create([
            'quilt_along_id' => $quiltAlong->id, 'user_id' => $person->id, 'what' => $what, 'about' => $about, 'before' => $before,
        ]);
    }

    /**
     * How the dates of some clues are, to be put back later.
     *
     * @param  iterable<Clue>  $clues
     * @return array{dates: array<string, array<string, mixed>>} by the key of the clue
     */
    public static function dates(iterable $clues): array
    {
        $dates = [];
        foreach ($clues as $clue) {
            $dates[$clue->key] = array_intersect_key($clue->getAttributes(), array_flip(self::DATE)) + array_fill_keys(self::DATE, null);
        }

        return ['dates' => $dates];
    }

    /** Refused, with the reason, when it cannot be taken back (any more). */
    public static function undo(QuiltAlong $quiltAlong, User $person, int $number): void
    {
        DB::transaction(function () use ($quiltAlong, $person, $number): void {
            $deed = HistoryEntry::query()->where('quilt_along_id', $quiltAlong->id)->lockForUpdate()->findOrFail($number);
            $before = $deed->before;
            if (! $deed->canBeUndone() || $before === null) {
                throw ValidationException::withMessages(['deed' => __('history.cannot')]);
            }
            if (is_array($before['settings'] ?? null)) {
                $quiltAlong->update($before['settings']);
            }
            foreach (is_array($before['dates'] ?? null) ? $before['dates'] : [] as $key => $date) {
                self::putBack($quiltAlong, (string) $key, is_array($date) ? $date : []);
            }
            $deed->update(['undone_at' => now()]);
            self::write($quiltAlong, $person, 'undid', ['what' => $deed->what, 'about' => $deed->about]);
        });
    }

    /**
     * Nothing that is open is hidden by it, and nothing whose hour has passed opens: then the host says so herself.
     *
     * @param  array<string, mixed>  $date
     *
     * @throws ValidationException
     */
    private static function putBack(QuiltAlong $quiltAlong, string $key, array $date): void
    {
        $clue = Clue::query()->whereBelongsTo($quiltAlong)->where('key', $key)->lockForUpdate()->first();
        if (! $clue instanceof Clue) {
            return;
        }
        $was = (new Clue)->forceFill(array_intersect_key($date, array_flip(self::DATE)));
        if ($clue->isReleased() && ! $was->isReleased()) {
            throw ValidationException::withMessages(['deed' => __('history.is_open', ['number' => $clue->number])]);
        }
        if (! $clue->isReleased() && $was->isReleased() && ! $clue->isWithdrawn()) {
            throw ValidationException::withMessages(['deed' => __('history.is_over', ['number' => $clue->number])]);
        }
        $clue->forceFill(array_intersect_key($date, array_flip(self::DATE)))->save();
    }
}
