<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

/** That one place of a document names something by its id. */
final readonly class Reference
{
    /**
     * @param  string  $list  where what is named stands: fabrics, units, blocks, or borders of the setting
     * @param  string  $user  the thing that names it: the place of a unit, a block, a clue and so on
     */
    public function __construct(
        public string $list,
        public string $id,
        public string $user,
    ) {
    }

    public function key(): string
    {
        return "$this->list/$this->id < $this->user";
    }
}
