<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\Clue;
use App\Models\QuiltAlong;
use Dew\Core\Calendar\ReleaseTime;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Sets the hours of several clues at once, all of them or none. What has opened meanwhile stays as it is. */
final class SetDates
{
    /**
     * @param  array<int, ReleaseTime>  $times  by the number of the clue
     * @return int how many were set
     */
    public function __invoke(QuiltAlong $quiltAlong, array $times): int
    {
        return DB::transaction(function () use ($quiltAlong, $times): int {
            $set = 0;
            /** @var Collection<int, Clue> $clues */
            $clues = Clue::query()->whereBelongsTo($quiltAlong)->whereIn('number', array_keys($times))->orderBy('number')->lockForUpdate()
                ->get();
            foreach ($clues->all() as $clue) {
                if ($clue->isToCome()) {
                    $clue->setReleaseTime($times[$clue->number]);
                    $clue->withdrawn_at = null;
                    $clue->announced_at = null;
                    $clue->save();
                    $set++;
                }
            }

            return $set;
        });
    }
}
