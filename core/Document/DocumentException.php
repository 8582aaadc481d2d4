<?php

declare(strict_types=1);

namespace Dew\Core\Document;

use RuntimeException;

/** A design document that cannot be read: where (a JSON pointer), what stands there, and what would be right. */
final class DocumentException extends RuntimeException
{
    public function __construct(
        public readonly string $pointer,
        public readonly string $problem,
    ) {
        parent::__construct(sprintf('%s: %s', $pointer === '' ? 'The document' : $pointer, $problem));
    }
}
