<?php

declare(strict_types=1);

namespace App\Wording;

use Dew\Core\Document\Complaint;
use Dew\Core\Document\DocumentException;
use Dew\Core\Measure\Problem;
use Throwable;

/** Says what the core refuses. */
final class Problems
{
    /** Why something was thrown, as a sentence. */
    public static function of(Throwable $error): string
    {
        return $error instanceof DocumentException ? self::complaint($error->complaints[0]) : self::say(Problem::of($error));
    }

    /** A complaint with its place. */
    public static function complaint(Complaint $complaint): string
    {
        $problem = self::say($complaint->problem);
        if ($complaint->pointer !== '') {
            return "$complaint->pointer: $problem";
        }

        // What is a sentence already stands alone.
        return ucfirst($problem) === $problem ? $problem : __('problems.the_document', ['problem' => $problem]);
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
