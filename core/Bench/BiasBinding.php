<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/**
 * A binding cut on the bias from one rectangle of cloth: strips at 45°, laid out one by one from the slant through a corner, and joined with
 * seams along the grain.
 *
 * A strip between two slants gives the length in its middle, and every join takes 2√2·s: the area over the width promises more than there
 * is (a 20 in square at 2½ in gives 151½, not 160). A strip whose shorter edge is less than its width is too short to be joined.
 */
final readonly class BiasBinding
{
    /** @param  int  $strips  that give it, from the longest on */
    private function __construct(
        public int $strips,
        public float $length,
    ) {
    }

    /**
     * @param  Size  $cloth  as it can be cut
     * @param  Length  $width  of a strip as it is cut, square to it
     * @param  Length  $seam  allowance of the joins
     *
     * @throws MeasureRefused when no strip comes out of the cloth
     */
    public static function from(Size $cloth, Length $width, Length $seam): self
    {
        $strips = self::strips($cloth, $width);
        if ($strips === []) {
            throw new MeasureRefused('cloth', 'no_strip');
        }

        return new self(count($strips), self::joined($strips, $seam));
    }

    /**
     * How many of the strips that a piece of cloth gives, the longest first, are enough; null when all together are too short.
     *
     * @param  Length  $wanted  the way round and what the corners and the last join take
     */
    public static function enough(Size $cloth, Length $width, Length $seam, Length $wanted): ?self
    {
        $strips = self::strips($cloth, $width);
        for ($count = 1; $count <= count($strips); $count++) {
            $length = self::joined(array_slice($strips, 0, $count), $seam);
            if ($length >= $wanted->toFloat()) {
                return new self($count, $length);
            }
        }

        return null;
    }

    /** @param  non-empty-list<float>|list<float>  $strips */
    private static function joined(array $strips, Length $seam): float
    {
        return array_sum($strips) - max(0, count($strips) - 1) * 2 * M_SQRT2 * $seam->toFloat();
    }

    /** @return list<float> inches that each strip gives, the longest first */
    private static function strips(Size $cloth, Length $width): array
    {
        [$short, $long] = [$cloth->width->toFloat(), $cloth->height->toFloat()];
        [$short, $long] = [min($short, $long), max($short, $long)];
        $wide = $width->toFloat();
        // Slants are numbered by their distance from one corner; the cloth ends at the far corner. Their length grows, stays, and falls.
        [$first, $end] = [$short / M_SQRT2, ($short + $long) / M_SQRT2];
        $across = fn (float $at): float => 2 * min($at, $first, $end - $at);
        $strips = [];
        for ($from = $first; $from + $wide <= $end + 1e-9; $from += $wide) {
            $strips[] = $across($from + $wide / 2);
        }
        for ($to = $first; $to - $wide >= -1e-9; $to -= $wide) {
            $strips[] = $across($to - $wide / 2);
        }
        rsort($strips);

        return array_values(array_filter($strips, fn (float $length): bool => $length >= 2 * $wide));
    }
}
