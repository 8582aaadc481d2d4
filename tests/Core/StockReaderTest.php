<?php

declare(strict_types=1);

use Dew\Core\Cutting\BoltCuts;
use Dew\Core\Cutting\ClothNeed;
use Dew\Core\Cutting\Marks;
use Dew\Core\Cutting\PlainStrips;
use Dew\Core\Cutting\Stock;
use Dew\Core\Cutting\StockFormat;
use Dew\Core\Cutting\StockKind;
use Dew\Core\Cutting\StockReader;
use Dew\Core\Cutting\Strip;
use Dew\Core\Cutting\Wanted;
use Dew\Core\Document\DocumentException;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Notation;

/** @return list<Stock> */
function stockOf(array $items): array
{
    return StockReader::json((string) json_encode(['dew' => 'stock/1', 'stock' => $items]), ['f-a' => true], CuttingRoom::usual());
}

it('reads cloth as it was measured, or as such cloth usually is, and squares what came off a bolt', function (): void {
    $stock = stockOf([
        ['id' => 's-1', 'slot' => 'f-a', 'kind' => 'fat-quarter', 'count' => 2],
        ['id' => 's-2', 'slot' => 'f-a', 'kind' => 'yardage', 'length' => '36', 'squared' => true],
        ['id' => 's-3', 'slot' => 'f-a', 'kind' => 'square', 'width' => '4 7/8', 'count' => 1],
        ['id' => 's-4', 'slot' => 'f-a', 'kind' => 'scrap', 'width' => '10', 'length' => '25 cm', 'corner_width' => '2', 'corner_length' => '3'],
    ]);
    $sizes = [];
    foreach ($stock as $one) {
        foreach ($one->pieces(new Marks(Notation::Fractions), CuttingRoom::usual()) as $piece) {
            $sizes[$piece->id] = [$piece->width, $piece->length, $piece->goneWidth, $piece->goneLength];
        }
    }
    expect($sizes)->toBe([
        's-1-1' => [320, 280, 0, 0], 's-1-2' => [320, 280, 0, 0], 's-2' => [640, 576, 0, 0], 's-3' => [78, 78, 0, 0],
        's-4' => [160, 149, 32, 48],
    ]);
});

it('reads the same from a table, with commas or semicolons', function (string $comma): void {
    $table = str_replace(',', $comma, "id,slot,kind,width,length,count,directional\ns-1,f-a,strip,,2 1/2,40,yes\n\ns-2,f-a,scrap,7,5,,no");
    $stock = StockReader::csv($table, ['f-a' => true], CuttingRoom::usual());
    expect($stock)->toHaveCount(2)
        ->and($stock[0]->kind)->toBe(StockKind::Strip)
        ->and($stock[0]->count)->toBe(40)
        ->and($stock[0]->directional)->toBeTrue()
        ->and($stock[0]->width->toDecimal(0))->toBe('40')
        ->and($stock[1]->directional)->toBeFalse();
})->with([',', ';']);

it('says what is wrong with a list of cloth, and where', function (array $item, string $said): void {
    $first = ['id' => 's-1', 'slot' => 'f-a', 'kind' => 'scrap', 'width' => '9', 'length' => '9'];
    expect(fn () => stockOf([$first, $item + ['id' => 's-2'] + $first]))->toThrow(fn (DocumentException $error) => expect(said($error))->toContain($said));
})->with([
    'a strip of width 0' => [['kind' => 'strip', 'length' => '0'], 'above zero'],
    'a negative scrap' => [['width' => '-4'], '-4'],
    'stock given twice' => [['id' => 's-1'], 'used twice'],
    'a unit that does not exist' => [['length' => '3 cubits'], '3 cubits'],
    'a fabric that the design does not have' => [['slot' => 'f-b'], '"f-b"'],
    'a form of cloth that there is not' => [['kind' => 'bale'], '"bale"'],
    'one side of a missing corner' => [['corner_width' => '2'], 'one side of a missing corner'],
    'a corner larger than the cloth' => [['corner_width' => '2', 'corner_length' => '10'], 'larger than the cloth'],
    'yardage without a length' => [['kind' => 'yardage', 'length' => null], 'should be a length'],
    'cloth that squaring uses up' => [['kind' => 'yardage', 'length' => '1/2'], 'no width or no length'],
    'more than anybody owns' => [['count' => 501], '500'],
    'a key that means nothing' => [['colour' => 'red'], 'means nothing'],
]);

it('refuses a table with a column that it does not know', function (): void {
    expect(fn () => StockReader::csv("id,slot,colour\n", [], CuttingRoom::usual()))->toThrow(fn (DocumentException $error) => expect(said($error))->toContain('"colour"'));
});

it('takes all equal pieces of a fabric together, for whichever task they are', function (): void {
    $sheet = firstClue('s-crib');
    $needs = ClothNeed::of($sheet->tasks, Notation::Fractions);
    expect(array_keys($needs))->toBe(['f-lamp', 'f-deep', 'f-signal', 'f-mist', 'f-river'])
        ->and($needs['f-lamp']->wanted)->toHaveCount(1)
        ->and($needs['f-lamp']->wanted[0]->count)->toBe(20)
        ->and($needs['f-lamp']->wanted[0]->height)->toBe(62)
        ->and(array_sum(array_column($needs['f-lamp']->uses[$needs['f-lamp']->wanted[0]->id], 'count')))->toBe(20);
});

it('cuts with the fewest settings where that is wanted, and says what it costs', function (): void {
    $pieces = [new Wanted('a', 104, 104, 5), new Wanted('b', 48, 48, 4), new Wanted('c', 48, 80, 6)];
    $plain = PlainStrips::of($pieces, 640);
    $sparing = BoltCuts::strips($pieces, 640);
    expect(array_map(fn (Strip $strip): int => $strip->height, $plain))->toBe([104, 48, 48])
        ->and(PlainStrips::settings($plain, $pieces))->toBe(5)
        ->and(BoltCuts::length($sparing))->toBeLessThan(BoltCuts::length($plain))
        ->and(array_sum(array_map(fn (Strip $strip): int => $strip->pieces()['b'] ?? 0, $plain)))->toBe(4);
});

it('keeps its schema in step', function (): void {
    $published = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/docs/stock.schema.json'), true, flags: JSON_THROW_ON_ERROR);
    expect($published)->toBe(json_decode((string) json_encode(StockFormat::schema()), true));
});
