<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Unit\Kind\UnitSpec;

/** A unit as its document describes it, before it is known how it is used. What it is made of stands in it by the ids of the document. */
final readonly class DeclaredUnit
{
    /** @param  array<string, string>  $names  that the document gives its variants, by the use in a product key, such as ".m" */
    public function __construct(
        public string $id,
        public string $name,
        public UnitSpec $spec,
        public array $names = [],
    ) {
    }
}
