<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Geometry\Arc;
use Dew\Core\Geometry\Clip;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Length;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;
use Dew\Core\Unit\Method;

/** Night Ferry with both of its blocks, of 12 in, trimmed to this. */
function trimmedFerry(mixed $to): string
{
    $document = json_decode((string) file_get_contents(dirname(__DIR__).'/designs/night-ferry.json'), true);
    foreach (array_keys($document['blocks']) as $index) {
        $document['blocks'][$index]['trimmed'] = $to;
    }

    return (string) json_encode($document);
}

it('clips an outline at the edges of a rectangle, exactly', function (): void {
    $at = fn (string $x, string $y): Point => new Point(Length::parse($x), Length::parse($y));
    $within = fn (Outline $outline): ?Outline => Clip::within(
        $outline,
        Length::parse('1'),
        Length::parse('1'),
        Length::parse('5'),
        Length::parse('5'),
    );
    // A triangle whose point stands out on the left: 4 in high where it is cut off a third of the way.
    $triangle = new Outline($at('0', '3'), $at('4', '1'), $at('4', '5'));
    $clipped = $within($triangle);
    expect($clipped?->area())->toBe(8.0 - 0.5)
        ->and(array_map(fn (Point $corner): string => $corner->encode(), $clipped->corners))->toContain('1,5/2', '1,7/2');
    $inside = new Outline($at('2', '2'), $at('3', '2'), $at('3', '3'));
    expect($within($inside))->toBe($inside)
        ->and($within(new Outline($at('6', '0'), $at('7', '0'), $at('7', '1'))))->toBeNull();
    // Curves, counted by a fine grid of points: a bulging piece, a hollow one, and one whose curve alone stands out.
    $bulging = fn (float $x, float $y): bool => $x > 0 && $y > 0 && hypot($x, $y) < 4;
    $hollow = fn (float $x, float $y): bool => $x > 0 && $y > 0 && $x < 6 && $y < 6 && hypot($x, $y) > 4;
    $shapes = [
        [new Outline($at('0', '0'), $at('4', '0'), new Arc(Length::parse('4'), true), $at('0', '4')), $bulging],
        [new Outline(
            $at('4', '0'), $at('6', '0'), $at('6', '6'), $at('0', '6'), $at('0', '4'), new Arc(Length::parse('4'), false),
        ), $hollow],
        [new Outline($at('2', '2'), new Arc(Length::parse('2'), false), $at('4', '4')), fn (float $x, float $y): bool => $x < $y
            && hypot($x - 4, $y - 2) < 2],
    ];
    foreach ($shapes as [$shape, $covers]) {
        foreach ([['1', '1', '5', '5'], ['0', '2', '3', '6'], ['2 1/2', '1', '3 1/2', '3'], ['0', '0', '2', '2']] as $box) {
            [$left, $top, $right, $bottom] = array_map(fn (string $text): float => Length::parse($text === '0' ? '0' : $text)->toFloat(), $box);
            $counted = 0.0;
            for ($x = $left + 0.01; $x < $right; $x += 0.02) {
                for ($y = $top + 0.01; $y < $bottom; $y += 0.02) {
                    $counted += $covers($x, $y) ? 0.0004 : 0.0;
                }
            }
            $seen = Clip::within($shape, ...array_map(Length::approximately(...), [$left, $top, $right, $bottom]));
            expect(abs(($seen?->area() ?? 0.0) - $counted))->toBeLessThan(0.05);
        }
    }
});

it('clips whatever triangle to as much of its area as lies inside', function (int $seed): void {
    mt_srand($seed);
    $point = fn (): Point => new Point(Length::fraction(mt_rand(-16, 96), 8), Length::fraction(mt_rand(-16, 96), 8));
    $bounds = [Length::zero(), Length::zero(), Length::inches(10), Length::inches(10)];
    for ($round = 0; $round < 60; $round++) {
        $outline = new Outline($point(), $point(), $point());
        $whole = abs($outline->signedArea());
        $clipped = Clip::within($outline, ...$bounds);
        $seen = $clipped === null ? 0.0 : abs($clipped->signedArea());
        // Counted by a fine grid of points.
        [$a, $b, $c] = array_map(fn (Point $corner): array => [$corner->x->toFloat(), $corner->y->toFloat()], $outline->corners);
        $side = fn (array $p, array $q, float $x, float $y): float => ($q[0] - $p[0]) * ($y - $p[1]) - ($q[1] - $p[1]) * ($x - $p[0]);
        $hits = 0;
        for ($x = 0.05; $x < 10; $x += 0.1) {
            for ($y = 0.05; $y < 10; $y += 0.1) {
                $signs = [$side($a, $b, $x, $y), $side($b, $c, $x, $y), $side($c, $a, $x, $y)];
                $hits += min($signs) >= 0 || max($signs) <= 0 ? 1 : 0;
            }
        }
        expect($seen)->toBeLessThanOrEqual($whole + 1e-9)
            ->and(abs($seen - $hits * 0.01))->toBeLessThan(0.6);
    }
})->with([1, 2, 3]);

it('trims a block that is sewn larger on purpose: its drawing, its size in the quilt and its steps follow', function (): void {
    $design = DesignReader::read(trimmedFerry('11'));
    $compilation = Compilation::of($design);
    $block = $compilation->sized('s-crib')->products['b-lantern'];
    $area = array_sum(array_map(fn (Patch $patch): float => $patch->outline->area(), $block->patches()));
    // Three blocks of 11 in, and borders of 1 and 3 in on either side.
    expect($block->finished()->encode())->toBe('11 x 11')->and($area)->toEqualWithDelta(121.0, 1e-9)
        ->and($compilation->sized('s-crib')->layout->finished->encode())->toBe('41 x 41')
        ->and($block->contents())->toBe(Compilation::of(nightFerry())->sized('s-crib')->products['b-lantern']->contents());
    $making = $block->making(new Method('block:rows'), $design->room);
    $last = $making->steps[count($making->steps) - 1];
    expect($last->code)->toBe('block.trimmed')
        ->and($last->measures['width']->exact->encode())->toBe('23/2')
        ->and($last->measures['side']->exact->encode())->toBe('1/2')
        ->and(array_map(fn (Step $step): string => $step->code, $making->steps))->toContain('block.check_before_trimming')
        ->not->toContain('block.check')
        ->and($block->digest($design->room))->not->toBe(
            Compilation::of(nightFerry())->sized('s-crib')->products['b-lantern']->digest($design->room),
        );
    $sheet = Compiler::quiltSheet($design, 's-crib');
    expect(drawnArea($sheet))->toEqualWithDelta(41 * 41, 1e-6);
    $found = array_filter(Proof::of($design), fn (Finding $finding): bool => $finding->code === 'trimmed-points');
    expect(array_values(array_map(fn (Finding $finding): string => $finding->names['block'], $found)))->toContain('Pier Lantern');
});

it('refuses to trim a block larger than it is sewn, or away altogether', function (mixed $to, string $says): void {
    expect(fn () => DesignReader::read(trimmedFerry($to)))->toThrow(fn (DocumentException $error) => expect(said($error))->toContain($says));
})->with([
    ['13', 'nothing is put on'],
    ['6', 'cannot be trimmed to 6.000'],
    [['width' => '11', 'height' => '12 1/8'], 'nothing is put on'],
]);

it('keeps a block untrimmed that is trimmed to what it is', function (): void {
    $design = DesignReader::read(trimmedFerry('12'));
    expect(Compilation::of($design)->sized('s-crib')->layout->finished->encode())->toBe('44 x 44');
});
