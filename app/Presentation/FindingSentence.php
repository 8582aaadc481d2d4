<?php

declare(strict_types=1);

namespace App\Presentation;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Proof\Finding;

/** What a finding says to the host: what to change, then why. */
final class FindingSentence
{
    public static function of(Finding $finding): string
    {
        return __('proof.'.$finding->code, [
            ...$finding->names,
            ...array_map(fn (Length $length): string => Figure::text(Measurement::setting($length), Notation::Fractions), $finding->lengths),
            ...array_map(strval(...), $finding->counts),
        ]);
    }
}
