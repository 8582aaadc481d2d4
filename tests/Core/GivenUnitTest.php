<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Making\Step;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;
use Dew\Core\Proof\Severity;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\Kind\GivenUnit;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\Piece;

/** @param  array<string, mixed>  $change  of the small design */
function givenIn(array $change): GivenUnit
{
    $unit = Compilation::of(smallDesign($change))->products(1, 1)['u-given'];

    return $unit instanceof GivenUnit ? $unit : throw new LogicException('It has outlines.');
}

it('cuts a unit by the sizes and counts that its pattern gives', function (): void {
    $sheet = Compiler::clueSheet(smallDesign(givenUnit()), 's', 'k', MethodChoices::defaults());
    $task = $sheet->task('t');
    $cuts = fn (int $units): array => array_map(
        fn (Piece $piece): string => sprintf(
            '%s %s %s %d',
            $piece->label,
            $piece->width->encode(),
            $piece->length?->encode(),
            $piece->quantity($units),
        ),
        $task->making->pieces,
    );
    expect($task->count)->toBe(6)
        ->and($cuts(1))->toBe(['A nearest:7/2 nearest:7/2 1', 'B nearest:2 nearest:7/2 2', 'C nearest:13/2 nearest:7/2 1'])
        ->and($cuts(6))->toBe(['A nearest:7/2 nearest:7/2 6', 'B nearest:2 nearest:7/2 12', 'C nearest:13/2 nearest:7/2 6'])
        ->and(array_map(fn (Step $step): string => $step->code, $task->making->steps))
        ->toBe(['custom.cut_given', 'custom.sew', 'custom.press', 'strip_grid.trim'])
        ->and($task->seamwork->seams)->toBe(3)
        ->and(ClueSheet::read($sheet->write())->write())->toBe($sheet->write());
});

it('counts what a rectangle yields', function (): void {
    $making = givenIn(givenUnit(['p-b' => ['count' => 4, 'cut' => ['width' => '3 7/8', 'height' => '3 7/8', 'yield' => 2]]]));
    $room = Compilation::of(smallDesign())->room;
    [, $triangles] = $making->making($making->kind()->methods()[0], $room)->pieces;
    expect($triangles->quantity(1))->toBe(2)->and($triangles->quantity(3))->toBe(6)
        ->and($making->cutArea($room))->toBe(3.5 ** 2 + 2 * 3.875 ** 2 + 3.5 * 6.5);
});

it('is drawn as bands as large as what is cut of each fabric', function (): void {
    $unit = givenIn(givenUnit());
    $areas = array_map(fn ($patch): float => $patch->outline->area(), $unit->patches());
    $cloth = [3.5 ** 2, 2 * 3.5 * 2 + 3.5 * 6.5];
    expect(array_map(fn ($patch): string => $patch->slot, $unit->patches()))->toBe(['f-a', 'f-b'])
        ->and(array_sum($areas))->toBe(36.0)
        ->and(abs($areas[0] / 36 - $cloth[0] / array_sum($cloth)))->toBeLessThan(0.01);
    // Every inch of seam is half of what the pieces measure around beyond the outline: between the shortest and the longest there could be.
    expect($unit->seamwork()->length)->toBeGreaterThan(6.0)->toBeLessThan(24.0);
});

it('draws a band of every fabric, however little of it there is', function (): void {
    $cut = fn (string $side): array => ['width' => $side, 'height' => $side];
    foreach (['6', '10/3', '1'] as $finished) {
        $change = givenUnit();
        $change['units'][3] = ['finished' => $finished, 'fabrics' => ['f-a', 'f-b', 'f-c'], 'pieces' => [
            ['id' => 'p-a', 'fabric' => 'f-a', 'cut' => $cut('40')],
            ['id' => 'p-b', 'fabric' => 'f-b', 'cut' => $cut('3/4')],
            ['id' => 'p-c', 'fabric' => 'f-c', 'cut' => $cut('3/4')],
        ]] + $change['units'][3];
        $change['blocks'] = [blockOf('b-one', [$finished], [$finished], ['u-given'])];
        $patches = givenIn($change)->patches();
        $areas = array_map(fn ($patch): float => $patch->outline->area(), $patches);
        expect(array_map(fn ($patch): string => $patch->slot, $patches))->toBe(['f-a', 'f-b', 'f-c'])
            ->and(min($areas))->toBeGreaterThan(0.0)
            ->and(array_sum($areas))->toEqualWithDelta(Dew\Core\Measure\Length::parse($finished)->toFloat() ** 2, 1e-9);
    }
});

it('tells such units apart by what is cut', function (): void {
    $room = Compilation::of(smallDesign())->room;
    expect(givenIn(givenUnit())->digest($room))->toBe(givenIn(givenUnit())->digest($room))
        ->not->toBe(givenIn(givenUnit(['p-c' => ['cut' => ['width' => '3 1/2', 'height' => '7']]]))->digest($room));
});

it('finds cutting sizes that cannot come to the unit, and is content with those that do', function (): void {
    expect(marks(givenUnit()))->not->toHaveKey('cuts-too-little')->not->toHaveKey('uncovered')
        ->and(
            marks(givenUnit(['p-b' => ['count' => 1]]))['cuts-too-little']->names,
        )->toBe(['unit' => 'Given', 'covers' => '31.5', 'area' => '36']);
});

it('asks for outlines where a cutting size alone says too little', function (array $change, string $words): void {
    $reading = DesignReader::reading(smallJson($change));
    $said = implode(' ', array_map(fn ($complaint): string => said($complaint->problem), $reading->complaints));
    expect($said)->toContain($words);
})->with([
    'no size' => [function (): array {
        $change = givenUnit();
        unset($change['units'][3]['pieces'][0]['cut']);

        return $change;
    }, 'needs a cutting size'],
    'a notch' => [fn (): array => givenUnit(['p-a' => ['notches' => [['edge' => 1, 'at' => '1/2']]]]), 'the shape has 0'],
    'a count of what lies in one place' => [
        fn (): array => givenUnit(['p-b' => ['shape' => shapeOf('0,0', '3,0', '3,3')]]), 'is for a piece without a "shape"',
    ],
]);

it('lets a rectangle grow inside its seams at another size, and says so of one that cannot', function (): void {
    $sizes = ['sizes' => [
        ['id' => 's', 'name' => 'S', 'columns' => 2, 'rows' => 3], [
            'id' => 'l',
            'name' => 'L',
            'columns' => 2,
            'rows' => 3,
            'block' => '9',
        ],
    ]];
    $sheet = Compiler::clueSheet(smallDesign(givenUnit() + $sizes), 'l', 'k', MethodChoices::defaults());
    // 3½ in is 3 in finished, so 4½ in at one and a half times that, and 5 in cut; 2 in and 6½ in likewise.
    expect(array_map(fn (Piece $piece): string => $piece->width->encode().' '.$piece->length?->encode(), $sheet->task('t')->making->pieces))
        ->toBe(['nearest:5 nearest:5', 'nearest:11/4 nearest:5', 'nearest:19/2 nearest:5']);

    $yields = givenUnit(['p-b' => ['count' => 4, 'cut' => ['width' => '3 7/8', 'height' => '3 7/8', 'yield' => 2]]]);
    $found = array_filter(
        Proof::ofDraft(DesignReader::reading(smallJson($yields + $sizes))),
        fn (Finding $finding): bool => $finding->severity === Severity::Error,
    );
    expect($found)->toHaveCount(1)
        ->and(said(array_values($found)[0]->problem))->toContain('cannot be made at size "l"')->toContain('yields 2');
});

it('keeps the picture of a unit with the sheet of its task', function (): void {
    $hash = str_repeat('0a', 32);
    $change = givenUnit();
    $change['units'][3]['picture'] = $hash;
    $sheet = Compiler::clueSheet(smallDesign($change), 's', 'k', MethodChoices::defaults());
    expect($sheet->task('t')?->picture)->toBe($hash)
        ->and(ClueSheet::read($sheet->write())->task('t')?->picture)->toBe($hash)
        ->and($sheet->turned(['b-one' => 'w'])->task('t')?->picture)->toBe($hash);
});
