<?php

declare(strict_types=1);

namespace Dew\Core\Design;

/** What members may leave open until a clue needs it. */
final readonly class LaterChoices
{
    /**
     * @param  bool  $size  whether the size may be chosen later
     * @param  list<string>  $fabrics  ids of the fabrics that may be chosen later
     */
    public function __construct(
        public bool $size = false,
        public array $fabrics = [],
    ) {
    }
}
