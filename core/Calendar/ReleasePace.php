<?php

declare(strict_types=1);

namespace Dew\Core\Calendar;

/** How dates follow each other. */
enum ReleasePace: string
{
    case Days = 'days';
    case Weeks = 'weeks';
    /** On the same day of the month, or its last. */
    case Months = 'months';
    /** On the same weekday of the month as the first date: the first Saturday, the third Tuesday. */
    case Weekday = 'weekday';
    /** On the last such weekday of the month. */
    case LastWeekday = 'last-weekday';
}
