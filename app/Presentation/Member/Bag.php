<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Drawing\Picture;
use App\Presentation\Shared\Figure;

/** Finished units of one kind, put by for a later clue. */
final readonly class Bag
{
    public function __construct(
        public string $name,
        public int $clue,
        public int $done,
        public int $total,
        public Figure $unfinished,
        public Picture $picture,
    ) {
    }
}
