<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Drawing\Picture;

/** The ways in which the parts of a block may be turned. */
final readonly class TurnsView
{
    /** @param  list<array{value: string, name: string, picture: Picture, chosen: bool}>  $ways  the block as it is designed comes first */
    public function __construct(
        public string $block,
        public string $name,
        public array $ways,
    ) {
    }

    /** The name of the way that is chosen. */
    public function chosen(): string
    {
        foreach ($this->ways as $way) {
            if ($way['chosen']) {
                return $way['name'];
            }
        }

        return '';
    }
}
