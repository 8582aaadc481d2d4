<?php

declare(strict_types=1);

use Dew\Core\Fabric\FabricValue;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Setting\Border;
use Dew\Core\Setting\QuiltSize;
use Dew\Core\Setting\StraightSetting;
use Dew\Core\Unit\UnitFactory;
use Dew\Core\Unit\UnitKind;

it('adds up a block from unequal columns, exactly', function (): void {
    expect(plainBlock('b', '1 1/3', '2 2/3', '2')->finished()->encode())->toBe('6 x 6')
        ->and(plainBlock('b', '1 1/3', '2 2/3', '2')->unitCounts())->toBe(['u-0' => 1, 'u-1' => 1, 'u-2' => 1]);
});

it('lays units where their cells are', function (): void {
    $slot = new Slot('f', 'A', 'A', FabricValue::Dark);
    $units = [];
    foreach (['1 1/3', '2 2/3', '2'] as $index => $width) {
        $units["u-$index"] = UnitFactory::make(UnitKind::Rectangle, new Size(Length::parse($width), Length::inches(6)), [$slot]);
    }
    $lefts = array_map(fn (Patch $patch): string => $patch->outline->corners[0]->x->encode(), plainBlock('b', '1 1/3', '2 2/3', '2')->patches($units));

    expect($lefts)->toBe(['0', '4/3', '4']);
});

it('repeats its pattern over any number of blocks', function (int $columns, int $rows, int $first, int $second): void {
    $setting = new StraightSetting([['b-1', 'b-2'], ['b-2', 'b-1']], []);
    $size = new QuiltSize('s', 'S', $columns, $rows);

    expect($setting->blockCounts($size))->toBe(array_filter(['b-1' => $first, 'b-2' => $second]))
        ->and($setting->placements($size, ['b-1' => plainBlock('b-1', '6'), 'b-2' => plainBlock('b-2', '6')]))->toHaveCount($columns * $rows);
})->with([[1, 1, 1, 0], [2, 2, 2, 2], [3, 3, 5, 4], [5, 7, 18, 17], [4, 5, 10, 10]]);

it('puts borders round from the inside outwards, and they cover their frame exactly', function (): void {
    $setting = new StraightSetting([['b']], [new Border('e-1', 'f-inner', Length::parse('1 1/2')), new Border('e-2', 'f-outer', Length::inches(4))]);
    $size = $setting->finished(new QuiltSize('s', 'S', 3, 4), Size::square(Length::inches(12)));
    $patches = $setting->borderPatches($size);
    $area = fn (string $slot): float => array_sum(array_map(fn (Patch $patch): float => $patch->slot === $slot ? $patch->outline->area() : 0.0, $patches));

    expect($size->encode())->toBe('47 x 59')
        ->and($area('f-inner'))->toEqualWithDelta(39 * 51 - 36 * 48, 1e-9)
        ->and($area('f-outer'))->toEqualWithDelta(47 * 59 - 39 * 51, 1e-9)
        ->and($patches[0]->slot)->toBe('f-outer');
});

it('measures the area of any outline and keeps it under every orientation', function (): void {
    mt_srand(11);
    for ($round = 0; $round < 500; $round++) {
        $size = new Size(Length::fraction(mt_rand(8, 160), 8), Length::fraction(mt_rand(8, 160), 8));
        $point = fn (): Point => new Point($size->width->times(mt_rand(0, 16), 16), $size->height->times(mt_rand(0, 16), 16));
        $outline = new Outline($point(), $point(), $point());
        $turned = $outline->oriented(Orientation::of(90 * mt_rand(0, 3), mt_rand(0, 1) === 1), $size);

        expect($turned->area())->toEqualWithDelta($outline->area(), 1e-9)
            ->and(Outline::decode($outline->encode())->encode())->toBe($outline->encode());
    }
});
