<?php

declare(strict_types=1);

use Dew\Core\Measure\Length;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;

/**
 * A block of squares of 3 in, three by three, each a unit of its own but for one that finishes at 2 in.
 *
 * @return array<string, mixed>
 */
function oneTooSmall(int $wrong): array
{
    $letters = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h', 'i'];
    $units = array_map(fn (string $letter): array => [
        'id' => "u-$letter",
        'name' => "Square $letter",
        'kind' => 'square',
        'finished' => $letter === $letters[$wrong] ? '2' : '3',
        'fabrics' => ['f-a'],
    ], $letters);

    return [
        'units' => $units,
        'blocks' => [blockOf('b-one', ['3', '3', '3'], ['3', '3', '3'], ['u-a u-b u-c', 'u-d u-e u-f', 'u-g u-h u-i'])],
        'clues' => [
            [
                'id' => 'k', 'title' => 'K', 'minutes' => 1,
                'tasks' => array_map(fn (array $unit): array => ['id' => 't-'.$unit['id'], 'unit' => $unit['id']], $units),
            ],
        ],
    ];
}

it('names a neighbour that shares an edge with the unit that does not fit, never one that only touches its corner', function (
    int $wrong,
    array $neighbours,
): void {
    $finding = marks(oneTooSmall($wrong))['seams-differ'];
    expect($finding->names['neighbour'])->toBeIn(array_map(fn (string $letter): string => "Square $letter", $neighbours))
        ->and($finding->place)->toBe("/blocks/0/cells/$wrong")
        ->and($finding->lengths['width']->encode())->toBe('2')
        ->and($finding->lengths['space_width']->encode())->toBe('3');
})->with([
    [0, ['b', 'd']], [1, ['a', 'c', 'e']], [2, ['b', 'f']], [3, ['a', 'e', 'g']], [4, ['b', 'd', 'f', 'h']], [5, ['c', 'e', 'i']],
    [6, ['d', 'h']], [7, ['e', 'g', 'i']], [8, ['f', 'h']],
]);

it('names the nearest sizes on either side at which every cut lies on an eighth, and none between them does', function (string $side): void {
    $design = fn (string $block): array => [
        'blocks' => [
            blockOf('b-one', ['3', '3', '3'], ['3', '3', '3'], ['u-plain u-hst u-plain', 'u-hst u-plain u-hst', 'u-plain u-hst u-plain']),
        ],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 1, 'rows' => 1, 'block' => $block]],
    ];
    $isFriendly = fn (Length $block): bool => array_filter(
        Proof::of(smallDesign($design($block->encode()))),
        fn (Finding $finding): bool => str_starts_with($finding->code, 'unfriendly-size'),
    ) === [];
    $finding = marks($design($side))['unfriendly-size-near'];
    [$lower, $higher] = [$finding->lengths['lower'], $finding->lengths['higher']];
    $step = Length::fraction(1, 4);
    expect($isFriendly($lower))->toBeTrue()->and($isFriendly($higher))->toBeTrue()
        ->and($lower->isLessThan(Length::parse($side)))->toBeTrue()
        ->and($higher->isGreaterThan(Length::parse($side)))->toBeTrue();
    for ($between = $lower->plus($step); $between->isLessThan($higher); $between = $between->plus($step)) {
        expect($isFriendly($between))->toBeFalse($between->encode());
    }
})->with(['10', '7', '11', '12 1/2']);

it('sees a hole in a custom unit from half a percent of it on, and says nothing of what roundings leave', function (
    string $width,
    bool $found,
): void {
    $piece = fn (string $id, string $from, string $to): array => [
        'id' => $id, 'fabric' => 'f-a', 'shape' => array_map(
            fn (array $corner): array => ['x' => $corner[0], 'y' => $corner[1]],
            [[$from, '0'], [$to, '0'], [$to, '4'], [$from, '4']],
        ),
    ];
    $marks = marks([
        'units' => [
            [
                'id' => 'u-own', 'name' => 'Own', 'kind' => 'custom', 'finished' => '4', 'fabrics' => ['f-a'],
                'pieces' => [$piece('p-one', '0', '2'), $piece('p-two', $width, '4')],
            ],
        ],
        'blocks' => [blockOf('b-one', ['4'], ['4'], ['u-own'])],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'unit' => 'u-own']]]],
    ]);
    expect(isset($marks['uncovered']))->toBe($found);
})->with([['2', false], ['2.015', false], ['2.025', true], ['1.985', false], ['1.975', true], ['3', true]]);
