<?php

declare(strict_types=1);

namespace Dew\Core\Document;

use Dew\Core\Measure\Problem;

/** What is wrong at one place of a document. */
final readonly class Complaint
{
    /**
     * @param  string  $pointer  JSON pointer; empty for the whole document
     * @param  bool  $harmless  whether the rest can be read in spite of it, as with a key that means nothing
     * @param  bool  $unfinished  whether something is only missing yet, as it may be in a draft
     * @param  bool  $misformed  whether what stands there is of another type than the format has there, such as a list for a text
     * @param  bool  $idle  whether nothing uses what it is about
     */
    public function __construct(
        public string $pointer,
        public Problem $problem,
        public bool $harmless = false,
        public bool $unfinished = false,
        public bool $misformed = false,
        public bool $idle = false,
    ) {
    }

    /** The same of something that nothing uses, so that it stops nobody. */
    public function ofSomethingIdle(): self
    {
        return new self($this->pointer, $this->problem, $this->harmless, $this->unfinished, $this->misformed, true);
    }

    /** For logs: the place and the problem in one line. */
    public function __toString(): string
    {
        return "$this->pointer: $this->problem";
    }
}
