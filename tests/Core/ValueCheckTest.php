<?php

declare(strict_types=1);

use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Fabric\Slot;
use Dew\Core\Fabric\ValueCheck;
use Dew\Core\Geometry\Neighbours;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

it('measures lightness as CIE L* does', function (string $colour, float $lightness): void {
    expect(round((new Cloth('x', $colour))->lightness(), 1))->toBe($lightness);
})->with([['#000000', 0.0], ['#ffffff', 100.0], ['#777777', 50.0], ['#0000ff', 32.3], ['#ffff00', 97.1]]);

it('finds cloth that reads otherwise, stands in the wrong order, or is like its neighbour', function (
    array $lightness, array $judged, array $off, array $turned, array $close,
): void {
    $slots = $designed = [];
    foreach (['a' => [FabricValue::Light, '#ffffff'], 'b' => [FabricValue::Medium, '#808080'], 'c' => [FabricValue::Dark, '#000000']] as $id => [$value, $colour]) {
        $slots[$id] = new Slot($id, strtoupper($id), $id, $value);
        $designed[$id] = new Cloth($id, $colour);
    }
    $check = ValueCheck::of($slots, $lightness, $judged, $designed, ['a b' => 2.0, 'b c' => 1.0]);
    expect($check->off)->toBe($off)->and($check->turned)->toBe($turned)
        ->and(array_map(fn (array $two): string => $two[0].$two[1], $check->close))->toBe($close);
})->with([
    'as it should be' => [['a' => 90.0, 'b' => 50.0, 'c' => 20.0], [], [], [], []],
    'all alike' => [['a' => 50.0, 'b' => 50.0, 'c' => 50.0], [], ['a', 'c'], [['a', 'b'], ['a', 'c'], ['b', 'c']], ['ab', 'bc']],
    'her eye sets two of them right' => [
        ['a' => 50.0, 'b' => 50.0, 'c' => 50.0], ['a' => FabricValue::Light, 'c' => FabricValue::Dark], [], [], [],
    ],
    'just apart' => [['a' => 66.0, 'b' => 55.9, 'c' => 39.9], [], [], [], []],
    'just too close' => [['a' => 66.0, 'b' => 56.1, 'c' => 39.9], [], [], [], ['ab']],
]);

it('knows along which length two fabrics touch', function (): void {
    $box = fn (int $x, int $y, int $width, int $height, string $slot): Patch => new Patch(
        $slot, Outline::rectangle(Length::inches($x), Length::inches($y), new Size(Length::inches($width), Length::inches($height))),
    );
    expect(Neighbours::in([$box(0, 0, 4, 2, 'a'), $box(0, 2, 1, 1, 'b'), $box(1, 2, 3, 1, 'c'), $box(9, 9, 1, 1, 'b')]))
        ->toBe(['a b' => 1.0, 'a c' => 3.0, 'b c' => 1.0]);
});
