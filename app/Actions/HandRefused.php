<?php

declare(strict_types=1);

namespace App\Actions;

use RuntimeException;

/** Something that cannot be done with a part of a group quilt: the reason is a key of the sentences in lang/en/hands.php. */
final class HandRefused extends RuntimeException
{
    /** @param  array<string, string|int>  $values */
    public function __construct(
        public readonly string $reason,
        public readonly array $values = [],
    ) {
        parent::__construct($reason);
    }

    public function sentence(): string
    {
        return __('hands.wrong.'.$this->reason, $this->values);
    }
}
