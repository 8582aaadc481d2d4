<?php

declare(strict_types=1);

namespace Dew\Core\Design;

/** Make all of one unit, one block or one part of the setting that a size takes, or a share of them. */
final readonly class Task
{
    /**
     * @param  string|null  $name  to call it by instead of the name of what is made
     * @param  Share|null  $share  which of them it makes; null for all
     */
    public function __construct(
        public string $id,
        public string $product,
        public ?string $name = null,
        public ?Share $share = null,
    ) {
    }

    /** How many it makes at a size. */
    public function count(SizedDesign $sized): int
    {
        return $this->share === null ? $sized->count($this->product) : $this->share->count($sized, $this->product);
    }
}
