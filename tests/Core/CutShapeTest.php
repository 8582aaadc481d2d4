<?php

declare(strict_types=1);

use Dew\Core\Geometry\Arc;
use Dew\Core\Geometry\CutShape;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Geometry\Seams;
use Dew\Core\Geometry\Symmetry;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** A point given in sixteenths of an inch. */
function at(int $x, int $y): Point
{
    return new Point(Length::fraction($x, 16), Length::fraction($y, 16));
}

/** A convex polygon with corners on the marks of a ruler: some of those round an ellipse. */
function anyConvex(): Outline
{
    [$across, $down, $corners] = [mt_rand(40, 160), mt_rand(40, 160), mt_rand(3, 8)];
    $angles = [];
    while (count($angles) < $corners) {
        $angles[mt_rand(0, 17)] = true;
    }
    ksort($angles);
    $points = array_map(
        fn (int $angle): Point => at(
            (int) round($across * (1 + cos($angle * M_PI / 9))),
            (int) round($down * (1 + sin($angle * M_PI / 9))),
        ),
        array_keys($angles),
    );

    return new Outline(...$points);
}

it('adds to a convex shape what its edges and corners take: A + P·s + Σ s²·cot(θ/2)', function (): void {
    mt_srand(29);
    for ($round = 0; $round < 1500; $round++) {
        $outline = anyConvex();
        if ($outline->area() < 1) {
            continue;
        }
        $s = [1 / 4, 3 / 8, 35 / 127][$round % 3];
        $expected = $outline->area() + $outline->perimeter() * $s;
        $count = count($outline->corners);
        foreach (array_keys($outline->corners) as $index) {
            [$beforeX, $beforeY, $x, $y] = $outline->edge(($index + $count - 1) % $count);
            [, , $nextX, $nextY] = $outline->edge($index);
            $turn = abs(
                atan2(
                    ($x - $beforeX) * ($nextY - $y) - ($y - $beforeY) * ($nextX - $x),
                    ($x - $beforeX) * ($nextX - $x) + ($y - $beforeY) * ($nextY - $y),
                ),
            );
            $expected += $s ** 2 * tan($turn / 2);
        }
        $cut = CutShape::of($outline, Length::approximately($s));

        expect($cut->area())->toEqualWithDelta($expected, 1e-3 * $expected);
    }
});

it('is the same shape whichever way the corners run, and however it is turned', function (): void {
    mt_srand(31);
    for ($round = 0; $round < 300; $round++) {
        $outline = anyConvex();
        if ($outline->area() < 1) {
            continue;
        }
        $size = new Size(Length::inches(20), Length::inches(20));
        $seam = Length::fraction(1, 4);
        $area = CutShape::of($outline, $seam)->area();
        $backwards = new Outline(...array_reverse($outline->corners));
        $turned = $outline->oriented(Orientation::of(90 * ($round % 4), $round % 2 === 1), $size);

        expect(CutShape::of($backwards, $seam)->area())->toEqualWithDelta($area, 1e-9)
            ->and(CutShape::of($turned, $seam)->area())->toEqualWithDelta($area, 1e-9)
            ->and(CutShape::of($outline, $seam)->laidOnStrip()->area())->toEqualWithDelta($area, 1e-9);
    }
});

it('lies on its strip within its box, and as low as any edge allows', function (): void {
    mt_srand(37);
    for ($round = 0; $round < 300; $round++) {
        $outline = anyConvex();
        if ($outline->area() < 1) {
            continue;
        }
        $shape = CutShape::of($outline, Length::fraction(1, 4));
        $laid = $shape->laidOnStrip();
        expect(min(array_column($laid->corners, 0)))->toEqualWithDelta(0, 1e-9)
            ->and(min(array_column($laid->corners, 1)))->toEqualWithDelta(0, 1e-9)
            ->and($laid->height())->toBeLessThanOrEqual($shape->height() + 1e-9);
        // One of its edges lies along the strip.
        $along = false;
        foreach ($laid->corners as $index => [, $y]) {
            $along = $along || abs($laid->corners[($index + 1) % count($laid->corners)][1] - $y) < 1e-9;
        }
        expect($along)->toBeTrue();
    }
});

it('moves circular edges about their own centres', function (int $side, int $radius): void {
    $s = 0.25;
    $inner = new Outline(at(0, 0), at($radius, 0), new Arc(Length::fraction($radius, 16), true), at(0, $radius));
    $outer = new Outline(
        at($radius, 0),
        at($side, 0),
        at($side, $side),
        at(0, $side),
        at(0, $radius),
        new Arc(Length::fraction($radius, 16), false),
    );
    [$r, $f] = [$radius / 16, $side / 16];
    // The pie: a quarter circle of r + s about the finished corner, and what lies between that and the two straight edges s beyond it.
    $beyond = fn (float $big): float => ($s * sqrt($big ** 2 - $s ** 2) + $big ** 2 * asin($s / $big)) / 2;
    $pie = M_PI * ($r + $s) ** 2 / 4 + 2 * $beyond($r + $s) + $s ** 2;
    // The rest of the raw square, but for a quarter circle of r − s and its own share beyond the straight edges.
    $rest = ($f + 2 * $s) ** 2 - (M_PI * ($r - $s) ** 2 / 4 + 2 * $beyond($r - $s) + $s ** 2);

    expect(CutShape::of($inner, Length::fraction(1, 4))->area())->toEqualWithDelta($pie, 1e-9)
        ->and(CutShape::of($outer, Length::fraction(1, 4))->area())->toEqualWithDelta($rest, 1e-9)
        ->and(CutShape::of($inner, Length::fraction(1, 4))->width())->toEqualWithDelta($r + 2 * $s, 1e-9)
        ->and(CutShape::of($outer, Length::fraction(1, 4))->width())->toEqualWithDelta($f + 2 * $s, 1e-9)
        ->and($inner->area() + $outer->area())->toEqualWithDelta($f ** 2, 1e-9);
})->with([[64, 48], [72, 64], [48, 16], [160, 100], [33, 21]]);

it('is kept as an outline to within a hair', function (): void {
    mt_srand(41);
    for ($round = 0; $round < 200; $round++) {
        $outline = anyConvex();
        if ($outline->area() < 1) {
            continue;
        }
        $shape = CutShape::of($outline, Length::fraction(1, 4))->atOrigin();
        $kept = Outline::decode($shape->toOutline()->encode());
        expect($kept->area())->toEqualWithDelta($shape->area(), 2e-3)
            ->and(count($kept->corners))->toBe(count($shape->corners));
    }
});

it('knows an upright rectangle from everything else', function (Outline $outline, ?string $size): void {
    expect($outline->asRectangle()?->encode())->toBe($size);
})->with([
    'a rectangle' => [fn (): Outline => new Outline(at(0, 0), at(32, 0), at(32, 16), at(0, 16)), '2 x 1'],
    'the same, walked the other way' => [fn (): Outline => new Outline(at(0, 0), at(0, 16), at(32, 16), at(32, 0)), '2 x 1'],
    'one on its corner' => [fn (): Outline => new Outline(at(16, 0), at(32, 16), at(16, 32), at(0, 16)), null],
    'a triangle' => [fn (): Outline => new Outline(at(0, 0), at(32, 0), at(0, 16)), null],
    'a parallelogram' => [fn (): Outline => new Outline(at(8, 0), at(40, 0), at(32, 16), at(0, 16)), null],
    'a rectangle with a bulge' => [
        fn (): Outline => new Outline(at(0, 0), at(32, 0), new Arc(Length::inches(3), true), at(32, 16), at(0, 16)),
        null,
    ],
]);

it('finds the seams of any chequer, as many as there are walls', function (): void {
    mt_srand(43);
    for ($round = 0; $round < 120; $round++) {
        [$columns, $rows] = [mt_rand(1, 5), mt_rand(1, 5)];
        $widths = array_map(fn (): int => mt_rand(8, 40), range(1, $columns));
        $heights = array_map(fn (): int => mt_rand(8, 40), range(1, $rows));
        $patches = [];
        $y = 0;
        foreach ($heights as $height) {
            $x = 0;
            foreach ($widths as $width) {
                $patches[] = new Patch(
                    'f',
                    new Outline(at($x, $y), at($x + $width, $y), at($x + $width, $y + $height), at($x, $y + $height)),
                );
                $x += $width;
            }
            $y += $height;
        }
        shuffle($patches);
        $seams = Seams::between($patches, Length::fraction(1, 4));
        $long = (($columns - 1) * array_sum($heights) + ($rows - 1) * array_sum($widths)) / 16;

        expect($seams)->toHaveCount(($columns - 1) * $rows + ($rows - 1) * $columns)
            ->and(array_sum(array_map(fn ($seam): float => $seam->length, $seams)))->toEqualWithDelta($long, 1e-9)
            ->and(array_filter($seams, fn ($seam): bool => $seam->isSlanted()))->toBe([])
            ->and(Seams::length($patches, 2 * (array_sum($widths) + array_sum($heights)) / 16))->toEqualWithDelta($long, 1e-9);
    }
});

it('finds seams where edges meet in part', function (): void {
    // A long bar above two short ones of unequal length.
    $patches = [
        new Patch('f', new Outline(at(0, 0), at(64, 0), at(64, 16), at(0, 16))),
        new Patch('g', new Outline(at(0, 16), at(40, 16), at(40, 32), at(0, 32))),
        new Patch('h', new Outline(at(40, 16), at(64, 16), at(64, 32), at(40, 32))),
    ];
    $seams = array_map(fn ($seam): array => [$seam->first, $seam->second, $seam->length], Seams::between($patches, Length::fraction(1, 4)));

    expect($seams)->toEqualCanonicalizing([[0, 1, 2.5], [0, 2, 1.5], [1, 2, 1.0]]);
});

it('gives one form to a unit however it is turned, and another to its mirror image', function (): void {
    mt_srand(47);
    $size = Size::square(Length::inches(4));
    for ($round = 0; $round < 200; $round++) {
        $patches = array_map(
            fn (int $n): Patch => new Patch(
                "f-$n",
                new Outline(at(mt_rand(0, 64), mt_rand(0, 64)), at(mt_rand(0, 64), mt_rand(0, 64)), at(mt_rand(0, 64), mt_rand(0, 64))),
            ),
            range(0, 2),
        );
        $turned = array_map(fn (Patch $patch): Patch => $patch->oriented(Orientation::of(90 * ($round % 4)), $size), $patches);
        $mirrored = array_map(fn (Patch $patch): Patch => $patch->oriented(Orientation::of(0, true), $size), $patches);
        $turns = Symmetry::turnThatMirrors($patches, $size);

        expect(Symmetry::canonical($turned, $size))->toBe(Symmetry::canonical($patches, $size))
            ->and(Symmetry::canonical($mirrored, $size) === Symmetry::canonical($patches, $size))->toBe($turns !== null);
    }
});

it('ends square where a hollow runs out along a straight edge, a seam allowance beyond the tip', function (): void {
    // What is left of a square of 4 in outside a quarter circle about its top left corner: two tips, each between an edge and the curve.
    $curve = new Arc(Length::inches(4), false);
    $outline = new Outline(at(64, 0), at(64, 64), at(0, 64), $curve);
    foreach ([$outline, new Outline(at(64, 64), at(64, 0), $curve->reversed(), at(0, 64))] as $shape) {
        $cut = CutShape::of($shape, Length::fraction(1, 4));
        $reach = sqrt(3.75 ** 2 - 0.25 ** 2);
        $wanted = [[4.25, -0.25], [4.25, 4.25], [-0.25, 4.25], [-0.25, $reach], [$reach, -0.25]];
        expect($cut->corners)->toHaveCount(5);
        foreach ($wanted as [$x, $y]) {
            $off = min(array_map(fn (array $corner): float => hypot($corner[0] - $x, $corner[1] - $y), $cut->corners));
            expect($off)->toBeLessThan(1e-9, "There is no corner at $x, $y.");
        }
        // The square of 4½ in, without the quarter of a circle of 3¾ in and what lies between it and the raw edges.
        $sector = 3.75 ** 2 / 2 * (M_PI / 2 + 2 * asin(0.25 / 3.75)) + 0.25 * $reach + 0.25 ** 2;
        expect($cut->area())->toEqualWithDelta(4.5 ** 2 - $sector, 1e-9);
    }
    expect(fn (): CutShape => CutShape::of(
        new Outline(at(6, 0), at(6, 6), at(0, 6), new Arc(Length::fraction(6, 16), false)),
        Length::fraction(1, 4),
    ))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('A hollow edge is narrower than the seam allowance.'));
});

it('marks a notch on the raw edge of a shape whose tips end square', function (): void {
    $outline = new Outline(at(64, 0), at(64, 64), at(0, 64), new Arc(Length::inches(4), false));
    $cut = CutShape::of($outline, Length::fraction(1, 4));
    [$x, $y] = $cut->besideEdge(2, 0.5, $outline);
    expect(hypot($x, $y))->toEqualWithDelta(3.75, 1e-9)->and($x)->toEqualWithDelta($y, 1e-9);
    [$x, $y, $inX, $inY] = $cut->besideEdge(1, 0.25, $outline);
    expect([$x, $y, $inX, $inY])->toEqualWithDelta([3.0, 4.25, 0.0, -1.0], 1e-9);
});
