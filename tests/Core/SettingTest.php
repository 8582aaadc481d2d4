<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Setting\QuiltAsYouGo;
use Dew\Core\Setting\QuiltingJoin;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;

it('adds up a block from unequal columns, exactly', function (): void {
    expect(plainBlock('b', '1 1/3', '2 2/3', '2')->finished()->encode())->toBe('6 x 6')
        ->and(plainBlock('b', '1 1/3', '2 2/3', '2')->contents())->toBe(['u-0' => 1, 'u-1' => 1, 'u-2' => 1]);
});

it('lays units where their cells are', function (): void {
    $slot = new Slot('f', 'A', 'A', FabricValue::Dark);
    $units = [];
    foreach (['1 1/3', '2 2/3', '2'] as $index => $width) {
        $units["u-$index"] = makeUnit(UnitLibrary::kind('rectangle'), new Size(Length::parse($width), Length::inches(6)), [$slot]);
    }
    $lefts = array_map(
        fn (Patch $patch): string => $patch->outline->corners[0]->x->encode(),
        plainBlock('b', '1 1/3', '2 2/3', '2')->patches($units),
    );

    expect($lefts)->toBe(['0', '4/3', '4']);
});

it('repeats its pattern over any number of blocks', function (int $columns, int $rows, int $first, int $second): void {
    $design = smallDesign([
        'blocks' => [blockOf('b-one', ['3'], ['3'], ['u-hst']), blockOf('b-two', ['3'], ['3'], ['u-plain'])],
        'setting' => ['kind' => 'straight', 'pattern' => [['b-one', 'b-two'], ['b-two', 'b-one']]],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => $columns, 'rows' => $rows]],
    ]);
    $layout = Compilation::of($design)->sized('s')->layout;

    expect($layout->blockCounts)->toBe(array_filter(['b-one' => $first, 'b-two' => $second]))
        ->and($layout->placements)->toHaveCount($columns * $rows)
        ->and($layout->perimeter->encode())->toBe((string) (6 * ($columns + $rows)));
})->with([[1, 1, 1, 0], [2, 2, 2, 2], [3, 3, 5, 4], [5, 7, 18, 17], [4, 5, 10, 10]]);

it('puts borders round from the inside outwards, and they cover their frame exactly', function (): void {
    $design = smallDesign(['setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'borders' => [
        ['id' => 'e-inner', 'width' => '1 1/2', 'fabric' => 'f-a'], [
            'id' => 'e-outer',
            'width' => '4',
            'fabric' => 'f-b',
            'corner_fabric' => 'f-c',
        ],
    ]]]);
    $sheet = Compiler::quiltSheet($design, 's');

    // 12 × 18, then 15 × 21, then 23 × 29 with corners of 4 × 4.
    expect($sheet->finished->encode())->toBe('23 x 29')->and($sheet->perimeter->encode())->toBe('104')
        ->and(drawnArea($sheet))->toEqualWithDelta(23 * 29, 1e-9)
        ->and($sheet->areas['f-a'])->toEqualWithDelta(15 * 21 - 12 * 18 + 12 * 4.5, 1e-6)
        ->and($sheet->areas['f-c'])->toEqualWithDelta(4 * 16 + 12 * 9, 1e-6)
        ->and($sheet->unitCounts['border-corners:e-outer'])->toBe(4)
        ->and($sheet->unitNames['border:e-inner'])->toBe('Flax');
});

it('sashes blocks, with cornerstones or with strips that run through', function (array $sashing, string $finished, array $parts): void {
    $sheet = Compiler::quiltSheet(
        smallDesign(
            ['setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'sashing' => ['width' => '2', 'fabric' => 'f-b'] + $sashing]],
        ),
        's',
    );

    expect($sheet->finished->encode())->toBe($finished)
        ->and(array_intersect_key($sheet->unitCounts, array_flip(['sashes', 'level-sashes', 'cornerstones', 'row-sashes'])))->toBe($parts)
        ->and(drawnArea($sheet))->toEqualWithDelta($sheet->finished->area(), 1e-9);
})->with([
    // Two blocks of 6 across, three down: one sash upright in each of three rows, two level in each of two columns.
    'cornerstones' => [['cornerstones' => 'f-c'], '14 x 22', ['sashes' => 7, 'cornerstones' => 2]],
    'cornerstones all round' => [['cornerstones' => 'f-c', 'outside' => true], '18 x 26', ['sashes' => 17, 'cornerstones' => 12]],
    'strips that run through' => [[], '14 x 22', ['sashes' => 3, 'row-sashes' => 1]],
    'strips that run through all round' => [['outside' => true], '18 x 26', ['sashes' => 9, 'row-sashes' => 1]],
]);

it('keeps upright and level sashes apart where blocks are not square', function (): void {
    $sheet = Compiler::quiltSheet(smallDesign([
        'blocks' => [blockOf('b-one', ['3'], ['6'], ['u-lean'])],
        'setting' => [
            'kind' => 'straight',
            'pattern' => [['b-one']],
            'sashing' => ['width' => '1', 'fabric' => 'f-b', 'cornerstones' => 'f-c'],
        ],
        'clues' => [
            [
                'id' => 'k',
                'title' => 'K',
                'minutes' => 10,
                'tasks' => [['id' => 't', 'part' => 'sashes'], ['id' => 't-two', 'part' => 'level-sashes']],
            ],
        ],
    ]), 's');

    expect(
        Compiler::quiltSheet(
            smallDesign(
                [
                    'setting' => [
                        'kind' => 'straight',
                        'pattern' => [['b-one']],
                        'sashing' => [
                            'name' => 'Paths',
                            'width' => '1',
                            'fabric' => 'f-b',
                            'cornerstones' => 'f-c',
                            'cornerstone_name' => 'Stones',
                        ],
                    ],
                ],
            ),
            's',
        )->unitNames,
    )->toMatchArray(['sashes' => 'Paths', 'cornerstones' => 'Stones'])
        ->and($sheet->unitCounts['sashes'])->toBe(3)
        ->and($sheet->unitCounts['level-sashes'])->toBe(4)
        ->and($sheet->finished->encode())->toBe('7 x 20');
});

it('sets blocks on point as they were laid out and counted', function (array $given, array $expect): void {
    $block = $given['finished_block'];
    $design = smallDesign([
        'units' => [
            ['id' => 'u-plain', 'name' => 'Plain', 'kind' => 'square', 'finished' => $block, 'fabrics' => ['f-a']],
            ['id' => 'u-other', 'name' => 'Other', 'kind' => 'square', 'finished' => $block, 'fabrics' => ['f-b']],
        ],
        'blocks' => [blockOf('b-one', [$block], [$block], ['u-plain']), blockOf('b-two', [$block], [$block], ['u-other'])],
        'setting' => ['kind' => 'on-point', 'pattern' => [['b-one']], 'alternate' => 'b-two', 'triangles' => ['side' => 'f-c']],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => $given['across'], 'rows' => $given['down']]],
        'clues' => [
            [
                'id' => 'k',
                'title' => 'K',
                'minutes' => 10,
                'tasks' => [['id' => 't', 'part' => 'side-triangles'], ['id' => 't-c', 'part' => 'corner-triangles']],
            ],
        ],
    ]);
    $sheet = Compiler::quiltSheet($design, 's');
    $squares = array_map(
        fn ($task): int => $task->quantity($task->making->pieces[0]),
        Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults())->tasks,
    );

    expect($sheet->finished->width->toDecimal(6))->toBe($expect['finished_w_exact'])
        ->and($sheet->finished->height->toDecimal(6))->toBe($expect['finished_h_exact'])
        ->and($sheet->blockCounts['b-one'])->toBe($expect['main_blocks'])
        ->and($sheet->blockCounts['b-two'] ?? 0)->toBe($expect['alternate_blocks'])
        ->and($sheet->unitCounts['side-triangles'] ?? 0)->toBe($expect['side_triangles'])
        ->and($sheet->unitCounts['corner-triangles'])->toBe($expect['corner_triangles'])
        ->and(array_sum($squares))->toBe($expect['side_squares'] + $expect['corner_squares'])
        ->and(drawnArea($sheet))->toEqualWithDelta($sheet->finished->area(), 1e-6);
})->with(fn (): array => referenceCases('on_point_layout'));

it('leaves the edge of an on-point quilt in points, and binds all of them', function (): void {
    $sheet = Compiler::quiltSheet(smallDesign([
        'blocks' => [blockOf('b-one', ['3'], ['3'], ['u-hst']), blockOf('b-two', ['3'], ['3'], ['u-plain'])],
        'setting' => ['kind' => 'on-point', 'pattern' => [['b-one']], 'alternate' => 'b-two'],
    ]), 's');

    // Two across and three down: 4 · (2 + 3 − 1) sides of 3 in.
    expect($sheet->perimeter->encode())->toBe('48')
        ->and($sheet->frame)->toBe([])
        ->and($sheet->placements[0]->turn)->toBe(45);
});

it('leaves places empty, so that the outline is no rectangle', function (): void {
    $sheet = Compiler::quiltSheet(
        smallDesign(['setting' => ['kind' => 'straight', 'pattern' => [['b-one', null], ['b-one', 'b-one'], ['b-one', null]]]]),
        's',
    );

    // A T lying on its side: four blocks of 6.
    expect($sheet->blockCounts)->toBe(['b-one' => 4])->and($sheet->perimeter->encode())->toBe('60');
});

it('pieces a border from a unit, its corners from another', function (): void {
    $border = ['id' => 'e-pieced', 'width' => '3', 'unit' => 'u-hst', 'corner_unit' => 'u-plain'];
    $sheet = Compiler::quiltSheet(
        smallDesign(['setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'borders' => [$border]]]),
        's',
    );

    // Sides of 12 and 18 hold 4 and 6 units of 3: 20 in all, beside 2 in each of 6 blocks; the corners are four plain squares beside two in
    // each block.
    expect($sheet->unitCounts['u-hst'])->toBe(12 + 20)->and($sheet->unitCounts['u-plain'])->toBe(12 + 4)
        ->and($sheet->finished->encode())->toBe('18 x 24')
        ->and(drawnArea($sheet))->toEqualWithDelta(18 * 24, 1e-9)
        ->and($sheet->unitNames['u-hst'])->toBe('Triangle square');
});

it('says which plain border would make a pieced one fit', function (): void {
    $error = refusal(smallJson(['setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'borders' => [
        ['id' => 'e-spacer', 'width' => '1', 'fabric' => 'f-a'], [
            'id' => 'e-pieced',
            'width' => '3',
            'unit' => 'u-hst',
            'corner_fabric' => 'f-b',
        ],
    ]]]));

    // 14 is not a number of threes; half an inch more on each side makes it 15.
    expect($error->pointer)->toBe('/sizes/0')
        ->and(said($error->problem()))->toContain('do not fill a side of 14.000')->toContain(
            'A plain border of 0.500 inside it would make 5 of them fit',
        );
});

it('refuses settings that do not come out', function (array $change, string $pointer, string $words): void {
    $error = refusal(smallJson($change));
    expect($error->pointer)->toBe($pointer)->and(said($error->problem()))->toContain($words);
})->with([
    'a border round a hole' => [
        [
            'setting' => [
                'kind' => 'straight',
                'pattern' => [['b-one', null]],
                'borders' => [['id' => 'e', 'width' => '1', 'fabric' => 'f-a']],
            ],
        ],
        '/sizes/0',
        'not a rectangle',
    ],
    'blocks of two sizes' => [
        [
            'blocks' => [blockOf('b-one', ['3'], ['3'], ['u-hst']), blockOf('b-two', ['3'], ['6'], ['u-lean'])],
            'setting' => ['kind' => 'straight', 'pattern' => [['b-one', 'b-two']]],
        ],
        '/sizes/0',
        'of one size',
    ],
    'no alternate' => [['setting' => ['kind' => 'on-point', 'pattern' => [['b-one']]]], '/sizes/0', 'give "alternate"'],
    'an alternate where none goes' => [
        ['setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'alternate' => 'b-one']],
        '/setting/alternate',
        'on point',
    ],
    'sashing on point' => [
        [
            'setting' => [
                'kind' => 'on-point',
                'pattern' => [['b-one']],
                'alternate' => 'b-one',
                'sashing' => ['width' => '1', 'fabric' => 'f-a'],
            ],
        ],
        '/sizes/0',
        'meet in cornerstones',
    ],
    'oblong blocks on point' => [
        [
            'blocks' => [blockOf('b-one', ['3'], ['6'], ['u-lean'])],
            'setting' => ['kind' => 'on-point', 'pattern' => [['b-one']], 'alternate' => 'b-one'],
        ],
        '/sizes/0',
        'are square',
    ],
    'a border of nothing' => [
        ['setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'borders' => [['id' => 'e', 'width' => '1']]]],
        '/setting/borders/0',
        'either plain',
    ],
    'a pieced border without corners' => [
        ['setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'borders' => [['id' => 'e', 'width' => '3', 'unit' => 'u-hst']]]],
        '/sizes/0',
        'give its corners',
    ],
    'a pieced border of another width' => [
        [
            'setting' => [
                'kind' => 'straight',
                'pattern' => [['b-one']],
                'borders' => [['id' => 'e', 'width' => '2', 'unit' => 'u-hst', 'corner_fabric' => 'f-a']],
            ],
        ],
        '/sizes/0',
        'is 2.000 wide',
    ],
    'a size with a border nobody knows' => [
        ['sizes' => [['id' => 's', 'name' => 'S', 'columns' => 1, 'rows' => 1, 'borders' => ['e-none']]]],
        '/sizes/0/borders/0',
        'names a border',
    ],
    'a pattern of holes' => [['setting' => ['kind' => 'straight', 'pattern' => [[null, null]]]], '/setting/pattern', 'no block'],
]);

it('makes sizes by repeats, by the size of block, or by both, with borders of their own', function (): void {
    $design = smallDesign([
        'setting' => [
            'kind' => 'straight',
            'pattern' => [['b-one']],
            'borders' => [['id' => 'e-in', 'width' => '1', 'fabric' => 'f-a'], ['id' => 'e-out', 'width' => '3', 'fabric' => 'f-b']],
        ],
        'sizes' => [
            ['id' => 's-plain', 'name' => 'Plain', 'columns' => 2, 'rows' => 3],
            ['id' => 's-large', 'name' => 'Large', 'columns' => 2, 'rows' => 3, 'block' => '9'],
            [
                'id' => 's-both',
                'name' => 'Both',
                'columns' => 4,
                'rows' => 4,
                'scale' => '3/2',
                'borders' => ['e-out'],
                'border_widths' => ['e-out' => '5'],
            ],
            ['id' => 's-own', 'name' => 'Own', 'columns' => 1, 'rows' => 1, 'borders' => [], 'pattern' => [['b-one']]],
        ],
    ]);
    $finished = fn (string $size): string => Compiler::quiltSheet($design, $size)->finished->encode();
    $cut = fn (string $size): string => byRule(
        Compiler::clueSheet($design, $size, 'k', MethodChoices::defaults())->tasks[0]->making->pieces[0],
    );

    expect(
        [$finished('s-plain'), $finished('s-large'), $finished('s-both'), $finished('s-own')],
    )->toBe(['20 x 26', '26 x 35', '46 x 46', '6 x 6'])
        // Triangle squares of 3 are cut 3⅞, of 4½ they are cut 5⅜.
        ->and([$cut('s-plain'), $cut('s-large'), $cut('s-both')])->toBe(['31/8', '43/8', '43/8'])
        ->and(said(refusal(smallJson(['sizes' => [[
            'id' => 's',
            'name' => 'S',
            'columns' => 1,
            'rows' => 1,
            'block' => '9',
            'scale' => '2',
        ]]]))))->toContain('give one of them')
        ->and(said(refusal(smallJson(['sizes' => [[
            'id' => 's',
            'name' => 'S',
            'columns' => 1,
            'rows' => 1,
            'scale' => '20',
        ]]]))))->toContain('up to 12 times');
});

it('gives a block that is quilted by itself the layers its join needs', function (QuiltingJoin $join, array $sizes): void {
    $found = (new QuiltAsYouGo($join, Length::inches(1)))->sizes(Size::square(Length::inches(12)), roomOf('1/4'));

    expect(array_map(fn (Size|Length $size): string => $size->encode(), $found))->toBe($sizes);
})->with([
    [
        QuiltingJoin::BackToFront,
        ['front' => '25/2 x 25/2', 'batting' => '25/2 x 25/2', 'back' => '29/2 x 29/2', 'trimmed' => '25/2 x 25/2',
            'shows' => '25/2 x 25/2', 'strip' => '1', 'outer' => '1/2', 'clear' => '1/2'],
    ],
    [
        QuiltingJoin::FrontToBack,
        ['front' => '29/2 x 29/2', 'batting' => '25/2 x 25/2', 'back' => '25/2 x 25/2', 'trimmed' => '25/2 x 25/2',
            'shows' => '25/2 x 25/2', 'strip' => '0', 'outer' => '0', 'clear' => '1'],
    ],
    [
        QuiltingJoin::CoverStrip,
        ['front' => '25/2 x 25/2', 'batting' => '21/2 x 21/2', 'back' => '25/2 x 25/2', 'trimmed' => '25/2 x 25/2',
            'shows' => '21/2 x 21/2', 'strip' => '2', 'outer' => '0', 'clear' => '1'],
    ],
    [
        QuiltingJoin::SewnThrough,
        ['front' => '25/2 x 25/2', 'batting' => '25/2 x 25/2', 'back' => '25/2 x 25/2', 'trimmed' => '25/2 x 25/2',
            'shows' => '21/2 x 21/2', 'strip' => '0', 'outer' => '0', 'clear' => '1'],
    ],
]);

it('adds up over sizes and counts seams', function (): void {
    $design = smallDesign(
        ['sizes' => array_map(fn (int $n): array => ['id' => "s-$n", 'name' => "S $n", 'columns' => $n, 'rows' => 1], [1, 2, 3])],
    );
    $sheets = array_map(fn (int $n) => Compiler::quiltSheet($design, "s-$n"), [1, 2, 3]);

    foreach ($sheets[2]->unitCounts as $unit => $count) {
        expect($count)->toBe($sheets[0]->unitCounts[$unit] + $sheets[1]->unitCounts[$unit]);
    }
    expect($sheets[2]->unitCounts)->toHaveCount(2)
        // One block: a seam in each of two triangle squares, three between four parts. 2 · 3√2 and 6 + 6 inches.
        ->and($sheets[0]->effort->seams)->toBe(5)
        ->and($sheets[0]->effort->seamLength)->toEqualWithDelta(6 * sqrt(2) + 12, 1e-5)
        ->and($sheets[1]->effort->seams)->toBe(11)
        ->and($sheets[1]->effort->seamLength)->toEqualWithDelta(2 * (6 * sqrt(2) + 12) + 6, 1e-5)
        ->and($sheets[2]->effort->minutes)->toBeGreaterThan($sheets[0]->effort->minutes);
});

it('measures the area of any outline and keeps it under every orientation', function (): void {
    mt_srand(11);
    for ($round = 0; $round < 500; $round++) {
        $size = new Size(Length::fraction(mt_rand(8, 160), 8), Length::fraction(mt_rand(8, 160), 8));
        $point = fn (): Point => new Point($size->width->times(mt_rand(0, 16), 16), $size->height->times(mt_rand(0, 16), 16));
        $outline = new Outline($point(), $point(), $point());
        $turned = $outline->oriented(Orientation::of(90 * mt_rand(0, 3), mt_rand(0, 1) === 1), $size);

        expect($turned->area())->toEqualWithDelta($outline->area(), 1e-9)
            ->and(Outline::decode($outline->encode())->encode())->toBe($outline->encode());
    }
});

it('mitres the corners of a border: four slanted strips, cut as much longer as the slant takes', function (): void {
    $document = json_decode((string) file_get_contents(dirname(__DIR__).'/designs/night-ferry.json'), true);
    $document['setting']['borders'] = [[
        'id' => 'e-night',
        'name' => 'Night border',
        'fabric' => 'f-deep',
        'width' => '3',
        'mitred' => true,
    ]];
    $document['clues'] = array_map(fn (array $clue): array => ['tasks' => array_values(array_filter(
        $clue['tasks'],
        fn (array $task): bool => ($task['part'] ?? '') !== 'border:e-quay',
    ))] + $clue, $document['clues']);
    $design = DesignReader::read((string) json_encode($document));
    $layout = Compilation::of($design)->sized('s-crib')->layout;
    $strips = $layout->parts['border:e-night']->unit;
    $areas = array_map(fn (Patch $patch): float => round($patch->outline->area(), 6), $strips->patches());
    // A quilt of 36 in with 3 in around it: each strip is 42 in outside and 36 in inside.
    expect($layout->finished->width->toFloat())->toBe(42.0)
        ->and($areas)->toBe([117.0, 117.0, 117.0, 117.0]);
    $making = $strips->making(new Method('long-strips:diagonal'), $design->room);
    $cut = array_values(array_filter($making->steps, fn (Step $step): bool => $step->code === 'long_strips.border'));
    expect(round($cut[0]->measures['length']->exact->toFloat(), 4))->toBe(round(42 + 2 * 0.25 * (1 + sqrt(2)), 4))
        ->and(array_map(fn (Step $step): string => $step->code, $making->steps))->toContain('long_strips.mitre_corners');
    $document['setting']['borders'][0]['corner_fabric'] = 'f-lamp';
    expect(
        fn () => DesignReader::read((string) json_encode($document)),
    )->toThrow(fn (DocumentException $error) => expect(said($error))->toContain('without squares in its corners'));
});

it('sashes blocks on point: a sash along every side, cornerstones where they meet, halves of them at the edge', function (): void {
    $document = json_decode((string) file_get_contents(dirname(__DIR__).'/designs/night-ferry.json'), true);
    $document['setting'] = [
        'kind' => 'on-point', 'pattern' => [['b-lantern']], 'alternate' => 'b-propeller', 'triangles' => [
            'side' => 'f-deep',
            'corner' => 'f-river',
        ],
        'sashing' => ['width' => '2', 'fabric' => 'f-mist', 'cornerstones' => 'f-lamp'],
    ];
    $document['sizes'] = [['id' => 's-crib', 'name' => 'Crib', 'columns' => 3, 'rows' => 2]];
    $document['clues'] = array_map(fn (array $clue): array => ['tasks' => array_values(array_filter(
        $clue['tasks'],
        fn (array $task): bool => ! str_starts_with($task['part'] ?? '', 'border:'),
    ))] + $clue, $document['clues']);
    $design = DesignReader::read((string) json_encode($document));
    $layout = Compilation::of($design)->sized('s-crib')->layout;
    $counts = array_map(fn ($part): int => $part->count, $layout->parts);
    // Blocks of 12 in and sashes of 2 in: a diagonal of 14√2 from one to the next. Six blocks have four sashes each; the two between share
    // theirs.
    expect($layout->finished->width->encode())->toBe(Length::root2(42)->encode())->and(
        $layout->finished->height->encode(),
    )->toBe(Length::root2(28)->encode())
        ->and($layout->blockCounts)->toBe(['b-lantern' => 6, 'b-propeller' => 2])
        ->and($counts)->toBe([
            'sashes' => 24,
            'cornerstones' => 7,
            'half-cornerstones' => 10,
            'side-triangles' => 6,
            'corner-triangles' => 4,
        ])
        ->and($layout->parts['sashes']->unit->finished()->encode())->toBe('2 x 12');
    $sheet = Compiler::quiltSheet($design, 's-crib');
    expect(drawnArea($sheet))->toEqualWithDelta(42 * 28 * 2, 1e-6);
    // What each part is cut from covers as much as is drawn of it.
    $areas = ['f-mist' => 24 * 24.0, 'f-lamp' => 7 * 4.0 + 10 * 2.0];
    foreach ($areas as $fabric => $area) {
        $drawn = array_sum(array_map(fn (Patch $patch): float => $patch->slot === $fabric ? $patch->outline->area() : 0.0, $layout->frame));
        expect($drawn)->toEqualWithDelta($area, 1e-9);
    }
    foreach ([
        ['sashing', 'cornerstones', 'meet in cornerstones'], ['triangles', null, 'need triangles at the edge'],
    ] as [$part, $key, $says]) {
        $broken = $document;
        if ($key === null) {
            unset($broken['setting'][$part]);
        } else {
            unset($broken['setting'][$part][$key]);
        }
        expect(fn () => DesignReader::read((string) json_encode($broken)))->toThrow(fn (DocumentException $error) => expect(said($error))->toContain($says));
    }
});
