<?php

declare(strict_types=1);

namespace Dew\Core\Hands;

use Dew\Core\Measure\Length;

/** What can be done about one direction of a part that came back with another size than asked. */
final readonly class FitAdvice
{
    /**
     * @param  string  $code  `fits`, `neighbours` (as it is: it fits those beside it), `ease`, `trim`, `strip` (on one side), `strips` (trimmed,
     *     then strips on both sides) or `resew`
     * @param  bool  $isWidth  whether it is the width, else the height
     * @param  Length|null  $by  how much it is off
     * @param  Length|null  $cut  how wide the strip or strips are cut
     * @param  array{Length, Length}|null  $sides  of `trim` and `strips`, how much is trimmed off one side and off the other
     */
    public function __construct(
        public string $code,
        public bool $isWidth,
        public ?Length $by = null,
        public ?Length $cut = null,
        public ?array $sides = null,
    ) {
    }
}
