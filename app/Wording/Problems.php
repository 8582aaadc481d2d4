<?php

declare(strict_types=1);

namespace App\Wording;

use Dew\Core\Measure\Problem;
use Throwable;

/** Says what the core refuses. */
final class Problems
{
    /** Why something was thrown, as a sentence. */
    public static function of(Throwable $error): string
    {
        return self::say(Problem::of($error));
    }

    public static function say(Problem $problem): string
    {
        if ($problem->code === Problem::SAID) {
            return (string) ($problem->values['text'] ?? '');
        }
        [$group, $code] = explode('.', $problem->code, 2) + [1 => ''];
        $values = array_map(
            fn (string|int|Problem $value): string|int => $value instanceof Problem ? self::say($value) : $value, $problem->values,
        );

        return __($group === 'measure' ? "measure.errors.$code" : "problems.$problem->code", $values);
    }
}
