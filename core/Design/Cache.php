<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\WayLook;
use Dew\Core\Press\PressParts;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\Workings;

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

    /**
     * @var array<string, array{string, int, int}>|null task ids, their places in the order of release and in that of the clues, by product
     */
    public ?array $taskOrder = null;

    /** How the units are made, each worked out once. */
    public readonly Workings $workings;

    /**
     * @var array<int, array{
     *     array<string, list<Patch>>, array<string, list<Placement>>, array<string, string>, array<string, array<string, WayLook>>
     * }> by the number of the unit's object
     */
    public array $drawn = [];

    /** @var array<string, PressParts> by scale */
    public array $pressParts = [];

    public function __construct(CuttingRoom $room)
    {
        $this->workings = new Workings($room);
    }
}
