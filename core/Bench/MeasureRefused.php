<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use InvalidArgumentException;

/** Measures that cannot be true, and which of them. */
final class MeasureRefused extends InvalidArgumentException
{
    /**
     * @param  string  $field  what it is about: `widths`, `heights`, `diagonals`, `border`, `cloth`
     * @param  string  $reason  a key of the sentences in lang/en/benchwork.php
     */
    public function __construct(
        public readonly string $field,
        public readonly string $reason,
    ) {
        parent::__construct("$field: $reason");
    }

    /** The key of the sentence that says what to change. */
    public function sentence(): string
    {
        return $this->field === 'module' ? 'module_'.($this->reason === 'too_small' ? 'small' : 'large') : $this->reason;
    }
}
