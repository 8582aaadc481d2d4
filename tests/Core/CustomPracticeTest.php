<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\Sewing;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Proof\Severity;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\Piece;

/** @return list<string> */
function codesOf(Making $making): array
{
    return array_map(fn (Step $step): string => $step->code, $making->steps);
}

it('makes a star of parallelograms of strips with set-in corners', function (): void {
    $design = smallDesign(starDesign(starUnits()));
    $sheet = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults());
    [$arms, $mirrored, $star] = $sheet->tasks;
    $area = array_sum(array_map(fn (Patch $patch): float => $patch->outline->area(), $star->patches()));
    expect($area)->toEqualWithDelta(144.0, 1e-9)
        ->and([$arms->count, $mirrored->count, $star->count])->toBe([24, 24, 6])
        ->and($arms->making->piece('segment')?->width->exact->toDecimal(4))->toBe('2.6213')
        ->and($mirrored->name)->toBe('Arm, mirrored');

    $sewing = array_values(array_filter(array_map(fn (Step $step): ?string => $step->sewing?->value, $star->making->steps)));
    expect($sewing)->toBe([Sewing::StopAndSecure->value, Sewing::SetIn->value, Sewing::StartAndSecure->value])
        ->and(codesOf($star->making))->toContain('custom.mark', 'custom.press_open', 'custom.press_toward', 'custom.press_seam');
    $parts = array_values(array_filter($star->making->pieces, fn ($piece): bool => ! $piece->isCloth()));
    expect(array_sum(array_map(fn ($piece): int => $piece->batch->each, $parts)))->toBe(8);
});

it('presses half of the strip sets the other way where mirrored units come from them', function (): void {
    $sheet = Compiler::clueSheet(smallDesign(starDesign(starUnits())), 's', 'k', MethodChoices::defaults());
    expect(codesOf($sheet->tasks[0]->making))->toContain('strips.press_one_way')
        ->and(codesOf($sheet->tasks[1]->making))->toContain('strips.press_other_way');

    // A clue does not give away that a later one makes the mirror image; the later one is pressed the other way all the same.
    $change = starDesign(starUnits());
    $tasks = $change['clues'][0]['tasks'];
    $change['clues'] = [
        ['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [$tasks[0]]],
        ['id' => 'k-2', 'title' => 'L', 'minutes' => 1, 'tasks' => [$tasks[1], $tasks[2]]],
    ];
    $design = smallDesign($change);
    $codes = fn (string $clue): array => codesOf(Compiler::clueSheet($design, 's', $clue, MethodChoices::defaults())->tasks[0]->making);
    expect($codes('k'))->toContain('rail.strips.press')->not->toContain('strips.press_one_way')
        ->and($codes('k-2'))->toContain('strips.press_other_way');
});

it('finds a given star whose segments are cut 2½ where its geometry wants 2.6213', function (): void {
    $units = starUnits(['stated' => ['method' => 'strip-parallelogram:plain', 'cut' => ['segment' => '2 1/2']]]);
    $found = array_filter(
        marks(starDesign($units)),
        fn (string $code): bool => str_starts_with($code, 'stated-cut-small'),
        ARRAY_FILTER_USE_KEY,
    );
    expect($found)->toHaveCount(1);
    $finding = array_values($found)[0];
    expect($finding->severity)->toBe(Severity::Error)
        ->and($finding->lengths['exact']->toDecimal(4))->toBe('2.6213')
        ->and($finding->lengths['stated']->encode())->toBe('5/2');
    $right = starUnits(['stated' => ['method' => 'strip-parallelogram:plain', 'cut' => ['segment' => '2 5/8']]]);
    expect(array_filter(array_keys(marks(starDesign($right))), fn (string $code): bool => str_starts_with($code, 'stated')))->toBe([]);
});

it('refuses seams, notches and sections that lead nowhere, and names what there is', function (callable $change, string $words): void {
    $units = starUnits();
    expect(said(refusal(smallJson(starDesign($change($units))))))->toContain($words);
})->with([
    'a seam with a piece that is not there' => [function (array $units): array {
        $units[1]['seams'][0]['pieces'][1] = 'arm-45';

        return $units;
    }, '"arm-45"'],
    'a seam of pieces that do not touch' => [function (array $units): array {
        $units[1]['seams'][0]['pieces'] = ['ne', 'sw'];

        return $units;
    }, 'share no edge'],
    'a seam pressed toward a third piece' => [function (array $units): array {
        $units[1]['seams'][1]['toward'] = 'sw';

        return $units;
    }, 'neither of the two pieces'],
    'two seams with one id' => [function (array $units): array {
        $units[1]['seams'][1]['id'] = 'pair';

        return $units;
    }, 'pair'],
    'a piece in two sections' => [function (array $units): array {
        $units[1]['sections'] = [
            ['id' => 'one', 'name' => 'One', 'pieces' => ['ne']],
            ['id' => 'two', 'name' => 'Two', 'pieces' => ['ne']],
        ];

        return $units;
    }, 'another section'],
    'a notch on an edge that is not there' => [function (array $units): array {
        $units[1]['pieces'][8]['notches'] = [['edge' => 5, 'at' => '1/2']];

        return $units;
    }, 'is edge 5; the shape has 4'],
    'a notch outside of its edge' => [function (array $units): array {
        $units[1]['pieces'][8]['notches'] = [['edge' => 1, 'at' => '2']];

        return $units;
    }, 'share of the edge'],
    'a spare allowance without its seam' => [function (array $units): array {
        $units[1]['pieces'][8]['spare'] = ['edges' => [1], 'width' => '1/4', 'after' => 'nowhere'];

        return $units;
    }, '"nowhere"'],
    'a placed unit with a fabric of its own' => [function (array $units): array {
        $units[1]['pieces'][0]['fabric'] = 'f-a';

        return $units;
    }, 'brings its own'],
    'a piece of cloth that is turned' => [function (array $units): array {
        $units[1]['pieces'][8]['turn'] = 90;

        return $units;
    }, 'itself a unit'],
    'a corner to the right of the unit' => [function (array $units): array {
        $units[1]['pieces'][8]['shape'] = shapeOf('9,0', '13,0', '12,3', '9,3');

        return $units;
    }, 'outside the unit, at 13.000 by 0.000'],
    'a corner below the unit' => [function (array $units): array {
        $units[1]['pieces'][8]['shape'] = shapeOf('9,0', '12,0', '12,13', '9,3');

        return $units;
    }, 'outside the unit, at 12.000 by 13.000'],
    'a corner above the unit' => [function (array $units): array {
        $units[1]['pieces'][8]['shape'] = shapeOf('9,-1', '12,0', '12,3', '9,3');

        return $units;
    }, 'below zero'],
    'a unit inside itself' => [function (array $units): array {
        $units[1]['pieces'][0]['unit'] = 'u-star';

        return $units;
    }, 'u-star'],
    'the first corner again at the end' => [function (array $units): array {
        $units[1]['pieces'][8]['shape'] = shapeOf('9,0', '12,0', '12,3', '9,3', '9,0');

        return $units;
    }, 'twice'],
    'a corner twice in the middle' => [function (array $units): array {
        $units[1]['pieces'][8]['shape'] = shapeOf('9,0', '12,0', '12,0', '12,3', '9,3');

        return $units;
    }, 'twice'],
]);

function leafSheet(array $unit): ClueSheet
{
    return Compiler::clueSheet(smallDesign([
        'units' => [$unit],
        'blocks' => [
            [
                'id' => 'b-one',
                'name' => 'One',
                'columns' => ['4'],
                'rows' => ['4'],
                'cells' => [['column' => 1, 'row' => 1, 'unit' => 'u-leaf']],
            ],
        ],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'unit' => 'u-leaf']]]],
    ]), 's', 'k', MethodChoices::defaults());
}

it('says how notched curves are basted, eased and trimmed, and when the spare allowance goes', function (): void {
    $making = leafSheet(leafUnit())->tasks[0]->making;
    $codes = codesOf($making);
    $order = array_map(
        fn (string $code): int|false => array_search($code, $codes, true),
        ['custom.cut_notched', 'custom.baste', 'custom.seam', 'custom.trim_inner', 'custom.press_toward', 'custom.trim_spare'],
    );
    $sorted = $order;
    sort($sorted);
    expect($order)->not->toContain(false)->toBe($sorted);
    $cut = $making->steps[(int) $order[0]];
    expect($cut->measures['deep']->exact->encode())->toBe('1/8');
});

it('cuts the spare allowance outside of the seam allowance, and prints the pattern\'s own letters', function (): void {
    $with = leafSheet(leafUnit())->tasks[0]->making;
    $unit = leafUnit();
    unset($unit['pieces'][1]['spare']);
    $without = leafSheet($unit)->tasks[0]->making;
    $ground = fn (Making $making) => array_values(array_filter($making->pieces, fn ($piece): bool => $piece->label === 'R'))[0];
    expect($ground($with)->width->exact->minus($ground($without)->width->exact)->toFloat())->toBeGreaterThan(0.249)->toBeLessThan(0.35)
        ->and($ground($with)->template?->later)->not->toBeNull()
        ->and($ground($without)->template?->later)->toBeNull()
        ->and($ground($without)->template?->notches)->toHaveCount(1);
});

it('sews sections in one clue and joins them in a later one', function (): void {
    $units = starUnits();
    $units[1]['sections'] = [['id' => 'east', 'name' => 'East half', 'pieces' => ['arm-0', 'arm-90-m', 'ne']]];
    $change = starDesign($units);
    $change['clues'] = [
        ['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't-east', 'unit' => 'u-star', 'section' => 'east']]],
        ['id' => 'k-2', 'title' => 'L', 'minutes' => 1, 'tasks' => [['id' => 't-star', 'unit' => 'u-star']]],
    ];
    $design = smallDesign($change);
    $east = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults())->tasks[0];
    $star = Compiler::clueSheet($design, 's', 'k-2', MethodChoices::defaults())->tasks[0];
    $templates = fn (Making $making): int => array_sum(
        array_map(fn ($piece): int => $piece->isCloth() ? $piece->batch->each : 0, $making->pieces),
    );
    $seams = fn (Making $making): array => array_values(
        array_filter(array_map(fn (Step $step): ?string => $step->names['first'] ?? null, $making->steps)),
    );
    expect($east->name)->toContain('East half')
        ->and($east->count)->toBe(6)
        ->and(codesOf($east->making))->toContain('custom.check_section')
        ->and($templates($east->making))->toBe(1)
        ->and($templates($star->making))->toBe(7)
        // The whole star's seams are shared out, none sewn twice and none left out.
        ->and(count(array_filter(codesOf($east->making), fn (string $code): bool => $code === 'custom.seam')))->toBe(2)
        ->and(count(array_filter(codesOf($star->making), fn (string $code): bool => $code === 'custom.seam')))->toBe(1);
});

it('flips a corner onto the inside of a quarter circle, and onto a block', function (): void {
    $units = [
        ['id' => 'u-arc', 'name' => 'Arc', 'kind' => 'quarter-circle', 'finished' => '4', 'fabrics' => ['f-a', 'f-b'], 'radius' => '3'],
        ['id' => 'u-tip', 'name' => 'Tipped arc', 'kind' => 'corners', 'finished' => [
            'width' => '4',
            'height' => '4',
        ], 'fabrics' => ['f-c'],
            'base' => ['unit' => 'u-arc'], 'corners' => [['at' => 'top-left', 'leg' => '2']]],
    ];
    $design = smallDesign([
        'units' => $units,
        'blocks' => [
            [
                'id' => 'b-one',
                'name' => 'One',
                'columns' => ['4'],
                'rows' => ['4'],
                'cells' => [['column' => 1, 'row' => 1, 'unit' => 'u-tip']],
            ],
        ],
        'clues' => [
            [
                'id' => 'k',
                'title' => 'K',
                'minutes' => 1,
                'tasks' => [['id' => 't-arc', 'unit' => 'u-arc'], ['id' => 't-tip', 'unit' => 'u-tip']],
            ],
        ],
    ]);
    $tip = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults())->tasks[1];
    $areas = [];
    foreach ($tip->patches() as $patch) {
        $areas[$patch->slot] = ($areas[$patch->slot] ?? 0) + $patch->outline->area();
    }
    expect(array_sum($areas))->toEqualWithDelta(16.0, 1e-9)
        ->and($areas['f-c'])->toEqualWithDelta(2.0, 1e-9)
        ->and($areas['f-a'])->toEqualWithDelta(M_PI * 9 / 4 - 2.0, 1e-9)
        ->and(codesOf($tip->making))->toContain('corners.sew_made');
    expect(Compilation::of($design)->contents('u-tip'))->toBe(['u-tip' => 1, 'u-arc' => 1]);
});

it('flips corners onto a whole block', function (): void {
    $units = [
        ...array_slice(json_decode(smallJson(), true)['units'], 0, 2),
        ['id' => 'u-snowball', 'name' => 'Snowball', 'kind' => 'corners', 'finished' => '6', 'fabrics' => ['f-c'], 'base' => [
            'block' => 'b-inner',
        ],
            'corners' => [['at' => 'top-right', 'leg' => '2'], ['at' => 'bottom-left', 'leg' => '2']]],
    ];
    $design = smallDesign([
        'units' => $units,
        'blocks' => [
            blockOf('b-inner', ['3', '3'], ['3', '3'], ['u-hst u-plain', 'u-plain u-hst']),
            blockOf('b-one', ['6'], ['6'], ['u-snowball']),
        ],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [
            ['id' => 't-hst', 'unit' => 'u-hst'], ['id' => 't-inner', 'block' => 'b-inner'], ['id' => 't-ball', 'unit' => 'u-snowball'],
        ]]],
    ]);
    [$hst, $inner, $ball] = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults())->tasks;
    $rust = array_sum(array_map(fn (Patch $patch): float => $patch->slot === 'f-c' ? $patch->outline->area() : 0.0, $ball->patches()));
    expect([$hst->count, $inner->count, $ball->count])->toBe([12, 6, 6])
        ->and(array_sum(array_map(fn (Patch $patch): float => $patch->outline->area(), $ball->patches())))->toEqualWithDelta(36.0, 1e-9)
        // Two corners of 2 in², and what they leave of two plain squares of 9 in².
        ->and($rust)->toBeGreaterThan(14.0)
        ->and(array_map(fn ($piece): string => $piece->id, $ball->making->pieces))->toContain('b-inner');
});

it('sews overlapping corners one round after the other, each trimmed and pressed before the next', function (): void {
    $unit = ['id' => 'u-boat', 'name' => 'Bow', 'kind' => 'corners', 'finished' => [
        'width' => '4',
        'height' => '4',
    ], 'fabrics' => ['f-a', 'f-b'],
        'corners' => [['at' => 'top-left', 'leg' => '3'], ['at' => 'bottom-right', 'leg' => '3'], ['at' => 'top-right', 'leg' => '1']]];
    $making = Compilation::of(smallDesign([
        'units' => [$unit],
        'blocks' => [
            [
                'id' => 'b-one',
                'name' => 'One',
                'columns' => ['4'],
                'rows' => ['4'],
                'cells' => [['column' => 1, 'row' => 1, 'unit' => 'u-boat']],
            ],
        ],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => []]],
    ]))->sized('s')->products['u-boat']->making(new Method('corners:flip'), roomOf('1/4'));
    $codes = codesOf($making);
    $rounds = array_keys($codes, 'corners.sew_round', true);
    expect(count($rounds))->toBeGreaterThan(1);
    foreach (array_keys($codes) as $index) {
        if (in_array($index, $rounds, true) && $index !== $rounds[0]) {
            // Since the last round it was trimmed and pressed.
            $before = array_slice($making->steps, 0, $index);
            $kinds = array_map(
                fn (Step $step): StepKind => $step->kind,
                array_slice($before, (int) max(array_filter($rounds, fn (int $round): bool => $round < $index))),
            );
            expect($kinds)->toContain(StepKind::Cut)->toContain(StepKind::Press);
        }
    }
});

it('lets a design set how a kind is usually made, and members choose otherwise', function (): void {
    $design = smallDesign(['methods' => ['hst' => 'hst:triangles']]);
    $made = fn (MethodChoices $choices): Method => Compiler::clueSheet($design, 's', 'k', $choices)->tasks[0]->making->method;
    expect($made(MethodChoices::defaults($design->methods)))->toEqual(new Method('hst:triangles'))
        ->and($made(MethodChoices::defaults($design->methods)->with(UnitLibrary::kind('hst'), new Method('hst:eight'))))->toEqual(
            new Method('hst:eight'),
        );
    expect(said(refusal(smallJson(['methods' => ['hst' => 'geese:flip']]))))->toContain('hst:two');
    expect(said(refusal(smallJson(['methods' => ['origami' => 'geese:flip']]))))->toContain('/methods')->toContain('"origami"');
});

it('cuts a round piece and the hollow beside it by templates of their own, and equal round pieces by one', function (): void {
    $unit = leafUnit();
    $unit['fabrics'] = ['f-a'];
    unset($unit['seams']);
    foreach ([0, 1] as $piece) {
        $unit['pieces'][$piece]['fabric'] = 'f-a';
        unset($unit['pieces'][$piece]['letter'], $unit['pieces'][$piece]['notches'], $unit['pieces'][$piece]['spare']);
    }
    $counts = fn (array $unit): array => array_map(
        fn (Piece $piece): int => $piece->batch->each,
        leafSheet($unit)->tasks[0]->making->pieces,
    );
    expect($counts($unit))->toBe([1, 1]);

    // Four quarter circles of half the size, two of them of a larger circle: two templates, each for two.
    $round = fn (string $id, int $x, int $y, string $radius): array => ['id' => $id, 'fabric' => 'f-a', 'shape' => [
        ['x' => "$x", 'y' => "$y"], ['x' => (string) ($x + 2), 'y' => "$y"], ['arc' => $radius, 'clockwise' => true],
        ['x' => "$x", 'y' => (string) ($y + 2)],
    ]];
    $unit['pieces'] = [$round('one', 0, 0, '2'), $round('two', 2, 0, '2'), $round('three', 0, 2, '3'), $round('four', 2, 2, '3')];
    expect($counts($unit))->toBe([2, 2]);
});
