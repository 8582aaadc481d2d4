<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Size;
use Dew\Core\Sixty\OnSixtyAxes;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Unit\Unit;

/** How a person measures what fills no rectangle: along its base and straight up from that, not across its box. */
final class FreeSize
{
    /** @return array{Size, Size}|null finished, and from raw edge to raw edge; null for what fills a rectangle */
    public static function of(Unit $unit, CuttingRoom $room): ?array
    {
        $shape = $unit instanceof OnSixtyAxes ? $unit->shape() : SixtyShape::ofKind($unit->kind());
        if ($shape !== null) {
            $side = $shape->side($unit->finished());

            return [$shape->along($side), $shape->unfinished($side, $room->seam)];
        }
        if (! $unit->kind()->isFree()) {
            return null;
        }
        // At 45° the box is as much wider than the base as it is high, and the allowance runs out to 2s√2 more.
        $finished = new Size($unit->finished()->width->minus($unit->finished()->height), $unit->finished()->height);

        return [$finished, new Size(
            $finished->width->plus($room->seam->times(2)->timesRoot2()),
            $finished->height->plus($room->seam->times(2)),
        )];
    }
}
