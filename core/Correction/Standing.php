<?php

declare(strict_types=1);

namespace Dew\Core\Correction;

/** How counts are named that stood when a correction was published: by task, counter and the specification they were counted to. */
final class Standing
{
    public static function name(string $task, string $counter, string $digest): string
    {
        return "$task $counter $digest";
    }
}
