<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;

/** Strips between the blocks, with squares where they cross or as long strips between the rows. */
final readonly class Sashing
{
    /**
     * @param  Length  $width  finished
     * @param  Slot|null  $cornerstone  null for strips that run through between the rows
     * @param  bool  $outside  whether it also goes round the outside
     */
    public function __construct(
        public Length $width,
        public Slot $slot,
        public ?Slot $cornerstone,
        public bool $outside,
    ) {
    }
}
