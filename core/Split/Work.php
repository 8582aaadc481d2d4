<?php

declare(strict_types=1);

namespace Dew\Core\Split;

/** Everything of one kind that is made at one size: all copies of a unit, a section, a block or a part of the setting. */
final readonly class Work
{
    /**
     * @param  string  $product  product key
     * @param  int  $count  how many the quilt takes
     * @param  int  $pieces  cut for all of them
     * @param  int  $seams  of all of them
     * @param  float  $seamLength  inches, of all of them
     * @param  int  $minutes  for all of them, by the usual method
     * @param  list<string>  $steps  codes of the steps, each once
     * @param  string|null  $technique  the kind of unit; null for plain cutting, for blocks and for parts of the setting
     * @param  array<string, int>  $needs  how many of what was made before go into all of them, by product key
     */
    public function __construct(
        public string $product,
        public string $name,
        public int $count,
        public int $pieces,
        public int $seams,
        public float $seamLength,
        public int $minutes,
        public array $steps,
        public ?string $technique,
        public array $needs,
    ) {
    }
}
