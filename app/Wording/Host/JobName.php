<?php

declare(strict_types=1);

namespace App\Wording\Host;

use Dew\Core\Split\SplitJob;

/** What a task of a split is called to its host: what is made, and which share of it, so that two tasks of one unit are told apart. */
final class JobName
{
    /** @param  array<string, string>  $names  by product key */
    public static function of(SplitJob $job, array $names): string
    {
        $name = PartName::of($job->product, $names[$job->product] ?? $job->product);

        return match (true) {
            $job->share === null => $name,
            $job->share->block !== null => __('split.for', ['name' => $name, 'block' => $names[$job->share->block] ?? $job->share->block]),
            default => __('split.part', ['name' => $name, 'part' => $job->share->part, 'of' => $job->share->of]),
        };
    }
}
