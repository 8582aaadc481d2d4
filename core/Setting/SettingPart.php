<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Unit\Unit;

/** Something the setting takes besides the blocks: sashes, cornerstones, setting triangles, a border. */
final readonly class SettingPart
{
    public function __construct(
        public string $key,
        public string $name,
        public Unit $unit,
        public int $count,
    ) {
    }
}
