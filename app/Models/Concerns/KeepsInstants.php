<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Carbon\CarbonInterface;

/**
 * Reads a moment out of the database's text once. The framework reads it again at every access, which takes a third of a page with a dozen
 * clues. Moments of Dew are immutable, so one may stand for all that are written the same.
 */
trait KeepsInstants
{
    /** @var array<string, CarbonInterface> by the database's text */
    private static array $instants = [];

    /**
     * @param  mixed  $value
     * @return CarbonInterface
     */
    protected function asDateTime($value)
    {
        if (! is_string($value)) {
            return parent::asDateTime($value);
        }
        if (count(self::$instants) > 1000) {
            self::$instants = [];
        }

        return self::$instants[$value] ??= parent::asDateTime($value);
    }
}
