<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Project;
use App\Plans\Cloth\MemberCutting;
use App\Plans\Cloth\PlannedClue;
use App\Plans\ReleasedSheets;
use App\Wording\Figure;
use App\Wording\KindWords;
use Dew\Core\Cutting\Aim;
use Dew\Core\Cutting\ClueCutting;
use Dew\Core\Cutting\CutRules;
use Dew\Core\Cutting\Shelf;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Sheet\AnnouncedSize;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\TaskSheet;

/** What would make cloth enough that is short: another way of planning, another method, wider cloth, or a smaller quilt. */
final readonly class Remedies
{
    /** Half inches of further width that are tried: no quilting cotton is woven wider. */
    private const WIDER = 8;

    public function __construct(
        private MemberCutting $cutting,
        private ReleasedSheets $sheets,
    ) {
    }

    /** @return list<string>|null sentences; null when nothing is short */
    public function of(Project $project, string $slot): ?array
    {
        $planned = $this->cutting->of($project);
        $short = array_values(array_filter($planned, fn (PlannedClue $clue): bool => self::isShort($clue->cutting, $slot)))[0] ?? null;
        if ($short === null) {
            return null;
        }

        return array_values(array_filter([
            $this->aim($project, $planned, $slot),
            ...$this->rules($project, $short, $slot),
            ...$this->methods($project, $short, $slot),
            $this->sets($project, $short, $slot),
            $this->width($project, $planned, $slot),
            $this->size($project, $slot),
        ]));
    }

    /** @param  list<PlannedClue>  $planned */
    private function aim(Project $project, array $planned, string $slot): ?string
    {
        if ($project->aim === Aim::Cloth) {
            return null;
        }

        return $this->fits($project, $this->tasks($planned), $this->cutting->shelf($project), $this->cutting->room($project), $slot, Aim::Cloth)
            ? __('chart.remedy.aim')
            : null;
    }

    /** @return list<string> */
    private function rules(Project $project, PlannedClue $short, string $slot): array
    {
        $rules = $project->clothRules($slot);
        $found = [];
        if ($short->before->isDirectional($slot)) {
            $free = $short->before->anyWay($slot);
            $found[] = $this->fits($project, [$short->cutting->tasks], $free, $this->cutting->room($project), $slot)
                ? __('chart.remedy.turn') : null;
        }
        if ($rules->margin !== null) {
            $all = $this->cutting->rules($project, $short->cutting->tasks);
            $bare = new CutRules($all->madeBefore, $all->cutBefore, array_diff_key($all->margins, [$slot => true]), $all->variety);
            $cutting = ClueCutting::fromShelf(
                $short->cutting->tasks, $this->cutting->room($project), $short->before, $project->notation, $project->aim, $bare,
            );
            $found[] = self::isShort($cutting, $slot) ? null : __('chart.remedy.margin');
        }

        return array_values(array_filter($found));
    }

    /** @return list<string> */
    private function methods(Project $project, PlannedClue $short, string $slot): array
    {
        $room = $this->cutting->room($project);
        $found = [];
        foreach ($short->cutting->tasks as $index => $task) {
            foreach ($task->inEveryWay() as $way) {
                if ($way->making->method->is($task->making->method->value) && $way->oversize === $task->oversize) {
                    continue;
                }
                $tasks = $short->cutting->tasks;
                $tasks[$index] = $way;
                if ($this->fits($project, [array_values($tasks)], $short->before, $room, $slot)) {
                    $found[] = $way->making->method->is($task->making->method->value) && ! $way->oversize
                        ? __('chart.remedy.exact', ['task' => $task->name])
                        : __('chart.remedy.method', [
                            'task' => $task->name,
                            'method' => mb_strtolower(KindWords::method($way->making->method->value)),
                        ]);
                    break;
                }
            }
        }

        return $found;
    }

    /** @param  list<PlannedClue>  $planned */
    private function width(Project $project, array $planned, string $slot): ?string
    {
        $isMeasured = $project->stock->where('slot_key', $slot)->where('gone_at', null)->whereNull('width')->isEmpty();
        if ($isMeasured || $project->usable_width !== null) {
            return null;
        }
        $room = $this->cutting->room($project);
        for ($halves = 1; $halves <= self::WIDER; $halves++) {
            $wider = clone $project;
            $wider->usable_width = $room->usableWidth->plus(Length::fraction($halves, 2));
            if ($this->fits($project, $this->tasks($planned), $this->cutting->shelf($wider), $this->cutting->room($wider), $slot)) {
                return __('chart.remedy.width', [
                    'width' => Figure::text(Measurement::setting($wider->usable_width), $project->notation),
                ]);
            }
        }

        return null;
    }

    /** Strip sets across another width, such as that of a fat quarter. */
    private function sets(Project $project, PlannedClue $short, string $slot): ?string
    {
        $cutting = ClueCutting::fromShelf(
            $short->cutting->tasks, $this->cutting->room($project), $short->before, $project->notation, $project->aim,
            $this->cutting->rules($project, $short->cutting->tasks),
        );

        return self::isShort($cutting, $slot) || $cutting->width->equals($short->cutting->width) ? null : __('chart.remedy.sets', [
            'clue' => $short->title, 'width' => Figure::text(Measurement::setting($cutting->width), $project->notation),
        ]);
    }

    /** The largest smaller size that the cloth is enough for. */
    private function size(Project $project, string $slot): ?string
    {
        $announcement = $this->sheets->announcement($project);
        $area = fn (AnnouncedSize $size): float => $size->finished->width->toFloat() * $size->finished->height->toFloat();
        $smaller = array_filter(
            $announcement->sizes,
            fn (AnnouncedSize $size): bool => $area($size) < $area($announcement->sizes[$project->size_key]),
        );
        usort($smaller, fn (AnnouncedSize $one, AnnouncedSize $other): int => $area($other) <=> $area($one));
        foreach ($smaller as $size) {
            $there = clone $project;
            $there->size_key = $size->id;
            $sheets = $this->sheets->sheets($there, $this->sheets->open($project));
            $tasks = array_map(fn (ClueSheet $sheet): array => $sheet->tasks, $sheets);
            if ($this->fits($project, $tasks, $this->cutting->shelf($project), $this->cutting->room($project), $slot)) {
                return __('chart.remedy.size', ['size' => $size->name]);
            }
        }

        return null;
    }

    /**
     * @param  list<PlannedClue>  $planned
     * @return list<list<TaskSheet>>
     */
    private function tasks(array $planned): array
    {
        return array_map(fn (PlannedClue $clue): array => $clue->cutting->tasks, $planned);
    }

    /** @param  list<list<TaskSheet>>  $clues */
    private function fits(Project $project, array $clues, Shelf $shelf, CuttingRoom $room, string $slot, ?Aim $aim = null): bool
    {
        $shelf = $shelf->only($slot);
        foreach ($clues as $tasks) {
            $using = array_values(array_filter($tasks, fn (TaskSheet $task): bool => $task->cutsFrom($slot)));
            $cutting = ClueCutting::fromShelf(
                $using, $room, $shelf, $project->notation, $aim ?? $project->aim, $this->cutting->rules($project, $using),
            );
            if (self::isShort($cutting, $slot)) {
                return false;
            }
            $shelf = $shelf->after($cutting);
        }

        return true;
    }

    private static function isShort(ClueCutting $cutting, string $slot): bool
    {
        return isset($cutting->slots[$slot]) && $cutting->slots[$slot]->plan->short() !== [];
    }
}
