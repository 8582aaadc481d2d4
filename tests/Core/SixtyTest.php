<?php

declare(strict_types=1);

use Dew\Core\Block\SixtyBlock;
use Dew\Core\Block\SixtyBlockUnit;
use Dew\Core\Block\SixtyGrid;
use Dew\Core\Block\SixtyShape;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Document\DocumentException;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Plan\Whole\Compiler;
use Dew\Core\Proof\Proof;
use Dew\Core\Unit\MethodChoices;

/** @return list<array<string, mixed>> a triangle, a diamond and half a triangle of sides of 2 in, and a triangle of 4 in */
function sixtyUnits(): array
{
    $unit = fn (string $id, string $kind, string $side, string $fabric): array => [
        'id' => $id, 'name' => $id, 'kind' => $kind, 'finished' => $side, 'fabrics' => [$fabric],
    ];

    return [
        $unit('u-tri', 'triangle-60', '2', 'f-a'), $unit('u-other', 'triangle-60', '2', 'f-b'),
        $unit('u-diamond', 'diamond-60', '2', 'f-b'), $unit('u-half', 'half-triangle-60', '2', 'f-a'),
        $unit('u-large', 'triangle-60', '4', 'f-b'),
    ];
}

/**
 * A block on 60° axes whose divisions have sides of 2 in.
 *
 * @param  list<string>  $cells  each "row,place unit", and "/turn", "*across" behind it where they are not the usual
 * @return array<string, mixed>
 */
function sixtyBlock(string $id, string $shape, int $rows, array $cells, string $edge = '2'): array
{
    return ['id' => $id, 'name' => $id, 'sixty' => ['shape' => $shape, 'edge' => $edge, 'rows' => $rows], 'cells' => array_map(
        function (string $cell): array {
            preg_match('#^(\d+),(\d+) ([bu]-[a-z-]+?)(/(\d+))?(\*(\d+))?(!)?$#', $cell, $read);

            return ['column' => (int) $read[2], 'row' => (int) $read[1], $read[3][0] === 'u' ? 'unit' : 'block' => $read[3]]
                + (($read[5] ?? '') === '' ? [] : ['turn' => (int) $read[5]])
                + (($read[7] ?? '') === '' ? [] : ['across' => (int) $read[7]])
                + (isset($read[8]) ? ['mirror' => true] : []);
        },
        $cells,
    )];
}

/**
 * @param  list<array<string, mixed>>  $blocks
 * @param  array<string, mixed>  $setting
 * @param  list<array<string, mixed>>  $sizes
 */
function sixtyDesign(array $blocks, array $setting = [], array $sizes = [['id' => 's', 'name' => 'S', 'columns' => 7, 'rows' => 4]]): Design
{
    return smallDesign([
        'units' => sixtyUnits(), 'blocks' => $blocks, 'sizes' => $sizes, 'clues' => [
            ['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'block' => $blocks[0]['id']]]],
        ],
        'setting' => $setting + ['kind' => 'sixty', 'pattern' => [[$blocks[0]['id']]], 'triangles' => ['side' => 'f-b']],
    ]);
}

/** @return array<string, array<string, mixed>> blocks of every shape, with everything that can lie in them */
function sixtyBlocks(): array
{
    return [
        'triangle' => sixtyBlock('b-one', 'triangle', 3, [
            '1,1 u-tri', '2,1 u-tri/120', '2,2 u-tri', '2,3 u-other', '3,1 u-diamond', '3,3 u-tri/240', '3,4 u-diamond/240',
        ]),
        'diamond' => sixtyBlock('b-one', 'diamond', 2, ['1,1 u-large*2', '1,2 u-tri', '1,3 u-diamond/120', '1,4 u-tri/300']),
        'half' => sixtyBlock('b-one', 'half-triangle', 3, ['1,1 u-half', '1,2 u-diamond', '2,1 u-half', '2,2 u-tri', '3,1 u-half']),
    ];
}

/** @param  list<Patch>  $patches */
function coversExactly(array $patches, Outline $outline): void
{
    $inside = fn (float $x, float $y, Outline $shape): bool => count(array_filter(
        array_keys($shape->corners),
        function (int $index) use ($x, $y, $shape): bool {
            [$x1, $y1, $x2, $y2] = $shape->edge($index);

            return ($y1 > $y) !== ($y2 > $y) && $x < $x1 + ($y - $y1) / ($y2 - $y1) * ($x2 - $x1);
        },
    )) % 2 === 1;
    expect(array_sum(array_map(fn (Patch $patch): float => $patch->outline->area(), $patches)))->toEqualWithDelta($outline->area(), 1e-9);
    $box = array_map(fn ($corner): array => [$corner->x->toFloat(), $corner->y->toFloat()], $outline->corners);
    for ($x = 0.137; $x < max(array_column($box, 0)); $x += 0.291) {
        for ($y = 0.113; $y < max(array_column($box, 1)); $y += 0.277) {
            $on = array_filter($patches, fn (Patch $patch): bool => $inside($x, $y, $patch->outline));
            expect(count($on))->toBe($inside($x, $y, $outline) ? 1 : 0);
        }
    }
}

it('counts the places of every shape, and covers each of them once', function (SixtyShape $shape, int $rows): void {
    $grid = SixtyGrid::ofBlock($shape, $rows);

    expect($grid->count())->toBe($shape->places($rows))
        ->and($grid->covered($grid->whole()))->toHaveCount($shape->places($rows));
    for ($row = 0; $row < $rows; $row++) {
        for ($place = 0; $place < $grid->places($row); $place++) {
            $small = $grid->isHalf($row, $place) ? SixtyShape::HalfTriangle : SixtyShape::Triangle;
            foreach ($grid->turns($row, $place, $small) as $turn) {
                expect($grid->covered($grid->spot($row, $place, $small, 1, $turn)))->toBe([[$row, $place]]);
            }
            if ($grid->below($row, $place) !== null) {
                expect($grid->isUp($row, $place))->toBeTrue()->and($grid->isUp($row + 1, (int) $grid->below($row, $place)))->toBeFalse();
            }
        }
    }
})->with(SixtyShape::cases())->with([1, 2, 3, 6]);

it('covers a block of any shape exactly, however its parts are turned', function (string $which): void {
    $design = sixtyDesign([$which === 'half' ? sixtyBlocks()['triangle'] : sixtyBlocks()[$which], ['id' => 'b-two'] + sixtyBlocks()[$which]]);
    $unit = Compilation::of($design)->products(1, 1)['b-two'];

    coversExactly($unit->patches(), $unit->outline());
    expect($unit->finished()->encode())->toBe(match ($which) {
        'triangle' => '6 x 0+3r3', 'diamond' => '6 x 0+2r3', default => '3 x 0+3r3',
    });
})->with(['triangle', 'diamond', 'half']);

it('lays the mirror image of a block so that it is one', function (string $which, string $side): void {
    $block = ['id' => 'b-two'] + sixtyBlocks()[$which];
    $around = ['id' => 'b-around'] + sixtyBlock('b-around', $which, 1, ['1,1 b-two!'], $side);
    $products = Compilation::of(sixtyDesign([sixtyBlocks()['triangle'], $around, $block]))->products(1, 1);
    $image = $products['b-two.m'];
    [$width, $height] = [$image->finished()->width->toFloat(), $image->finished()->height->toFloat()];
    // A triangle is mirrored left to right; a diamond along the diagonal that rises by 30° from its lower left corner.
    $over = fn (float $x, float $y): array => $which === 'triangle'
        ? [$width - $x, $y]
        : [0.5 * $x - sqrt(0.75) * ($y - $height), $height - sqrt(0.75) * $x - 0.5 * ($y - $height)];
    $middles = function (array $patches, callable $move): array {
        $middles = array_map(function (Patch $patch) use ($move): string {
            $corners = array_map(fn (Point $corner): array => $move($corner->x->toFloat(), $corner->y->toFloat()), $patch->outline->corners);
            $middle = fn (int $way): float => round(array_sum(array_column($corners, $way)) / count($corners), 4);

            return $patch->slot.' '.$middle(0).' '.$middle(1);
        }, $patches);
        sort($middles);

        return $middles;
    };

    expect($middles($image->patches(), fn (float $x, float $y): array => [$x, $y]))->toBe($middles($products['b-two']->patches(), $over));
    coversExactly($image->patches(), $image->outline());
})->with([['triangle', '6'], ['diamond', '4']]);

it('takes the left half of a triangle from the right one, mirrored', function (): void {
    $half = sixtyBlock('b-half', 'half-triangle', 2, ['1,1 u-half', '1,2 u-tri', '2,1 u-half']);
    $four = ['id' => 'b-one', 'name' => 'b-one', 'sixty' => ['shape' => 'triangle', 'edge' => '4', 'rows' => 1], 'cells' => [
        ['column' => 1, 'row' => 1, 'unit' => 'u-large'],
    ]];
    $design = sixtyDesign([$four, $half], ['pattern' => [['b-one']], 'triangles' => ['side' => 'f-b'], 'ends' => 'b-half', 'kind' => 'sixty']);
    $sized = Compilation::of($design)->sized('s');
    $left = $sized->products['b-half.m'];

    expect($sized->layout->blockCounts)->toBe(['b-one' => 28, 'b-half' => 4, 'b-half.m' => 4])
        ->and($sized->layout->frame)->toBe([])
        ->and($left->outline()->encode())->toBe('2,0 0,0 2,0+2r3');
    coversExactly($left->patches(), $left->outline());
});

it('sets triangles in rows that come out as wide and high as the formula says', function (int $columns, int $rows): void {
    $block = sixtyBlock('b-one', 'triangle', 1, ['1,1 u-tri']);
    $design = sixtyDesign([$block, ['id' => 'b-two'] + $block], ['pattern' => [['b-one', 'b-two']]], [
        ['id' => 's', 'name' => 'S', 'columns' => $columns, 'rows' => $rows],
    ]);
    $sized = Compilation::of($design)->sized('s');
    $layout = $sized->layout;
    $patches = $layout->frame;
    foreach (Compiler::quiltSheet($design, 's')->placements as $placement) {
        expect($placement->turn)->toBeIn([0, 180]);
    }

    expect($layout->finished->width->toFloat())->toBe(($columns + 1) * 1.0)
        ->and($layout->finished->height->toFloat())->toEqualWithDelta($rows * sqrt(3), 1e-12)
        ->and(array_sum($layout->blockCounts))->toBe($columns * $rows)
        ->and(array_sum(array_map(fn (Patch $patch): float => $patch->outline->area(), $patches)))->toEqualWithDelta($rows * sqrt(3), 1e-9)
        ->and(($layout->parts['row-ends']->count ?? 0) + ($layout->parts['mirrored-row-ends']->count ?? 0))->toBe(2 * $rows);
})->with([[1, 1], [2, 3], [7, 4], [8, 5]]);
