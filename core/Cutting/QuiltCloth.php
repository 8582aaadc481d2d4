<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** What finishing a quilt takes besides its top: binding, back and batting, by the measures that are usual. */
final readonly class QuiltCloth
{
    /** Width of a binding strip as it is cut: 2½ in. */
    private const STRIP = [5, 2];

    /** How far back and batting stand out beyond the top on every side, in inches. */
    private const BEYOND = 4;

    /** Seam allowance where widths of a back are joined: ½ in. */
    private const JOINT = [1, 2];

    private function __construct(
        public Binding $binding,
        public Backing $back,
    ) {
    }

    /** @param  Length  $around  the outside of the quilt */
    public static function of(Size $top, Length $around, Length $usableWidth): self
    {
        return new self(
            Binding::of($around, Length::fraction(...self::STRIP), $usableWidth),
            Backing::of($top, $usableWidth, Length::inches(self::BEYOND), Length::fraction(...self::JOINT)),
        );
    }
}
