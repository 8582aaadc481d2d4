<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use Dew\Core\Sheet\Announcement;

/** Says until when a size or a fabric may be left open. */
final class Later
{
    /**
     * @param  string  $what  size or fabric
     * @param  int|null  $needed  number of the first clue that needs it, counted from 1; null where nothing may be left open
     */
    public static function text(string $what, ?int $needed, Announcement $announcement): ?string
    {
        return match (true) {
            $needed === null => null,
            $needed > count($announcement->minutes) => __("quilt.later.$what.end"),
            default => __("quilt.later.$what.clue", ['number' => $needed]),
        };
    }
}
