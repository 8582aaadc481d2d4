<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Unit\Unit;

/** A block some of whose parts may be turned otherwise, where its design offers that. */
interface Turnable extends Unit
{
    /** @return array<string, string> the names of the other ways, by id; ways that turn nothing are left out */
    public function ways(): array;

    /** The same block in another way; as it is designed where it has no such way. */
    public function inWay(string $way): self;
}
