<?php

declare(strict_types=1);

namespace Dew\Core\Document;

use Dew\Core\Measure\HasProblem;
use Dew\Core\Measure\Problem;
use RuntimeException;

/** A document that cannot be read as it should be: where, and what is wrong there. */
final class DocumentException extends RuntimeException implements HasProblem
{
    /** @param  non-empty-list<Complaint>  $complaints  the first one gives the message */
    private function __construct(
        public readonly array $complaints,
        public readonly string $pointer,
        private readonly Problem $problem,
    ) {
        parent::__construct((string) $complaints[0]);
    }

    /**
     * @param  string  $pointer  JSON pointer
     * @param  string|Problem  $problem  or its code
     * @param  array<string, string|int|Problem>  $values  what goes into the sentence of a code
     */
    public static function at(string $pointer, string|Problem $problem, array $values = []): self
    {
        $problem = $problem instanceof Problem ? $problem : new Problem($problem, $values);

        return new self([new Complaint($pointer, $problem)], $pointer, $problem);
    }

    public function problem(): Problem
    {
        return $this->problem;
    }

    /** @param  non-empty-list<Complaint>  $complaints */
    public static function of(array $complaints): self
    {
        return new self($complaints, $complaints[0]->pointer, $complaints[0]->problem);
    }
}
