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
     * @param  string|null  $name  to call the sashes by; null for the name of their fabric
     * @param  string|null  $cornerstoneName  likewise
     */
    public function __construct(
        public Length $width,
        public Slot $slot,
        public ?Slot $cornerstone,
        public bool $outside,
        public ?string $name = null,
        public ?string $cornerstoneName = null,
    ) {
    }
}
