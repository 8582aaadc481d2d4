<?php

declare(strict_types=1);

use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Bench\QuiltedTop;
use Dew\Core\Bench\QuiltingLines;
use Dew\Core\Bench\RemnantUse;
use Dew\Core\Bench\Sleeve;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Setting\QuiltAsYouGo;
use Dew\Core\Setting\QuiltingJoin;

/** @return array<string, list<string>> */
function layersOf(QuiltedTop $top): array
{
    return array_map(fn (array $sizes): array => array_map(fn (Size $size): string => $size->width->encode(), $sizes), $top->layers);
}

/** @return list<string> how many joins between the blocks of rows are how long */
function shortJoins(QuiltedTop $top): array
{
    return array_map(fn (array $joins): string => $joins[0].' of '.$joins[1]->encode(), $top->short);
}

it('measures the layers of a quilted block when they are cut, trimmed and joined', function (
    QuiltingJoin $join, string $allowance, ?string $trim, array $layers, string $quilt,
): void {
    $quilting = new QuiltAsYouGo($join, Length::parse($allowance), false, $trim === null ? null : Length::parse($trim));
    $top = new QuiltedTop($quilting, Size::square(Length::inches(10)), 4, 3, CuttingRoom::usual());
    expect(layersOf($top))->toBe($layers)->and($top->quilt->encode())->toBe($quilt)->and($top->alone->encode())->toBe('40 x 30');
})->with([
    // A front pieced 10½, trimmed level with its 10 in back over a 9 in batting, joined with ½, shows 9.
    'cover strip, trimmed to 10' => [QuiltingJoin::CoverStrip, '1/2', '1/2', [
        'front' => ['21/2', '10', '9'], 'batting' => ['9', '9', '9'], 'back' => ['10', '10', '9'],
    ], '36 x 27'],
    'back to front with ½' => [QuiltingJoin::BackToFront, '1/2', null, [
        'front' => ['21/2', '21/2', '10'], 'batting' => ['21/2', '21/2', '21/2'], 'back' => ['23/2', '23/2', '21/2'],
    ], '42 x 63/2'],
    'front to back with ½, ½ trimmed' => [QuiltingJoin::FrontToBack, '1/2', '1/2', [
        'front' => ['23/2', '11', '10'], 'batting' => ['21/2', '10', '10'], 'back' => ['21/2', '10', '19/2'],
    ], '40 x 30'],
    'sewn through with ¼' => [QuiltingJoin::SewnThrough, '1/4', null, [
        'front' => ['21/2', '21/2', '10'], 'batting' => ['21/2', '21/2', '10'], 'back' => ['21/2', '21/2', '10'],
    ], '40 x 30'],
]);

it('counts joins and cover strips, and follows what her blocks are really trimmed to', function (): void {
    $quilting = new QuiltAsYouGo(QuiltingJoin::CoverStrip, Length::fraction(1, 2), true);
    $measured = Size::square(Length::inches(10));
    $top = new QuiltedTop($quilting, Size::square(Length::inches(10)), 4, 3, CuttingRoom::usual(), $measured);
    // 4 · 9 + 2 · ½ by 3 · 9 + 1; nine short joins, two long ones; strips show 1 in and are cut 1½. Three and
    // three of the short ones reach to the outer edge that is kept.
    expect($top->quilt->encode())->toBe('37 x 28')->and(shortJoins($top))->toBe(['6 of 19/2', '3 of 9'])->and($top->long)->toBe(2)
        ->and($top->longLength->encode())->toBe('37')->and($top->stripCut?->encode())->toBe('3/2')
        // Four of 9½ in, or of 9, out of a strip of 40: three strips; 74 in out of two.
        ->and($top->strips)->toBe(5);
    expect(
        fn () => new QuiltedTop($quilting, Size::square(Length::inches(10)), 4, 3, CuttingRoom::usual(), Size::square(Length::inches(3))),
    )
        ->toThrow(MeasureRefused::class);
});

it('lays cover strips to the outer edge of the quilt where it is kept', function (bool $kept, int $rows, array $joins, int $strips): void {
    $quilting = new QuiltAsYouGo(QuiltingJoin::CoverStrip, Length::fraction(1, 2), $kept, Length::fraction(1, 2));
    $top = new QuiltedTop($quilting, Size::square(Length::inches(10)), 3, $rows, CuttingRoom::usual());
    $down = 0.0;
    // Along one line of joins, from the upper edge of the quilt to the lower one, strips cover everything.
    foreach ($top->short as [$count, $length]) {
        $down += $count / 2 * $length->toFloat();
    }
    expect(shortJoins($top))->toBe($joins)->and($down)->toBe($top->quilt->height->toFloat())->and($top->strips)->toBe($strips);
})->with([
    // A block shows 9 in; 19 in by 28 in with its edge kept, 18 by 27 without. Four of 9½ out of one strip, 28 out of another.
    'two rows, kept' => [true, 2, ['4 of 19/2'], 2],
    'two rows, trimmed' => [false, 2, ['4 of 9'], 2],
    'one row, kept on both sides' => [true, 1, ['2 of 10'], 1],
    'four rows, kept' => [true, 4, ['4 of 19/2', '4 of 9'], 2 + 3],
]);

it('sorts what is left over by what it can still become', function (string $width, string $height, string $code, int $count): void {
    $use = RemnantUse::of(new Size(Length::parse($width), Length::parse($height)));
    expect($use->code)->toBe($code)->and($use->count)->toBe($count);
})->with([
    ['40', '18', 'back', 0], ['21', '17', 'squares', 2], ['40', '6', 'strips', 2], ['5', '16', 'squares', 3], ['4 1/2', '9', 'label', 1],
    ['3', '6', 'small-squares', 2], ['2', '19', 'scrap', 0],
]);

it('cuts a sleeve as long as the quilt is wide, joined where the cloth is too narrow', function (string $width, int $strips): void {
    $sleeve = new Sleeve(new Size(Length::parse($width), Length::inches(80)), CuttingRoom::usual());
    expect($sleeve->length->encode())->toBe($width)->and($sleeve->width->encode())->toBe('9')->and($sleeve->strips)->toBe($strips);
})->with([['36', 1], ['60', 2], ['80', 3]]);

it('draws lines beside seams, echoes, grids and diagonals', function (): void {
    $top = new Size(Length::inches(12), Length::inches(8));
    $square = [[2.0, 2.0], [6.0, 2.0], [6.0, 6.0], [2.0, 6.0]];
    $lines = fn (string $kind, string $distance): array => QuiltingLines::of($kind, $top, [$square], Length::parse($distance));
    $beside = $lines('seams', '1/2');
    expect($beside)->toHaveCount(1);
    // ½ in within a square of 4 in: a square of 3 in that begins at 2½.
    sort($beside[0]);
    expect($beside[0][0])->toBe([2.5, 2.5])->and(end($beside[0]))->toBe([5.5, 5.5]);
    // Within 4 in there is room for three echoes ½ in apart.
    expect($lines('echoes', '1/2'))->toHaveCount(3)->and($lines('seams', '2'))->toBe([])
        // 11 upright lines and 7 level ones.
        ->and($lines('grid', '1'))->toHaveCount(18);
    foreach ($lines('diagonal', '1') as [[$x1, $y1], [$x2, $y2]]) {
        expect(abs(abs($x2 - $x1) - abs($y2 - $y1)))->toBeLessThan(1e-9)
            ->and(min($x1, $x2, $y1, $y2))->toBeGreaterThanOrEqual(0.0)->and(max($x1, $x2))->toBeLessThanOrEqual(12.0)
            ->and(max($y1, $y2))->toBeLessThanOrEqual(8.0);
    }
    expect(fn () => $lines('grid', '1/16'))->toThrow(MeasureRefused::class)->and(
        fn () => $lines('feathers', '1'),
    )->toThrow(MeasureRefused::class)
        ->and(fn () => $lines('grid', '90'))->toThrow(MeasureRefused::class);
});
