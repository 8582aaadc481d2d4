<?php

declare(strict_types=1);

use App\Wording\Host\FindingSentence;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;

/**
 * The small design changed so that one thing is wrong with it.
 *
 * @param  array<string, mixed>  $unit  what is changed at its first unit
 * @return array<string, mixed>
 */
function triangleWith(array $unit): array
{
    $units = json_decode(smallJson(), true)['units'];
    $units[0] = [...$units[0], ...$unit];

    return ['units' => $units];
}

/**
 * Units in one block, row by row, with a task for each unit.
 *
 * @param  list<array<string, mixed>>  $units
 * @param  list<string>  $columns
 * @param  list<string>  $rows
 * @param  list<string>  $cells
 * @return array<string, mixed>
 */
function blockWith(array $units, array $columns, array $rows, array $cells): array
{
    $tasks = array_map(fn (array $unit): array => ['id' => 't-'.$unit['id'], 'unit' => $unit['id']], $units);

    return [
        'units' => $units,
        'blocks' => [blockOf('b-one', $columns, $rows, $cells)],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => $tasks]],
    ];
}

/** @return array<string, array{string, Closure(): array<string, mixed>}> a change for every finding there is */
function everyFinding(): array
{
    $rectangle = fn (string $id, string $width, string $fabric): array => [
        'id' => $id, 'name' => ucfirst(substr($id, 2)), 'kind' => 'rectangle', 'finished' => [
            'width' => $width,
            'height' => '4',
        ], 'fabrics' => [$fabric],
    ];
    $seven = fn (): array => blockWith(
        [['id' => 'u-hst', 'name' => 'Tooth', 'kind' => 'hst', 'finished' => '12/7', 'fabrics' => ['f-a', 'f-b']]],
        array_fill(0, 7, '12/7'),
        ['12/7'],
        [implode(' ', array_fill(0, 7, 'u-hst'))],
    );
    $striped = fn (array $cells): array => blockWith([
        [
            'id' => 'u-up',
            'name' => 'Up',
            'kind' => 'striped-hst',
            'finished' => '4',
            'fabrics' => ['f-a', 'f-b', 'f-c'],
            'widths' => ['2', '2'],
        ],
        [
            'id' => 'u-down', 'name' => 'Down', 'kind' => 'striped-hst', 'finished' => '4', 'fabrics' => [
                'f-a',
                'f-b',
                'f-c',
            ], 'widths' => ['2', '2'],
            'twin' => true,
        ],
    ], ['4', '4', '4'], ['4'], $cells);
    $arc = fn (): array => [
        ...blockWith(
            [
                [
                    'id' => 'u-in',
                    'name' => 'Dusk',
                    'kind' => 'quarter-circle',
                    'finished' => '4',
                    'fabrics' => ['f-a', 'f-b'],
                    'radius' => '3',
                ],
            ],
            ['4', '4'],
            ['4'],
            ['u-in u-in'],
        ),
        'methods' => ['quarter-circle' => 'quarter-circle:swap'],
    ];
    $oneTask = ['clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => []]]];
    $fabrics = json_decode(smallJson(), true)['fabrics'];

    return [
        'too-wide' => ['too-wide', fn (): array => ['usable_width' => '3']],
        'unused-fabric' => [
            'unused-fabric',
            fn (): array => ['fabrics' => [...$fabrics, ['id' => 'f-d', 'letter' => 'D', 'name' => 'Extra', 'value' => 'dark']]],
        ],
        'unused-unit' => ['unused-unit', fn (): array => []],
        'unmade-unit' => ['unmade-unit', fn (): array => $oneTask],
        'off-mark' => [
            'off-mark',
            fn (): array => blockWith(
                [['id' => 'u-p', 'name' => 'P', 'kind' => 'square', 'finished' => '10/3', 'fabrics' => ['f-a']]],
                ['10/3'],
                ['10/3'],
                ['u-p'],
            ),
        ],
        'look-alike' => [
            'look-alike',
            fn (): array => blockWith(
                [$rectangle('u-wide', '2 1/4', 'f-c'), $rectangle('u-slim', '2', 'f-c')],
                ['2 1/4', '2'],
                ['4'],
                ['u-wide u-slim'],
            ),
        ],
        'bias-outside' => ['bias-outside', fn (): array => ['methods' => ['hst' => 'hst:four']]],
        'wasteful-yield' => [
            'wasteful-yield',
            fn (): array => ['methods' => ['hst' => 'hst:grid'], 'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 1, 'rows' => 1]]],
        ],
        'unused-block' => [
            'unused-block',
            fn (): array => ['blocks' => [...json_decode(smallJson(), true)['blocks'], blockOf('b-two', ['3'], ['3'], ['u-plain'])]],
        ],
        'spare-on-seam' => ['spare-on-seam', function (): array {
            $leaf = leafUnit();
            $leaf['pieces'][1]['spare']['edges'] = [3];

            return [
                'units' => [$leaf], 'blocks' => [blockOf('b-one', ['4'], ['4'], ['u-leaf'])],
                'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'unit' => 'u-leaf']]]],
            ];
        }],
        'unmade-block' => ['unmade-block', fn (): array => []],
        'no-joining' => ['no-joining', fn (): array => []],
        'no-finishing' => ['no-finishing', fn (): array => []],
        'unmade-part' => [
            'unmade-part',
            fn (): array => [
                'setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'sashing' => ['width' => '1', 'fabric' => 'f-c']],
            ],
        ],
        'twin-units' => ['twin-units', function (): array {
            $units = json_decode(smallJson(), true)['units'];

            return [
                'units' => [...$units, [...$units[0], 'id' => 'u-again', 'name' => 'Again']],
                'blocks' => [blockOf('b-one', ['3', '3'], ['3'], ['u-hst u-again'])],
            ];
        }],
        'mirrored-pieces' => ['mirrored-pieces', fn (): array => ['blocks' => [blockOf('b-one', ['3', '3'], ['6'], ['u-lean u-lean/0m'])]]],
        'unbalanced-cloth' => ['unbalanced-cloth', fn (): array => $striped(['u-up u-up u-down'])],
        'missing-halves' => ['missing-halves', fn (): array => $striped(['u-up u-down u-down'])],
        'seams-differ' => ['seams-differ', fn (): array => triangleWith(['finished' => '2 7/8'])],
        'sides-differ' => ['sides-differ', fn (): array => [
            'units' => [['id' => 'u-tri', 'name' => 'Tri', 'kind' => 'triangle-60', 'finished' => '3', 'fabrics' => ['f-a']]],
            'blocks' => [['id' => 'b-one', 'name' => 'One', 'sixty' => ['shape' => 'triangle', 'edge' => '2', 'rows' => 1], 'cells' => [
                ['column' => 1, 'row' => 1, 'unit' => 'u-tri'],
            ]]],
            'setting' => ['kind' => 'sixty', 'pattern' => [['b-one']], 'triangles' => ['side' => 'f-b']],
            'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'block' => 'b-one']]]],
        ]],
        'uncovered' => ['uncovered', fn (): array => blockWith([[
            'id' => 'u-hole', 'name' => 'Hole', 'kind' => 'custom', 'finished' => '4', 'fabrics' => ['f-a'],
            'pieces' => [
                ['id' => 'p', 'fabric' => 'f-a', 'shape' => [['x' => '0', 'y' => '0'], ['x' => '4', 'y' => '0'], ['x' => '0', 'y' => '4']]],
            ],
        ]], ['4'], ['4'], ['u-hole'])],
        'stated-too-large' => ['stated-too-large', fn (): array => triangleWith(['stated' => ['unfinished' => '3 3/4']])],
        'stated-too-small' => ['stated-too-small', fn (): array => triangleWith(['stated' => ['unfinished' => '3 1/4']])],
        'stated-cut-small' => [
            'stated-cut-small',
            fn (): array => triangleWith(['stated' => ['method' => 'hst:two', 'cut' => ['first' => '3 3/4']]]),
        ],
        'stated-cut-small-method' => [
            'stated-cut-small-method',
            fn (): array => triangleWith(['stated' => ['method' => 'hst:two', 'cut' => ['first' => '3 1/2']]]),
        ],
        'stated-cut-large' => [
            'stated-cut-large',
            fn (): array => triangleWith(['stated' => ['method' => 'hst:two', 'cut' => ['first' => '4']]]),
        ],
        'stated-cut-large-method' => [
            'stated-cut-large-method',
            fn (): array => triangleWith(['stated' => ['method' => 'hst:two', 'cut' => ['first' => '5 1/2']]]),
        ],
        'stated-cut-small-plain' => ['stated-cut-small-plain', function (): array {
            $units = json_decode(smallJson(), true)['units'];
            $units[1] = [
                'id' => 'u-plain', 'name' => 'Tip', 'kind' => 'corners', 'finished' => '3', 'fabrics' => ['f-c'], 'base' => [
                    'unit' => 'u-hst',
                ],
                'corners' => [['at' => 'top-left', 'leg' => '1']], 'stated' => [
                    'method' => 'corners:flip',
                    'cut' => ['corner-top-left' => '1 1/4'],
                ],
            ];

            return ['units' => $units];
        }],
        'stated-cut-large-plain' => ['stated-cut-large-plain', function (): array {
            $units = json_decode(smallJson(), true)['units'];
            $units[1] = [
                'id' => 'u-plain', 'name' => 'Tip', 'kind' => 'corners', 'finished' => '3', 'fabrics' => ['f-c'], 'base' => [
                    'unit' => 'u-hst',
                ],
                'corners' => [['at' => 'top-left', 'leg' => '1']], 'stated' => [
                    'method' => 'corners:flip',
                    'cut' => ['corner-top-left' => '1 3/4'],
                ],
            ];

            return ['units' => $units];
        }],
        'trim-off-mark' => ['trim-off-mark', function (): array {
            $change = blockWith([
                ['id' => 'u-hst', 'name' => 'Tooth', 'kind' => 'hst', 'finished' => '12/7', 'fabrics' => ['f-a', 'f-b']],
                ['id' => 'u-p', 'name' => 'P', 'kind' => 'square', 'finished' => '4', 'fabrics' => ['f-a']],
            ], ['4'], ['4'], ['u-p']);
            $change['setting'] = [
                'kind' => 'straight',
                'pattern' => [['b-one']],
                'borders' => [['id' => 'r', 'width' => '12/7', 'unit' => 'u-hst', 'corner_unit' => 'u-hst']],
            ];
            $change['sizes'] = [['id' => 's', 'name' => 'S', 'columns' => 3, 'rows' => 3]];

            return $change;
        }],
        'trim-off-mark-block' => ['trim-off-mark-block', $seven],
        'check-off-mark-block' => ['check-off-mark-block', fn (): array => blockWith(
            [['id' => 'u-four', 'name' => 'Four', 'kind' => 'four-patch', 'finished' => '10/3', 'fabrics' => ['f-a', 'f-b']]],
            ['10/3', '10/3', '10/3'],
            ['10/3'],
            ['u-four u-four u-four'],
        )],
        'odd-ones-out' => ['odd-ones-out', fn (): array => blockWith(
            [
                [
                    'id' => 'u-s',
                    'name' => 'Stripes',
                    'kind' => 'strips',
                    'finished' => ['width' => '6 1/2', 'height' => '4'],
                    'fabrics' => ['f-a', 'f-b', 'f-a', 'f-b'],
                    'widths' => ['1 3/4', '1 1/2', '1 1/2', '1 3/4'],
                ],
            ],
            ['6 1/2'],
            ['4'],
            ['u-s'],
        )],
        'points-at-join' => [
            'points-at-join',
            fn (): array => [
                'setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'quilting' => ['join' => 'cover-strip', 'allowance' => '1']],
            ],
        ],
        'unused-byproduct' => ['unused-byproduct', $arc],
        'unfriendly-size-near' => ['unfriendly-size-near', fn (): array => [
            'blocks' => [
                blockOf(
                    'b-one',
                    ['3', '3', '3'],
                    ['3', '3', '3'],
                    ['u-plain u-hst u-plain', 'u-hst u-plain u-hst', 'u-plain u-hst u-plain'],
                ),
            ],
            'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 1, 'rows' => 1, 'block' => '10']],
        ]],
        'stated-count' => [
            'stated-count',
            fn (): array => ['units' => array_map(
                fn (array $unit): array => $unit['id'] === 'u-hst' ? ['stated' => ['counts' => ['s' => 999]]] + $unit : $unit,
                json_decode(smallJson(), true)['units'],
            )],
        ],
        'cuts-too-little' => ['cuts-too-little', fn (): array => givenUnit(['p-b' => ['count' => 1]])],
        'made-too-late' => ['made-too-late', fn (): array => ['clues' => [
            ['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'block' => 'b-one']]],
            ['id' => 'l', 'title' => 'L', 'minutes' => 1, 'tasks' => [['id' => 'u', 'unit' => 'u-hst']]],
        ]]],
        'made-behind' => ['made-behind', fn (): array => ['clues' => [
            ['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'block' => 'b-one'], ['id' => 'u', 'unit' => 'u-hst']]],
        ]]],
        'unmade-share' => ['unmade-share', fn (): array => ['clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [
            ['id' => 't', 'unit' => 'u-hst', 'share' => ['part' => 1, 'of' => 2]],
        ]]]]],
        'way-differs' => ['way-differs', function (): array {
            $block = blockOf('b-one', ['3', '3'], ['6'], ['u-lean u-lean']);
            $block['cells'][0]['ways'] = ['w' => 90];

            return ['blocks' => [$block + ['ways' => [['id' => 'w', 'name' => 'Askew']]]]];
        }],
        'trimmed-points' => [
            'trimmed-points',
            fn (): array => ['blocks' => array_map(
                fn (array $block): array => $block['id'] === 'b-one' ? ['trimmed' => '5'] + $block : $block,
                json_decode(smallJson(), true)['blocks'],
            )],
        ],
        'close-values' => [
            'close-values',
            fn (): array => ['colourways' => [['id' => 'c', 'name' => 'C', 'cloth' => [
                'f-a' => ['name' => 'x', 'colour' => '#808080'], 'f-b' => ['name' => 'y', 'colour' => '#857d80'],
            ]]]],
        ],
        'colourway-gap' => [
            'colourway-gap',
            fn (): array => ['colourways' => [['id' => 'c', 'name' => 'C', 'cloth' => ['f-a' => ['name' => 'x', 'colour' => '#808080']]]]],
        ],
    ];
}

it('finds it, and says so in a whole sentence with every name and number', function (string $code, Closure $change): void {
    $finding = marks($change())[$code] ?? null;
    expect($finding)->toBeInstanceOf(Finding::class);
    $sentence = FindingSentence::of($finding);
    expect($sentence)->not->toMatch('/:[a-z_]+/')->toEndWith('.')
        ->and($finding->place)->toStartWith('/')
        ->and(trim(str_replace($finding->names, '', $sentence)))->not->toBe('');
})->with(everyFinding());

it('says of a smaller thing that was wrong nothing once it is right', function (): void {
    expect(marks(triangleWith(['stated' => ['unfinished' => '3 1/2', 'method' => 'hst:strip', 'cut' => ['first' => '3 1/2']]])))
        ->not->toHaveKeys(['stated-too-small', 'stated-too-large', 'stated-cut-small', 'stated-cut-large']);
});

it('has an example of nearly every finding it has words for', function (): void {
    $words = array_diff(array_keys((array) __('proof')), ['severity', 'clean', 'errors', 'warnings', 'notes']);
    // The rest differ from these only in their wording for lengths that are told otherwise.
    expect(array_values(array_diff($words, array_column(everyFinding(), 0), array_column(clueFindings(), 0))))
        ->toBe([
            'unfinished',
            'unreadable',
            'uncomputable',
            'uncomputable-whole',
            'stated-cut-small-plain-method',
            'stated-cut-large-plain-method',
            'check-off-mark',
            'unfriendly-size',
            'unfriendly-size-near-one',
        ]);
});

it('says nothing twice', function (string $code, Closure $change): void {
    $keys = array_map(fn (Finding $finding): string => $finding->key(), Proof::of(smallDesign($change())));
    $sentences = array_map(
        fn (Finding $finding): string => $finding->place.FindingSentence::of($finding),
        Proof::of(smallDesign($change())),
    );
    expect($keys)->toBe(array_values(array_unique($keys)))
        ->and($sentences)->toBe(array_values(array_unique($sentences)));
})->with(everyFinding());
