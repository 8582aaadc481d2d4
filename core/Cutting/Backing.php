<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/**
 * A back of whole widths of cloth, seams upright or level, whichever takes less: n widths joined with ½ in seams cover
 * n·usable − (n − 1), and the back stands out beyond the top on every side (docs/architecture.md, QUILT_MATHS).
 */
final readonly class Backing
{
    private function __construct(
        public Size $size,
        public int $widths,
        public bool $upright,
        public Length $length,
    ) {
    }

    /**
     * @param  Size  $top  finished
     * @param  Length  $beyond  how far the back stands out on each side
     * @param  Length  $joint  seam allowance of the joins
     */
    public static function of(Size $top, Length $usableWidth, Length $beyond, Length $joint): self
    {
        $back = new Size($top->width->plus($beyond->times(2)), $top->height->plus($beyond->times(2)));
        $upright = self::lying($back, $usableWidth, $joint, true);
        $level = self::lying($back, $usableWidth, $joint, false);
        if ($level->length->isLessThan($upright->length)) {
            return $level;
        }

        return $upright->length->isLessThan($level->length) || $upright->widths <= $level->widths ? $upright : $level;
    }

    private static function lying(Size $back, Length $usableWidth, Length $joint, bool $upright): self
    {
        [$across, $along] = $upright ? [$back->width, $back->height] : [$back->height, $back->width];
        $both = $joint->times(2);
        // n·u − (n − 1)·2j ≥ across, so n ≥ (across − 2j) / (u − 2j), rounded up.
        $each = $usableWidth->minus($both);
        $least = $across->minus($both);
        $widths = $least->isPositive() ? $least->countOf($each) : 0;
        $widths += $each->times($widths)->isLessThan($least) || $widths === 0 ? 1 : 0;

        return new self($back, $widths, $upright, $along->times($widths));
    }
}
