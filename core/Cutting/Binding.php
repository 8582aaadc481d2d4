<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Length;

/**
 * A straight binding: the way round the quilt and 10 in more, of strips across the cloth; each diagonal join costs a strip's width, so n
 * strips give n·usable − (n − 1)·w.
 */
final readonly class Binding
{
    /** Added to the way round, for the corners and the last join. */
    public const MORE = 10;

    /**
     * @param  Length  $around  the way round the quilt
     * @param  Length  $made  what the strips give once they are joined
     * @param  Length  $length  of cloth that the strips take
     */
    private function __construct(
        private Length $around,
        public int $strips,
        public Length $made,
        public Length $length,
    ) {
    }

    /** The way round, and what the corners and the last join take. */
    public function wanted(): Length
    {
        return $this->around->plus(Length::inches(self::MORE));
    }

    /**
     * @param  Length  $around  the quilt
     * @param  Length  $width  of a strip as it is cut
     */
    public static function of(Length $around, Length $width, Length $usableWidth): self
    {
        $wanted = $around->plus(Length::inches(self::MORE));
        $each = $usableWidth->minus($width);
        $least = $wanted->minus($width);
        $strips = $least->isPositive() ? $least->countOf($each) : 0;
        $strips += $each->times($strips)->isLessThan($least) || $strips === 0 ? 1 : 0;

        return new self($around, $strips, $usableWidth->times($strips)->minus($width->times($strips - 1)), $width->times($strips));
    }
}
