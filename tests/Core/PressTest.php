<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Press\Copies;
use Dew\Core\Press\Crossing;
use Dew\Core\Press\Pressed;
use Dew\Core\Press\PressModel;
use Dew\Core\Press\PressParts;
use Dew\Core\Press\PressPlan;
use Dew\Core\Press\PressSeam;
use Dew\Core\Press\PressSolver;
use Dew\Core\Press\School;
use Dew\Core\Press\SewnTop;
use Tests\Core\PressWalk;

pest()->group('slow');

function squareAt(int $x, int $y, string $slot, int $side = 1): Patch
{
    return new Patch($slot, Outline::rectangle(Length::inches($x), Length::inches($y), Size::square(Length::inches($side))));
}

/** @return list<Placement> so many rows and columns of one block, a given number of inches apart */
function gridOf(string $block, int $columns, int $rows, int $side): array
{
    $placements = [];
    foreach (range(0, $rows - 1) as $row) {
        foreach (range(0, $columns - 1) as $column) {
            $placements[] = new Placement($block, Length::inches($column * $side), Length::inches($row * $side));
        }
    }

    return $placements;
}

/** @return array<string, list<Patch>> units by name: a four-patch, a nine-patch, and two triangles that make a square */
function unitsForPressing(): array
{
    $nine = [];
    foreach (range(0, 8) as $index) {
        $nine[] = squareAt($index % 3, intdiv($index, 3), $index % 2 === 0 ? 'dark' : 'light');
    }
    $point = fn (int $x, int $y): Point => new Point(Length::inches($x), Length::inches($y));

    return [
        'four' => [squareAt(0, 0, 'dark'), squareAt(1, 0, 'light'), squareAt(0, 1, 'light'), squareAt(1, 1, 'dark')],
        'nine' => $nine,
        'half' => [
            new Patch('dark', new Outline($point(0, 0), $point(2, 0), $point(0, 2))),
            new Patch('light', new Outline($point(2, 0), $point(2, 2), $point(0, 2))),
        ],
        'plain' => [squareAt(0, 0, 'light', 3)],
    ];
}

const DEPTHS = ['light' => 0, 'dark' => 2];

/** @param  array<string, list<Placement>>  $blocks */
function modelOf(array $blocks, string $block, int $columns = 1, int $rows = 1, int $side = 4, Copies $copies = Copies::Alike): PressModel
{
    return PressModel::of(new SewnTop(unitsForPressing(), $blocks, DEPTHS, gridOf($block, $columns, $rows, $side)), $copies);
}

it('finds the seams and crossings of a unit as they are sewn in rows', function (string $unit, int $seams, int $crossings, int $left): void {
    $model = modelOf([], $unit, side: 3);
    $plan = PressSolver::plan($model, School::Dark);
    expect([count($model->seams), $plan->crossingsInTop(), $plan->leftInTop(School::Dark)])->toBe([$seams, $crossings, $left]);
})->with([
    'a four-patch: two short seams, a long one, a crossing' => ['four', 3, 1, 0],
    'a nine-patch: six short seams, two long ones, four crossings' => ['nine', 8, 4, 0],
    'two triangles' => ['half', 1, 0, 0],
    'one piece' => ['plain', 0, 0, 0],
]);

it('presses the rows of a nine-patch by turns, to the dark where it can', function (): void {
    $model = modelOf([], 'nine', side: 3);
    $ways = array_map(
        fn (PressSeam $seam, Pressed $pressed): string => $seam->way($pressed),
        $model->seams,
        PressSolver::plan($model, School::Dark)->pressed,
    );
    // Dark in the corners and in the middle: outwards in the first and last row, inwards between.
    expect($ways)->toBe(['left', 'right', 'right', 'left', 'left', 'right', 'up', 'down']);
});

it('knows what binds when all copies of a block are pressed alike', function (int $columns, int $rows, int $side, string $unit, int $left, int $chequered): void {
    $plan = fn (Copies $copies): int => PressSolver::plan(
        modelOf([], $unit, $columns, $rows, $side, $copies), School::Dark,
    )->leftInTop(School::Dark);
    expect($plan(Copies::Alike))->toBe($left)->and($plan(Copies::Free))->toBe(0)->and($plan(Copies::Chequered))->toBe($chequered);
})->with([
    // Neighbours meet with the long seam of both: 2 seams at 1 upright joint, whichever way it goes; the short ones lie by turns already.
    'two nine-patches side by side' => [2, 1, 3, 'nine', 2, 0],
    // One above the other, the short seams of the last and of the first row lie alike: both go the same way in an odd number of rows.
    'two nine-patches one above the other' => [1, 2, 3, 'nine', 2, 0],
    'a four-patch beside its copy: its long seam meets itself' => [2, 1, 2, 'four', 1, 0],
    'a four-patch above its copy: two rows lie by turns' => [1, 2, 2, 'four', 0, 0],
]);

it('takes what is pressed already as it is', function (): void {
    $model = modelOf([], 'four', side: 2);
    $plan = PressSolver::plan($model, School::Dark, ['four/1' => Pressed::Right, 'four/3' => Pressed::Open]);
    expect($plan->pressed[0])->toBe(Pressed::Right)->and($plan->pressed[1])->toBe(Pressed::Left)->and($plan->pressed[2])->toBe(Pressed::Open);
    // Both short seams pressed the same way cannot nest; an open one is in the way of none.
    $both = ['four/1' => Pressed::Right, 'four/2' => Pressed::Right];
    expect(PressSolver::plan($model, School::Dark, $both)->leftInTop(School::Dark))->toBe(1)
        ->and(PressSolver::plan($model, School::Dark, ['four/1' => Pressed::Open])->leftInTop(School::Dark))->toBe(0);
    $open = PressSolver::plan($model, School::Open);
    expect($open->pressed)->toBe([Pressed::Open, Pressed::Open, Pressed::Open])->and($open->leftInTop(School::Open))->toBe(0);
});

it('leaves fewer crossings that do not nest when one of their seams is pressed open, and never more', function (): void {
    $plan = Compiler::pressPlan(DesignReader::stored((string) file_get_contents(dirname(__DIR__, 2).'/database/designs/night-ferry.json')), 's-crib');
    $before = $plan->leftInTop(School::Dark);
    expect($before)->toBeGreaterThan(0);
    foreach (array_slice($plan->left(School::Dark), 0, 6) as $crossing) {
        $open = [$plan->model->seams[$crossing->first]->id => Pressed::Open];
        expect(PressSolver::plan($plan->model, School::Dark, $open)->leftInTop(School::Dark))->toBeLessThan($before);
    }
});

/** @return list<int> the least cost that any plan has, by trying all of them */
function leastByTrying(PressModel $model, School $school): array
{
    $least = null;
    $count = count($model->seams);
    for ($bits = 0; $bits < 1 << $count; $bits++) {
        $pressed = [];
        for ($seam = 0; $seam < $count; $seam++) {
            $pressed[] = ($bits >> $seam & 1) === 1 ? Pressed::Right : Pressed::Left;
        }
        $cost = PressSolver::cost(new PressPlan($model, $pressed), $school);
        $least = $least === null || $cost < $least ? $cost : $least;
    }

    return $least ?? [0, 0, 0];
}

it('is never worse than trying everything, on blocks of the library and on small tops', function (School $school): void {
    $design = DesignReader::stored((string) file_get_contents(__DIR__.'/../../database/designs/block-library.json'));
    $sheet = Compiler::quiltSheet($design, (string) array_key_first($design->sizes));
    $depths = array_map(
        fn (Slot $slot): int => [
            FabricValue::Light->value => 0, FabricValue::Medium->value => 1, FabricValue::Dark->value => 2,
        ][$slot->value->value],
        $design->slots,
    );
    $tried = 0;
    foreach (array_keys($sheet->blocks) as $block) {
        $zero = Length::zero();
        $model = PressModel::of(new SewnTop($sheet->units, $sheet->blocks, $depths, [new Placement((string) $block, $zero, $zero)], sewing: $sheet->sewing));
        if (count($model->seams) > 0 && count($model->seams) <= 12) {
            expect(PressSolver::cost(PressSolver::plan($model, $school), $school))->toBe(leastByTrying($model, $school), "$block");
            $tried++;
        }
    }
    expect($tried)->toBeGreaterThan(7);
    foreach ([[2, 2, 2, 'four'], [3, 2, 2, 'half'], [2, 1, 3, 'nine']] as [$columns, $rows, $side, $unit]) {
        $model = modelOf([], $unit, $columns, $rows, $side);
        expect(
            PressSolver::cost(PressSolver::plan($model, $school), $school),
        )->toBe(leastByTrying($model, $school), "$columns x $rows of $unit");
    }
})->with([[School::Dark], [School::Side], [School::Bulk]]);

/**
 * The fewest crossings that any plan leaves, by trying all of them.
 *
 * @param  list<Crossing>  $crossings
 */
function fewestLeft(int $seams, array $crossings): int
{
    $known = array_map(fn (Crossing $one): array => [1 << $one->first, 1 << $one->second, $one->differ, $one->copies], $crossings);
    $least = PHP_INT_MAX;
    for ($bits = 0; $bits < 1 << $seams; $bits++) {
        $left = 0;
        foreach ($known as [$first, $second, $differ, $copies]) {
            if ((($bits & $first) === 0) !== (($bits & $second) === 0) xor $differ) {
                $left += $copies;
            }
        }
        $least = min($least, $left);
    }

    return $least;
}

it('mends larger parts as well as trying everything does, nearly always', function (): void {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(3));
    $optimal = 0;
    for ($case = 0; $case < 20; $case++) {
        $seams = $crossings = [];
        $count = 15;
        for ($seam = 0; $seam < $count; $seam++) {
            $seams[] = new PressSeam(
                "s/$seam", 's', 0, 0, 1, 0, $dice->getInt(1, 5), $dice->getInt(-1, 1), $dice->getInt(0, 3), $dice->getInt(0, 3),
            );
        }
        for ($crossing = 0; $crossing < 26; $crossing++) {
            [$first, $second] = [$dice->getInt(0, $count - 1), $dice->getInt(0, $count - 1)];
            $crossings[] = new Crossing($first, $second, $dice->getInt(0, 1) === 1, 0, 's', 0, 0, $dice->getInt(1, 6));
        }
        $found = PressSolver::plan(PressModel::given($seams, $crossings), School::Dark)->leftInTop(School::Dark);
        $least = fewestLeft($count, $crossings);
        expect($found)->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($least + 6);
        $optimal += $found === $least ? 1 : 0;
    }
    expect($optimal)->toBeGreaterThanOrEqual(16);
});

it('agrees with a walk that finds the crossings from the patches alone', function (string $file, Copies $copies): void {
    $design = DesignReader::stored((string) file_get_contents(__DIR__."/../../database/designs/$file.json"));
    foreach (array_slice(array_keys($design->sizes), 0, 1) as $size) {
        $sheet = Compiler::quiltSheet($design, (string) $size);
        $depths = array_map(
            fn (Slot $slot): int => [
                FabricValue::Light->value => 0, FabricValue::Medium->value => 1, FabricValue::Dark->value => 2,
            ][$slot->value->value],
            $design->slots,
        );
        $model = PressModel::of($sheet->sewn($depths), $copies, true);
        $plan = PressSolver::plan($model, School::Dark);
        [$crossings, $left] = PressWalk::over($sheet, $plan);
        expect($crossings)->toBe($plan->crossingsInTop())->and($left)->toBe(
            $plan->leftInTop(School::Dark),
        )->and($crossings)->toBeGreaterThan(100);
    }
})->with([['night-ferry', Copies::Alike], ['night-ferry', Copies::Free], ['warm-hands', Copies::Alike]]);

it('nests everything in the demo quilts once every unit is free, and gives the same plan every time', function (string $file): void {
    $design = DesignReader::stored((string) file_get_contents(__DIR__."/../../database/designs/$file.json"));
    $sheet = Compiler::quiltSheet($design, (string) array_key_first($design->sizes));
    $model = fn (Copies $copies): PressModel => PressModel::of($sheet->sewn([]), $copies);
    expect(PressSolver::plan($model(Copies::Free), School::Dark)->leftInTop(School::Dark))->toBe(0)
        ->and(
            PressSolver::plan($model(Copies::Alike), School::Dark)->pressed,
        )->toBe(PressSolver::plan($model(Copies::Alike), School::Dark)->pressed);
})->with(['night-ferry', 'kitchen-garden', 'block-library', 'warm-hands']);

it('models every size alike whether its parts were sewn before at another size or not', function (Copies $copies): void {
    foreach (['night-ferry', 'kitchen-garden', 'warm-hands'] as $file) {
        $design = DesignReader::read((string) file_get_contents(__DIR__."/../../database/designs/$file.json"));
        $compilation = Compilation::of($design);
        foreach ($compilation->sizes() as $sized) {
            $top = $compilation->sewnTop($sized);
            [$alone, $with] = [PressModel::of($top, $copies), PressModel::of($top, $copies, parts: $compilation->pressParts($sized, $top))];
            expect($with->seams)->toEqual($alone->seams)->and($with->same)->toEqual($alone->same)->and($with->crossings)->toEqual($alone->crossings)->and($with->groups)->toBe($alone->groups);
            foreach (array_keys($alone->seams) as $seam) {
                expect($with->between($seam))->toBe($alone->between($seam));
            }
        }
    }
})->with([Copies::Alike, Copies::Chequered, Copies::ByRows]);

it('sews a unit again that is another one under the same name', function (): void {
    $four = unitsForPressing()['four'];
    $two = [squareAt(0, 0, 'dark', 2), squareAt(2, 0, 'light', 2)];
    $depths = ['dark' => 2, 'light' => 0];
    $top = fn (array $units): SewnTop => new SewnTop($units, [], $depths);
    $parts = (new PressParts)->with($top(['u' => $four]));
    $seams = fn (PressParts $parts): int => $parts->part('u')->endOfSeams - $parts->part('u')->firstSeam;
    expect($seams($parts))->toBe(3)
        ->and($parts->with($top(['u' => $four, 'v' => $two])))->toBe($parts)
        ->and($seams($parts->with($top(['u' => $two]))))->toBe(1)
        ->and($seams($parts))->toBe(3);
});
