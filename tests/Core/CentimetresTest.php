<?php

declare(strict_types=1);

use Dew\Core\Block\Cell;
use Dew\Core\Compile\Compiler;
use Dew\Core\Design\DesignReader;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Top\Arrangement;
use Dew\Core\Top\JoinMethod;
use Dew\Core\Top\JoinPlan;
use Dew\Core\Top\TopPart;
use Dew\Core\Unit\MethodChoices;

/** @return array<string, TaskSheet> all tasks of a size by product key */
function tasksOfSize(string $design, string $size): array
{
    $read = DesignReader::read(designFile($design));
    $tasks = [];
    foreach ($read->clues as $id => $clue) {
        $sheets = array_column(Compiler::clueSheet($read, $size, (string) $id, MethodChoices::defaults())->tasks, null, 'task');
        foreach ($clue->tasks as $task) {
            if (isset($sheets[$task->id])) {
                $tasks[$task->product] = $sheets[$task->id];
            }
        }
    }

    return $tasks;
}

/** What a ruler in centimetres shows, in millimetres. */
function millimetres(Measurement $measure): int
{
    return (int) round($measure->in(Notation::Centimetres)->toFloat() * 25.4);
}

/** @return array<string, Measurement> the measures of a step */
function measuresOf(TaskSheet $task, string $step): array
{
    return array_values(array_filter($task->making->steps, fn (Step $one): bool => $one->code === $step))[0]->measures;
}

it('joins what was trimmed to the marks of a ruler in centimetres', function (): void {
    $tasks = tasksOfSize('night-ferry', 's-throw');
    // 3 in and an allowance of ¼ in on both sides are 8.89 cm. Four of 8.9 cm, six allowances of 0.635 cm taken off, are 31.79 cm.
    expect(millimetres($tasks['u-beam']->trimWidth()))->toBe(89)
        ->and(millimetres(measuresOf($tasks['b-lantern'], 'block.check')['width']))->toBe(318)
        ->and(millimetres($tasks['b-lantern']->trimWidth()))->toBe(318);

    $sheet = Compiler::layoutSheet(DesignReader::read(designFile('night-ferry')), 's-throw');
    $plan = JoinPlan::of($sheet, Arrangement::designed($sheet), JoinMethod::Rows, depthsOf($sheet));
    [$row, $centre] = [$plan->stages[0]->parts[0]->measures, $plan->stages[1]->parts[0]->measures];
    // Five of 31.79 cm less eight allowances.
    expect(array_map(millimetres(...), $row))->toBe([1539, 318])
        ->and(array_map(millimetres(...), $centre))->toBe([1539, 1539]);
    $last = array_map(fn (TopPart $part): array => array_map(millimetres(...), $part->measures), $plan->stages[3]->parts);
    expect(millimetres(measuresOf($tasks['border:e-quay'], 'long_strips.border')['length']))->toBe(1539)
        ->and(array_pop($last))->toBe([millimetres($tasks['border:e-night']->trimWidth()), millimetres($tasks['border:e-night']->trimHeight())]);
});

it('adds up the same by rows, by webbing and by quarters', function (string $design, string $size): void {
    $sheet = Compiler::layoutSheet(DesignReader::read(designFile($design)), $size);
    $last = [];
    foreach (JoinPlan::methods($sheet) as $method) {
        $stages = JoinPlan::of($sheet, Arrangement::designed($sheet), $method, depthsOf($sheet))->stages;
        $parts = $stages[count($stages) - 1]->parts;
        $last[$method->value] = array_map(millimetres(...), $parts[count($parts) - 1]->measures ?? []);
    }
    expect(array_values(array_unique($last, SORT_REGULAR)))->toHaveCount(1);
})->with([['night-ferry', 's-crib'], ['night-ferry', 's-queen'], ['kitchen-garden', 's-lap'], ['kitchen-garden', 's-bed'], ['warm-hands', 's-lap']]);

it('shows for every block what the sizes shown for its parts come to', function (string $design, string $size): void {
    $read = DesignReader::read(designFile($design));
    $tasks = tasksOfSize($design, $size);
    $checked = 0;
    foreach ($read->blocks as $key => $block) {
        $cells = $block instanceof Dew\Core\Block\Block && $block->trimmed === null
            ? array_filter($block->cells, fn (Cell $cell): bool => $cell->row === 0) : [];
        if ($cells === [] || ! isset($tasks[$key])) {
            continue;
        }
        $across = 0.0;
        foreach ($cells as $cell) {
            $part = $tasks[$cell->product] ?? null;
            if ($part === null) {
                continue 2;
            }
            $side = $cell->orientation->quarterTurns % 2 === 0 ? $part->trimWidth() : $part->trimHeight();
            $across += millimetres($side) / 10;
        }
        $across -= (count($cells) - 1) * 2 * $read->room->seam->toFloat() * 2.54;
        expect($tasks[$key]->trimWidth()->value(Notation::Centimetres)->toFloat() * 2.54)->toEqualWithDelta($across, 1e-9, $key)
            ->and(millimetres($tasks[$key]->trimWidth()))->toBe((int) round($across * 10), $key);
        $checked++;
    }
    expect($checked)->toBeGreaterThan(1);
})->with([['night-ferry', 's-throw'], ['kitchen-garden', 's-lap'], ['kitchen-garden', 's-bed'], ['warm-hands', 's-lap']]);
