<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\DesignReader;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;
use Dew\Core\Proof\Severity;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\UnitKind;
use Dew\Core\Unit\Workings;

pest()->group('slow');

function faultOf(string $name): string
{
    return (string) file_get_contents(dirname(__DIR__)."/designs/faults/$name.json");
}

/** @return list<CuttingRoom> seams of ¼ in, 7 mm and 0.75 cm on cloth of 40 in and 108 cm */
function rooms(): array
{
    $rooms = [];
    foreach (['1/4', '7 mm', '0.75 cm'] as $seam) {
        foreach (['40', '108 cm'] as $cloth) {
            $rooms[] = new CuttingRoom(Length::parse($seam), Length::parse($cloth), Length::fraction(1, 2));
        }
    }

    return $rooms;
}

/** Every way of making a unit, its drawing and its numbers, in some room; null where no way is possible, as on cloth too narrow. */
function madeIn(UnitKind $kind, Length $width, Length $height, CuttingRoom $room): ?Making
{
    $workings = new Workings($room);
    $made = null;
    try {
        $unit = UnitLibrary::example($kind, $height, fabrics($kind->fabrics()[0]), $width)->make();
    } catch (InvalidArgumentException) {
        return null;
    }
    foreach ($kind->methods() as $method) {
        try {
            $making = $workings->firstPossible($unit, $method);
            $workings->cutArea($unit, $unit->patches());
        } catch (InvalidArgumentException) {
            return null;
        }
        $made ??= $making;
        $making->perStrip($room->usableWidth);
        foreach ([...array_column($making->pieces, 'width'), ...array_merge(...array_column($making->steps, 'measures'))] as $measure) {
            // What is stored is read back, and every number has a mark on the ruler.
            $read = Measurement::decode($measure->encode());
            // An expectation takes many times as long as comparing: only one that is not met is worth it.
            $read == $measure || expect($read)->toEqual($measure);
            $measure->in($room->notation());
        }
    }
    $workings->digest($unit);
    $unit->overhangs($room);

    return $made;
}

it('computes every kind at centimetre and inch sizes, in any proportion', function (UnitKind $kind): void {
    $proportions = $kind->proportion() === null ? [[1, 1], [1, 2], [2, 3], [3, 4], [15, 19]] : [[1, 1]];
    $tries = $made = 0;
    foreach (rooms() as $number => $room) {
        // Every size is tried in some room; all of them in all rooms are tried by `bin/dew test walk`.
        for ($step = 2 + $number; $step <= 120; $step += 6) {
            foreach ($proportions as [$wide, $high]) {
                foreach ([Length::parse(($step / 2).' cm'), Length::fraction($step + 6, 8)] as $width) {
                    $tries++;
                    $made += madeIn($kind, $width, $width->times($high, $wide), $room) === null ? 0 : 1;
                }
            }
        }
    }
    // What cannot be made is too small for its curve or its cuts, or too wide for the cloth.
    expect($made)->toBeGreaterThan($tries * 0.7);
})->with(fn (): array => array_combine(
    array_column(UnitLibrary::kinds(), 'value'), array_map(fn (UnitKind $kind): array => [$kind], UnitLibrary::kinds()),
));

it('cuts slanted triangles to within a thousandth of an inch of what floating point says', function (UnitKind $kind): void {
    foreach (rooms() as $room) {
        foreach ([[15, 19], [2, 3], [3, 4], [1, 2]] as [$wide, $high]) {
            for ($step = 4; $step <= 120; $step += 5) {
                $width = Length::parse(($step / 2).' cm');
                $height = $width->times($high, $wide);
                $piece = array_values(array_filter(
                    madeIn($kind, $width, $height, $room)->pieces ?? [], fn ($piece): bool => in_array($piece->id, ['first', 'left'], true),
                ))[0];
                [$w, $h, $s] = [$width->toFloat(), $height->toFloat(), $room->seam->toFloat()];
                // Legs of the finished triangle: the rectangle's own, half of a peak's width, the edge of a kite.
                [$a, $b] = match ($kind->value) {
                    'half-rectangle' => [$w, $h],
                    'peak' => [$w / 2, $h],
                    default => [$h, $h * 2 / 5],
                };
                $c = hypot($a, $b);
                expect($piece->length?->exact->toFloat())->toEqualWithDelta($a + $s + $s * ($a + $c) / $b, 0.001)
                    ->and($piece->width->exact->toFloat())->toEqualWithDelta($b + $s + $s * ($b + $c) / $a, 0.001);
            }
        }
    }
})->with([[UnitLibrary::kind('half-rectangle')], [UnitLibrary::kind('peak')], [UnitLibrary::kind('kite')]]);

it('compares lengths that are too large to be multiplied', function (): void {
    $large = Length::fraction(4_000_000_007, 3_000_000_019);
    expect($large->compareTo(Length::fraction(4_000_000_009, 3_000_000_019)))->toBe(-1)
        ->and($large->compareTo(Length::fraction(4_000_000_007, 3_000_000_037)))->toBe(1)
        ->and($large->compareTo(Length::fraction(4_000_000_007, 3_000_000_019)))->toBe(0);
});

it('draws and computes a trimmed block of whatever lies at its edge', function (UnitKind $kind): void {
    $spec = UnitLibrary::example($kind, Length::inches(6), fabrics($kind->fabrics()[0]));
    $unit = $spec->make();
    $size = $unit->finished();
    $block = new Dew\Core\Block\Block(
        'b', 'B', [$size->width, $size->width], [$size->height], array_map(
            fn (int $column): Dew\Core\Block\Cell => new Dew\Core\Block\Cell($column, 0, 'u', Dew\Core\Geometry\Orientation::upright()), [0, 1],
        ),
    );
    $trimmed = new Dew\Core\Block\TrimmedBlock(
        new Dew\Core\Block\BlockUnit($block, ['u' => $unit]),
        new Dew\Core\Measure\Size($size->width->times(2)->minus(Length::inches(1)), $size->height->minus(Length::fraction(5, 4))),
    );
    $area = array_sum(array_map(fn (Patch $patch): float => $patch->outline->area(), $trimmed->patches()));
    expect($area)->toEqualWithDelta($trimmed->finished()->width->toFloat() * $trimmed->finished()->height->toFloat(), 0.01);
})->with(fn (): array => array_map(
    fn (UnitKind $kind): array => [$kind],
    array_values(array_filter(UnitLibrary::kinds(), fn (UnitKind $kind): bool => ! $kind->isFree() && ! $kind->is('custom'))),
));

it('computes the smallest designs that once could not be', function (string $name): void {
    $design = DesignReader::read(faultOf($name));
    expect(array_filter(Proof::of($design), fn (Finding $finding): bool => $finding->severity === Severity::Error))->toBe([])
        ->and(count(storedSheets($design)))->toBeGreaterThanOrEqual(5);
})->with([['metric-half-rectangle-crash'], ['trimmed-star-crash'], ['trimmed-single-unit-block'], ['trimmed-areas']]);

it('keeps the trimming of a block that is one unit with a task of its own', function (): void {
    $sheet = Compiler::clueSheet(DesignReader::read(faultOf('trimmed-single-unit-block')), 's-one', 'k-one', MethodChoices::defaults());
    expect(array_map(fn (TaskSheet $task): string => $task->task, $sheet->tasks))->toBe(['t-turned', 't-one', 't-two']);
    $codes = array_map(fn (Step $step): string => $step->code, $sheet->tasks[1]->making->steps);
    expect($codes)->toBe(['block.check_before_trimming', 'block.trimmed'])
        ->and($sheet->tasks[1]->trimWidth()->exact->encode())->toBe('12');
});

it('counts no cloth that is trimmed off as seen', function (): void {
    $sheet = Compiler::quiltSheet(DesignReader::read(faultOf('trimmed-areas')), 's');
    // Blocks of 7 in: 16 sq in of D beside corners of which half an inch is cut off all round.
    expect(array_sum($sheet->areas))->toEqualWithDelta(14 * 7, 1e-5)
        ->and($sheet->areas['f-d'])->toEqualWithDelta(49.0, 1e-5);
});

it('measures a framed block before its frame goes on', function (): void {
    $sheet = Compiler::clueSheet(DesignReader::read(smallJson([
        'units' => [
            ['id' => 'u-hst', 'name' => 'Triangle', 'kind' => 'hst', 'finished' => '3', 'fabrics' => ['f-a', 'f-b']],
            ['id' => 'u-long', 'name' => 'Long', 'kind' => 'rectangle', 'finished' => ['width' => '8', 'height' => '1'], 'fabrics' => ['f-c']],
            ['id' => 'u-side', 'name' => 'Side', 'kind' => 'rectangle', 'finished' => ['width' => '1', 'height' => '6'], 'fabrics' => ['f-c']],
        ],
        'blocks' => [
            blockOf('b-in', ['3', '3'], ['3', '3'], ['u-hst u-hst', 'u-hst u-hst']),
            ['id' => 'b-one', 'name' => 'Framed', 'columns' => ['1', '6', '1'], 'rows' => ['1', '6', '1'], 'cells' => [
                ['column' => 1, 'row' => 1, 'across' => 3, 'unit' => 'u-long'], ['column' => 1, 'row' => 2, 'unit' => 'u-side'],
                ['column' => 2, 'row' => 2, 'block' => 'b-in'], ['column' => 3, 'row' => 2, 'unit' => 'u-side'],
                ['column' => 1, 'row' => 3, 'across' => 3, 'unit' => 'u-long'],
            ]],
        ],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 10, 'tasks' => [['id' => 't', 'block' => 'b-one'], ['id' => 't-in', 'block' => 'b-in']]]],
    ])), 's', 'k', MethodChoices::defaults());
    $codes = array_map(fn (Step $step): string => $step->code, $sheet->tasks[0]->making->steps);
    expect(array_search('block.middle', $codes, true))->toBe(1)
        ->and($sheet->tasks[0]->making->steps[1]->measures['width']->exact->encode())->toBe('13/2')
        ->and(array_map(fn (Step $step): string => $step->code, $sheet->tasks[1]->making->steps))->not->toContain('block.middle');
});

it('finds what cannot be computed and keeps every other finding', function (): void {
    $clean = smallJson(['units' => [
        ['id' => 'u-hst', 'name' => 'Triangle square', 'kind' => 'hst', 'finished' => '3', 'fabrics' => ['f-a', 'f-b']],
        ['id' => 'u-plain', 'name' => 'Curve', 'kind' => 'quarter-circle', 'finished' => '3', 'fabrics' => ['f-c', 'f-b'], 'radius' => '1/4'],
        ['id' => 'u-idle', 'name' => 'Idle', 'kind' => 'square', 'finished' => '2', 'fabrics' => ['f-a']],
    ]]);
    $found = Proof::ofDraft(DesignReader::reading($clean));
    $codes = array_map(fn (Finding $finding): string => $finding->code, $found);
    expect($found[0]->severity)->toBe(Severity::Error)
        ->and($found[0]->place)->toBe('/units/1')
        ->and($codes)->toContain('unused-unit')
        ->and(array_values(array_intersect($codes, ['unreadable', 'uncomputable'])))->toHaveCount(1);
});

it('says at every size that cannot be computed which unit it is, and where', function (): void {
    $design = DesignReader::stored(smallJson(['units' => [
        ['id' => 'u-hst', 'name' => 'Triangle square', 'kind' => 'hst', 'finished' => '3', 'fabrics' => ['f-a', 'f-b']],
        ['id' => 'u-plain', 'name' => 'Curve', 'kind' => 'quarter-circle', 'finished' => '3', 'fabrics' => ['f-c', 'f-b'], 'radius' => '5/8'],
    ], 'sizes' => [
        ['id' => 's', 'name' => 'Whole', 'columns' => 2, 'rows' => 2], ['id' => 's-half', 'name' => 'Half', 'columns' => 2, 'rows' => 2, 'scale' => '1/2'],
    ]]));
    $errors = array_values(array_filter(Proof::of($design), fn (Finding $finding): bool => $finding->code === 'uncomputable'));
    expect($errors)->toHaveCount(1)
        ->and([$errors[0]->place, $errors[0]->names['unit'], $errors[0]->names['size']])->toBe(['/units/1', 'Curve', 'Half']);
});

it('refuses a size of more units than can be worked out, with the number and the limit, before it is laid out', function (): void {
    $sized = fn (int $columns, int $rows): Dew\Core\Design\Reading => DesignReader::reading(smallJson([
        'units' => [['id' => 'u-one', 'name' => 'One', 'kind' => 'square', 'finished' => '1', 'fabrics' => ['f-a']]],
        'blocks' => [[
            'id' => 'b-one', 'name' => 'Sixty-four', 'columns' => array_fill(0, 8, '1'), 'rows' => array_fill(0, 8, '1'), 'cells' => array_map(
                fn (int $cell): array => ['column' => $cell % 8 + 1, 'row' => intdiv($cell, 8) + 1, 'unit' => 'u-one'], range(0, 63),
            ),
        ]],
        'sizes' => [['id' => 's', 'name' => 'Whole', 'columns' => $columns, 'rows' => $rows]],
    ]));
    $most = array_filter($sized(30, 30)->complaints, fn ($complaint): bool => str_starts_with($complaint->pointer, '/sizes'));
    expect($most)->toBe([])->and(30 * 30 * 64)->toBe(Dew\Core\Design\Compilation::MOST_UNITS);
    $began = workedSeconds();
    $complaints = array_values(array_filter($sized(30, 31)->complaints, fn ($complaint): bool => str_starts_with($complaint->pointer, '/sizes')));
    expect($complaints)->toHaveCount(1)
        ->and($complaints[0]->pointer)->toBe('/sizes/0')
        ->and(said($complaints[0]->problem))->toContain('59,520')->toContain('57,600')
        ->and(workedSeconds() - $began)->toBeLessThan(1.0);
});

it('refuses misformed documents with the place that is wrong', function (array $path, mixed $value, string $pointer): void {
    $reading = DesignReader::reading(designWith($path, $value));
    Proof::ofDraft($reading);
    $pointers = array_map(fn ($complaint): string => $complaint->pointer, $reading->complaints);
    expect($pointers)->toContain($pointer);
})->with([
    [['clues', 0, 'tasks', 0], null, '/clues/0/tasks/0'], [['clues', 0, 'tasks', 0], 0, '/clues/0/tasks/0'],
    [['blocks', 0, 'cells', 0, 'unit'], [[]], '/blocks/0/cells/0/unit'], [['setting', 'borders'], [1, 1e308], '/setting/borders/1'],
    [['colourways', 0, 'id'], new stdClass, '/colourways/0/id'], [['units', 2, 'finished'], [], '/units/2/finished'],
    [['blocks', 0, 'id'], (object) ['$ref' => '#'], '/blocks/0/id'],
    [['clues', 0, 'tasks', 0], (object) ['id' => 't', 'part' => '12'], '/clues/0/tasks/0/part'],
]);

it('refuses documents that would take long to read, by count', function (): void {
    $units = [['id' => 'u-0', 'name' => 'U', 'kind' => 'hst', 'finished' => '1', 'fabrics' => ['f-a', 'f-b']]];
    for ($deep = 1; $deep <= 8; $deep++) {
        $size = 3 ** ($deep - 1);
        $units[] = [
            'id' => "u-$deep", 'name' => "U $deep", 'kind' => 'custom', 'finished' => (string) (3 * $size), 'fabrics' => ['f-a'],
            'pieces' => array_map(fn (int $place): array => [
                'id' => "p-$place", 'unit' => 'u-'.($deep - 1), 'x' => (string) ($size * ($place % 3)), 'y' => (string) ($size * intdiv($place, 3)),
            ], range(0, 8)),
        ];
    }
    $cells = [['column' => 1, 'row' => 1, 'unit' => 'u-8']];
    $began = workedSeconds();
    $reading = DesignReader::reading(smallJson([
        'units' => $units, 'blocks' => [['id' => 'b-one', 'name' => 'One', 'columns' => ['6561'], 'rows' => ['6561'], 'cells' => $cells]],
    ]));
    // It took minutes once: a bound of seconds tells the two apart on any machine.
    expect(workedSeconds() - $began)->toBeLessThan(5.0)
        ->and(said($reading->complaints[0]->problem))->toContain('1000 is the most');
});

it('finds a chain of units too deep in whatever order it is declared', function (bool $reversed): void {
    $chain = array_map(fn (int $number): array => [
        'id' => "u-$number", 'name' => "U $number", 'kind' => 'corners', 'finished' => '6', 'fabrics' => ['f-a'],
        'corners' => [['at' => 'top-left', 'leg' => '1']], 'base' => ['unit' => $number === 0 ? 'u-base' : 'u-'.($number - 1)],
    ], range(0, 19));
    $units = [['id' => 'u-base', 'name' => 'Base', 'kind' => 'square', 'finished' => '6', 'fabrics' => ['f-b']], ...$chain];
    $reading = DesignReader::reading(smallJson([
        'units' => $reversed ? array_reverse($units) : $units,
        'blocks' => [['id' => 'b-one', 'name' => 'One', 'columns' => ['6'], 'rows' => ['6'], 'cells' => [['column' => 1, 'row' => 1, 'unit' => 'u-19']]]],
    ]));
    expect(array_map(said(...), array_column($reading->complaints, 'problem')))->toContain('Blocks are nested 13 deep; 12 is the most.');
})->with([[false], [true]]);
