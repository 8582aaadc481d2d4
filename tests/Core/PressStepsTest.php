<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\DesignReader;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Placement;
use Dew\Core\Making\Operand;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Press\Copies;
use Dew\Core\Press\PressDone;
use Dew\Core\Press\Pressed;
use Dew\Core\Press\PressFlag;
use Dew\Core\Press\PressLook;
use Dew\Core\Press\PressModel;
use Dew\Core\Press\School;
use Dew\Core\Press\StepPress;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Top\Arrangement;
use Dew\Core\Top\JoinMethod;
use Dew\Core\Top\JoinPlan;
use Dew\Core\Unit\MethodChoices;

it('knows the seams of every step that presses, in every demo design', function (string $name): void {
    $design = DesignReader::stored((string) file_get_contents(__DIR__."/../../database/designs/$name.json"));
    $size = (string) array_key_first($design->sizes);
    $known = $unknown = [];
    foreach (array_keys($design->clues) as $clue) {
        foreach (Compiler::clueSheet($design, $size, (string) $clue, MethodChoices::defaults($design->methods))->tasks as $task) {
            foreach ($task->making->steps as $step) {
                if ($step->kind !== StepKind::Press || $step->operands(Operand::Seam) === [] || $task->press === null) {
                    continue;
                }
                if ($task->pressing($step) === null) {
                    $unknown[] = "$task->task $step->code";
                } else {
                    $known[] = $step->code;
                }
            }
        }
    }
    expect($unknown)->toBe([])->and(count($known))->toBeGreaterThan(5);
})->with(['night-ferry', 'kitchen-garden', 'block-library']);

it('says a fabric, a way, rows or flags', function (): void {
    $seam = fn (float $x, float $y, Pressed $pressed, array $between): PressFlag => new PressFlag($x, $y, $x, $y + 2, $pressed, $between);
    // Somebody who walks down has the patch on the right at her left.
    $one = new PressLook([$seam(2, 0, Pressed::Left, [[1, 0]])]);
    expect(StepPress::of([[0, 1]], $one, ['light', 'dark']))->code->toBe('slot')->slot->toBe('dark')->ways->toBe(['right'])
        ->and(StepPress::of([[0, 1]], $one, null))->code->toBe('way')
        ->and(StepPress::of([[0, 2]], $one, null))->toBeNull();
    // A row of one bar above them, and a level seam between the rows.
    $level = fn (float $y): PressFlag => new PressFlag(0, $y, 4, $y, Pressed::Left);
    $rows = new PressLook([
        $seam(2, 0, Pressed::Left, [[1, 0]]), $seam(2, 2, Pressed::Right, [[3, 2]]), $level(0), $level(2),
    ]);
    expect(StepPress::of([[0, 1], [2, 3]], $rows, null))->code->toBe('rows')->ways->toBe([2 => 'right', 3 => 'left'])
        ->and(StepPress::of([[0, 1], [2, 3]], $rows, ['a', 'b', 'b', 'a']))->code->toBe('slot')->slot->toBe('b');
    $open = new PressLook([$seam(2, 0, Pressed::Open, [[1, 0]])]);
    expect(StepPress::of([[0, 1]], $open, ['a', 'b']))->code->toBe('open');
});

it('says how many segments of a strip set are pressed each way', function (): void {
    $seam = fn (float $y, Pressed $pressed, array $between): PressFlag => new PressFlag(2, $y, 2, $y + 2, $pressed, $between);
    // Three rows of a and b out of one set: two go to b, one to a.
    $look = new PressLook([$seam(0, Pressed::Left, [[1, 0]]), $seam(2, Pressed::Right, [[3, 2]]), $seam(4, Pressed::Left, [[5, 4]])]);
    $slots = ['a', 'b', 'a', 'b', 'a', 'b'];
    expect(StepPress::of([[0, 1], [2, 3], [4, 5]], $look, $slots, true)?->sets)->toBe([2, 1])
        // Where the middle row is the same segment turned round, all of them are pressed alike.
        ->and(StepPress::of([[0, 1], [2, 3], [4, 5]], $look, ['a', 'b', 'b', 'a', 'a', 'b'], true)?->sets)->toBe([]);
});

it('keeps flags through the store, and turns them round as somebody has pressed them', function (): void {
    $sheet = firstClue('s-queen');
    $task = $sheet->tasks[0];
    $read = ClueSheet::read($sheet->write())->tasks[0];
    expect($read->press)->toEqual($task->press)->and($task->press?->flags)->not->toBe([]);
    $look = new PressLook([new PressFlag(0, 0, 4, 0, Pressed::Left, [[0, 1]]), new PressFlag(0, 2, 4, 2, Pressed::Open)]);
    expect($look->done(PressDone::AsPlanned))->toBe($look)
        ->and(array_map(fn (PressFlag $flag): Pressed => $flag->pressed, $look->done(PressDone::Reversed)->flags))
        ->toBe([Pressed::Right, Pressed::Open])
        ->and(array_map(fn (PressFlag $flag): Pressed => $flag->pressed, $look->done(PressDone::Open)->flags))
        ->toBe([Pressed::Open, Pressed::Open])
        ->and(fn () => PressFlag::decode('1 2 3'))->toThrow(InvalidArgumentException::class);
});

it('presses a curve to a side where everything else is pressed open', function (): void {
    $design = smallDesign([
        'units' => [
            [
                'id' => 'u-curve',
                'name' => 'Curve',
                'kind' => 'quarter-circle',
                'finished' => '4',
                'radius' => '3',
                'fabrics' => ['f-a', 'f-b'],
            ],
        ],
        'blocks' => [['id' => 'b-one', 'name' => 'One', 'columns' => ['4', '4'], 'rows' => ['4'], 'cells' => [
            ['column' => 1, 'row' => 1, 'unit' => 'u-curve'], ['column' => 2, 'row' => 1, 'unit' => 'u-curve'],
        ]]],
        'setting' => ['kind' => 'straight', 'pattern' => [['b-one']]], 'pressing' => ['school' => 'open'],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 1, 'rows' => 2]],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'unit' => 'u-curve']]]],
    ]);
    $book = Compiler::pressBook($design, 's');
    expect($book->look('u-curve')?->flags[0]->pressed)->not->toBe(Pressed::Open)
        ->and($book->look('b-one')?->flags[0]->pressed)->toBe(Pressed::Open);
});

it('names the copies that are pressed otherwise', function (): void {
    $zero = Length::zero();
    $row = fn (int $count): array => array_map(
        fn (int $index): Placement => new Placement('b', Length::inches(4 * $index), $zero),
        range(0, $count - 1),
    );
    expect(PressModel::others($row(4), Copies::ByColumns))->toBe([false, true, false, true])
        ->and(PressModel::others($row(4), Copies::ByRows))->toBe([false, false, false, false])
        ->and(PressModel::others([new Placement('a', $zero, $zero), new Placement('b', Length::inches(4), $zero)], Copies::ByColumns))
        ->toBe([false, false]);
});

it('follows what the host of a design wants, and says which copies lie otherwise', function (): void {
    $document = json_decode((string) file_get_contents(__DIR__.'/../../database/designs/night-ferry.json'), true);
    $design = fn (array $pressing) => DesignReader::read((string) json_encode(['pressing' => (object) $pressing] + $document));
    foreach (Compiler::pressBook($design(['school' => 'open']), 's-queen')->all() as $look) {
        foreach ($look->flags as $flag) {
            expect($flag->pressed)->toBe(Pressed::Open);
        }
    }
    $alike = Compiler::pressBook($design([]), 's-queen')->all();
    $byRows = Compiler::pressBook($design(['copies' => 'rows']), 's-queen')->all();
    $others = fn (array $looks): int => array_sum(array_map(fn (PressLook $look): int => $look->others, $looks));
    expect($others($alike))->toBe(0)->and($others($byRows))->toBeGreaterThan(10);
});

it('tells members of every place at which two seams do not nest, at the step that sews over it', function (string $name, JoinMethod $method): void {
    $design = DesignReader::stored((string) file_get_contents(__DIR__."/../../database/designs/$name.json"));
    foreach (array_map(strval(...), array_keys($design->sizes)) as $size) {
        $told = 0;
        foreach (array_map(strval(...), array_keys($design->clues)) as $clue) {
            foreach (Compiler::clueSheet($design, $size, $clue, MethodChoices::defaults($design->methods))->tasks as $task) {
                foreach ($task->making->steps as $step) {
                    $told += $task->clashes($step) * $task->count;
                }
            }
        }
        $sheet = Compiler::layoutSheet($design, $size);
        $depths = array_map(fn (Slot $slot): int => $slot->value->depth(), $design->slots);
        foreach (JoinPlan::of($sheet, Arrangement::designed($sheet), $method, $depths)->stages as $stage) {
            foreach ($stage->parts as $part) {
                $told += count($part->clashes);
            }
        }
        $left = Compiler::pressPlan($design, $size)->leftInTop(School::Dark);
        // Sewn in quarters the top has other long seams, so that others are left.
        $method === JoinMethod::Quarters ? expect($told)->toBeGreaterThan(0) : expect($told)->toBe($left, "$name $size");
    }
})->with([
    ['night-ferry', JoinMethod::Rows], ['night-ferry', JoinMethod::Webbing], ['night-ferry', JoinMethod::Quarters],
    ['kitchen-garden', JoinMethod::Rows], ['warm-hands', JoinMethod::Rows],
]);

it('presses the long seams of quarters one way each, and says so of the rows and of what joins them', function (): void {
    $design = DesignReader::stored((string) file_get_contents(__DIR__.'/../../database/designs/night-ferry.json'));
    $sheet = Compiler::layoutSheet($design, 's-throw');
    $depths = array_map(fn (Slot $slot): int => $slot->value->depth(), $design->slots);
    $plan = JoinPlan::of($sheet, Arrangement::designed($sheet), JoinMethod::Quarters, $depths);
    [$quarters, $halves, $whole] = $plan->stages;
    foreach ($quarters->parts as $part) {
        $rows = count($part->rows);
        expect($part->each)->toHaveCount($rows - 1)->and($part->each)->each->toBeIn(['up', 'down']);
        foreach ($part->rows as $row) {
            expect($row)->toHaveCount(intdiv(count($part->places), $rows) - 1)->each->toBeIn(['left', 'right']);
        }
    }
    foreach ($halves->parts as $part) {
        expect($part->ways)->toHaveCount(1)->and($part->ways[0])->toBeIn(['left', 'right']);
    }
    expect($whole->parts[0]->ways)->toHaveCount(1)->and($whole->parts[0]->ways[0])->toBeIn(['up', 'down']);
});

it('presses what is planned otherwise around what is pressed already', function (): void {
    $design = DesignReader::stored((string) file_get_contents(__DIR__.'/../../database/designs/night-ferry.json'));
    $plan = Compiler::pressPlan($design, 's-crib', Copies::ByRows);
    $other = array_values(array_filter($plan->model->seams, fn ($seam): bool => str_contains($seam->id, "'/")))[0];
    $usual = array_search($other->usualId(), array_column($plan->model->seams, 'id'), true);
    expect($usual)->not->toBeFalse();
    foreach ([Pressed::Left, Pressed::Right] as $way) {
        $pressed = Compiler::pressPlan($design, 's-crib', Copies::ByRows, null, [$other->usualId() => $way])->pressed;
        expect($pressed[(int) $usual])->toBe($way)
            ->and($pressed[(int) array_search($other->id, array_column($plan->model->seams, 'id'), true)])->toBe($way);
    }
});
