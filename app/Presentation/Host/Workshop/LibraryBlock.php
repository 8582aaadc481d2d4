<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

/** A block of the library, with what it is found by. */
final readonly class LibraryBlock
{
    /**
     * @param  list<string>  $techniques  kinds of unit in it, without plain squares and rectangles
     * @param  string  $difficulty  easy, middling or hard
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $columns,
        public int $rows,
        public array $techniques,
        public int $pieces,
        public string $difficulty,
        public BlockStudy $study,
    ) {
    }

    /** Every seam joins two: one fewer than there are pieces. */
    public function seams(): int
    {
        return max(0, $this->pieces - 1);
    }

    public function grid(): string
    {
        return $this->columns.'×'.$this->rows;
    }
}
