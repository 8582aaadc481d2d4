<?php

declare(strict_types=1);

namespace Dew\Core\Fabric;

use Dew\Core\Measure\Length;

/** What a design's numbers are computed with: the seam, and the cloth as it lies on the mat once its selvedges are off. */
final readonly class CuttingRoom
{
    /**
     * @param  Length  $seam  seam allowance
     * @param  Length  $usableWidth  width of cloth that a strip can use
     * @param  Length  $squaring  lost from a sewn strip set before the first segment can be cut
     */
    public function __construct(
        public Length $seam,
        public Length $usableWidth,
        public Length $squaring,
    ) {
    }

    /** ¼ in seam, 40 in of usable width, ½ in to square a strip set. */
    public static function usual(): self
    {
        return new self(Length::fraction(1, 4), Length::inches(40), Length::fraction(1, 2));
    }
}
