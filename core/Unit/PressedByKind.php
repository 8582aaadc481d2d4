<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Making\IroningBoard;

/** A unit whose kind says something of the way its seams are pressed, whatever lies beside it in a quilt. */
interface PressedByKind
{
    /**
     * Seams that are always pressed to the same side.
     *
     * @return list<array{int, int}> the patch a seam is pressed away from, and the one it is pressed to
     */
    public function pressedToward(): array;

    /** What seams are pressed on before they are cut apart; null where all are pressed on the unit itself. */
    public function board(CuttingRoom $room): ?IroningBoard;
}
