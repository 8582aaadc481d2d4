<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Press\Copies;
use Dew\Core\Press\School;

/** How the host of a design wants seams to be pressed where nothing else decides, and which copies of a block are pressed alike. */
final readonly class Pressing
{
    /** @param  array<string, array<string, list<string>>>  $kept  flags of what people were told before, by size and product key */
    public function __construct(
        public School $school = School::Dark,
        public Copies $copies = Copies::Alike,
        public array $kept = [],
    ) {
    }
}
