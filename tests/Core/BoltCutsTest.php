<?php

declare(strict_types=1);

use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Cutting\Aim;
use Dew\Core\Cutting\BoltCuts;
use Dew\Core\Cutting\ClueCutting;
use Dew\Core\Cutting\LengthBound;
use Dew\Core\Cutting\SmallCuts;
use Dew\Core\Cutting\Strip;
use Dew\Core\Cutting\Wanted;
use Dew\Core\Design\DesignReader;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\MethodChoices;
use Tests\Core\EveryCut;
use Tests\Core\MatCheck;

pest()->group('slow');

/**
 * Lays every piece where the strips put it, and complains where one leaves its strip or is as high as none.
 *
 * @param  list<Wanted>  $pieces
 * @param  list<Strip>  $strips
 * @return array<string, int> pieces that come out, by id
 */
function laidOut(array $pieces, array $strips): array
{
    $sizes = array_column(array_map(fn (Wanted $piece): array => [$piece->id, $piece], $pieces), 1, 0);
    $found = [];
    $walk = function (Strip $strip) use (&$walk, &$found, $sizes): void {
        $x = 0;
        foreach ($strip->sections as $section) {
            $x += $section->width;
            if ($section->piece !== null) {
                $piece = $sizes[$section->piece];
                $lay = $section->turned ? $piece->turned() : $piece;
                expect($lay)->not->toBeNull()
                    ->and($lay?->height)->toBe($strip->height)
                    ->and($lay?->run($section->count))->toBeLessThanOrEqual($section->width);
                $found[$piece->id] = ($found[$piece->id] ?? 0) + $section->count;
            }
            expect(array_sum(array_map(fn (Strip $part): int => $part->height, $section->strips)))->toBeLessThanOrEqual($strip->height);
            foreach ($section->strips as $part) {
                expect($part->width)->toBe($section->width);
                $walk($part);
            }
        }
        expect($x)->toBeLessThanOrEqual($strip->width);
    };
    array_map($walk, $strips);
    ksort($found);

    return $found;
}

/** @return list<Wanted> kinds of piece drawn by a generator with a fixed beginning */
function someKinds(Random\Randomizer $dice, int $kinds, int $most): array
{
    $pieces = [];
    for ($kind = 0; $kind < $kinds; $kind++) {
        $height = 2 * $dice->getInt(12, 56);
        $length = $dice->getInt(0, 1) === 1 ? $height : 2 * $dice->getInt(12, 130);
        $pieces[] = new Wanted('p'.$kind, $height, $length, $dice->getInt(1, $most), turns: $dice->getInt(0, 3) > 0);
    }

    return $pieces;
}

it('takes no more cloth for a few pieces than the best of all ways of cutting strips', function (): void {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(20));
    $reached = 0;
    for ($case = 0; $case < 300; $case++) {
        do {
            $pieces = someKinds($dice, $dice->getInt(1, 4), 3);
        } while (array_sum(array_map(fn (Wanted $piece): int => $piece->count, $pieces)) > 6);
        $width = $dice->getInt(0, 1) === 1 ? 640 : 320;
        $strips = BoltCuts::strips($pieces, $width);
        $best = (new EveryCut($pieces, $width))->length();

        expect(laidOut($pieces, $strips))->toBe(array_column(
            array_map(fn (Wanted $piece): array => [$piece->id, $piece->count], $pieces), 1, 0,
        ))
            ->and(BoltCuts::length($strips))->toBeLessThanOrEqual($best, "case $case")
            ->and(LengthBound::of($pieces, $width))->toBeLessThanOrEqual(BoltCuts::length($strips), "case $case");
        $reached += LengthBound::of($pieces, $width) === $best ? 1 : 0;
    }
    expect($reached)->toBeGreaterThan(150);
});

it('cuts many kinds of many pieces, each as often as it is wanted, and always the same way', function (int $kinds, int $most): void {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937($kinds));
    for ($case = 0; $case < 6; $case++) {
        $pieces = someKinds($dice, $kinds, $most);
        $strips = BoltCuts::strips($pieces, 640);
        $counts = array_column(array_map(fn (Wanted $piece): array => [$piece->id, $piece->count], $pieces), 1, 0);
        ksort($counts);
        expect(laidOut($pieces, $strips))->toBe($counts)
            ->and(BoltCuts::length($strips))->toBeGreaterThanOrEqual(LengthBound::of($pieces, 640))
            ->and(BoltCuts::strips($pieces, 640))->toEqual($strips);
    }
})->with([[3, 30], [6, 20], [20, 100]]);

it('finds the plans that a careful cutter makes by hand', function (array $pieces, int $width, int $length): void {
    $wanted = array_map(fn (array $piece): Wanted => new Wanted(...$piece), $pieces);
    expect(BoltCuts::length(BoltCuts::strips($wanted, $width)))->toBe($length);
})->with([
    'thirteen squares of 3 in are a strip of 40 in, fourteen are two' => [[['a', 48, 48, 14]], 640, 96],
    'the end of the strip of 6½ in squares gives the 3 in squares' => [[['a', 104, 104, 5], ['b', 48, 48, 4]], 640, 104],
    'two rows of 1½ in stand in the end of a strip of 3 in' => [[['a', 48, 48, 12], ['b', 24, 32, 4]], 640, 48],
    'a rectangle that may turn lies in the strip of the squares' => [[['a', 40, 40, 10], ['b', 72, 40, 3]], 640, 40],
    'one that must not turn takes a strip of its own' => [
        [['a', 40, 40, 10], ['id' => 'b', 'height' => 72, 'length' => 40, 'count' => 3, 'turns' => false]], 640, 72,
    ],
    'triangles that interlock take their advance, the last one its length' => [
        [['id' => 'a', 'height' => 40, 'length' => 40, 'count' => 31, 'pitch' => 20]], 640, 40,
    ],
]);

it('refuses pieces without a size and tells when there is too much to try everything', function (): void {
    expect(fn () => new Wanted('a', 0, 4, 1))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('The piece “a” has no size'))
        ->and(fn () => new Wanted('a', 4, 4, -1))->toThrow(InvalidArgumentException::class)
        ->and(SmallCuts::strips([new Wanted('a', 40, 40, 400), new Wanted('b', 30, 40, 400)], 640))->toBeNull()
        ->and(BoltCuts::strips([new Wanted('a', 40, 40, 0)], 640))->toBe([])
        ->and(LengthBound::of([], 640))->toBe(0);
});

it('lies within 3 in 100 of the lower bound on both demo designs, at every size', function (string $name, string $size): void {
    $design = DesignReader::stored(designFile($name));
    $compiler = new SizeCompiler($design, $size);
    $length = $bound = 0;
    foreach (array_map(strval(...), array_keys($design->clues)) as $clue) {
        $tasks = $compiler->clue($clue, MethodChoices::defaults($design->methods))->tasks;
        foreach (ClueCutting::fromBolts($tasks, $design->room, Notation::Fractions, Aim::Cloth)->slots as $slot) {
            expect($slot->plan->short())->toBe([])->and(MatCheck::faults($slot->plan))->toBe([]);
            $length += $slot->length(Aim::Cloth);
            $bound += $slot->bound();
        }
    }
    expect($length)->toBeGreaterThan(0)->toBeLessThanOrEqual(1.03 * $bound);
})->with([
    ['night-ferry', 's-crib'], ['night-ferry', 's-queen'], ['kitchen-garden', 's-lap'], ['kitchen-garden', 's-bed'],
]);

it('keeps a bound below every plan when strips fill the whole width', function (): void {
    $pieces = [new Wanted('strip', 32, 640, 2, turns: false), new Wanted('square', 110, 110, 1)];
    expect(LengthBound::of($pieces, 640))->toBe(174)->and(BoltCuts::length(BoltCuts::strips($pieces, 640)))->toBe(174);
});
