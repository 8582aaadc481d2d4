<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;

/** What a border pieced from equal units needs to fit a real top: how many units, and a plain strip between that takes up the rest. */
final readonly class PiecedBorder
{
    /**
     * @param  int  $down  units along each side
     * @param  int  $across  units along top and bottom, without the corners
     * @param  array{Length, Length}  $sideCoping  finished width of the strip at the left and of that at the right, both on a mark; they make
     *     the top as wide as the units across
     * @param  array{Length, Length}  $endCoping  finished width of the strips at the top and at the bottom
     */
    private function __construct(
        public int $down,
        public int $across,
        public array $sideCoping,
        public array $endCoping,
    ) {
    }

    /**
     * @param  Length  $unit  finished length of one unit along the border
     * @param  Notation  $notation  on whose marks both strips lie: where half of what is missing does not, one is a mark wider
     * @param  Length  $least  finished width below which no coping strip can be sewn well
     *
     * @throws MeasureRefused when a unit has no length
     */
    public static function of(TopMeasure $top, Length $unit, Length $least, CuttingRoom $room, Notation $notation = Notation::Fractions): self
    {
        if (! $unit->isPositive()) {
            throw new MeasureRefused('border', 'no_width');
        }
        $finished = (new Size($top->width(), $top->height()))->outsetBy($room->seam->negated());
        [$across, $sides] = self::along($finished->width, $unit, $least, $notation);
        [$down, $ends] = self::along($finished->height, $unit, $least, $notation);

        return new self($down, $across, $sides, $ends);
    }

    /** @return array{int, array{Length, Length}} units, and the strips on both sides; of no width where the units fit as they are */
    private static function along(Length $finished, Length $unit, Length $least, Notation $notation): array
    {
        $count = $finished->countOf($unit);
        if ($unit->times($count)->equals($finished)) {
            return [$count, [Length::zero(), Length::zero()]];
        }
        do {
            $count++;
            $missing = $unit->times($count)->minus($finished);
            $one = $missing->dividedBy(2)->floorTo($notation->fineStep());
        } while ($one->isLessThan($least));

        return [$count, [$missing->minus($one), $one]];
    }
}
