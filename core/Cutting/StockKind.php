<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** The forms in which people own cloth. */
enum StockKind: string
{
    /** A length of cloth off the bolt, as wide as it was woven. */
    case Yardage = 'yardage';

    /** A half of a half yard: 18 in along the bolt, 21 in across. */
    case FatQuarter = 'fat-quarter';

    /** A half of that: 9 in along the bolt, 21 in across. */
    case FatEighth = 'fat-eighth';

    /** A pre-cut square. */
    case Square = 'square';

    /** A pre-cut strip across the whole width of the cloth. */
    case Strip = 'strip';

    /** Anything else with right angles. */
    case Scrap = 'scrap';

    /** Width across the cloth and length along the bolt where nobody measured; null for what has no usual size. */
    public function usual(): ?Size
    {
        return match ($this) {
            self::FatQuarter => new Size(Length::inches(20), Length::inches(18)),
            self::FatEighth => new Size(Length::inches(20), Length::inches(9)),
            default => null,
        };
    }

    /** Whether one edge must be squared before the first cut, as of all that was not cut to measure by a machine. */
    public function needsSquaring(): bool
    {
        return $this !== self::Square && $this !== self::Strip;
    }
}
