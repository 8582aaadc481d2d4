<?php

declare(strict_types=1);

namespace App\Rules;

use App\Wording\Problems;
use Closure;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthUnit;
use Dew\Core\Measure\MeasureException;
use Illuminate\Contracts\Validation\ValidationRule;

/** A length as people write it, within bounds. The complaint names what was typed and what to write instead. */
final readonly class LengthBetween implements ValidationRule
{
    /** @param  string  $message shown when the length is outside the bounds */
    public function __construct(
        private Length $least,
        private Length $most,
        private LengthUnit $unit,
        private string $message,
    ) {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            $length = Length::parse(is_string($value) ? $value : '', $this->unit);
        } catch (MeasureException $error) {
            $fail(Problems::of($error));

            return;
        }
        if ($length->isLessThan($this->least) || $length->isGreaterThan($this->most)) {
            $fail($this->message);
        }
    }
}
