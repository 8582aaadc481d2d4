<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Setting\LongStrips;

/**
 * A hanging sleeve: a tube along the top of the back that ends 1 in inside either side, with hems of ½ in turned over twice. It is cut 9 in
 * wide, which makes a tube of 4 in that a rod goes through.
 */
final readonly class Sleeve
{
    private const WIDTH = 9;

    public Length $width;

    public Length $length;

    /** How many strips across the cloth it is joined from. */
    public int $strips;

    public function __construct(Size $quilt, CuttingRoom $room)
    {
        $this->width = Length::inches(self::WIDTH);
        // It ends 1 in inside on both sides, and both hems take 1 in.
        $this->length = $quilt->width;
        $this->strips = LongStrips::strip($this->length, $room->seam->times(2), $room->usableWidth);
    }
}
