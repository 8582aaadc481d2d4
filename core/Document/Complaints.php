<?php

declare(strict_types=1);

namespace Dew\Core\Document;

use Dew\Core\Measure\Problem;

/** Collects what is wrong with a document, so that all of it can be said at once. */
final class Complaints
{
    /** Nobody mends more than this at a time. */
    private const MOST = 200;

    /** @var list<Complaint> */
    private array $complaints = [];

    public function add(
        string $pointer, Problem $problem, bool $harmless = false, bool $unfinished = false, bool $misformed = false,
    ): void {
        if (count($this->complaints) < self::MOST) {
            $this->complaints[] = new Complaint($pointer, $problem, $harmless, $unfinished, $misformed);
        }
    }

    /** Adds what an exception complains of, unless something was already said of that place or of what stands in it. */
    public function addUnlessKnown(DocumentException $error): void
    {
        foreach ($error->complaints as $complaint) {
            if (! $this->isKnownAt($complaint->pointer)) {
                $this->add($complaint->pointer, $complaint->problem, $complaint->harmless, $complaint->unfinished);
            }
        }
    }

    /** Whether something is said of this place, of something in it, or of what it stands in. */
    public function isKnownAt(string $pointer): bool
    {
        foreach ($this->complaints as $known) {
            if (str_starts_with(
                $known->pointer.'/',
                $pointer.'/',
            ) || ($known->pointer !== '' && str_starts_with($pointer.'/', $known->pointer.'/'))) {
                return true;
            }
        }

        return false;
    }

    /** Whether something is wrong at this place or in what stands there, so that it cannot be read. */
    public function spoil(string $pointer): bool
    {
        foreach ($this->complaints as $known) {
            if (! $known->harmless && str_starts_with($known->pointer.'/', $pointer.'/')) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Complaint> in the order in which they were found */
    public function all(): array
    {
        return $this->complaints;
    }

    public function isEmpty(): bool
    {
        return $this->complaints === [];
    }
}
