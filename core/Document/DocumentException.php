<?php

declare(strict_types=1);

namespace Dew\Core\Document;

use RuntimeException;

/** A document that cannot be read as it should be: where, what stands there, and what would be right. */
final class DocumentException extends RuntimeException
{
    /** @param  non-empty-list<Complaint>  $complaints  the first one gives the message */
    private function __construct(
        public readonly array $complaints,
        public readonly string $pointer,
        public readonly string $problem,
    ) {
        parent::__construct($complaints[0]->text());
    }

    /** @param  string  $pointer  JSON pointer */
    public static function at(string $pointer, string $problem): self
    {
        return new self([new Complaint($pointer, $problem)], $pointer, $problem);
    }

    /** @param  non-empty-list<Complaint>  $complaints */
    public static function of(array $complaints): self
    {
        return new self($complaints, $complaints[0]->pointer, $complaints[0]->problem);
    }
}
