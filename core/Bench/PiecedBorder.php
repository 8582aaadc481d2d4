<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** What a border pieced from equal units needs to fit a real top: how many units, and a plain strip between that takes up the rest. */
final readonly class PiecedBorder
{
    /**
     * @param  int  $down  units along each side
     * @param  int  $across  units along top and bottom, without the corners
     * @param  Length  $sideCoping  finished width of the strips at the left and right; they make the top as wide as the units across
     * @param  Length  $endCoping  finished width of the strips at top and bottom
     */
    private function __construct(
        public int $down,
        public int $across,
        public Length $sideCoping,
        public Length $endCoping,
    ) {
    }

    /**
     * @param  Length  $unit  finished length of one unit along the border
     * @param  Length  $least  finished width below which no coping strip can be sewn well
     *
     * @throws MeasureRefused when a unit has no length
     */
    public static function of(TopMeasure $top, Length $unit, Length $least, CuttingRoom $room): self
    {
        if (! $unit->isPositive()) {
            throw new MeasureRefused('border', 'no_width');
        }
        $finished = (new Size($top->width(), $top->height()))->outsetBy($room->seam->negated());
        [$across, $sides] = self::along($finished->width, $unit, $least);
        [$down, $ends] = self::along($finished->height, $unit, $least);

        return new self($down, $across, $sides, $ends);
    }

    /** @return array{int, Length} units, and the strip on each of the two sides; none where the units fit as they are */
    private static function along(Length $finished, Length $unit, Length $least): array
    {
        $count = $finished->countOf($unit);
        if ($unit->times($count)->equals($finished)) {
            return [$count, Length::zero()];
        }
        do {
            $count++;
            $coping = $unit->times($count)->minus($finished)->dividedBy(2);
        } while ($coping->isLessThan($least));

        return [$count, $coping];
    }
}
