<?php

declare(strict_types=1);

namespace Dew\Core\Top;

use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;

/** One thing that is sewn while a top is joined: a row, a long seam, a quarter, a border. */
final readonly class TopPart
{
    /**
     * @param  string  $key  unlike that of any other part of the same way of joining
     * @param  int  $number  which one of its stage, from 1
     * @param  int  $joined  how many things are joined in it
     * @param  array{Measurement, Measurement}|null  $measures  its width and height then, raw edge to raw edge; null where that is no rectangle
     *     with level sides
     * @param  Measurement|null  $across  of a slanted row, how wide it is, raw edge to raw edge
     * @param  list<string>  $ways  which way its seams are pressed, each way once; see {@see \Dew\Core\Press\PressFlag::way()}
     * @param  string|null  $toward  product key of the block that all its seams are pressed to; empty for what lies between and around the
     *     blocks; of a border `out` for to it and `in` for away from it; null where they go to several things
     * @param  list<string>  $each  the way of every seam in the order of sewing; empty where one seam goes several ways
     * @param  list<list<string>>  $rows  of a quarter, the way of every seam within each of its rows; {@see $each} then tells of those between
     *     the rows
     * @param  list<array{int, float}>  $clashes  where two seams meet that lie the same way: the number of the seam that is sewn over them,
     *     from 1, and how many finished inches from its left or upper end
     * @param  list<int>  $places  numbers of the places of the lay-out in it, in the order of sewing
     */
    public function __construct(
        public string $key,
        public int $number,
        public int $joined,
        public ?array $measures,
        public ?Measurement $across = null,
        public array $ways = [],
        public array $places = [],
        public ?string $toward = null,
        public array $each = [],
        public array $rows = [],
        public array $clashes = [],
    ) {
    }

    /** What it measures at the exact sizes of the design. */
    public function size(): ?Size
    {
        return $this->measures === null ? null : new Size($this->measures[0]->exact, $this->measures[1]->exact);
    }
}
