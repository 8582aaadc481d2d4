<?php

declare(strict_types=1);

namespace App\Presentation\Member\Bench;

use App\Models\Project;
use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Measure\MeasureException;

/** The last steps of a quilt, by the names they have in addresses. */
final class BenchTasks
{
    /** @var array<string, class-string<BenchTask>> */
    public const PAGES = [
        'borders' => BordersWork::class,
        'quilted' => QuiltedWork::class,
        'quilting' => QuiltingWork::class,
        'left' => LeftWork::class,
        'back' => BackWork::class,
        'binding' => BindingWork::class,
    ];

    /** @return array<string, string> what a page's form shows: what was written last, else what it begins with */
    public function fields(Project $project, string $work): array
    {
        $fields = $this->task($work)->fields($project);

        return array_replace($fields, array_intersect_key($project->bench[$work] ?? [], $fields));
    }

    /**
     * @param  array<string, string>  $fields
     * @return array<string, mixed> for the view of the page
     *
     * @throws MeasureException|MeasureRefused
     */
    public function result(Project $project, string $work, array $fields): array
    {
        return $this->task($work)->result($project, $fields);
    }

    private function task(string $work): BenchTask
    {
        return app(self::PAGES[$work]);
    }
}
