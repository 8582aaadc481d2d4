<?php

declare(strict_types=1);

use Dew\Core\Bench\BackGrid;
use Dew\Core\Bench\BackPart;
use Dew\Core\Bench\BiasBinding;
use Dew\Core\Bench\BorderCorner;
use Dew\Core\Bench\BorderRound;
use Dew\Core\Bench\Borders;
use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Bench\PiecedBack;
use Dew\Core\Bench\PiecedBorder;
use Dew\Core\Bench\TopMeasure;
use Dew\Core\Compile\Compiler;
use Dew\Core\Cutting\Marks;
use Dew\Core\Cutting\StockKind;
use Dew\Core\Cutting\StockPiece;
use Dew\Core\Design\DesignReader;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\MethodChoices;

/** @return non-empty-list<Length> */
function inchesOf(string $list): array
{
    return array_map(fn (string $text): Length => Length::parse(trim($text)), explode(',', $list));
}

function topOf(string $widths, string $heights, ?string $diagonals = null): TopMeasure
{
    return new TopMeasure(inchesOf($widths), inchesOf($heights), $diagonals === null ? null : inchesOf($diagonals));
}

it('cuts borders to what the top measures, from the inside out', function (
    string $widths, string $heights, string $borders, BorderCorner $corner, array $rounds,
): void {
    $plans = Borders::of(topOf($widths, $heights), inchesOf($borders), array_fill(0, 2, $corner), CuttingRoom::usual(), Length::inches(40));
    expect(array_map(fn ($round): array => [
        round($round->cut->toFloat(), 3), round($round->sides->toFloat(), 3), round($round->ends->toFloat(), 3), $round->strips,
        $round->corners?->toFloat(), round($round->after->width->toFloat(), 3), round($round->after->height->toFloat(), 3),
    ], $plans))->toBe($rounds);
})->with([
    // 60½ × 80½ true: sides 80½, ends 60½ + 4; 4 strips would be 290 in: ⌈(290 − 2½) / 37½⌉ = 8.
    'a true top' => ['60 1/2', '80 1/2', '2', BorderCorner::Straight, [[2.5, 80.5, 64.5, 8, null, 64.5, 84.5]]],
    // (60 + 60¼ + 60) / 3 = 60.083, 60 1⁄16 at the nearest mark; (80 + 79¾) / 2 = 79.875.
    'a top that is not' => ['60, 60 1/4, 60', '80, 79 3/4', '2', BorderCorner::Straight, [[2.5, 79.875, 64.063, 8, null, 64.063, 83.875]]],
    'two borders, one after the other' => ['30', '30', '1, 3', BorderCorner::Straight, [
        [1.5, 30.0, 32.0, 4, null, 32.0, 32.0], [3.5, 32.0, 38.0, 4, null, 38.0, 38.0],
    ]],
    'squares in the corners' => ['30', '36', '3', BorderCorner::Squares, [[3.5, 36.0, 30.0, 4, 3.5, 36.0, 42.0]]],
    // The tips take 2√2 · ¼ = 0.707.
    'mitred' => ['30', '36', '3', BorderCorner::Mitred, [[3.5, 42.707, 36.707, 5, null, 36.0, 42.0]]],
]);

it('gives every border its own corners, those of the design', function (): void {
    $design = DesignReader::read(smallJson([
        'setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'borders' => [
            ['id' => 'e-plain', 'name' => 'Plain', 'fabric' => 'f-a', 'width' => '1'],
            ['id' => 'e-mitred', 'name' => 'Mitred', 'fabric' => 'f-b', 'width' => '3', 'mitred' => true],
            ['id' => 'e-squares', 'name' => 'Squares', 'fabric' => 'f-b', 'width' => '2', 'corner_fabric' => 'f-a'],
        ]],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 10, 'rows' => 10]],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 10, 'tasks' => array_map(
            fn (string $border): array => ['id' => "t-$border", 'part' => "border:$border"], ['e-plain', 'e-mitred', 'e-squares'],
        )]],
    ]));
    $tasks = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults())->tasks;
    $corners = array_map(fn (TaskSheet $task): BorderCorner => BorderCorner::ofStrips($task->making), $tasks);
    expect($corners)->toBe([BorderCorner::Straight, BorderCorner::Mitred, BorderCorner::Squares])
        ->and(array_map(BorderCorner::of(...), $design->setting->borders))->toBe($corners);

    // On a true top the bench cuts what the clue says: a mitred border of 3 in on 32½ in is 38½ + 2√2 · ¼ = 39 7⁄32 in long.
    $centre = Compiler::layoutSheet($design, 's')->finished->outsetBy(inches('6')->negated())->outsetBy($design->room->seam);
    $top = new TopMeasure([$centre->width], [$centre->height]);
    $rounds = Borders::of($top, [inches('1'), inches('3'), inches('2')], $corners, $design->room, Length::inches(40));
    expect(array_map(fn (BorderRound $round): array => [$round->sides->encode(), $round->ends->encode()], $rounds))->toBe(
        array_map(fn (TaskSheet $task): array => array_values(array_map(
            fn (Step $step): string => $step->measures['length']->exact->encode(),
            array_filter($task->making->steps, fn (Step $step): bool => isset($step->measures['length'])),
        )), $tasks),
    );
});

it('warns where measures differ too much, and says where to look', function (string $widths, string $heights, ?string $diagonals, array $warnings): void {
    expect(topOf($widths, $heights, $diagonals)->warnings())->toBe($warnings);
})->with([
    'true' => ['60, 60 1/4, 60', '80, 80', '100, 100 1/4', []],
    'edges that have stretched' => ['61, 60, 61', '80', null, ['widths_wavy']],
    'a full middle' => ['60, 60 3/4, 60', '80', null, ['widths_full']],
    'one row longer than the other' => ['60, 60 1/2, 61', '80, 80 3/4', null, ['widths_tapers', 'heights_tapers']],
    'leaning' => ['60', '80', '99 1/2, 100 1/2', ['leans']],
]);

it('knows how far a top leans', function (): void {
    // A parallelogram 60 wide and 80 high, its upper edge 1 in to the right.
    [$long, $short] = [hypot(61, 80), hypot(59, 80)];
    $top = new TopMeasure(inchesOf('60'), inchesOf('80'), [Length::approximately($short), Length::approximately($long)]);
    expect(round($top->lean(), 3))->toBe(1.0)->and(topOf('60', '80')->lean())->toBe(0.0);
});

it('refuses measures that cannot be', function (callable $made, string $field, string $reason): void {
    try {
        $made();
        expect(false)->toBeTrue();
    } catch (MeasureRefused $error) {
        expect([$error->field, $error->reason])->toBe([$field, $reason]);
    }
})->with([
    'a top of 3 in' => [fn () => topOf('3', '80'), 'widths', 'too_small'],
    'a top of 300 in' => [fn () => topOf('60', '300'), 'heights', 'too_large'],
    'sides that differ by 6 in' => [fn () => topOf('60', '80, 86'), 'heights', 'too_far_apart'],
    'diagonals of another top' => [fn () => topOf('60', '80', '100, 110'), 'diagonals', 'not_this_top'],
    'a border without a width' => [fn () => Borders::of(topOf('60', '80'), inchesOf('0'), [], CuttingRoom::usual(), Length::inches(40)), 'border', 'no_width'],
    'a border wider than the top' => [fn () => Borders::of(topOf('60', '80'), inchesOf('31'), [], CuttingRoom::usual(), Length::inches(40)), 'border', 'too_wide'],
    'cloth narrower than the border' => [fn () => Borders::of(topOf('60', '80'), inchesOf('8'), [], CuttingRoom::usual(), Length::inches(8)), 'cloth', 'too_narrow'],
    'a remnant smaller than a strip' => [fn () => BiasBinding::from(new Size(Length::inches(2), Length::inches(2)), Length::fraction(5, 2), Length::fraction(1, 4)), 'cloth', 'no_strip'],
    'a module larger than the top' => [fn () => PiecedBack::proposals(
        new Size(Length::inches(20), Length::inches(20)), Length::inches(4), Length::inches(30), [], new Marks(Notation::Fractions), CuttingRoom::usual(),
    ), 'module', 'too_large'],
]);

it('fits a pieced border by plain strips of a width that can be sewn', function (string $widths, string $heights, string $unit, array $fits): void {
    $border = PiecedBorder::of(topOf($widths, $heights), Length::parse($unit), Length::fraction(1, 2), CuttingRoom::usual());
    $strips = array_map(fn (Length $strip): float => $strip->toFloat(), [...$border->sideCoping, ...$border->endCoping]);
    expect([$border->across, $border->down, ...$strips])->toBe($fits);
})->with([
    'it fits as it is' => ['60 1/2', '80 1/2', '4', [15, 20, 0.0, 0.0, 0.0, 0.0]],
    // 60 finished in units of 7: 9 make 63, 1½ on each side; 80: 12 make 84, 2 on each.
    'strips on all sides' => ['60 1/2', '80 1/2', '7', [9, 12, 1.5, 1.5, 2.0, 2.0]],
    // 59½ in units of 6: 10 make 60 with ¼ on each side, which is too slim; 11 make 66 with 3¼.
    'a strip that would be too slim' => ['60', '60 1/2', '6', [11, 10, 3.25, 3.25, 0.0, 0.0]],
    // On average 60 1⁄16 by 80, so 3 7⁄16 and 4½ are missing: 1 23⁄32 is no mark of a ruler, 1¾ and 1 11⁄16 are.
    'halves that are no marks' => ['60, 60 1/4, 60', '80', '7', [9, 12, 1.75, 1.6875, 2.25, 2.25]],
]);

it('cuts bias strips one by one, and promises no more than they give', function (string $width, string $height, string $strip, int $strips, float $length): void {
    $binding = BiasBinding::from(new Size(Length::parse($width), Length::parse($height)), Length::parse($strip), Length::fraction(1, 4));
    expect($binding->strips)->toBe($strips)->and(round($binding->length, 1))->toBe($length)
        ->and($binding->length)->toBeLessThan(Length::parse($width)->toFloat() * Length::parse($height)->toFloat() / Length::parse($strip)->toFloat());
})->with([
    // Five strips on each side of the slant: 2 · (25.8 + 20.8 + 15.8 + 10.8 + 5.8) − 9 joins of 0.707.
    'a 20 in square at 2½' => ['20', '20', '2 1/2', 10, 151.5],
    // Nine on each side, the last too short: 2 · Σ 2 (21.213 − 1.125 − 2.25 k) for k up to 7 − 15 joins.
    'a 30 in square at 2¼' => ['30', '30', '2 1/4', 16, 380.2],
    // Six of 25.456, then 24.068, 19.068, 14.068, 9.068; on the other side 22.956, 17.956, 12.956, 7.956; 13 joins.
    'half a yard' => ['40', '18', '2 1/2', 14, 271.6],
]);

it('knows how many bias strips are enough, and when none are', function (): void {
    $square = new Size(Length::inches(20), Length::inches(20));
    $enough = fn (int $wanted): ?int => BiasBinding::enough($square, Length::fraction(5, 2), Length::fraction(1, 4), Length::inches($wanted))?->strips;
    expect([$enough(25), $enough(50), $enough(151), $enough(152)])->toBe([1, 2, 10, null]);
});

it('pieces a back from remnants, large areas first, and says what is missing and which frame it takes', function (): void {
    $marks = new Marks(Notation::Fractions);
    $scrap = fn (string $id, int $width, int $length): StockPiece => new StockPiece($id, StockKind::Scrap, $width * 16, $length * 16);
    $top = new Size(Length::inches(60), Length::inches(80));
    $stock = [$scrap('large', 41, 62), $scrap('half', 42, 32), $scrap('square', 21, 21), $scrap('slim-1', 6, 30), $scrap('slim-2', 6, 30)];
    $plans = PiecedBack::proposals($top, Length::inches(4), Length::inches(10), $stock, $marks, CuttingRoom::usual());
    // Six by eight modules of 10 in make 60½ × 80½, which is not enough for a top of 60 × 80.
    [$framed] = array_values(array_filter($plans, fn (PiecedBack $plan): bool => $plan->columns === 6));
    expect($framed->middle->encode())->toBe((new Size(Length::fraction(121, 2), Length::fraction(161, 2)))->encode())
        ->and($framed->frameSides?->toFloat())->toBe(4.25)->and($framed->frameEnds?->toFloat())->toBe(4.25)
        ->and(array_map(fn (BackPart $part): string => "$part->wide x $part->high ".implode('+', $part->from), array_slice($framed->parts, 0, 2)))
        ->toBe(['6 x 4 large', '4 x 3 half']);
    [$whole] = array_values(array_filter($plans, fn (PiecedBack $plan): bool => $plan->columns === 7));
    expect($whole->middle->width->toFloat())->toBe(70.5)->and($whole->rows)->toBe(9)->and($whole->frameSides)->toBeNull();
});

it('covers no module of a back twice, and cuts no remnant twice', function (): void {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(5));
    $marks = new Marks(Notation::Fractions);
    for ($case = 0; $case < 60; $case++) {
        $stock = [];
        foreach (range(1, $dice->getInt(1, 12)) as $number) {
            $stock[] = new StockPiece("s$number", StockKind::Scrap, $dice->getInt(60, 800), $dice->getInt(60, 800));
        }
        $module = Length::inches($dice->getInt(5, 12));
        foreach (PiecedBack::proposals(new Size(Length::inches(40), Length::inches(50)), Length::inches(4), $module, $stock, $marks, CuttingRoom::usual()) as $plan) {
            $covered = $areas = [];
            foreach ($plan->parts as $part) {
                for ($x = $part->column; $x < $part->column + $part->wide; $x++) {
                    for ($y = $part->row; $y < $part->row + $part->high; $y++) {
                        expect($covered["$x $y"] ?? false)->toBeFalse()->and($x)->toBeLessThan($plan->columns)->and($y)->toBeLessThan($plan->rows);
                        $covered["$x $y"] = true;
                    }
                }
                if (count($part->from) === 1) {
                    $side = fn (int $modules): int => $marks->up($module->times($modules)->plus(Length::fraction(1, 2)));
                    $areas[$part->from[0]] = ($areas[$part->from[0]] ?? 0) + $side($part->wide) * $side($part->high);
                }
            }
            expect(count($covered) + $plan->missing)->toBe($plan->columns * $plan->rows);
            foreach ($stock as $piece) {
                expect($areas[$piece->id] ?? 0)->toBeLessThanOrEqual($piece->area());
            }
        }
    }
});

it('finds places in a grid from the top left', function (): void {
    $grid = new BackGrid(3, 2);
    expect($grid->place(2, 2))->toBe([0, 0])->and($grid->place(2, 1))->toBeNull()->and($grid->place(1, 1))->toBe([2, 0])->and($grid->free())->toBe(1);
});
