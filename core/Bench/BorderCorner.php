<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use Dew\Core\Setting\Border;
use Dew\Core\Unit\Making;

/** How the strips of a border meet. */
enum BorderCorner: string
{
    /** The sides first, then top and bottom over their ends. */
    case Straight = 'straight';

    /** All four as long as the top, with a square in every corner. */
    case Squares = 'squares';

    /** On a slant through every corner. */
    case Mitred = 'mitred';

    /** As the design has them. */
    public static function of(Border $border): self
    {
        return match (true) {
            $border->mitred => self::Mitred,
            $border->hasCorners() => self::Squares,
            default => self::Straight,
        };
    }

    /**
     * As the strips of a border are cut in its clue: top and bottom are as wide as the top with the border on it, longer where they reach to
     * the tips of slants, and shorter where squares lie beside them.
     */
    public static function ofStrips(Making $making): self
    {
        $ends = $making->sewn[0]->exact ?? null;
        foreach ($making->steps as $step) {
            $length = $step->measures['length'] ?? null;
            $last = $length->exact ?? $last ?? null;
        }

        return match ($ends === null || ! isset($last) ? 0 : $last->compareTo($ends)) {
            1 => self::Mitred,
            -1 => self::Squares,
            default => self::Straight,
        };
    }
}
