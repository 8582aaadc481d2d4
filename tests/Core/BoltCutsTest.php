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
use Tests\Core\EveryRectangle;
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

/**
 * A clue of a sampler: three to six kinds of piece, all free to turn or all fixed to the grain, on cloth of a usual width.
 *
 * @return array{list<Wanted>, int}
 */
function someClue(Random\Randomizer $dice, int $most): array
{
    $kinds = $dice->getInt(3, 6);
    $free = $dice->getInt(0, 1) === 1;
    $pieces = [];
    for ($kind = 0; $kind < $kinds; $kind++) {
        $height = 2 * $dice->getInt(12, 68);
        $length = $dice->getInt(0, 1) === 1 ? $height : 2 * $dice->getInt(12, 80);
        $pieces[] = new Wanted('p'.$kind, $height, $length, $dice->getInt(1, max(1, intdiv(2 * $most, $kinds) - 1)), turns: $free);
    }

    return array_sum(array_map(fn (Wanted $piece): int => $piece->count, $pieces)) > $most
        ? someClue($dice, $most)
        : [$pieces, [576, 640, 664, 672][$dice->getInt(0, 3)]];
}

/**
 * The length that a plain cutter takes: the tallest piece first, each from the first strip that holds it.
 *
 * @param  list<Wanted>  $pieces
 * @param  callable(Wanted): array{int, int}  $lay  height and length of a piece
 */
function plainly(array $pieces, int $width, callable $lay): int
{
    $sizes = [];
    foreach ($pieces as $piece) {
        array_push($sizes, ...array_fill(0, $piece->count, $lay($piece)));
    }
    rsort($sizes);
    $strips = [];
    $length = 0;
    foreach ($sizes as [$high, $long]) {
        $strip = array_key_first(array_filter($strips, fn (int $used): bool => $used + $long <= $width));
        if ($strip === null) {
            $strips[] = $long;
            $length += $high;
        } else {
            $strips[$strip] += $long;
        }
    }

    return $length;
}

it('takes no more cloth for up to a dozen pieces than the best of all ways of cutting, 97 times in 100', function (): void {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(12));
    $longer = $reached = 0;
    for ($case = 0; $case < 100; $case++) {
        [$pieces, $width] = someClue($dice, $case % 4 === 0 ? 12 : 8);
        $length = BoltCuts::length(BoltCuts::strips($pieces, $width));
        $best = EveryRectangle::length($pieces, $width);
        $longer += $length > $best ? 1 : 0;
        $reached += LengthBound::of($pieces, $width) === $best ? 1 : 0;
        expect($length)->toBeGreaterThanOrEqual($best, "case $case")
            ->and(LengthBound::of($pieces, $width))->toBeLessThanOrEqual($best, "case $case");
    }
    expect($longer)->toBeLessThanOrEqual(3)->and($reached)->toBeGreaterThan(50);
});

it('never takes more cloth than a plain cutter does, and often less', function (): void {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(60));
    $shorter = 0;
    for ($case = 0; $case < 40; $case++) {
        [$pieces, $width] = someClue($dice, $case < 30 ? 30 : 60);
        $strips = BoltCuts::strips($pieces, $width);
        $plain = [plainly($pieces, $width, fn (Wanted $piece): array => [$piece->height, $piece->length])];
        if ($pieces[0]->turns) {
            $sides = fn (Wanted $piece): array => [min($piece->height, $piece->length), max($piece->height, $piece->length)];
            $plain[] = plainly($pieces, $width, $sides);
            $plain[] = plainly($pieces, $width, fn (Wanted $piece): array => array_reverse($sides($piece)));
        }
        expect(laidOut($pieces, $strips))->toBe(array_column(
            array_map(fn (Wanted $piece): array => [$piece->id, $piece->count], $pieces), 1, 0,
        ))
            ->and(BoltCuts::length($strips))->toBeLessThanOrEqual(min($plain), "case $case")
            ->and(LengthBound::of($pieces, $width))->toBeLessThanOrEqual(BoltCuts::length($strips), "case $case");
        $shorter += BoltCuts::length($strips) < min($plain) ? 1 : 0;
    }
    expect($shorter)->toBeGreaterThan(25);
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
    'three long strips lie beside the last squares' => [
        [['a', 58, 58, 2], ['id' => 'b', 'height' => 34, 'length' => 152, 'count' => 10, 'turns' => false], ['c', 136, 136, 7]], 664, 340,
    ],
    'everything lies in the strip of the two large squares' => [
        [['a', 48, 38, 12], ['b', 38, 38, 5], ['c', 104, 104, 2], ['d', 66, 66, 1], ['e', 120, 62, 1]], 672, 104,
    ],
    'what must not turn lies below what is lower than the strip' => [
        [
            ['id' => 'a', 'height' => 80, 'length' => 80, 'count' => 3], ['id' => 'b', 'height' => 24, 'length' => 34, 'count' => 3, 'turns' => false],
            ['id' => 'c', 'height' => 44, 'length' => 46, 'count' => 2, 'turns' => false], ['d', 34, 34, 2], ['e', 78, 78, 2],
            ['id' => 'f', 'height' => 120, 'length' => 62, 'count' => 1, 'turns' => false],
        ], 576, 120,
    ],
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
