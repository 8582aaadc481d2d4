<?php

declare(strict_types=1);

use Dew\Core\Cutting\CutStep;

it('finds the steps whose pieces are counted though nobody marked them', function (array $marked, array $counted, array $found): void {
    $steps = ['a' => ['square' => 10], 'b' => ['square' => 6, 'strip' => 1], 'c' => ['strip' => 2]];

    expect(array_keys(CutStep::counted($steps, array_fill_keys($marked, true), $counted)))->toBe($found);
})->with([
    'nothing counted' => [[], [], []],
    'all but one of the first' => [[], ['square' => 9], []],
    'the first' => [[], ['square' => 10], ['a']],
    'enough of one piece, none of the other' => [[], ['square' => 16], ['a']],
    'too little for the first, enough for the second' => [[], ['square' => 6, 'strip' => 1], ['b']],
    'everything' => [[], ['square' => 16, 'strip' => 3], ['a', 'b', 'c']],
    'what the marked step gave is its own' => [['b'], ['square' => 6, 'strip' => 1], []],
    'what was counted besides a marked step' => [['b'], ['square' => 16, 'strip' => 1], ['a']],
    'pieces of a marked step that were counted back' => [['a'], ['square' => 8, 'strip' => 2], ['c']],
]);
