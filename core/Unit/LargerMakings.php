<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Measure\Length;
use WeakMap;

/** Ways of making with their pieces cut larger. Sizes share the ways in which a unit is made: each is worked out once. */
final class LargerMakings
{
    /** @var WeakMap<Making, Making> */
    private WeakMap $known;

    public function __construct()
    {
        $this->known = new WeakMap;
    }

    /** @param  Length  $by  always the same for one way of making */
    public function of(Making $way, Length $by): Making
    {
        return $this->known[$way] ??= $way->oversize($by);
    }
}
