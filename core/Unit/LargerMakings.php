<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Measure\Length;
use WeakMap;

/** Ways of making with their pieces cut larger. Sizes share the ways in which a unit is made: each is worked out once. */
final class LargerMakings
{
    /** @var WeakMap<Making, array<string, Making>> by how much larger */
    private WeakMap $known;

    public function __construct()
    {
        $this->known = new WeakMap;
    }

    public function of(Making $way, Length $by): Making
    {
        $known = $this->known[$way] ?? [];
        if (! isset($known[$by->encode()])) {
            $known[$by->encode()] = $way->oversize($by);
            $this->known[$way] = $known;
        }

        return $known[$by->encode()];
    }
}
