<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;

/**
 * A border by its finished width: plain, or pieced from one unit repeated; sides first, then top and bottom, or with squares in the
 * corners.
 */
final readonly class Border
{
    /**
     * @param  Slot|null  $slot  of a plain border
     * @param  string|null  $unit  product key of the unit a pieced border repeats; its top edge lies outside
     * @param  Slot|null  $corner  fabric of corner squares
     * @param  string|null  $cornerUnit  product key of a unit in the corners, drawn for the top left
     */
    public function __construct(
        public string $id,
        public string $name,
        public Length $width,
        public ?Slot $slot,
        public ?string $unit = null,
        public ?Slot $corner = null,
        public ?string $cornerUnit = null,
    ) {
    }

    public function hasCorners(): bool
    {
        return $this->corner !== null || $this->cornerUnit !== null;
    }
}
