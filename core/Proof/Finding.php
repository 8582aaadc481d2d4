<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Problem;

/** Something a strict pattern tester would mark, as data: the interface holds the sentence and the remedy for its code. */
final readonly class Finding
{
    /**
     * @param  string  $code  such as `off-mark`
     * @param  string  $place  JSON pointer into the design document
     * @param  array<string, string>  $names  what it is about, in the design's own words
     * @param  array<string, Length>  $lengths
     * @param  array<string, int>  $counts
     * @param  Problem|null  $problem  why something cannot be read or computed
     */
    public function __construct(
        public string $code,
        public Severity $severity,
        public string $place,
        public array $names = [],
        public array $lengths = [],
        public array $counts = [],
        public ?Problem $problem = null,
    ) {
    }

    /** A text that is the same for two findings that say the same. */
    public function key(): string
    {
        $lengths = array_map(fn (Length $length): string => $length->encode(), $this->lengths);

        return implode('|', [$this->code, $this->place, ...$this->names, ...$lengths, ...array_map(strval(...), $this->counts), (string) $this->problem]);
    }
}
