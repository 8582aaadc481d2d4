<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Drawing\Picture;
use App\Wording\Figure;

/** One line of a cutting list: so many of a shape at a size, and what for. */
final readonly class CutLine
{
    public function __construct(
        public int $count,
        public string $shape,
        public Figure $width,
        public ?Figure $length,
        public string $for,
        public string $letters,
        public Picture $picture,
        public ?CounterView $counter,
        public ?string $note = null,
    ) {
    }
}
