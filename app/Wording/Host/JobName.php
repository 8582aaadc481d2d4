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
        $name = match (true) {
            $job->chore === null => PartName::of($job->product, $names[$job->product] ?? $job->product),
            $job->chore->block === null => __('chores.kinds.'.$job->chore->kind),
            default => __('chores.quilt', ['block' => $names[$job->chore->block] ?? $job->chore->block]),
        };
        $block = $job->share?->block;
        $name = $block === null ? $name : __('split.for', ['name' => $name, 'block' => $names[$block] ?? $block]);
        [$part, $of] = [$job->share->part ?? $job->chore->part ?? 1, $job->share->of ?? $job->chore->of ?? 1];

        return $of > 1 ? __('split.part', ['name' => $name, 'part' => $part, 'of' => $of]) : $name;
    }
}
