<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Geometry\Placement;

/** A block that is drawn as what lies in it. */
interface Composed extends Turnable
{
    /** @return list<Placement> where each unit and block in it lies, in finished inches from the top left corner of its box */
    public function placements(): array;
}
