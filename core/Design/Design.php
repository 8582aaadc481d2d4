<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Block\Block;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Making\Clue;
use Dew\Core\Setting\QuiltSize;
use Dew\Core\Setting\StraightSetting;
use Dew\Core\Unit\Unit;

/** A whole quilt-along as its host described it once: cloth, units, blocks, setting, sizes and the split into clues. */
final readonly class Design
{
    /** The version of the document format that this class holds. */
    public const FORMAT = 1;

    /**
     * @param  array<string, Slot>  $slots  by id, in reading order
     * @param  array<string, Colourway>  $colourways  by id
     * @param  array<string, Unit>  $units  by id
     * @param  array<string, string>  $unitNames  by unit id
     * @param  array<string, Block>  $blocks  by id, all of one finished size
     * @param  array<string, QuiltSize>  $sizes  by id
     * @param  array<string, Clue>  $clues  by id, in order of release
     */
    public function __construct(
        public string $id,
        public string $title,
        public CuttingRoom $room,
        public array $slots,
        public array $colourways,
        public array $units,
        public array $unitNames,
        public array $blocks,
        public StraightSetting $setting,
        public array $sizes,
        public array $clues,
    ) {
    }

    /** @throws UnknownSize */
    public function size(string $id): QuiltSize
    {
        return $this->sizes[$id] ?? throw UnknownSize::named($id, array_keys($this->sizes));
    }
}
