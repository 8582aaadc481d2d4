<?php

declare(strict_types=1);

namespace App\Presentation\Member\Bench;

use App\Models\Project;
use App\Models\StockRow;
use App\Plans\Cloth\MemberCutting;
use App\Plans\ReleasedSheets;
use Dew\Core\Bench\RemnantUse;
use Dew\Core\Cutting\Marks;
use Dew\Core\Measure\Size;

/** What the remnants of the open clues can become. */
final readonly class LeftWork implements BenchTask
{
    public function __construct(
        private MemberCutting $cutting,
        private ReleasedSheets $sheets,
        private QuiltMeasures $measures,
    ) {
    }

    public function fields(Project $project): array
    {
        return [];
    }

    public function result(Project $project, array $fields): array
    {
        $room = $this->cutting->room($project);
        $inch = (new Marks($project->notation))->length(1);
        $names = $project->stock->keyBy('id');
        $slots = $this->sheets->announcement($project)->slots;
        $lines = [];
        foreach ($this->cutting->left($project, $this->cutting->of($project))->pieces as $slot => $pieces) {
            foreach ($pieces as $piece) {
                $size = new Size($inch->times($piece->width), $inch->times($piece->length));
                $use = RemnantUse::of($size);
                $row = $names[strtok(explode('/', $piece->id)[0], '-') ?: ''] ?? null;
                $lines[] = [
                    'rank' => $use->rank(), 'area' => $piece->width * $piece->length,
                    'name' => ($slots[$slot]->letter ?? '').' '.($slots[$slot]->name ?? '').($row instanceof StockRow && $row->name !== '' ? ', '.$row->name : ''),
                    'size' => $this->measures->text($size->width, $project).' × '.$this->measures->text($size->height, $project),
                    'use' => trans_choice('benchwork.left.'.$use->code, max(1, $use->count), [
                        'side' => $use->side === null ? '' : $this->measures->text($use->side, $project),
                    ]),
                ];
            }
        }
        usort($lines, fn (array $one, array $other): int => [$one['rank'], -$one['area']] <=> [$other['rank'], -$other['area']]);

        return ['pieces' => $lines];
    }
}
