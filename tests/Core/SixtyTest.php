<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Excerpt;
use Dew\Core\Draft\Place;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Length;
use Dew\Core\Proof\Proof;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Sixty\SixtyGrid;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Top\Arrangement;
use Dew\Core\Top\JoinMethod;
use Dew\Core\Top\JoinPlan;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;

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
    $design = sixtyDesign([
        $which === 'half' ? sixtyBlocks()['triangle'] : sixtyBlocks()[$which],
        ['id' => 'b-two'] + sixtyBlocks()[$which],
    ]);
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
            $corners = array_map(
                fn (Point $corner): array => $move($corner->x->toFloat(), $corner->y->toFloat()),
                $patch->outline->corners,
            );
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
    $design = sixtyDesign(
        [$four, $half],
        ['pattern' => [['b-one']], 'triangles' => ['side' => 'f-b'], 'ends' => 'b-half', 'kind' => 'sixty'],
    );
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

it('lets diamonds lean within a row or stand over two, and fills what they leave', function (
    array $pattern,
    bool $upright,
    array $turns,
    int $diamonds,
    int $filled,
): void {
    $design = sixtyDesign([sixtyBlock('b-one', 'diamond', 1, ['1,1 u-diamond'])], array_filter([
        'pattern' => $pattern, 'diamonds' => $upright ? 'upright' : null, 'kind' => 'sixty', 'triangles' => ['side' => 'f-b'],
    ]), [['id' => 's', 'name' => 'S', 'columns' => 6, 'rows' => 4]]);
    $layout = Compilation::of($design)->sized('s')->layout;
    $all = $layout->frame;
    $patches = Compilation::of($design)->products(1, 1)['b-one']->patches();
    foreach ($layout->placements as $placement) {
        $turn = deg2rad($placement->turn);
        expect($placement->turn)->toBeIn($turns);
        $all[] = new Patch('f-a', new Outline(...array_map(fn (Point $corner): Point => new Point(
            Length::approximately($placement->x->toFloat() + cos($turn) * $corner->x->toFloat() - sin($turn) * $corner->y->toFloat()),
            Length::approximately($placement->y->toFloat() + sin($turn) * $corner->x->toFloat() + cos($turn) * $corner->y->toFloat()),
        ), $patches[0]->outline->corners)));
    }

    coversExactly($all, Outline::rectangle(Length::zero(), Length::zero(), $layout->finished));
    expect($layout->blockCounts)->toBe(['b-one' => $diamonds])
        ->and($layout->parts['fill-triangles']->count ?? 0)->toBe($filled)
        ->and($layout->parts['row-ends']->count)->toBe(4)
        ->and($layout->parts['mirrored-row-ends']->count)->toBe(4);
})->with([
    'leaning to and fro' => [[['b-one', null]], false, [0, 60], 12, 0],
    'leaning one way' => [[['b-one', null], [null, 'b-one']], false, [0], 10, 4],
    'upright' => [[['b-one', null], [null, 'b-one']], true, [300], 9, 6],
]);

it('grows with its size, and the side of the blocks tells the scale', function (): void {
    $design = sixtyDesign([sixtyBlocks()['diamond']], [], [
        ['id' => 's', 'name' => 'S', 'columns' => 6, 'rows' => 2], [
            'id' => 's-large',
            'name' => 'L',
            'columns' => 6,
            'rows' => 2,
            'block' => '6',
        ],
    ]);
    $compilation = Compilation::of($design);

    expect($compilation->sized('s')->layout->finished->encode())->toBe('14 x 0+4r3')
        ->and($compilation->sized('s-large')->layout->finished->encode())->toBe('21 x 0+6r3')
        ->and($compilation->sized('s-large')->products['u-tri']->finished()->width->encode())->toBe('3');
});

it('cuts triangles and diamonds for a block, unless a task makes them, and says how its rows are joined', function (): void {
    $rows = sixtyBlock('b-one', 'triangle', 2, ['1,1 u-tri', '2,1 u-tri', '2,2 u-other', '2,3 u-tri']);
    $design = sixtyDesign([$rows]);
    $sheet = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults());
    $making = $sheet->tasks[0]->making;
    $steps = array_map(fn (Step $step): string => $step->code, $making->steps);

    expect(array_map(fn (Piece $piece): array => [$piece->id, $piece->shape, $piece->batch->each], $making->pieces))->toBe([
        ['u-tri', PieceShape::SixtyTriangle, 3], ['u-other', PieceShape::SixtyTriangle, 1],
    ])->and($steps)->toBe([
        'block.sixty.lay_out', 'block.sixty.rows', 'block.sixty.press', 'block.sixty.row', 'block.sixty.join', 'block.press_joined',
    ])->and($making->steps[3]->measures['unfinished']->exact->toFloat())->toEqualWithDelta(sqrt(3) + 0.5, 1e-12);
    $unit = Compilation::of($design)->products(1, 1)['b-one'];
    // Three seams; in the second row two of a side each, and between the rows one: 2 + 2 + 2 inches.
    expect([$unit->seamwork()->seams, $unit->seamwork()->length])->toBe([3, 6.0]);

    $across = sixtyDesign([sixtyBlocks()['diamond']]);
    expect(array_map(
        fn (Step $step): string => $step->code,
        Compiler::clueSheet($across, 's', 'k', MethodChoices::defaults())->tasks[0]->making->steps,
    ))->toBe(['block.sixty.lay_out', 'block.sixty.sections', 'block.sixty.press']);
});

it('says when the side of a thing is not that of its place', function (): void {
    $design = sixtyDesign([sixtyBlock('b-one', 'triangle', 2, ['1,1 u-large', '2,1 u-tri', '2,2 u-other', '2,3 u-tri'])]);
    $found = array_values(array_filter(Proof::of($design), fn ($finding): bool => $finding->code === 'sides-differ'));

    expect($found)->toHaveCount(1)
        ->and($found[0]->place)->toBe('/blocks/0/cells/0')
        ->and($found[0]->lengths['side']->encode())->toBe('4')
        ->and($found[0]->lengths['space']->encode())->toBe('2');
});

it('refuses what cannot stand on 60° axes', function (array $change, string $problem): void {
    $given = ['units' => sixtyUnits(), 'blocks' => [sixtyBlocks()['triangle']], 'clues' => [
        ['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'block' => 'b-one']]],
    ], 'setting' => ['kind' => 'sixty', 'pattern' => [['b-one']], 'triangles' => ['side' => 'f-b']]];

    expect(said(refusal(smallJson(array_replace($given, $change)))))->toContain($problem);
})->with([
    'a square' => [['units' => [...sixtyUnits(), [
        'id' => 'u-square', 'name' => 'q', 'kind' => 'square', 'finished' => '2', 'fabrics' => ['f-a'],
    ]], 'blocks' => [sixtyBlock('b-one', 'triangle', 1, ['1,1 u-square'])]], 'is neither a 60° triangle nor a 60° diamond'],
    'two in one place' => [
        ['blocks' => [sixtyBlock('b-one', 'triangle', 2, ['1,1 u-tri', '2,1 u-diamond', '2,2 u-tri', '2,3 u-tri'])]],
        'already filled',
    ],
    'beyond the edge' => [
        ['blocks' => [sixtyBlock('b-one', 'triangle', 2, ['1,1 u-tri', '2,1 u-tri', '2,2 u-tri', '2,3 u-diamond'])]],
        'beyond the edge',
    ],
    'turned to nowhere' => [['blocks' => [sixtyBlock('b-one', 'triangle', 1, ['1,1 u-tri/60'])]], 'turned by 0, 120, 240 degrees'],
    'a quarter turn' => [['blocks' => [sixtyBlock('b-one', 'triangle', 1, ['1,1 u-tri/90'])]], 'not a sixth of a turn'],
    'half in a whole place' => [['blocks' => [sixtyBlock('b-one', 'triangle', 1, ['1,1 u-half'])]], 'a whole triangle'],
    'no place' => [['blocks' => [sixtyBlock('b-one', 'triangle', 1, ['1,2 u-tri'])]], 'from 1 to 1'],
    'no fabric at the ends' => [['setting' => ['kind' => 'sixty', 'pattern' => [['b-one']]]], 'fabric of the ends'],
    'set straight' => [['setting' => ['kind' => 'straight', 'pattern' => [['b-one']]]], 'is on 60° axes'],
    'sashed' => [['setting' => ['kind' => 'sixty', 'pattern' => [['b-one']], 'triangles' => ['side' => 'f-b'], 'sashing' => [
        'width' => '1', 'fabric' => 'f-a',
    ]]], 'rows of 60° triangles have none'],
    'columns besides' => [['blocks' => [sixtyBlocks()['triangle'] + ['columns' => ['3'], 'rows' => ['3']]]], 'is on 60° axes'],
    'ends of a whole triangle' => [['setting' => [
        'kind' => 'sixty', 'pattern' => [['b-one']], 'triangles' => ['side' => 'f-b'], 'ends' => 'b-one',
    ]], 'not a block of half a 60° triangle'],
]);

it('lays, turns, mirrors, enlarges, swaps and lifts on 60° axes, and takes each back', function (): void {
    $unit = fn (string $id, string $kind, string $side): array => [
        'kind' => 'new-unit', 'id' => $id, 'name' => $id, 'of' => $kind, 'width' => $side, 'height' => $side, 'fabrics' => ['f-a'],
    ];
    $at = fn (string $kind, int $row, int $place, array $more = []): array => [
        'kind' => $kind, 'block' => 'b-one', 'column' => $place, 'row' => $row,
    ] + $more;
    $draft = changed(
        blankDraft(),
        ['kind' => 'new-sixty-block', 'id' => 'b-one', 'name' => 'One', 'shape' => 'triangle', 'rows' => 3, 'side' => '6'],
        $unit('u-tri', 'triangle-60', '2'), $unit('u-large', 'triangle-60', '4'), $unit('u-diamond', 'diamond-60', '2'),
        $at('lay', 1, 1, ['unit' => 'u-large']), $at('lay', 3, 1, ['unit' => 'u-tri']), $at('lay', 3, 2, ['unit' => 'u-tri']),
        $at('lay', 3, 4, ['unit' => 'u-diamond']), $at('turn', 1, 1, ['by' => 90]), $at('turn', 3, 2, ['by' => 270]),
        $at('mirror', 3, 2, ['upside_down' => false]), $at('turn', 3, 4, ['by' => 90]),
        ['kind' => 'swap'] + $at('swap', 3, 1, ['with_column' => 2, 'with_row' => 3]),
        $at('lift', 3, 1), $at('lay', 3, 1, ['unit' => 'u-tri']), $at('swap', 3, 1, ['with_column' => 3, 'with_row' => 3]),
    );
    $cells = array_column($draft->items(Place::of('blocks', 'b-one', 'cells')), null, 'column');

    expect($draft->at(Place::of('setting', 'kind'))->value)->toBe('sixty')
        ->and($draft->at(Place::of('blocks', 'b-one', 'sixty', 'edge'))->value)->toBe('2')
        ->and($cells[1])->toEqual(['column' => 1, 'row' => 1, 'across' => 2, 'unit' => 'u-large', 'turn' => 120])
        ->and($cells[4])->toEqual(['column' => 4, 'row' => 3, 'unit' => 'u-diamond', 'turn' => 240])
        ->and(array_column($draft->items(Place::of('blocks', 'b-one', 'cells')), 'column'))->toBe([1, 2, 3, 4]);
    foreach ([
        [$at('turn', 1, 1, ['by' => 90]), null], [$at('span', 3, 4, ['across' => 2, 'down' => 1]), 'beyond the edge'],
        [$at('lay', 3, 5, ['unit' => 'u-tri']), 'is covered by'], [$at('lay', 3, 1, ['unit' => 'u-diamond']), 'is covered by'],
        [['kind' => 'add-column', 'block' => 'b-one', 'before' => 1, 'width' => '2'], 'is on 60° axes'],
        [['kind' => 'set', 'place' => 'blocks/b-one/sixty/rows', 'to' => 2], 'no such place'],
    ] as [$edit, $refused]) {
        $refused === null
            ? expect(changed($draft, $edit))->toBeInstanceOf(DraftDocument::class)
            : expect(fn () => changed($draft, $edit))->toThrow(fn (EditRefused $error) => expect(said($error))->toContain($refused));
    }
});

it('reads a block on 60° axes out of its excerpt as it is in the whole design', function (string $which): void {
    $document = DraftDocument::of(sixtyDesign([sixtyBlocks()['triangle'], ['id' => 'b-two'] + sixtyBlocks()[$which]])->document);
    $alone = DesignReader::stored(Excerpt::ofBlock($document, 'b-two')->text);
    $whole = DesignReader::stored($document->document()->text);

    expect(Compilation::of($alone)->products(
        1,
        1,
    )['b-two']->patches())->toEqual(Compilation::of($whole)->products(1, 1)['b-two']->patches())
        ->and(Compilation::of($alone)->sized('s')->layout->blockCounts)->toHaveKey('b-two');
})->with(['triangle', 'diamond', 'half']);

it('is laid out as it is designed and joined in rows', function (): void {
    $block = sixtyBlock('b-one', 'triangle', 1, ['1,1 u-tri']);
    $design = sixtyDesign([$block, ['id' => 'b-two'] + $block], ['pattern' => [['b-one', 'b-two']]], [
        ['id' => 's', 'name' => 'S', 'columns' => 5, 'rows' => 3],
    ]);
    $sheet = LayoutSheet::read(Compiler::layoutSheet($design, 's')->write());
    $plan = JoinPlan::of($sheet, Arrangement::designed($sheet), JoinMethod::Rows, ['f-a' => 0, 'f-b' => 2]);
    $rows = $plan->stages[0]->parts;
    $places = array_merge(...array_map(fn ($row): array => $row->places, $rows));
    sort($places);

    expect($sheet->arrange)->toBe('as-laid')->and(JoinPlan::methods($sheet))->toBe([JoinMethod::Rows])
        ->and(count($rows))->toBe(3)->and($places)->toBe(range(0, 14))
        ->and(Arrangement::designed($sheet)->warnings())->toBe([]);
});
