<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Fabric\CuttingRoom;

/** Keeps what was worked out from a design, apart for every cutting room: another seam allowance has other cuts. */
final class Caches
{
    /** @var array<string, Cache> by the numbers of the cutting room */
    private array $caches = [];

    public function for(CuttingRoom $room): Cache
    {
        return $this->caches[$room->key()] ??= new Cache($room);
    }
}
