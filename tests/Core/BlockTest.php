<?php

declare(strict_types=1);

use Dew\Core\Block\BlockUnit;
use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Design\ProductKey;
use Dew\Core\Geometry\CutShape;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Geometry\Seams;
use Dew\Core\Geometry\Symmetry;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\UnitKind;

pest()->group('slow');

/** Patches as comparable text, whatever their order and the corner they begin at. */
function looks(array $patches, Size $size): string
{
    return Symmetry::canonical($patches, $size);
}

/**
 * @param  list<Patch>  $patches
 * @return list<string> what lies where, wherever an outline begins
 */
function outlines(array $patches): array
{
    $lying = array_map(function (Patch $patch): string {
        $corners = array_map(fn (Point $corner): string => $corner->encode(), $patch->outline->corners);
        sort($corners);

        return $patch->slot.'|'.implode(' ', $corners);
    }, $patches);
    sort($lying);

    return $lying;
}

/** @return list<Patch> */
function patchesOf(Design $design, string $block): array
{
    return Compilation::of($design)->sized('s')->products[$block]->patches();
}

it('nests blocks, counts what lies in them and draws them where they lie', function (): void {
    $design = smallDesign(['blocks' => [
        blockOf('b-one', ['3', '3'], ['3', '3'], ['u-hst u-plain', 'u-plain u-hst/180']),
        blockOf('b-two', ['6', '6'], ['6', '6'], ['b-one b-one/90', 'b-one/270 b-one/180']),
    ], 'setting' => ['kind' => 'straight', 'pattern' => [['b-two']]]]);
    $sheet = Compiler::quiltSheet($design, 's');

    expect($sheet->unitCounts)->toBe(['b-one' => 24, 'u-hst' => 48, 'u-plain' => 48])
        ->and($sheet->blockCounts)->toBe(['b-two' => 6])
        ->and(drawnArea($sheet))->toEqualWithDelta(24 * 36, 1e-9)
        // What the sheet puts together from units is what the block itself looks like.
        ->and(looks(
            Compiler::clueSheet(
                smallDesign(
                    [
                        'blocks' => $design->document->value['blocks'],
                        'setting' => $design->document->value['setting'],
                        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'block' => 'b-two']]]],
                    ],
                ),
                's',
                'k',
                MethodChoices::defaults(),
            )->tasks[0]->patches(),
            Size::square(Length::inches(12)),
        ))
        ->toBe(looks(patchesOf($design, 'b-two'), Size::square(Length::inches(12))));
});

it('spans columns and rows', function (): void {
    $cells = [
        ['column' => 1, 'row' => 1, 'unit' => 'u-lean', 'down' => 2],
        ['column' => 2, 'row' => 1, 'unit' => 'u-hst'],
        ['column' => 2, 'row' => 2, 'unit' => 'u-plain'],
    ];
    $block = ['id' => 'b-one', 'name' => 'One', 'columns' => ['auto', '3'], 'rows' => ['3', 'auto'], 'cells' => $cells];
    $design = smallDesign(['blocks' => [$block]]);

    expect($design->blocks['b-one']->finished()->encode())->toBe('6 x 6')
        ->and(array_sum(
            array_map(fn (Patch $patch): float => $patch->outline->area(), patchesOf($design, 'b-one')),
        ))->toEqualWithDelta(36, 1e-9)
        ->and(Dew\Core\Proof\Proof::of($design))->each(fn ($finding) => $finding->code->not->toBe('seams-differ'))
        ->and(refusal(smallJson(['blocks' => [['cells' => [
            ...array_slice($cells, 0, 2),
            ['column' => 1, 'row' => 2, 'unit' => 'u-plain'],
        ]] + $block]]))->pointer)->toBe('/blocks/0/cells/2')
        ->and(said(refusal(smallJson(['blocks' => [[
            'columns' => ['3', 'auto'],
            'rows' => ['auto', '3'],
            'cells' => [['column' => 1, 'row' => 1, 'across' => 2, 'down' => 2, 'unit' => 'u-hst']],
        ] + $block]]))))->toContain('Nothing sets how wide column 2 is');
});

it('makes a variant of a mirrored unit only where its mirror image is another unit', function (): void {
    $design = smallDesign(
        [
            'blocks' => [blockOf('b-one', ['3', '3', '3'], ['6'], ['u-lean u-lean/0m u-lean/180m'])],
            'clues' => [
                [
                    'id' => 'k',
                    'title' => 'K',
                    'minutes' => 1,
                    'tasks' => [
                        ['id' => 't', 'unit' => 'u-lean'],
                        ['id' => 't-m', 'unit' => 'u-lean', 'mirror' => true, 'name' => 'Leaning left'],
                    ],
                ],
            ],
        ],
    );
    $tasks = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults())->tasks;

    expect(array_keys($design->units))->toBe(['u-hst', 'u-plain', 'u-lean', 'u-lean.m'])
        ->and([$tasks[0]->count, $tasks[1]->count])->toBe([6, 12])->and($tasks[1]->name)->toBe('Leaning left')
        ->and($tasks[0]->digest)->not->toBe($tasks[1]->digest)
        ->and($tasks[1]->making->pieces[0]->lay->mirrored)->toBeTrue();

    // A triangle square mirrored is the same one turned.
    $plain = smallDesign(['blocks' => [blockOf('b-one', ['3', '3'], ['3'], ['u-hst u-hst/0m'])]]);
    expect(array_keys($plain->units))->toBe(['u-hst', 'u-plain', 'u-lean'])
        ->and($plain->blocks['b-one']->cells[1]->orientation->degrees())->toBe(90);
});

it('lays a mirrored block turned when that looks the same, and counts it with the others', function (): void {
    $blocks = [
        // Two triangle squares across from each other: mirrored it is the same, turned by a quarter.
        blockOf('b-one', ['3', '3'], ['3', '3'], ['u-hst u-plain', 'u-plain u-hst/180']),
        blockOf('b-spin', ['3', '3'], ['3', '3'], ['u-hst/90 u-hst/180', 'u-hst u-hst/270']),
        blockOf('b-two', ['6', '6'], ['6', '6'], ['b-one b-one/0m', 'b-spin b-spin/0m']),
    ];
    $sheet = Compiler::quiltSheet(smallDesign(['blocks' => $blocks, 'setting' => ['kind' => 'straight', 'pattern' => [['b-two']]]]), 's');
    $cells = smallDesign(['blocks' => $blocks, 'setting' => ['kind' => 'straight', 'pattern' => [['b-two']]]])->blocks['b-two']->cells;

    expect($sheet->unitCounts)->toMatchArray(['b-one' => 12, 'b-spin' => 6, 'b-spin.m' => 6])
        ->and($cells[1]->product)->toBe('b-one')
        ->and($cells[1]->orientation->degrees())->toBe(90)
        ->and(drawnArea($sheet))->toEqualWithDelta($sheet->finished->area(), 1e-9);
});

it('changes fabrics per use, through blocks in blocks', function (): void {
    $outer = ['id' => 'b-two', 'name' => 'Two', 'columns' => ['6', '6'], 'rows' => ['6'], 'cells' => [
        ['column' => 1, 'row' => 1, 'block' => 'b-one'],
        ['column' => 2, 'row' => 1, 'block' => 'b-one', 'mirror' => true, 'fabrics' => ['f-a' => 'f-c', 'f-c' => 'f-a']],
    ]];
    $design = smallDesign(
        [
            'blocks' => [blockOf('b-one', ['3', '3'], ['3', '3'], ['u-hst u-plain', 'u-plain u-hst/180']), $outer],
            'setting' => ['kind' => 'straight', 'pattern' => [['b-two']]],
        ],
    );
    $sheet = Compiler::quiltSheet($design, 's');

    expect($sheet->unitCounts)->toBe(
        ['b-one' => 6, 'u-hst' => 12, 'u-plain' => 12, 'b-one.f-a=f-c.f-c=f-a' => 6, 'u-hst.f-a=f-c' => 12, 'u-plain.f-c=f-a' => 12],
    )
        ->and($sheet->areas['f-a'])->toEqualWithDelta($sheet->areas['f-c'], 1e-6)
        ->and(ProductKey::id('b-one.m.f-a=f-c'))->toBe('b-one');
});

it('refuses blocks that contain each other, however far around', function (): void {
    $one = refusal(smallJson(['blocks' => [blockOf('b-one', ['3'], ['3'], ['b-one'])]]));
    $two = refusal(
        smallJson(
            [
                'blocks' => [
                    blockOf('b-one', ['3'], ['3'], ['b-two']),
                    blockOf('b-two', ['3'], ['3'], ['b-three']),
                    blockOf('b-three', ['3'], ['3'], ['b-one']),
                ],
            ],
        ),
    );
    $names = array_map(fn (int $n): string => 'b-'.str_repeat('x', $n), range(1, 16));
    $deep = refusal(
        smallJson(
            [
                'blocks' => array_map(
                    fn (int $n): array => blockOf($names[$n], ['3'], ['3'], [$n === 15 ? 'u-hst' : $names[$n + 1]]),
                    range(0, 15),
                ),
                'setting' => ['kind' => 'straight', 'pattern' => [['b-x']]],
            ],
        ),
    );

    expect(said($one))->toContain('contains itself: b-one > b-one')
        ->and(said($two))->toContain('b-one > b-two > b-three > b-one')
        ->and(said($deep))->toContain('are nested');
});

it('refuses a shape that fills no rectangle', function (): void {
    $units = [['id' => 'u-hst', 'name' => 'D', 'kind' => 'diamond-60', 'finished' => '3', 'fabrics' => ['f-a']]];

    expect(
        said(refusal(smallJson(['units' => $units, 'blocks' => [blockOf('b-one', ['3'], ['3'], ['u-hst'])]]))),
    )->toContain('fills no rectangle');
});

it('keeps every property of thousands of blocks made at random', function (int $seed): void {
    mt_srand($seed);
    $kinds = array_values(
        array_filter(
            UnitLibrary::kinds(),
            fn (UnitKind $kind): bool => ! $kind->isFree() && ! $kind->is('triangle-row') && $kind->proportion() === 1,
        ),
    );
    for ($round = 0; $round < 60; $round++) {
        $side = Length::fraction(mt_rand(24, 60), [8, 12, 16][mt_rand(0, 2)]);
        [$columns, $rows] = [mt_rand(1, 4), mt_rand(1, 4)];
        $units = [];
        foreach (array_rand($kinds, 4) as $index) {
            [$least, $most] = $kinds[$index]->fabrics();
            $units[] = Dew\Core\Unit\Kind\UnitLibrary::example($kinds[$index], $side, fabrics(mt_rand($least, min($most, 6))))->make();
        }
        $cells = $products = [];
        foreach ($units as $index => $unit) {
            $products["u-$index"] = $unit;
        }
        for ($place = 0; $place < $columns * $rows; $place++) {
            $cells[] = new Dew\Core\Block\Cell(
                $place % $columns,
                intdiv($place, $columns),
                'u-'.mt_rand(0, 3),
                Orientation::of(90 * mt_rand(0, 3)),
            );
        }
        $block = new Dew\Core\Block\Block('b', 'B', array_fill(0, $columns, $side), array_fill(0, $rows, $side), $cells);
        $size = $block->finished();
        $patches = $block->patches($products);
        $area = fn (array $patches): float => array_sum(array_map(fn (Patch $patch): float => $patch->outline->area(), $patches));
        $encode = fn (array $patches): array => array_map(fn (Patch $patch): string => $patch->encode(), $patches);
        $turned = $patches;
        $within = $size;
        for ($turn = 0; $turn < 4; $turn++) {
            $turned = array_map(fn (Patch $patch): Patch => $patch->oriented(Orientation::of(90), $within), $turned);
            $within = $within->turned();
        }
        $over = fn (array $patches): array => array_map(
            fn (Patch $patch): Patch => $patch->oriented(Orientation::of(0, true), $size),
            $patches,
        );
        $larger = $block->scaled(2, 1);

        expect($area($patches))->toEqualWithDelta($size->area(), 1e-6 * $size->area())
            ->and($encode($turned))->toBe($encode($patches))
            ->and($encode($over($over($patches))))->toBe($encode($patches))
            ->and($larger->finished()->equals(new Size($size->width->times(2), $size->height->times(2))))->toBeTrue()
            ->and(array_sum($block->contents()))->toBe($columns * $rows)
            // Turning about a placement's corner puts a unit where turning within its cell does.
            ->and(outlines(
                (new Dew\Core\Sheet\BlockDrawing(
                    'b',
                    array_map(fn ($unit) => $unit->patches(), $products),
                    ['b' => $block->placements($products)],
                    [],
                ))->patches(),
            ))->toBe(outlines($patches));
        // The pieces' finished areas, cut and put together again, sum to the block's.
        $making = (new BlockUnit($block, $products))->making(new Dew\Core\Unit\Method('block:rows'), roomOf('1/4'));
        $parts = array_sum(
            array_map(
                fn ($piece): float => $piece->quantity(1) * ($piece->width->exact->toFloat() - 0.5) * (($piece->length?->exact->toFloat()
                    ?? 0) - 0.5),
                $making->pieces,
            ),
        );
        expect($parts)->toEqualWithDelta($size->area(), 1e-6);
    }
})->with(range(1, 40));

it('says by how much slanted tips stand out', function (): void {
    // A half-rectangle triangle of 1 by 2: its angles are 63.43° and 26.57°; s·(cot 13.28° − cot 31.72°) = ¼ · (4.2361 − 1.6180).
    $patches = makeUnit(
        UnitLibrary::kind('half-rectangle'),
        new Size(Length::inches(1), Length::inches(2)),
        fabrics(2),
    )->patches();
    [$seam] = Seams::between($patches, Length::fraction(1, 4));

    expect(abs($seam->start))->toEqualWithDelta(0.6545, 1e-4)
        ->and($seam->end)->toEqualWithDelta(-$seam->start, 1e-9)
        ->and($seam->length)->toEqualWithDelta(sqrt(5), 1e-9)
        ->and($seam->isSlanted())->toBeTrue();

    // The same found by moving both polygons out and laying their cut edges on each other.
    [$first, $second] = array_map(fn (Patch $patch): CutShape => CutShape::of($patch->outline, Length::fraction(1, 4)), $patches);
    $along = fn (array $corner): float => ($corner[0] * 1 - $corner[1] * 2) / sqrt(5);
    $ends = fn (CutShape $shape, int $from, int $to): array => [
        min($along($shape->corners[$from]), $along($shape->corners[$to])),
        max($along($shape->corners[$from]), $along($shape->corners[$to])),
    ];
    [$a, $b] = [$ends($first, 1, 2), $ends($second, 0, 2)];
    expect($b[0] - $a[0])->toEqualWithDelta($seam->start, 1e-6)
        ->and($a[1] - $b[1])->toEqualWithDelta($seam->end, 1e-6);
});

it('tells the overhang of a long edge once, against all that lies along it', function (): void {
    // The second round of an economy block: a long edge of 4/√2 against a triangle, a square's corner and a triangle. Both its tips stand
    // out by s√2.
    $patches = unitOf(UnitLibrary::kind('economy'), Length::inches(4), 3)->patches();
    $slanted = Seams::slanted(Seams::between($patches, Length::fraction(1, 4)));
    $outer = array_values(array_filter($slanted, fn ($seam): bool => $patches[$seam->first]->slot === fabrics(3)[2]->id));

    expect($slanted)->toHaveCount(8)
        ->and($outer)->toHaveCount(4);
    foreach ($outer as $seam) {
        expect($seam->start)->toEqualWithDelta(sqrt(2) / 4, 1e-9)
            ->and($seam->end)->toEqualWithDelta(sqrt(2) / 4, 1e-9)
            ->and($seam->length)->toEqualWithDelta(4 / sqrt(2), 1e-9);
    }
});

it('speaks of overhangs only where cut pieces are sewn along a slant', function (UnitKind $kind, Method $method, bool $speaks): void {
    $unit = [
        'id' => 'u-hst',
        'name' => 'U',
        'kind' => $kind->value,
        'finished' => $kind->is('geese') ? ['width' => '6', 'height' => '3'] : '3',
        'fabrics' => array_slice(['f-a', 'f-b', 'f-c'], 0, $kind->fabrics()[0]),
    ];
    $design = smallDesign(['units' => [$unit], 'blocks' => [blockOf('b-one', ['auto'], ['auto'], ['u-hst'])]]);
    $task = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults()->with($kind, $method))->tasks[0];

    expect($task->overhangs !== [])->toBe($speaks);
})->with([
    [UnitLibrary::kind('geese'), new Method('geese:no-waste'), false],
    [UnitLibrary::kind('geese'), new Method('geese:flip'), false],
    [UnitLibrary::kind('geese'), new Method('geese:triangles'), true],
    [UnitLibrary::kind('square-in-square'), new Method('square-in-square:triangles'), true],
    [UnitLibrary::kind('square-in-square'), new Method('square-in-square:flip'), false],
    [UnitLibrary::kind('economy'), new Method('economy:triangles'), true],
    [UnitLibrary::kind('kite'), new Method('kite:template'), true],
    [UnitLibrary::kind('eight-point-star'), new Method('eight-point-star:set-in'), false],
    [UnitLibrary::kind('hst'), new Method('hst:triangles'), false],
]);

it('finds no slant where none is', function (UnitKind $kind): void {
    foreach (Seams::between(unitOf($kind, Length::inches(3), $kind->fabrics()[0])->patches(), Length::fraction(1, 4)) as $seam) {
        expect($seam->isSlanted())->toBeFalse();
    }
})->with([UnitLibrary::kind('hst'), UnitLibrary::kind('four-patch'), UnitLibrary::kind('hourglass'), UnitLibrary::kind('sixteen-patch'), UnitLibrary::kind('log-cabin')]);

it('measures as much seam as the outlines share', function (UnitKind $kind): void {
    $unit = unitOf($kind, Length::inches(3), $kind->fabrics()[0]);
    $size = $unit->finished();
    $patches = $unit->patches();
    $around = 2 * ($size->width->toFloat() + $size->height->toFloat());

    expect(
        array_sum(array_map(fn ($seam): float => $seam->length, Seams::between($patches, Length::fraction(1, 4)))),
    )->toEqualWithDelta(Seams::length($patches, $around), 1e-6);
})
    ->with(
        array_values(
            array_filter(
                UnitLibrary::kinds(),
                fn (UnitKind $kind): bool => ! $kind->isFree() && ! $kind->is('square', 'rectangle'),
            ),
        ),
    );

it('knows what looks the same turned, and what mirrored', function (): void {
    $form = fn (UnitKind $kind, int ...$fabrics): array => (function () use ($kind, $fabrics): array {
        $unit = Dew\Core\Unit\Kind\UnitLibrary::example($kind, Length::inches(3), array_map(fn (int $n) => fabrics(5)[$n], $fabrics))->make();

        return [Symmetry::canonical($unit->patches(), $unit->finished()), Symmetry::turnThatMirrors($unit->patches(), $unit->finished())];
    })();

    expect($form(UnitLibrary::kind('hst'), 0, 1)[0])->toBe($form(UnitLibrary::kind('hst'), 1, 0)[0])
        ->and($form(UnitLibrary::kind('hst'), 0, 1)[0])->not->toBe($form(UnitLibrary::kind('hst'), 0, 2)[0])
        ->and($form(UnitLibrary::kind('pinwheel'), 0, 1)[1])->toBeNull()
        ->and($form(UnitLibrary::kind('geese'), 0, 1)[1])->toBe(0)
        ->and($form(UnitLibrary::kind('kite'), 0, 1)[1])->toBe(1)
        ->and($form(UnitLibrary::kind('half-and-quarters'), 0, 1, 2)[1])->toBeNull()
        ->and($form(UnitLibrary::kind('half-rectangle'), 0, 1)[1])->toBeNull();
});

it('keeps an arc through turning, mirroring and writing', function (): void {
    $patch = unitOf(UnitLibrary::kind('quarter-circle'), Length::inches(4), 2)->patches()[1];
    $size = Size::square(Length::inches(4));
    $read = Patch::decode($patch->encode());

    expect($read)->toEqual($patch)
        ->and($patch->oriented(Orientation::of(0, true), $size)->outline->arcs[4]->clockwise)->toBeTrue()
        ->and($patch->oriented(Orientation::of(90), $size)->outline->area())->toEqualWithDelta(16 - M_PI * 9 / 4, 1e-9)
        ->and($patch->outline->perimeter())->toEqualWithDelta(10 + M_PI * 1.5, 1e-9);
});

it('blunts tips at the raw edge of the unit, and lays shapes along a strip', function (): void {
    $kite = unitOf(UnitLibrary::kind('kite'), Length::inches(5), 2);
    $shape = CutShape::of($kite->patches()[0]->outline, Length::fraction(1, 4));
    $blunt = $shape->bluntedTo($kite->finished(), Length::fraction(1, 4));

    expect(min(array_column($shape->corners, 0)))->toBeLessThan(-0.3)
        ->and(min(array_column($blunt->corners, 0)))->toEqualWithDelta(-0.25, 1e-9)
        ->and($blunt->area())->toBeLessThan($shape->area())
        ->and($blunt->laidOnStrip()->area())->toEqualWithDelta($blunt->area(), 1e-9)
        ->and($blunt->laidOnStrip()->height())->toBeLessThan($blunt->height());
});

it('refuses a shape it cannot move out', function (): void {
    $point = fn (int $x, int $y): Point => new Point(Length::inches($x), Length::inches($y));

    expect(
        fn () => CutShape::of(new Dew\Core\Geometry\Outline($point(0, 0), $point(0, 0), $point(1, 1)), Length::fraction(1, 4)),
    )->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('at least three corners'))
        ->and(fn () => CutShape::of(
            unitOf(UnitLibrary::kind('quarter-circle'), Length::fraction(1, 4), 2)->patches()[1]->outline,
            Length::fraction(1, 4),
        ))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('narrower than the seam'));
});
