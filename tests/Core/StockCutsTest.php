<?php

declare(strict_types=1);

use Dew\Core\Cutting\Aim;
use Dew\Core\Cutting\BoltCuts;
use Dew\Core\Cutting\CuttingPlan;
use Dew\Core\Cutting\LaidRun;
use Dew\Core\Cutting\PlainStrips;
use Dew\Core\Cutting\StockCuts;
use Dew\Core\Cutting\StockKind;
use Dew\Core\Cutting\StockPiece;
use Dew\Core\Cutting\VariedCuts;
use Dew\Core\Cutting\Wanted;
use Tests\Core\MatCheck;

/**
 * @param  list<array<mixed>>  $pieces
 * @return list<Wanted>
 */
function wantedOf(array $pieces): array
{
    return array_map(fn (array $piece): Wanted => new Wanted(...$piece), $pieces);
}

/** @return list<StockPiece> */
function manyOf(StockKind $kind, int $width, int $length, int $count): array
{
    return array_map(fn (int $number): StockPiece => new StockPiece($kind->value.'-'.$number, $kind, $width, $length), range(1, $count));
}

/** @return array<string, int> how many pieces of cloth are used, by kind */
function usedOf(CuttingPlan $plan): array
{
    $used = [];
    foreach ($plan->cuts as $cut) {
        $used[$cut->stock->kind->value] = ($used[$cut->stock->kind->value] ?? 0) + 1;
    }

    return $used;
}

it('cuts as somebody would who planned it on paper', function (array $pieces, array $stock, array $used, array $short): void {
    $plan = StockCuts::plan(wantedOf($pieces), $stock);
    expect(usedOf($plan))->toBe($used)->and($plan->short())->toBe($short)->and(MatCheck::faults($plan))->toBe([]);
})->with([
    '104 squares of 3⅞ in from six fat quarters: five rows of five lie on none, four of five do' => [
        [['a', 62, 62, 104]], fn () => manyOf(StockKind::FatQuarter, 320, 280, 6), ['fat-quarter' => 6], [],
    ],
    'one square more than six fat quarters hold' => [
        [['a', 62, 62, 121]], fn () => manyOf(StockKind::FatQuarter, 320, 280, 6), ['fat-quarter' => 6], ['a' => 1],
    ],
    'a quilt from 5 in squares only: four patches of 2½ from each' => [
        [['a', 40, 40, 90], ['b', 80, 80, 7]], fn () => manyOf(StockKind::Square, 80, 80, 30), ['square' => 30], [],
    ],
    'a scrap that just holds six' => [[['a', 40, 40, 6]], fn () => [new StockPiece('s', StockKind::Scrap, 120, 80)], ['scrap' => 1], []],
    'a scrap that is one mark too short' => [
        [['a', 40, 40, 6]], fn () => [new StockPiece('s', StockKind::Scrap, 120, 79)], ['scrap' => 1], ['a' => 3],
    ],
    'a scrap without one corner' => [
        [['a', 40, 40, 8]], fn () => [new StockPiece('s', StockKind::Scrap, 120, 120, 40, 40)], ['scrap' => 1], [],
    ],
    'a piece that must not turn does not go on a scrap that lies the other way' => [
        [['id' => 'a', 'height' => 96, 'length' => 40, 'count' => 1, 'turns' => false]],
        fn () => [new StockPiece('s', StockKind::Scrap, 100, 60)], [], ['a' => 1],
    ],
    'it goes on one that lies its own way, in strips along the bolt too' => [
        [['id' => 'a', 'height' => 96, 'length' => 40, 'count' => 2, 'turns' => false]],
        fn () => [new StockPiece('s', StockKind::Scrap, 40, 200)], ['scrap' => 1], [],
    ],
    'the smallest cloth that holds everything is taken, and yardage is left whole' => [
        [['a', 40, 40, 20]],
        fn () => [...manyOf(StockKind::FatQuarter, 320, 280, 2), new StockPiece('y', StockKind::Yardage, 640, 720)], ['fat-quarter' => 1], [],
    ],
    'cloth that is narrower than the piece gives nothing' => [
        [['a', 200, 200, 1]], fn () => manyOf(StockKind::FatEighth, 320, 136, 9), [], ['a' => 1],
    ],
    'nothing is wanted' => [[['a', 40, 40, 0]], fn () => manyOf(StockKind::FatEighth, 320, 136, 1), [], []],
]);

it('lays nothing over anything else, parts everything by cuts from edge to edge, and tells truly what is left', function (): void {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(7));
    $complete = 0;
    for ($case = 0; $case < 120; $case++) {
        $pieces = [];
        for ($kind = 0; $kind < $dice->getInt(1, 4); $kind++) {
            $height = 4 * $dice->getInt(6, 24);
            $pieces[] = new Wanted(
                'p'.$kind, $height, $dice->getInt(0, 1) === 1 ? $height : 4 * $dice->getInt(6, 60), $dice->getInt(1, 24),
                turns: $dice->getInt(0, 2) > 0,
            );
        }
        $stock = [
            ...manyOf(StockKind::FatQuarter, 320, 280, $dice->getInt(1, 4)),
            new StockPiece('scrap', StockKind::Scrap, $dice->getInt(80, 200), $dice->getInt(80, 200), 30, 40, directional: $case % 3 === 1),
            ...$case % 2 === 0 ? [] : [new StockPiece('one-way', StockKind::Scrap, 320, $dice->getInt(80, 200), directional: true)],
            ...$dice->getInt(0, 1) === 1 ? [new StockPiece('yard', StockKind::Yardage, 640, 576)] : [],
        ];
        $plan = StockCuts::plan($pieces, $stock);
        expect(MatCheck::faults($plan))->toBe([], "case $case")->and(StockCuts::plan($pieces, $stock))->toEqual($plan);
        $complete += $plan->short() === [] ? 1 : 0;
    }
    expect($complete)->toBeGreaterThan(40)->toBeLessThan(120);
});

it('says where every run of pieces lies', function (): void {
    $plan = StockCuts::plan(
        wantedOf([['a', 104, 104, 5], ['b', 48, 48, 4]]),
        [new StockPiece('y', StockKind::Yardage, 640, 720)],
    );
    $runs = array_map(
        fn (LaidRun $run): array => [$run->piece, $run->count, $run->across, $run->along, $run->width, $run->length],
        LaidRun::of($plan->cuts[0]->sheets[0]),
    );
    sort($runs);
    expect($runs)->toBe([['a', 5, 0, 0, 520, 104], ['b', 2, 520, 0, 96, 48], ['b', 2, 520, 48, 96, 48]])
        ->and($plan->cuts[0]->remnants()[0]->length)->toBe(616);
});

it('refuses cloth without a size and a corner larger than the cloth', function (array $cloth): void {
    expect(fn () => new StockPiece('s', StockKind::Scrap, ...$cloth))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('“s”'));
})->with([[[0, 10]], [[10, -1]], [[10, 10, 10, 5]], [[10, 10, 3, 0]], [[10, 10, -1, -1]]]);

it('takes about the same number of pieces from each of several fabrics, and gives that up where cloth would not reach', function (): void {
    $piece = fn (string $id, string $fabric, int $length): StockPiece => new StockPiece($id, StockKind::Scrap, 320, $length, fabric: $fabric);
    $from = function (CuttingPlan $plan): array {
        $counts = [];
        foreach ($plan->cuts as $cut) {
            $counts[$cut->stock->fabric] = ($counts[$cut->stock->fabric] ?? 0) + array_sum($cut->pieces());
        }
        ksort($counts);

        return $counts;
    };
    $stock = [$piece('1', 'plaid', 280), $piece('2', 'dots', 280), $piece('3', 'stripe', 200)];
    $wanted = wantedOf([['a', 40, 40, 30]]);
    $varied = VariedCuts::plan($wanted, $stock, Aim::Cloth, 3);
    expect($from($varied))->toBe(['dots' => 10, 'plaid' => 10, 'stripe' => 10])->and($varied->short())->toBe([])
        ->and(MatCheck::faults($varied))->toBe([])
        ->and($from(VariedCuts::plan($wanted, $stock, Aim::Cloth, 2)))->toBe(['dots' => 15, 'plaid' => 15])
        ->and($from(VariedCuts::plan($wanted, [$stock[0], $piece('4', 'plaid', 280)], Aim::Cloth, 2)))->toBe(['plaid' => 30]);
    // 56 + 56 + 40 squares lie on these three: all of them are needed, and no share is kept.
    $all = VariedCuts::plan(wantedOf([['a', 40, 40, 152]]), $stock, Aim::Cloth, 3);
    expect($all->short())->toBe([])->and($from($all))->toBe(['dots' => 56, 'plaid' => 56, 'stripe' => 40]);
});

it('fills a tall piece with many low rows in time that grows with the rows', function (): void {
    $wanted = [new Wanted('a', 4, 5, 900), new Wanted('b', 5, 7, 900), new Wanted('c', 6, 9, 900)];
    $began = workedSeconds();
    // Rows of three heights in a piece 40 times as high: every order of them was tried, which doubled with each row.
    $plan = StockCuts::plan($wanted, [new StockPiece('p', StockKind::Yardage, 60, 200)]);
    expect(workedSeconds() - $began)->toBeLessThan(5.0)->and(count($plan->cuts))->toBe(1);
});

it('uses a pack of equal pieces as it uses one with a piece more of another size that nobody needs', function (int $count): void {
    $wanted = wantedOf([['a', 40, 40, $count], ['b', 24, 56, 7]]);
    $pack = array_map(fn (int $number): StockPiece => new StockPiece("p-$number", StockKind::Square, 80, 80), range(1, 20));
    // Too small for anything that is wanted: with it there are two sizes, and both orders are tried.
    $mixed = StockCuts::plan($wanted, [...$pack, new StockPiece('scrap', StockKind::Scrap, 8, 8)], Aim::Cloth);
    $plan = StockCuts::plan($wanted, $pack, Aim::Cloth);

    expect($plan->short())->toEqual($mixed->short())
        ->and(count($plan->cuts))->toBe(count($mixed->cuts))
        ->and($plan->cloth())->toBe($mixed->cloth());
})->with([1, 4, 21, 33, 90]);

it('plans equal pieces of cloth together, in their order', function (): void {
    $wanted = wantedOf([['a', 64, 64, 12], ['b', 48, 48, 24], ['c', 32, 80, 24], ['d', 96, 96, 12]]);
    $stock = manyOf(StockKind::Square, 160, 160, 24);
    $plan = StockCuts::plan($wanted, $stock);
    $bound = (int) ceil(array_sum(array_map(fn (Wanted $piece): int => $piece->area(), $wanted)) / 160 / 160);

    expect($plan->short())->toBe([])->and(MatCheck::faults($plan))->toBe([])
        ->and(count($plan->cuts))->toBeLessThanOrEqual($bound + 2)
        ->and(array_map(fn ($cut): string => $cut->stock->id, $plan->cuts))->toBe(
            array_map(fn (int $number): string => 'square-'.$number, range(1, count($plan->cuts))),
        );
});

it('keeps all cloth that nothing is cut from, whichever piece holds the last of what is wanted', function (): void {
    $stock = [
        new StockPiece('narrow', StockKind::Scrap, 20, 300), new StockPiece('small', StockKind::Scrap, 100, 100),
        new StockPiece('large', StockKind::Yardage, 640, 600), new StockPiece('spare', StockKind::Yardage, 640, 700),
    ];
    $plan = StockCuts::plan(wantedOf([['a', 90, 90, 12]]), $stock);
    $used = array_map(fn ($cut): string => $cut->stock->id, $plan->cuts);
    $all = [...$used, ...array_map(fn (StockPiece $piece): string => $piece->id, $plan->untouched)];
    sort($all);

    expect($plan->short())->toBe([])->and($all)->toBe(['large', 'narrow', 'small', 'spare']);
});

it('never claims fewer settings of the ruler for a plan that has more', function (): void {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(3));
    $sparing = 0;
    for ($case = 0; $case < 60; $case++) {
        $pieces = [];
        for ($kind = 0; $kind < $dice->getInt(2, 4); $kind++) {
            $pieces[] = new Wanted('p'.$kind, 2 * $dice->getInt(12, 50), 2 * $dice->getInt(12, 50), $dice->getInt(1, 5));
        }
        [$cloth, $cuts] = [Aim::Cloth->strips($pieces, 640), Aim::Cuts->strips($pieces, 640)];
        expect(PlainStrips::settings($cuts, $pieces))->toBeLessThanOrEqual(PlainStrips::settings($cloth, $pieces))
            ->and(BoltCuts::length($cloth))->toBeLessThanOrEqual(BoltCuts::length($cuts));
        $sparing += PlainStrips::settings($cloth, $pieces) > PlainStrips::settings($cuts, $pieces) ? 1 : 0;
    }
    expect($sparing)->toBeGreaterThan(10);
});

it('keeps pieces upright in cloth whose print runs one way, and turns them in other cloth of the same fabric', function (): void {
    $piece = wantedOf([['a', 100, 40, 2]]);
    $scrap = fn (string $id, bool $oneWay): StockPiece => new StockPiece($id, StockKind::Scrap, 220, 44, directional: $oneWay);
    expect(StockCuts::plan($piece, [$scrap('1', true)])->short())->toBe(['a' => 2])
        ->and(StockCuts::plan($piece, [$scrap('1', false)])->short())->toBe([])
        ->and(StockCuts::plan($piece, [$scrap('1', true), $scrap('2', true)])->short())->toBe(['a' => 2]);
    $mixed = StockCuts::plan($piece, [$scrap('1', true), $scrap('2', false)]);
    expect($mixed->short())->toBe([])->and($mixed->cuts[0]->stock->id)->toBe('2')->and(MatCheck::faults($mixed))->toBe([]);
});
