<?php

declare(strict_types=1);

namespace App\Presentation\Member;

/** Finished units of one kind, put by for a later clue. */
final readonly class Bag
{
    /**
     * @param  string  $picture  as HTML
     * @param  string  $figure  the size of its units, as HTML
     */
    public function __construct(
        public string $name,
        public int $clue,
        public int $done,
        public int $total,
        public string $picture,
        public string $figure,
    ) {
    }
}
