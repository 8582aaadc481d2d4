<?php

declare(strict_types=1);

namespace App\Support;

use Dew\Core\Calendar\ReleaseRuleException;

/** Why a rule for dates gives none, or too few, and what to change. */
final class RuleMessage
{
    public static function of(ReleaseRuleException $error): string
    {
        return $error->fits === null
            ? __('calendar.errors.'.$error->part)
            : trans_choice('calendar.errors.few_'.$error->part, $error->fits);
    }
}
