<?php

declare(strict_types=1);

namespace Dew\Core\Sixty;

/** A block that stands on 60° axes, as it lies in a quilt. */
interface OnSixtyAxes
{
    public function shape(): SixtyShape;
}
