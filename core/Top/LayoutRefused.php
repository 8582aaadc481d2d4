<?php

declare(strict_types=1);

namespace Dew\Core\Top;

use RuntimeException;

/** An arrangement that cannot be: the reason is a key of the sentences in lang/en/layout.php. */
final class LayoutRefused extends RuntimeException
{
    /** @param  array<string, string|int>  $values */
    public function __construct(
        public readonly string $reason,
        public readonly array $values = [],
    ) {
        parent::__construct($reason);
    }
}
