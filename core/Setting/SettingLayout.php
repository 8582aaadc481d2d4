<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Measure\MeasureException;
use InvalidArgumentException;

/** How one setting lays a quilt out: it puts blocks and parts of the frame into a layout, and says how large that is. */
interface SettingLayout
{
    /**
     * @throws InvalidArgumentException when blocks, sashing, borders or joins do not come out
     * @throws MeasureException when a length cannot be written exactly
     */
    public function arrange(): void;
}
