<?php

declare(strict_types=1);

use Dew\Core\Cutting\ShopMeasure;
use Dew\Core\Document\Complaint;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Table;
use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Kits\BoltPlan;
use Dew\Core\Kits\CutBolt;
use Dew\Core\Kits\KitContents;
use Dew\Core\Kits\KitKind;
use Dew\Core\Kits\KitOrder;
use Dew\Core\Kits\KitPlan;
use Dew\Core\Kits\OrderReader;
use Dew\Core\Measure\Length;

/** @return list<string> */
function boltsOf(BoltPlan $plan): array
{
    return array_map(fn (CutBolt $bolt): string => ($bolt->isNew ? 'new ' : '').$bolt->length.': '.implode(' ', array_map(
        fn (int $length, int $count): string => $count.'x'.$length, array_keys($bolt->cuts), $bolt->cuts,
    )).' left '.$bolt->left(), $plan->bolts);
}

it('cuts lengths from bolts as a shop would on paper', function (array $wanted, array $hand, int $new, array $bolts, array $short): void {
    $plan = BoltPlan::of($wanted, $hand, $new);
    expect(boltsOf($plan))->toBe($bolts)->and($plan->short())->toBe($short);
})->with([
    'nothing' => [[], [10], 96, [], []],
    'one bolt filled to its end by two lengths' => [[22 => 3, 10 => 3], [], 96, ['new 96: 3x22 3x10 left 0'], [22 => 3, 10 => 3]],
    'the shorter end on hand first, then the longer one' => [[10 => 4], [12, 31], 96, ['12: 1x10 left 2', '31: 3x10 left 1'], []],
    'sums beat the longest first: 50 and 46 fill what 60 would spoil' => [
        [60 => 1, 50 => 1, 46 => 1, 36 => 1], [], 96, ['new 96: 1x60 1x36 left 0', 'new 96: 1x50 1x46 left 0'],
        [60 => 1, 50 => 1, 46 => 1, 36 => 1],
    ],
    'a length that no bolt holds' => [[120 => 2, 10 => 1], [20], 96, ['20: 1x10 left 10'], [120 => 2]],
    'a length that only the bolt on hand holds' => [[120 => 2], [130], 96, ['130: 1x120 left 10'], [120 => 1]],
]);

/**
 * The fewest new bolts, by trying everything.
 *
 * @param  list<int>  $lengths
 * @param  list<int>  $open  what is left of the bolts in use
 */
function fewestBolts(array $lengths, array $open, int $new): int
{
    if ($lengths === []) {
        return 0;
    }
    $length = array_shift($lengths);
    $best = PHP_INT_MAX;
    foreach (array_keys(array_unique($open)) as $index) {
        if ($open[$index] >= $length) {
            $best = min($best, fewestBolts($lengths, array_replace($open, [$index => $open[$index] - $length]), $new));
        }
    }

    return min($best, 1 + fewestBolts($lengths, [...$open, $new - $length], $new));
}

it('orders as few bolts as trying everything does, nearly always, and cuts all that is wanted', function (): void {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937(11));
    $optimal = 0;
    for ($case = 0; $case < 200; $case++) {
        $lengths = array_map(fn (): int => $dice->getInt(9, 60), range(1, $dice->getInt(2, 7)));
        rsort($lengths);
        $hand = array_map(fn (): int => $dice->getInt(5, 60), range(1, $dice->getInt(1, 2)));
        $wanted = array_count_values($lengths);
        $plan = BoltPlan::of($wanted, $hand, 96);
        $cut = [];
        foreach ($plan->bolts as $bolt) {
            expect($bolt->left())->toBeGreaterThanOrEqual(0);
            foreach ($bolt->cuts as $length => $count) {
                $cut[$length] = ($cut[$length] ?? 0) + $count;
            }
        }
        krsort($cut);
        $least = fewestBolts($lengths, $hand, 96);
        expect($cut)->toBe($wanted)->and($plan->toOrder())->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($least + 1)
            ->and($least)->toBeGreaterThanOrEqual(BoltPlan::fewest($plan->total, array_sum($hand), 96));
        $optimal += $plan->toOrder() === $least ? 1 : 0;
    }
    expect($optimal)->toBeGreaterThanOrEqual(190);
});

it('puts the same cloth of two colourways on the same bolts, and leaves gaps out', function (): void {
    $plain = new Cloth('Milk white', '#fdfbf5');
    $colourways = [
        'c-a' => new Colourway('c-a', 'A', ['f-1' => $plain, 'f-2' => new Cloth('Moss', '#446633')]),
        'c-b' => new Colourway('c-b', 'B', ['f-1' => $plain, 'f-2' => new Cloth('f-2', '#c9c9c4')], ['f-2']),
    ];
    $contents = ['s' => new KitContents(
        ['f-1' => Length::inches(30), 'f-2' => Length::inches(10)], ['k' => ['f-2' => Length::inches(9)]], ShopMeasure::Yards, false,
    )];
    $order = fn (string $number, string $colourway, int $count, KitKind $kind = KitKind::Whole, string $part = ''): KitOrder => new KitOrder(
        $number, '', '', $kind, $part, 's', $colourway, $count,
    );
    $plan = KitPlan::of(
        [$order('1', 'c-a', 2), $order('2', 'c-b', 1), $order('3', 'c-a', 1, KitKind::Clue, 'k')], $contents, $colourways,
        [KitPlan::key($plain) => [Length::inches(36)]], Length::inches(360), ShopMeasure::Yards,
    );
    // 30 in are 7 eighths of a yard; 10 in are 3; 9 in are 2.
    expect(boltsOf($plan->bolts[KitPlan::key($plain)]))->toBe(['8: 1x7 left 1', 'new 80: 2x7 left 66'])
        ->and(boltsOf($plan->bolts[KitPlan::key(new Cloth('Moss', '#446633'))]))->toBe(['new 80: 2x3 1x2 left 72'])
        ->and(count($plan->cloths))->toBe(2);
    $reserve = KitPlan::reserve([$order('1', 'c-a', 11), $order('2', 'c-a', 10), $order('3', 'c-b', 1)], 10);
    expect(array_map(fn (KitOrder $kit): string => $kit->key().' '.$kit->count, $reserve))->toBe(['whole s c-a 3', 'whole s c-b 1'])
        ->and(KitPlan::reserve([$order('1', 'c-a', 11)], 0))->toBe([]);
});

it('announces whole kits of a mystery as coarsely as its cloth', function (): void {
    $contents = new KitContents(['f' => Length::inches(28)], ['k' => ['f' => Length::inches(10)]], ShopMeasure::Yards, true);
    expect($contents->of(KitKind::Whole, '')['f']->toFloat())->toBe(36.0)
        ->and($contents->of(KitKind::Slot, 'f')['f']->toFloat())->toBe(36.0)
        ->and($contents->of(KitKind::Clue, 'k')['f']->toFloat())->toBe(13.5)
        ->and($contents->of(KitKind::Slot, 'g'))->toBe([]);
});

it('reads orders, and says everything that is wrong with them, line by line', function (string $csv, array $problems): void {
    try {
        $orders = OrderReader::csv($csv, ['s-crib' => 1, 's-throw' => 1], ['c-a' => 1], ['k-one' => 1], ['f-deep' => 1]);
        expect($problems)->toBe([])->and(array_map(fn (KitOrder $order): string => $order->number.' '.$order->key().' '.$order->count, $orders))
            ->toBe(['7 whole s-crib c-a 2', '8 clue:k-one s-throw c-a 1', '9 slot:f-deep s-throw c-a 1']);
    } catch (DocumentException $error) {
        expect(array_map(fn (Complaint $complaint): string => said($complaint), $error->complaints))->toBe($problems);
    }
})->with([
    'as it should be' => ["Number;Name;Email;Kit;Size;Colourway;Count\n7;Mara;M@x.example;whole;s-crib;c-a;2\n\n8;;;clue:k-one;s-throw;c-a;\n9;;;slot:f-deep;s-throw;c-a;1\n", []],
    'a column of another shop' => ["number,price\n", ['/1: has a column "price"; the columns are: number, name, email, kit, size, colourway, count, packed, handed_out, origin.']],
    'no column of sizes' => ["number,kit,colourway\n", ['/1: has no column "size".']],
    'much that is wrong' => ["number,kit,size,colourway,count\n1,whole,s-crib,c-a,1\n1,slot:f-none,s-huge,c-b,0\n", [
        '/3: has the number "1" of another line.',
        '/3: names a size "s-huge"; the sizes are: s-crib, s-throw.',
        '/3: names a colourway "c-b"; the colourways are: c-a.',
        '/3: orders "0" kits; write a whole number from 1 to 999.',
        '/3: names a kit "slot:f-none"; write whole, clue: and the id of a clue, or slot: and the id of a fabric.',
    ]],
]);

it('writes tables that it reads again, and no formula', function (): void {
    $rows = [['number' => '1', 'name' => 'Quill, "Mara"'], ['number' => '2', 'name' => '=1+1'], ['number' => '-3', 'name' => "a\nb"]];
    $csv = Table::write(['number', 'name'], $rows);
    expect($csv)->toBe("number,name\r\n1,\"Quill, \"\"Mara\"\"\"\r\n2,'=1+1\r\n-3,\"a\nb\"\r\n")
        ->and(Table::read($csv, ['number', 'name'])[2])->toBe($rows[0]);
});

it('reads back whatever it writes in a table, and knows the line that a row begins on', function (): void {
    $names = ["Wren\nHalloway", '=1+1', "'=1+1", "''@x", '-5', '+', '-', "it's", 'a "quoted" name', 'one; two, three', "'quiet'"];
    $rows = array_map(fn (int $index, string $name): array => ['number' => (string) ($index + 1), 'name' => $name], array_keys($names), $names);
    $csv = Table::write(['number', 'name'], $rows);
    expect(array_values(Table::read($csv, ['number', 'name'])))->toBe($rows)
        ->and(array_slice(array_keys(Table::read($csv, ['number', 'name'])), 0, 3))->toBe([2, 4, 5]);
    foreach (explode("\r\n", $csv) as $line) {
        expect(preg_match('/(^|,)"?[=+@]/', $line))->toBe(0);
    }
    // As spreadsheets save it: semicolons, a mark at the beginning, one carriage return to a line.
    expect(Table::read("\u{FEFF}Number;Name\r1;\"a\rb\"\r\r2;'=3\r", ['number', 'name']))
        ->toBe([2 => ['number' => '1', 'name' => "a\nb"], 5 => ['number' => '2', 'name' => '=3']]);
});
