<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** What a cutting plan should spare. */
enum Aim: string
{
    /** As little cloth as can be found. */
    case Cloth = 'cloth';

    /** As few settings of the ruler as can be found. */
    case Cuts = 'cuts';

    /**
     * Strips from cloth of one width. Those with the fewest settings are mostly plain ones, of which nothing is cut a second time; but where
     * the plan that spares cloth takes no more settings, it is the better one.
     *
     * @param  list<Wanted>  $pieces  each of which fits the cloth at least one way
     * @return list<Strip>
     */
    public function strips(array $pieces, int $width): array
    {
        $sparing = BoltCuts::strips($pieces, $width);
        if ($this === self::Cloth) {
            return $sparing;
        }
        $plain = PlainStrips::of($pieces, $width);
        $fewer = PlainStrips::settings($sparing, $pieces) <=> PlainStrips::settings($plain, $pieces);

        return $fewer < 0 || ($fewer === 0 && BoltCuts::length($sparing) < BoltCuts::length($plain)) ? $sparing : $plain;
    }
}
