<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use OutOfBoundsException;

final class UnknownSize extends OutOfBoundsException
{
    /** @param  list<string>  $known */
    public static function named(string $id, array $known): self
    {
        return new self(sprintf('There is no size "%s". The sizes are: %s.', $id, implode(', ', $known)));
    }
}
