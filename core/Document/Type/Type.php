<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Document\Complaints;
use Dew\Core\Measure\Problem;

/**
 * What may stand at a place of a document. One description serves to check a document, to write it in one way, and to give other programs
 * its JSON Schema.
 */
interface Type
{
    /** Says everything that is wrong with a value, and with what is in it. */
    public function check(mixed $value, string $pointer, Complaints $complaints): void;

    /** Whether a value is of this sort at all, before it is looked at closely. */
    public function resembles(mixed $value): bool;

    /** What may stand at a step further in: at a key of an object, or as an item of a list. Null when nothing can. */
    public function inner(string $step): ?Type;

    /** What should stand here, as the end of the sentence "it should be …". */
    public function words(): Problem;

    /** The value with the keys of its objects in the order of the description; keys that mean nothing come last. */
    public function ordered(mixed $value): mixed;

    /** @return array<string, mixed> the JSON Schema of this type alone */
    public function schema(): array;
}
