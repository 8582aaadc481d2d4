<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use RuntimeException;

/** An edit that cannot mean anything in this document. The message says why, and what to do instead. */
final class EditRefused extends RuntimeException
{
    /**
     * @param  Place|null  $place  what the message is about, where it is one place that has a name
     * @param  string  $problem  what is wrong there, without the place
     */
    public function __construct(
        string $message,
        public readonly ?Place $place = null,
        public readonly string $problem = '',
    ) {
        parent::__construct($message);
    }
}
