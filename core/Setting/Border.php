<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;

/**
 * A border by its finished width: plain, or pieced from one unit repeated; sides first, then top and bottom, with squares in the
 * corners, or mitred.
 */
final readonly class Border
{
    /**
     * @param  Slot|null  $slot  of a plain border
     * @param  string|null  $unit  product key of the unit a pieced border repeats; its top edge lies outside
     * @param  Slot|null  $corner  fabric of corner squares
     * @param  string|null  $cornerUnit  product key of a unit in the corners, drawn for the top left
     * @param  bool  $mitred  whether its strips meet in the corners on a slant
     */
    public function __construct(
        public string $id,
        public string $name,
        public Length $width,
        public ?Slot $slot,
        public ?string $unit = null,
        public ?Slot $corner = null,
        public ?string $cornerUnit = null,
        public bool $mitred = false,
    ) {
    }

    public function hasCorners(): bool
    {
        return $this->corner !== null || $this->cornerUnit !== null;
    }
}
