<?php

declare(strict_types=1);

use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Cutting\Aim;
use Dew\Core\Cutting\ClothNeed;
use Dew\Core\Cutting\ClueCutting;
use Dew\Core\Cutting\CutStep;
use Dew\Core\Cutting\PieceUse;
use Dew\Core\Cutting\StripCut;
use Dew\Core\Design\DesignReader;
use Dew\Core\Design\ProductKey;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Proof\ClueProof;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;
use Dew\Core\Proof\Severity;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;

it('finds nothing to mark in Night Ferry', function (): void {
    expect(findings(fn (array $document): array => $document))->toBe([]);
});

it('finds what a strict tester would mark', function (callable $change, array $expected): void {
    expect(findings($change))->toBe($expected);
})->with([
    'a fabric nothing is cut from' => [fn (array $d): array => array_replace_recursive($d, [
        'fabrics' => [5 => ['id' => 'f-extra', 'letter' => 'F', 'name' => 'Extra', 'value' => 'light']],
        'colourways' => [
            ['cloth' => ['f-extra' => ['name' => 'x', 'colour' => '#ffffff']]],
            ['cloth' => ['f-extra' => ['name' => 'x', 'colour' => '#ffffff']]],
        ],
    ]), ['warning unused-fabric /fabrics/5']],
    'a unit no block has' => [
        fn (array $d): array => array_replace_recursive(
            $d,
            [
                'units' => [
                    4 => [
                        'id' => 'u-extra',
                        'name' => 'Extra',
                        'kind' => 'nine-patch',
                        'finished' => '3',
                        'fabrics' => ['f-deep', 'f-mist'],
                    ],
                ],
            ],
        ),
        ['warning unused-unit /units/4'],
    ],
    'a unit no clue makes' => [function (array $d): array {
        array_pop($d['clues'][0]['tasks']);

        return $d;
    }, ['warning unmade-unit /units/2']],
    'cloth narrower than a piece' => [fn (array $d): array => ['usable_width' => '3'] + $d, [
        'error too-wide /units/0', 'error too-wide /units/1', 'error too-wide /units/3',
    ]],
    'sizes that miss the marks' => [function (array $d): array {
        foreach ($d['units'] as &$unit) {
            $unit['finished'] = '2 2/3';
        }
        foreach ($d['blocks'] as &$block) {
            $block['columns'] = $block['rows'] = array_fill(0, 4, '2 2/3');
        }

        return $d;
    }, [
        'warning off-mark /units/2', 'warning off-mark /units/3', 'warning trim-off-mark-block /units/0',
        'warning trim-off-mark-block /units/1',
        ...array_map(
            fn (int $size): string => "note unfriendly-size-near /sizes/$size",
            [0, 1, 2, 3],
        ), 'note check-off-mark-block /units/2', 'note check-off-mark-block /units/3',
    ]],
]);

it('notes a method that leaves a quarter over', function (): void {
    // A Crib of one block: 8 four-patches take 16 of a set's 19 segments; on cloth 80 in wide a set gives 39, and 11 more units come out.
    expect(
        findings(
            fn (array $d): array => [
                'usable_width' => '80',
                'sizes' => [['id' => 's-one', 'name' => 'One', 'columns' => 1, 'rows' => 1]],
            ] + $d,
        ),
    )->toBe([
        'warning unused-fabric /fabrics/4', 'warning unused-unit /units/1', 'warning unused-unit /units/3', 'note unused-block /blocks/1',
        'note wasteful-yield /units/2',
    ]);
});

it('gives the numbers with a finding', function (): void {
    $document = json_decode(
        (string) file_get_contents(dirname(__DIR__).'/designs/night-ferry.json'),
        true,
        flags: JSON_THROW_ON_ERROR,
    );
    $document['units'][3] = [
        'id' => 'u-deep',
        'name' => 'Deep water square',
        'kind' => 'square',
        'finished' => '3',
        'fabrics' => ['f-deep'],
    ];
    // At a seam of 1⁄16 the squares for triangles are cut 3¼ and the plain ones 3⅛: an eighth apart, in the same cloth.
    $document['seam'] = '1/16';
    [$finding] = array_values(
        array_filter(
            Proof::of(DesignReader::read(json_encode($document, JSON_THROW_ON_ERROR))),
            fn (Finding $finding): bool => $finding->code === 'look-alike',
        ),
    );
    expect($finding->severity)->toBe(Severity::Note)
        ->and($finding->names['fabric'])->toBe('Deep water')
        ->and($finding->lengths['wider']->minus($finding->lengths['narrower'])->toFloat())->toBeLessThan(0.25);
});

it('finds neighbours whose seams differ, and by how much', function (): void {
    $units = json_decode(smallJson(), true)['units'];
    $units[0]['finished'] = '2 7/8';
    $finding = marks(['units' => $units])['seams-differ'];

    expect($finding->severity)->toBe(Severity::Error)->and($finding->place)->toBe('/blocks/0/cells/0')
        ->and($finding->names)->toBe(['unit' => 'Triangle square', 'block' => 'One', 'neighbour' => 'Plain square'])
        ->and($finding->lengths['space_width']->minus($finding->lengths['width'])->encode())->toBe('1/8');
});

it('compares the sizes a pattern states with those its pieces give', function (
    array $stated,
    string $code,
    Severity $severity,
    array $lengths,
): void {
    $units = json_decode(smallJson(), true)['units'];
    $units[0]['stated'] = $stated;
    $finding = marks(['units' => $units])[$code] ?? null;

    expect($finding?->severity)->toBe($severity);
    foreach ($lengths as $name => $length) {
        expect($finding->lengths[$name]->encode())->toBe($length);
    }
})->with([
    // The unit is 3½ unfinished. A stated 3¼ takes an eighth from each side of it; 3¾ cannot be had.
    'trimmed to a wish' => [['unfinished' => '3 1/4'], 'stated-too-small', Severity::Error, ['off_width' => '1/8', 'width' => '7/2']],
    'more than there is' => [['unfinished' => '3 3/4'], 'stated-too-large', Severity::Error, ['off_width' => '1/8']],
    // Squares of 3⅞ by rule, 3.8536 exactly.
    'a square too small' => [
        ['method' => 'hst:two', 'cut' => ['first' => '3 3/4']],
        'stated-cut-small',
        Severity::Error,
        ['stated' => '15/4', 'width' => '31/8', 'off' => '1/8'],
    ],
    'a generous square' => [['method' => 'hst:two', 'cut' => ['first' => '4']], 'stated-cut-large', Severity::Note, ['stated' => '4']],
]);

it('has nothing to say of a pattern that is right', function (): void {
    $units = json_decode(smallJson(), true)['units'];
    $units[0]['stated'] = [
        'unfinished' => '3 1/2',
        'method' => 'hst:two',
        'cut' => ['first' => '3 7/8', 'second' => ['width' => '3 7/8', 'height' => '3 7/8']],
    ];
    $blocks = json_decode(smallJson(), true)['blocks'];
    $blocks[0]['stated'] = ['unfinished' => '6 1/2'];

    expect(
        array_filter(
            array_keys(marks(['units' => $units, 'blocks' => $blocks])),
            fn (string $code): bool => str_starts_with($code, 'stated'),
        ),
    )->toBe([]);
});

it('says which pieces a trimmed block would lose from', function (): void {
    // Three pieces finishing 2¾ do not give 9 unfinished: 8¾.
    $nine = blockOf('b-one', ['2 3/4', '2 3/4', '2 3/4'], ['2 3/4'], ['u-side u-plain u-side']);
    $nine['stated'] = ['unfinished' => ['width' => '9', 'height' => '3 1/4']];
    $units = [
        ['id' => 'u-plain', 'name' => 'Middle', 'kind' => 'square', 'finished' => '2 3/4', 'fabrics' => ['f-c']],
        ['id' => 'u-side', 'name' => 'Side', 'kind' => 'square', 'finished' => '2 3/4', 'fabrics' => ['f-a']],
    ];
    $change = ['units' => $units, 'blocks' => [$nine], 'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => []]]];
    $large = marks($change)['stated-too-large'];
    $change['blocks'][0]['stated'] = ['unfinished' => ['width' => '8 1/2', 'height' => '3 1/4']];
    $small = marks($change)['stated-too-small'];

    expect($large->lengths['width']->encode())->toBe('35/4')
        ->and($small->lengths['off_width']->encode())->toBe('1/8')
        ->and($small->lengths['off_height']->encode())->toBe('0')
        ->and($small->place)->toBe('/blocks/0/stated/unfinished')
        ->and($small->names['pieces'])->toContain('Side');
});

it('finds sizes whose cuts miss the marks, and the sizes that do not', function (): void {
    // Three modules to a block: 10 in gives 3⅓ and a cut of 3⅚.
    $design = fn (string $block): array => [
        'blocks' => [
            blockOf('b-one', ['3', '3', '3'], ['3', '3', '3'], ['u-plain u-hst u-plain', 'u-hst u-plain u-hst', 'u-plain u-hst u-plain']),
        ],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 1, 'rows' => 1, 'block' => $block]],
    ];
    $finding = marks($design('10'))['unfriendly-size-near'];

    expect($finding->place)->toBe('/sizes/0')->and($finding->lengths['exact']->encode())->toBe('23/6')
        ->and($finding->lengths['lower']->encode())->toBe('39/4')
        ->and($finding->lengths['higher']->encode())->toBe('21/2')
        ->and(marks($design('10 1/2')))->not->toHaveKeys(['unfriendly-size-near', 'unfriendly-size', 'off-mark'])
        ->and(marks($design('10')))->toHaveKey('off-mark');
});

it('agrees with the table of friendly sizes', function (array $given, array $expect): void {
    $grid = $given['grid'];
    $design = fn (int $block): array => [
        'units' => [['id' => 'u-plain', 'name' => 'Plain', 'kind' => 'square', 'finished' => '1', 'fabrics' => ['f-a']]],
        'blocks' => [blockOf('b-one', array_fill(0, $grid, '1'), ['1'], [implode(' ', array_fill(0, $grid, 'u-plain'))])],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 1, 'rows' => 1, 'block' => (string) $block]],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => []]],
    ];
    $friendly = array_filter(
        range(4, 24),
        fn (int $block): bool => array_intersect_key(marks($design($block)), ['unfriendly-size' => 1, 'unfriendly-size-near' => 1]) === [],
    );

    expect(array_map(strval(...), array_values($friendly)))->toBe($expect['blocks_all_squares_on_eighth']);
})->with(fn (): array => referenceCases('scaling_table'));

it('scales squares and triangles as they were cut and measured', function (array $given, array $expect): void {
    [$block, $grid] = [Length::parse($given['finished_block']), $given['grid']];
    $square = unitOf(UnitLibrary::kind('square'), $block->dividedBy($grid), 1)->making(new Method('plain:cut'), roomOf($given['seam']))->pieces[0];
    $triangles = unitOf(
        UnitLibrary::kind('hst'),
        $block->dividedBy($grid),
        2,
    )->making(new Method('hst:two'), roomOf($given['seam']))->pieces[0];

    expect(exactly($square))->toBe($expect['square_cut_exact'])
        ->and(exactly($triangles))->toBe($expect['hst_cut_exact'])
        ->and(byRule($triangles))->toBe(ruled($expect['hst_cut_rule']))
        ->and($square->width->exact->isMultipleOf(Length::fraction(1, 8)))->toBe($expect['square_on_eighth']);
})->with(fn (): array => referenceCases('scaling'));

it('finds left and right of one unit in other fabrics too', function (): void {
    $cells = blockOf('b-one', ['3', '3'], ['6'], ['u-lean u-lean/0m'])['cells'];
    foreach ($cells as &$cell) {
        $cell['fabrics'] = ['f-a' => 'f-c'];
    }
    $finding = marks(
        ['blocks' => [['cells' => $cells] + blockOf('b-one', ['3', '3'], ['6'], ['u-lean u-lean/0m'])]],
    )['mirrored-pieces'] ?? null;

    expect($finding?->names['unit'])->toBe('Leaning half in Rust, Moss')
        ->and(ProductKey::mirrorOf('u-lean'))->toBe('u-lean.m')
        ->and(ProductKey::mirrorOf('u-lean.f-a=f-c'))->toBe(ProductKey::of('u-lean', ['f-a' => 'f-c'], true))
        ->and(ProductKey::mirrorOf('u-lean.m.f-a=f-c'))->toBeNull()
        ->and(ProductKey::mirrorOf('u-lean.m'))->toBeNull();
});

it('marks what is left, right, striped, twice there or nowhere', function (array $change, string $code, array $counts): void {
    $finding = marks($change)[$code] ?? null;

    expect($finding)->not->toBeNull()->and($finding->counts)->toBe($counts);
})->with([
    'left and right of one unit' => [['blocks' => [blockOf('b-one', ['3', '3'], ['6'], ['u-lean u-lean/0m'])]], 'mirrored-pieces', []],
    'left and right in one unit' => [
        [
            'units' => [['id' => 'u-hst', 'name' => 'Peak', 'kind' => 'peak', 'finished' => '3', 'fabrics' => ['f-a', 'f-b']]],
            'blocks' => [blockOf('b-one', ['3'], ['3'], ['u-hst'])],
        ],
        'mirrored-pieces',
        [],
    ],
    'a unit declared twice' => [['units' => [
        ['id' => 'u-hst', 'name' => 'One', 'kind' => 'hst', 'finished' => '3', 'fabrics' => ['f-a', 'f-b']], [
            'id' => 'u-plain',
            'name' => 'Other way round',
            'kind' => 'hst',
            'finished' => '3',
            'fabrics' => ['f-b', 'f-a'],
        ],
    ]], 'twin-units', []],
    'halves of squares left over' => [
        [
            'units' => [
                [
                    'id' => 'u-hst',
                    'name' => 'Striped',
                    'kind' => 'striped-hst',
                    'finished' => '3',
                    'fabrics' => ['f-a', 'f-b', 'f-c'],
                    'widths' => ['1', '2'],
                ],
            ],
            'blocks' => [blockOf('b-one', ['3'], ['3'], ['u-hst'])],
        ],
        'unbalanced-cloth',
        ['left' => 6, 'used' => 6],
    ],
    'a block no size has' => [
        ['blocks' => [blockOf('b-one', ['3'], ['3'], ['u-hst']), blockOf('b-two', ['3'], ['3'], ['u-plain'])]],
        'unused-block',
        [],
    ],
    'a block no clue makes' => [[], 'unmade-block', []],
    'a border no clue makes' => [
        ['setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'borders' => [['id' => 'e', 'width' => '2', 'fabric' => 'f-a']]]],
        'unmade-part',
        [],
    ],
    'edges on the bias' => [
        [
            'units' => [
                ['id' => 'u-hst', 'name' => 'Row', 'kind' => 'square', 'finished' => '3', 'fabrics' => ['f-a']],
                ['id' => 'u-plain', 'name' => 'P', 'kind' => 'square', 'finished' => '3', 'fabrics' => ['f-b']],
            ],
            'colourways' => [
                [
                    'id' => 'c',
                    'name' => 'C',
                    'cloth' => ['f-a' => ['name' => 'x', 'colour' => '#000000'], 'f-c' => ['name' => 'x', 'colour' => '#000000']],
                ],
            ],
        ],
        'colourway-gap',
        [],
    ],
    'a hole in a custom unit' => [
        [
            'units' => [
                [
                    'id' => 'u-hst',
                    'name' => 'Hole',
                    'kind' => 'custom',
                    'finished' => '3',
                    'fabrics' => ['f-a'],
                    'pieces' => [
                        [
                            'id' => 'p',
                            'fabric' => 'f-a',
                            'shape' => [['x' => '0', 'y' => '0'], ['x' => '3', 'y' => '0'], ['x' => '0', 'y' => '3']],
                        ],
                    ],
                ],
            ],
            'blocks' => [blockOf('b-one', ['3'], ['3'], ['u-hst'])],
        ],
        'uncovered',
        [],
    ],
]);

it('balances the two halves of striped squares, and misses those that come from nowhere', function (): void {
    $unit = fn (string $id, bool $twin): array => [
        'id' => $id,
        'name' => $twin ? 'Other halves' : 'Striped',
        'kind' => 'striped-hst',
        'finished' => '3',
        'fabrics' => ['f-a', 'f-b', 'f-c'],
        'widths' => ['1', '2'],
    ] + ($twin ? ['twin' => true] : []);
    $with = fn (string ...$rows): array => marks(
        [
            'units' => [$unit('u-hst', false), $unit('u-other', true)],
            'blocks' => [blockOf('b-one', array_fill(0, 3, '3'), array_fill(0, count($rows), '3'), $rows)],
        ],
    );

    expect($with('u-hst u-hst u-hst', 'u-other u-other u-other'))->not->toHaveKeys(['unbalanced-cloth', 'missing-halves'])
        ->and($with('u-hst u-hst u-other')['unbalanced-cloth']->counts)->toBe(['left' => 6, 'used' => 12])
        ->and($with('u-hst u-other u-other')['missing-halves']->counts)->toBe(['missing' => 6, 'used' => 12])
        ->and($with('u-hst u-other u-other')['missing-halves']->severity)->toBe(Severity::Error)
        // Mirrored, the halves are of the other hand: cut on the other diagonal.
        ->and($with('u-hst u-hst/0m u-other')['unbalanced-cloth']->counts)->toBe(['left' => 6, 'used' => 6]);
});

it('keeps Kitchen Garden and the library free of errors, and words for every finding', function (): void {
    $codes = [];
    foreach (['kitchen-garden', 'block-library'] as $name) {
        foreach (Proof::of(
            DesignReader::read((string) file_get_contents(designPath($name))),
        ) as $finding) {
            $codes[$finding->code] = $finding->severity;
        }
    }
    expect(array_filter($codes, fn (Severity $severity): bool => $severity === Severity::Error))->toBe([])
        ->and($codes)->toHaveKey('mirrored-pieces');
});

/** A sashed quilt with a border and a nested block, of which only the given tasks are made. */
function sashed(array $tasks, array $change = []): array
{
    return Proof::of(DesignReader::read(smallJson($change + [
        'units' => [
            ['id' => 'u-hst', 'name' => 'Triangle square', 'kind' => 'hst', 'finished' => '3', 'fabrics' => ['f-a', 'f-b']],
            ['id' => 'u-plain', 'name' => 'Plain square', 'kind' => 'square', 'finished' => '6', 'fabrics' => ['f-c']],
        ],
        'blocks' => [
            blockOf('b-in', ['3', '3'], ['3', '3'], ['u-hst u-hst', 'u-hst u-hst']),
            ['id' => 'b-one', 'name' => 'One', 'columns' => ['6', '6'], 'rows' => ['6'], 'cells' => [
                ['column' => 1, 'row' => 1, 'block' => 'b-in'], ['column' => 2, 'row' => 1, 'unit' => 'u-plain'],
            ]],
        ],
        'setting' => [
            'kind' => 'straight', 'pattern' => [['b-one']], 'sashing' => ['width' => '1', 'fabric' => 'f-a', 'cornerstones' => 'f-b'],
            'borders' => [['id' => 'e-out', 'name' => 'Outer', 'width' => '2', 'fabric' => 'f-c']],
        ],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 10, 'tasks' => [
            ['id' => 't', 'unit' => 'u-hst'], ['id' => 't-one', 'block' => 'b-one'], ...$tasks,
        ]]],
    ])));
}

it('calls it an error when nobody would cut what the quilt needs, until its host says that it is not made here', function (): void {
    $errors = fn (array $findings): array => array_values(array_map(
        fn (Finding $finding): string => $finding->names['part'],
        array_filter($findings, fn (Finding $finding): bool => $finding->severity === Severity::Error),
    ));
    // Sashes of one length lie upright, those of the other lie level: blocks of 12 by 6.
    expect($errors(sashed([])))->toEqualCanonicalizing(['b-in', 'sashes', 'level-sashes', 'cornerstones', 'border:e-out'])
        ->and($errors(sashed([['id' => 't-in', 'block' => 'b-in'], ['id' => 't-s', 'part' => 'sashes'], ['id' => 't-b', 'part' => 'border:e-out']])))
        ->toEqualCanonicalizing(['level-sashes', 'cornerstones'])
        ->and($errors(sashed([], ['not_made' => ['b-in', 'sashes', 'level-sashes', 'cornerstones', 'border:e-out']])))->toBe([]);
});

it('warns until the top is joined and finished, and stops no correction once a clue is open', function (): void {
    $codes = fn (array $findings): array => array_values(array_intersect(
        array_map(fn (Finding $finding): string => $finding->code, $findings), ['no-joining', 'no-finishing'],
    ));
    $stages = fn (string ...$stages): array => array_map(
        fn (string $stage): array => ['id' => "t-$stage", 'stage' => $stage] + (in_array($stage, ['rows', 'centre'], true) ? [] : ['minutes' => 30]), $stages,
    );
    expect($codes(sashed([])))->toBe(['no-joining', 'no-finishing'])
        ->and($codes(sashed($stages('rows', 'centre'))))->toBe(['no-finishing'])
        ->and($codes(sashed($stages('rows', 'centre', 'binding'))))->toBe([])
        ->and($codes(sashed([], ['not_made' => ['joining', 'finishing']])))->toBe([]);
    $begun = Proof::of(DesignReader::read(smallJson([
        'setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'sashing' => ['width' => '1', 'fabric' => 'f-a']],
    ])), isBegun: true);
    $parts = array_filter($begun, fn (Finding $finding): bool => $finding->code === 'unmade-part');
    expect($parts)->not->toBe([])
        ->and(array_values(array_unique(array_map(fn (Finding $finding): string => $finding->severity->value, $parts))))->toBe(['warning']);
});

it('publishes a design with a block that is not finished and lies in no size', function (): void {
    $document = json_decode(smallJson(), true);
    $document['blocks'][] = ['id' => 'b-idle', 'name' => 'Idle', 'columns' => ['3', '3'], 'rows' => ['3'], 'cells' => [
        ['column' => 1, 'row' => 1, 'unit' => 'u-hst'],
    ]];
    $reading = DesignReader::reading((string) json_encode($document));
    $said = array_values(array_filter(Proof::ofDraft($reading), fn (Finding $finding): bool => str_starts_with($finding->place, '/blocks/1')));
    expect(array_unique(array_map(fn (Finding $finding): string => $finding->severity->value, $said)))->toBe(['note'])
        ->and(DesignReader::read((string) json_encode($document))->sizes)->toHaveCount(1);
    $document['setting']['pattern'] = [['b-one', 'b-idle']];
    expect(fn () => DesignReader::read((string) json_encode($document)))->toThrow(Dew\Core\Document\DocumentException::class);
});

it('holds numbers that the words of a clue quote to its cutting plan, not to strips for each piece alone', function (): void {
    $document = json_decode(designFile('kitchen-garden'), true);
    $design = DesignReader::read(designFile('kitchen-garden'));
    $wrong = [];
    foreach ($document['clues'] as $number => $clue) {
        $sheet = (new SizeCompiler($design, 's-bed', pressed: false))->clue($clue['id'], MethodChoices::defaults($design->methods));
        if ($sheet->tasks === []) {
            continue;
        }
        $said = $alone = [];
        foreach (ClueCutting::fromBolts($sheet->tasks, $design->room, Notation::Fractions, Aim::Cloth)->slots as $slot) {
            $heights = array_map(fn (CutStep $step): int => $step->strip->height, CutStep::of($slot->plan));
            $strips = array_sum(array_map(fn (CutStep $step): int => $step->count, CutStep::of($slot->plan)));
            foreach ([...$heights, $slot->plan->cuts[0]->stock->length] as $marks) {
                $said[] = Notation::Fractions->print(ClothNeed::length(Notation::Fractions, $marks)).' in';
            }
            $said[] = "$strips strips";
            $alone[] = array_sum(array_map(function (PieceUse $use) use ($design): int {
                return StripCut::of($use->piece, $use->count, Notation::Fractions, $design->room->usableWidth)->strips ?? $use->count;
            }, array_merge(...array_values($slot->need->uses))));
        }
        $found = function (string $text) use ($document, $number): array {
            $document['clues'][$number]['notes'] = [['id' => 'n-a', 'size' => 's-bed', 'text' => $text]];

            return array_values(array_filter(array_map(
                fn (Finding $finding): ?string => str_starts_with($finding->code, 'quoted-') ? $finding->names['quoted'] : null,
                ClueProof::of(DesignReader::read((string) json_encode($document)), false),
            )));
        };
        expect($found(implode(', ', $said)))->toBe([], $clue['title']);
        array_push($wrong, ...$found(implode(', ', array_map(fn (int $strips): string => "$strips strips", $alone))));
    }
    // A strip for every log of the cabins, and for every square of linen round the star.
    expect($wrong)->toBe(['10 strips', '18 strips']);
});
