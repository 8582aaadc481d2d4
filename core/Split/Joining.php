<?php

declare(strict_types=1);

namespace Dew\Core\Split;

use Dew\Core\Making\Rates;
use Dew\Core\Words\Chore;

/**
 * What joining the top takes at one size: first its rows, then the rows to each other. Of P parts in R rows, P - R seams lie within rows
 * and R - 1 between them; those between rows are as long as the quilt is wide, and within rows lies the rest of what joins the top.
 */
final readonly class Joining
{
    private function __construct(
        public int $seams,
        public float $seamLength,
    ) {
    }

    /**
     * @param  int  $parts  blocks and other parts that the top is joined of
     * @param  int  $rows  of them
     * @param  float  $width  of the quilt, in inches
     * @param  float  $topSeams  inches of seam that join all of it
     */
    public static function of(Chore $chore, int $parts, int $rows, float $width, float $topSeams): self
    {
        $rows = max(1, min($rows, $parts));
        $between = min($topSeams, ($rows - 1) * $width);

        return $chore->kind === 'rows' ? new self($parts - $rows, $topSeams - $between) : new self($rows - 1, $between);
    }

    public function minutes(Rates $rates): int
    {
        return (int) ceil(($this->seams * ($rates->seam + $rates->press) + $this->seamLength * $rates->inchOfSeam) / 60);
    }
}
