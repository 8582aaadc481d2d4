<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Presentation\Shared\Figure;
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
            ...self::names($finding->names),
            ...array_map(
                fn (Length $length): string => Figure::text(Measurement::setting($length), Notation::Fractions),
                $finding->lengths,
            ),
            ...array_map(strval(...), $finding->counts),
        ]);
    }

    /**
     * Methods by the names people read.
     *
     * @param  array<string, string>  $names
     * @return array<string, string>
     */
    private static function names(array $names): array
    {
        foreach (array_intersect_key($names, ['method' => '', 'right_by' => '']) as $name => $method) {
            $names[$name] = __('methods.'.$method.'.name');
        }

        return $names;
    }
}
