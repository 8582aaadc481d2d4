<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Press\Copies;
use Dew\Core\Press\School;

/** How the host of a design wants seams to be pressed where nothing else decides, and which copies of a block are pressed alike. */
final readonly class Pressing
{
    public function __construct(
        public School $school = School::Dark,
        public Copies $copies = Copies::Alike,
    ) {
    }
}
