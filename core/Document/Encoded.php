<?php

declare(strict_types=1);

namespace Dew\Core\Document;

/** A value with a short exact text, from which its own `decode()` makes it again. */
interface Encoded
{
    public function encode(): string;
}
