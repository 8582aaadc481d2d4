<?php

declare(strict_types=1);

use Dew\Core\Block\Block;
use Dew\Core\Block\BlockUnit;
use Dew\Core\Block\Cell;
use Dew\Core\Design\UnitWork;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Placement;
use Dew\Core\Making\Operand;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Press\PressBook;
use Dew\Core\Press\PressFlag;
use Dew\Core\Press\PressLook;
use Dew\Core\Press\PressModel;
use Dew\Core\Press\PressPlan;
use Dew\Core\Press\PressSolver;
use Dew\Core\Press\School;
use Dew\Core\Press\SewnTop;
use Dew\Core\Press\StepPress;
use Dew\Core\Unit\Kind\PlainUnit;
use Dew\Core\Unit\Kind\StripedHalfSquare;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\Workings;
use Tests\Core\HandSewing;

/** One unit alone, pressed by the order of its usual way of making. */
function pressedAlone(Unit $unit, CuttingRoom $room): PressPlan
{
    $work = new UnitWork($unit, new Workings($room));
    $zero = Length::zero();

    return PressSolver::plan(PressModel::of(new SewnTop(
        ['u' => $work->patches()], [], [], [new Placement('u', $zero, $zero)], sewing: ['u' => $work->sewing($unit->kind()->methods()[0])],
    )), School::Dark);
}

/** A seam by its ends, whichever comes first. */
function endsOf(float $x1, float $y1, float $x2, float $y2): string
{
    $point = fn (float $x, float $y): string => sprintf('%.2f/%.2f', $x + 1e-6, $y + 1e-6);
    $ends = [$point($x1, $y1), $point($x2, $y2)];
    sort($ends);

    return implode(' ', $ends);
}

dataset('kinds that are sewn', function (): Generator {
    foreach (UnitLibrary::kinds() as $kind) {
        // What is cut in one piece has no seams.
        if ($kind->isCutOnly()) {
            continue;
        }
        foreach (range($kind->fabrics()[0], min(6, $kind->fabrics()[1])) as $fabrics) {
            yield "$kind->value in $fabrics" => [$kind, $fabrics];
        }
    }
});

it('presses the seams that the steps sew, by every method of every kind', function ($kind, int $fabrics): void {
    $room = CuttingRoom::usual();
    try {
        $unit = UnitLibrary::example($kind, Length::inches(6), fabrics($fabrics))->make();
    } catch (InvalidArgumentException) {
        // Not every number of fabrics goes with every kind.
        expect($kind->fabrics()[0])->toBeLessThan($fabrics);

        return;
    }
    $plan = pressedAlone($unit, $room);
    $flags = PressBook::of($plan)->look('u') ?? new PressLook([]);
    foreach ($kind->methods() as $method) {
        try {
            $making = $unit->making($method, $room);
        } catch (InvalidArgumentException) {
            continue;
        }
        $sewn = new HandSewing($unit->patches(), $making->steps, $kind->isNumbered);
        $byHand = array_map(fn (array $seam): string => endsOf($seam[0], $seam[1], $seam[2], $seam[3]), $sewn->seams);
        $planned = array_map(fn ($seam): string => endsOf($seam->fromX, $seam->fromY, $seam->toX, $seam->toY), $plan->model->seams);
        sort($byHand);
        sort($planned);
        expect($planned)->toBe($byHand, "$kind->value by $method->value")->and($sewn->pieces())->toBe(1);
        // Every step that presses names seams that have a flag, and patches along one seam have the same one.
        foreach ($making->steps as $step) {
            foreach ($step->kind === StepKind::Press ? $step->operands(Operand::Seam) : [] as $on) {
                expect($flags->between($on->first, $on->second))->toBeInstanceOf(PressFlag::class, "$step->code $on->first $on->second");
            }
        }
        foreach ($sewn->seams as [, , , , $between]) {
            $found = array_map(fn (array $pair): ?string => $flags->between(...$pair)?->encode(), $between);
            expect(count(array_unique($found)))->toBeLessThanOrEqual($kind->value === 'eight-point-star' ? 2 : 1);
        }
    }
})->with('kinds that are sewn');

it('nests the middle of an hourglass, whose last seam crosses the two that were sewn first', function (): void {
    $plan = pressedAlone(unitOf(UnitLibrary::kind('hourglass'), Length::inches(4), 2), CuttingRoom::usual());
    expect($plan->model->crossings)->toHaveCount(1)->and($plan->leftInTop(School::Dark))->toBe(0);
    // The two short seams are sewn first; the last one runs from corner to corner.
    expect($plan->model->crossings[0]->across)->toBe(2)
        ->and(hypot($plan->model->seams[2]->toX - $plan->model->seams[2]->fromX, $plan->model->seams[2]->toY - $plan->model->seams[2]->fromY))
        ->toEqualWithDelta(4 * sqrt(2), 1e-6);
});

it('meets three seams in the middle of an eight-pointed star, and spins them the same way round', function (): void {
    $unit = unitOf(UnitLibrary::kind('eight-point-star'), Length::inches(6), 3);
    $plan = pressedAlone($unit, CuttingRoom::usual());
    $middle = array_filter($plan->model->crossings, fn ($one): bool => hypot($one->x - 3, $one->y - 3) < 0.01);
    expect($middle)->toHaveCount(3)->and($plan->leftInTop(School::Dark))->toBe(0);
    $look = PressBook::of($plan)->look('u');
    $around = [0, 1, 4, 5, 8, 9, 12, 13];
    foreach ($around as $index => $diamond) {
        $next = $around[($index + 1) % 8];
        expect($look?->between($diamond, $next)?->towards($diamond, $next))->toBe($next);
    }
    $press = array_values(array_filter($unit->making($unit->kind()->methods()[0], CuttingRoom::usual())->steps, fn ($step): bool => $step->code === 'star.press'));
    $pairs = array_map(fn ($on): array => [$on->first, $on->second], $press[0]->operands(Operand::Seam));
    expect(StepPress::of($pairs, $look ?? new PressLook([]), null)?->code)->toBe('round');
});

it('presses the logs of a log cabin away from its centre, whatever is darker', function (string $school): void {
    $unit = unitOf(UnitLibrary::kind('log-cabin'), Length::inches(6), 3);
    $work = new UnitWork($unit, new Workings(CuttingRoom::usual()));
    $zero = Length::zero();
    $plan = PressSolver::plan(PressModel::of(new SewnTop(
        ['u' => $work->patches()], [], ['f-0' => 2, 'f-1' => 1, 'f-2' => 0], [new Placement('u', $zero, $zero)],
        sewing: ['u' => $work->sewing($unit->kind()->methods()[0])],
    )), School::from($school));
    foreach (PressBook::of($plan)->look('u')->flags ?? [] as $flag) {
        foreach ($flag->between as $pair) {
            expect($flag->towards(...$pair))->toBe($school === 'open' ? null : max($pair));
        }
    }
    // Somebody who has pressed hers inwards is not contradicted.
    $first = $plan->model->seams[0];
    $said = PressSolver::plan($plan->model, School::from($school), [$first->id => $plan->pressed[0]->otherWay()]);
    expect($said->pressed[0])->toBe($plan->pressed[0]->otherWay());
})->with(['dark', 'side', 'bulk', 'open']);

it('plans the seams of a nine-patch that is cut in four as it is pressed, before it is cut', function (): void {
    $unit = unitOf(UnitLibrary::kind('turned-nine-patch'), Length::inches(6), 3);
    $plan = pressedAlone($unit, CuttingRoom::usual());
    $look = PressBook::of($plan)->look('u') ?? new PressLook([]);
    $board = $look->board;
    expect($board?->patches)->toHaveCount(9)->and($look->boardFlags)->toHaveCount(8);
    // Whatever part of one of its eight seams a pair of the unit is, it is pressed to the same side of it.
    foreach ($board->seams ?? [] as [$number, $first, $second, $one, $other]) {
        $onBoard = $look->onBoard()?->between($first, $second)?->towards($first, $second) === $second;
        expect($look->between($one, $other)?->towards($one, $other) === $other)->toBe($onBoard, "seam $number, patches $one and $other");
    }
    // Rows by turns: the nine-patch nests while it is sewn.
    $row = fn (int $one): string => $look->onBoard()?->between($one, $one + 1)?->way() ?? '';
    expect($row(0))->not->toBe($row(3))->and($row(3))->not->toBe($row(6))->and([$row(0), $row(3), $row(6)])->each->toBeIn(['left', 'right']);
});

it('presses both halves of a striped square as the strip set was pressed', function (): void {
    $room = CuttingRoom::usual();
    $unit = new StripedHalfSquare(Length::inches(6), [Length::inches(2), Length::inches(1), Length::inches(3)], fabrics(4));
    $twin = $unit->otherHalf($room->seam);
    $zero = Length::zero();
    $works = array_map(fn (Unit $one): UnitWork => new UnitWork($one, new Workings($room)), ['u' => $unit, 'v' => $twin]);
    // Pressed to the lower side, the twin would go the other way if it were planned by itself.
    $top = fn (bool $together): SewnTop => new SewnTop(
        array_map(fn (UnitWork $work): array => $work->patches(), $works), [], ['f-1' => 2, 'f-2' => 0, 'f-3' => 1],
        [new Placement('u', $zero, $zero), new Placement('v', Length::inches(6), $zero)],
        sewing: $together ? array_map(fn (UnitWork $work) => $work->sewing($work->unit->kind()->methods()[0]), $works) : [],
    );
    [$book, $apart] = array_map(
        fn (bool $together): PressBook => PressBook::of(PressSolver::plan(PressModel::of($top($together)), School::Side)), [true, false],
    );
    // Strips count from opposite ends: to the next one here is to the one before there.
    $strips = count($unit->patches()) - 1;
    $checked = $differ = 0;
    for ($strip = 0; $strip + 1 < count($twin->patches()) - 1; $strip++) {
        $there = $book->look('v')?->between($strip, $strip + 1)?->towards($strip, $strip + 1);
        $here = [$strips - 2 - $strip, $strips - 1 - $strip];
        expect($book->look('u')?->between(...$here)?->towards(...$here) === $here[1])->toBe($there === $strip);
        $isHere = $apart->look('u')?->between(...$here)?->towards(...$here) === $here[1];
        $differ += $isHere === ($apart->look('v')?->between($strip, $strip + 1)?->towards($strip, $strip + 1) === $strip) ? 0 : 1;
        $checked++;
    }
    expect($checked)->toBeGreaterThan(0)->and($differ)->toBeGreaterThan(0);
});

it('presses the seams that the steps of a block sew, where parts span rows', function (int $seed): void {
    mt_srand($seed);
    $room = CuttingRoom::usual();
    $spanning = 0;
    for ($case = 0; $case < 12; $case++) {
        [$columns, $rows] = [mt_rand(2, 5), mt_rand(2, 5)];
        $products = $cells = [];
        foreach (partedCells(0, 0, $columns, $rows) as $number => $cell) {
            $products["u-$number"] = new PlainUnit(new Size(Length::inches(2 * $cell->across), Length::inches(2 * $cell->down)), fabrics(1)[0]);
            $cells[] = new Cell($cell->column, $cell->row, "u-$number", $cell->orientation, $cell->across, $cell->down);
        }
        $side = fn (int $count): array => array_fill(0, $count, Length::inches(2));
        $block = new BlockUnit(new Block('b', 'B', $side($columns), $side($rows), $cells), $products);
        $steps = $block->making($block->kind()->methods()[0], $room)->steps;
        $spanning += in_array('block.section.first', array_column($steps, 'code'), true) ? 1 : 0;
        $byHand = array_map(
            fn (array $seam): string => endsOf($seam[0], $seam[1], $seam[2], $seam[3]), (new HandSewing($block->patches(), $steps, false))->seams,
        );
        $planned = array_map(
            fn ($seam): string => endsOf($seam->fromX, $seam->fromY, $seam->toX, $seam->toY), pressedAlone($block, $room)->model->seams,
        );
        sort($byHand);
        sort($planned);
        expect($planned)->toBe($byHand);
    }
    expect($spanning)->toBeGreaterThan(1);
})->with(range(1, 4));
