<?php

declare(strict_types=1);

namespace App\Presentation\Member\Bench;

use App\Models\Project;
use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Measure\MeasureException;

/** One of the last steps of a quilt. What its maker measured is kept as it was written; the numbers are calculated at every look. */
interface BenchTask
{
    /** @return array<string, string> what the form shows before anything is written */
    public function fields(Project $project): array;

    /**
     * @param  array<string, string>  $fields  as many as {@see fields()} names
     * @return array<string, mixed> for the view of the page
     *
     * @throws MeasureException|MeasureRefused
     */
    public function result(Project $project, array $fields): array;
}
