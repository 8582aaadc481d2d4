<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\Piece;

/** How a number of equal pieces is cut from strips across the width of the cloth. */
final readonly class StripCut
{
    private function __construct(
        public int $strips,
        public int $perStrip,
    ) {
    }

    /**
     * At the sizes the reader's ruler gives, since a rounded piece takes a rounded share of the strip.
     *
     * @return self|null null when the piece is itself a strip, is cut from a strip set, or is wider than the cloth
     */
    public static function of(Piece $piece, int $quantity, Notation $notation, Length $usableWidth): ?self
    {
        $perStrip = $piece->perStrip($usableWidth, $notation);
        if ($perStrip < 1) {
            return null;
        }

        return new self(intdiv($quantity + $perStrip - 1, $perStrip), $perStrip);
    }
}
