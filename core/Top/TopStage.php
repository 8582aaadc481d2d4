<?php

declare(strict_types=1);

namespace Dew\Core\Top;

/** One stage of joining a top. */
final readonly class TopStage
{
    /**
     * @param  string  $code  `rows`, `join`, `columns`, `cross`, `quarters`, `halves`, `whole` or `border`
     * @param  list<TopPart>  $parts
     * @param  string|null  $border  id of the border
     */
    public function __construct(
        public string $code,
        public array $parts,
        public ?string $border = null,
    ) {
    }
}
