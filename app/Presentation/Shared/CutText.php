<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

/** One cut in words, and what is cut from it then. */
final readonly class CutText
{
    /** @param  list<self>  $under */
    public function __construct(
        public string $text,
        public array $under = [],
    ) {
    }

    /**
     * The same as lines of plain text, each level further in.
     *
     * @return list<string>
     */
    public function lines(string $before = ''): array
    {
        $lines = [$before.$this->text];
        foreach ($this->under as $cut) {
            array_push($lines, ...$cut->lines($before.'  '));
        }

        return $lines;
    }
}
