<?php

declare(strict_types=1);

namespace Dew\Core\Top;

/** Something in a lay-out that somebody may not have meant. */
final readonly class LayoutWarning
{
    /**
     * @param  string  $code  `twins` (two of a kind side by side), `meets` (a cloth meets itself), `turned` (a block lies another way than
     *     it was designed), `sideways` or `upside_down` (a cloth with a direction)
     * @param  int  $first  number of the place
     * @param  int|null  $second  number of the place beside it
     * @param  string|null  $slot  id of the fabric
     */
    public function __construct(
        public string $code,
        public int $first,
        public ?int $second = null,
        public ?string $slot = null,
    ) {
    }
}
