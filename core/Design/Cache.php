<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Unit\Unit;

/** What was worked out from one design for one cutting room. A design never changes, so nothing kept here can grow old. */
final class Cache
{
    /** @var array<string, SizedDesign> by size id */
    public array $sized = [];

    /** @var array<string, array<string, Unit>> by scale and product key */
    public array $products = [];

    /** @var array<string, array<string, int>> contents of a block or unit, by its product key */
    public array $contents = [];

    /** @var array<int, UnitWork> by the number of the unit's object */
    public array $work = [];

    /** @var array<string, float> cut areas by geometry: units of one size in other colours share theirs */
    public array $cutAreas = [];
}
