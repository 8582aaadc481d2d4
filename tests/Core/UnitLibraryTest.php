<?php

declare(strict_types=1);

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\CutShape;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Kind\UnitOptions;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;

it('cuts quarter triangles and hourglasses as they were cut and measured', function (array $given, array $expect): void {
    $unit = unitOf(UnitLibrary::kind('hourglass'), Length::parse($given['finished']), 2);
    $triangles = $unit->making(new Method('hourglass:triangles'), roomOf($given['seam']));
    $squares = $unit->making(new Method('hourglass:squares'), roomOf($given['seam']));

    expect(exactly($triangles->pieces[0]))->toBe($expect['cut_long_side_exact'])
        ->and(byRule($triangles->pieces[0]))->toBe(ruled($expect['cut_square_rule']))
        ->and($triangles->pieces[0]->batch->yield)->toBe($expect['per_square_cut_twice'])
        ->and(byRule($squares->pieces[0]))->toBe(ruled($expect['hourglass_from_hst_pairs_square_rule']))
        ->and($squares->unitsAtATime())->toBe($expect['hourglass_yield_per_pair_of_squares']);
})->with(fn (): array => referenceCases('qst'));

it('cuts a half and two quarters as they were cut and measured', function (array $given, array $expect): void {
    $making = unitOf(
        UnitLibrary::kind('half-and-quarters'),
        Length::parse($given['finished']),
        3,
    )->making(new Method('half-and-quarters:triangles'), roomOf($given['seam']));

    expect(exactly(pieceOf($making, 'half')))->toBe($expect['half_square_exact'])
        ->and(byRule(pieceOf($making, 'half')))->toBe(ruled($expect['half_square_rule']))
        ->and(exactly(pieceOf($making, 'top')))->toBe($expect['quarter_square_exact'])
        ->and(byRule(pieceOf($making, 'left')))->toBe(ruled($expect['quarter_square_rule']));
})->with(fn (): array => referenceCases('half_and_two_quarters'));

it('cuts flying geese without waste as they were cut and measured', function (array $given, array $expect): void {
    $making = unitOf(UnitLibrary::kind('geese'), Length::parse($given['finished_h']), 2)->making(new Method('geese:no-waste'), roomOf($given['seam']));

    expect(exactly(pieceOf($making, 'goose')))->toBe($expect['big_square_exact'])
        ->and(byRule(pieceOf($making, 'goose')))->toBe(ruled($expect['big_square_rule']))
        ->and(exactly(pieceOf($making, 'sky')))->toBe($expect['small_square_exact'])
        ->and(byRule(pieceOf($making, 'sky')))->toBe(ruled($expect['small_square_rule']))
        ->and($making->unitsAtATime())->toBe($expect['yield'])
        ->and(pieceOf($making, 'sky')->quantity($expect['yield']))->toBe($expect['small_squares']);
})->with(fn (): array => referenceCases('geese_no_waste'));

it('sews and flips flying geese as they were cut and measured', function (array $given, array $expect): void {
    $making = unitOf(UnitLibrary::kind('geese'), Length::parse($given['finished_h']), 2)->making(new Method('geese:flip'), roomOf($given['seam']));

    expect(pieceOf($making, 'goose')->length?->exact->toDecimal(6))->toBe($expect['rectangle_w_exact'])
        ->and(exactly(pieceOf($making, 'goose')))->toBe($expect['rectangle_h_exact'])
        ->and(exactly(pieceOf($making, 'sky')))->toBe($expect['square_exact'])
        ->and(pieceOf($making, 'sky')->quantity(1))->toBe($expect['squares']);
})->with(fn (): array => array_values(array_filter(
    referenceCases('geese_stitch_and_flip'),
    fn (array $case): bool => Length::parse($case[0]['finished_w'])->equals(Length::parse($case[0]['finished_h'])->times(2)),
)));

it('cuts triangles for flying geese as they were cut and measured', function (array $given, array $expect): void {
    $making = unitOf(UnitLibrary::kind('geese'), Length::parse($given['finished_h']), 2)->making(new Method('geese:triangles'), roomOf($given['seam']));

    expect(exactly(pieceOf($making, 'goose')))->toBe($expect['goose_square_cut_twice_exact'])
        ->and(byRule(pieceOf($making, 'goose')))->toBe(ruled($expect['goose_square_cut_twice_rule']))
        ->and(exactly(pieceOf($making, 'sky')))->toBe($expect['sky_square_cut_once_exact'])
        ->and(byRule(pieceOf($making, 'sky')))->toBe(ruled($expect['sky_square_cut_once_rule']))
        ->and(pieceOf($making, 'goose')->batch->yield)->toBe($expect['goose_triangles_per_square'])
        ->and(pieceOf($making, 'sky')->batch->yield)->toBe($expect['sky_triangles_per_square']);
})->with(fn (): array => referenceCases('geese_cut_triangles'));

it('sews and flips corners as they were cut and measured', function (array $given, array $expect): void {
    $side = Length::parse($given['finished_square']);
    $unit = makeUnit(
        UnitLibrary::kind('corners'),
        Size::square($side),
        fabrics(2),
        UnitOptions::corners(['top-left' => Length::parse($given['finished_leg'])]),
    );
    $making = $unit->making(new Method('corners:flip'), roomOf($given['seam']));

    expect(exactly(pieceOf($making, 'base')))->toBe($expect['base_square_exact'])
        ->and(exactly(pieceOf($making, 'corner-top-left')))->toBe($expect['corner_square_exact']);
})->with(fn (): array => referenceCases('stitch_and_flip_corner'));

it('cuts a square in a square as it was cut and measured, the centre never too large', function (array $given, array $expect): void {
    $making = unitOf(
        UnitLibrary::kind('square-in-square'),
        Length::parse($given['finished']),
        2,
    )->making(new Method('square-in-square:triangles'), roomOf($given['seam']));

    expect(exactly(pieceOf($making, 'centre')))->toBe($expect['centre_square_exact'])
        ->and(in_array(
            byRule(pieceOf($making, 'centre')),
            [
                ruled($expect['centre_square_nearest_sixteenth']),
                Length::parse($expect['centre_square_nearest_sixteenth'])->minus(Length::fraction(1, 16))->encode(),
            ],
            true,
        ))->toBeTrue()
        ->and(pieceOf($making, 'centre')->width->in(
            Notation::Fractions,
        )->toFloat() - (float) $expect['centre_square_exact'])->toBeLessThan(1 / 64)
        ->and(exactly(pieceOf($making, 'corner')))->toBe($expect['corner_square_cut_once_exact'])
        // What a centre below its mark lacks is added to the corners: never less than their own rule, at most an eighth more.
        ->and(pieceOf(
            $making,
            'corner',
        )->width->in(Notation::Fractions)->minus(Length::parse($expect['corner_square_cut_once_rule']))->encode())->toBeIn(['0', '1/8'])
        ->and(pieceOf($making, 'corner')->quantity(1))->toBe($expect['corner_squares']);
})->with(fn (): array => referenceCases('square_in_square'));

it('covers every kind of unit with its patches, at thousands of sizes, whichever way it lies', function (UnitKind $kind): void {
    mt_srand(crc32($kind->value));
    [$least, $most] = $kind->fabrics();
    for ($round = 0; $round < 200; $round++) {
        $unit = unitOf($kind, Length::fraction(mt_rand(32, 400), mt_rand(1, 16)), mt_rand($least, min($most, 12)));
        $size = $unit->finished();
        $orientation = Orientation::of(90 * mt_rand(0, 3), mt_rand(0, 1) === 1);
        $patches = array_map(fn (Patch $patch): Patch => $patch->oriented($orientation, $size), $unit->patches());
        $within = $orientation->sizeOf($size);

        if (! $kind->isFree()) {
            expect(
                array_sum(array_map(fn (Patch $patch): float => $patch->outline->area(), $patches)),
            )->toEqualWithDelta($size->area(), 1e-6 * max(1, $size->area()));
        }
        foreach ($patches as $patch) {
            foreach ($patch->outline->corners as $corner) {
                expect(
                    $corner->x->isNegative() || $corner->y->isNegative() || $corner->x->isGreaterThan(
                        $within->width,
                    ) || $corner->y->isGreaterThan($within->height),
                )->toBeFalse();
            }
        }
    }
})->with(UnitLibrary::kinds());

it('doubles every finished length when a unit is doubled, and halves it back', function (UnitKind $kind): void {
    [$least] = $kind->fabrics();
    $spec = UnitLibrary::example($kind, Length::parse('3 1/3'), fabrics($least));
    $corners = fn (Outline $outline, int $times): array => array_map(
        fn (Point $corner): string => $corner->x->times($times)->encode().','.$corner->y->times($times)->encode(),
        $outline->corners,
    );
    $radii = fn (Outline $outline, int $times): array => array_map(
        fn ($arc): string => $arc->radius->times($times)->encode(),
        $outline->arcs,
    );
    $encode = fn (Unit $unit): array => array_map(fn (Patch $patch): string => $patch->encode(), $unit->patches());
    foreach ($spec->make()->patches() as $index => $patch) {
        $larger = $spec->scaled(2, 1)->make()->patches()[$index];
        expect($corners($larger->outline, 1))->toBe($corners($patch->outline, 2))
            ->and($radii($larger->outline, 1))->toBe($radii($patch->outline, 2))
            ->and($larger->slot)->toBe($patch->slot);
    }
    expect($encode($spec->scaled(2, 1)->scaled(1, 2)->make()))->toBe($encode($spec->make()));
})->with(array_values(array_filter(
    UnitLibrary::kinds(),
    // What is left of a square that is cut and sewn again depends on the seam, which does not grow with it.
    fn (UnitKind $kind): bool => ! $kind->is('turned-nine-patch'),
)));

it('cuts every triangle as its finished polygon moved out by the seam', function (UnitKind $kind, Method $method, array $pieces): void {
    foreach (['1/4' => 0.25, '3/8' => 0.375] as $seam => $distance) {
        foreach (['2', '3 1/3', '5 5/16'] as $height) {
            $unit = unitOf($kind, Length::parse($height), $kind->fabrics()[0]);
            $making = $unit->making($method, roomOf((string) $seam));
            foreach ($pieces as $patch => $id) {
                $moved = movedOut($unit->patches()[$patch]->outline, $distance);
                // A half triangle's legs and a quarter's long edge lie square to the unit: the square it is cut from is as long as those.
                $square = 0.0;
                foreach ($moved as $index => [$x, $y]) {
                    [$nextX, $nextY] = $moved[($index + 1) % 3];
                    if (abs($x - $nextX) < 1e-9 || abs($y - $nextY) < 1e-9) {
                        $square = max($square, hypot($nextX - $x, $nextY - $y));
                    }
                }
                expect(pieceOf($making, $id)->width->exact->toFloat())->toEqualWithDelta($square, 1e-9);
            }
        }
    }
})->with([
    [UnitLibrary::kind('hst'), new Method('hst:triangles'), [0 => 'first', 1 => 'second']],
    [UnitLibrary::kind('hourglass'), new Method('hourglass:triangles'), [0 => 'square-1', 1 => 'square-2', 2 => 'square-1']],
    [UnitLibrary::kind('half-and-quarters'), new Method('half-and-quarters:triangles'), [0 => 'half', 1 => 'top', 2 => 'left']],
    [UnitLibrary::kind('geese'), new Method('geese:triangles'), [0 => 'goose', 1 => 'sky', 2 => 'sky']],
    [UnitLibrary::kind('square-in-square'), new Method('square-in-square:triangles'), [1 => 'corner', 4 => 'corner']],
]);

it('cuts enough of every piece for any number of units, and says how many are over', function (UnitKind $kind): void {
    [$least, $most] = $kind->fabrics();
    foreach ($kind->methods() as $method) {
        foreach ([$least, $most] as $count) {
            $making = unitOf($kind, Length::inches(3), $count)->making($method, CuttingRoom::usual());
            foreach ([0, 1, 2, 3, 7, 13, 40, 152] as $units) {
                $scarcest = PHP_INT_MAX;
                foreach ($making->pieces as $piece) {
                    $enough = intdiv($piece->quantity($units), $piece->batch->each) * $piece->batch->yield;
                    expect($enough)->toBeGreaterThanOrEqual($units * $piece->batch->perUnit)
                        ->and($units === 0 ? 0 : $enough - $piece->batch->yield)->toBeLessThan(max(1, $units * $piece->batch->perUnit));
                    $scarcest = ! $piece->isCloth() ? $scarcest : min($scarcest, intdiv($enough, $piece->batch->perUnit));
                }
                expect($making->spares($units))->toBe($scarcest - $units);
            }
        }
    }
})->with(UnitLibrary::kinds());

it('uses at least as much cloth as its pieces take, and not several times as much', function (UnitKind $kind): void {
    foreach ($kind->methods() as $method) {
        $unit = unitOf($kind, Length::inches(3), $kind->fabrics()[0]);
        $making = $unit->making($method, CuttingRoom::usual());
        $pieces = array_sum(array_map(function (Patch $patch) use ($kind, $unit): float {
            $shape = CutShape::of($patch->outline, Length::fraction(1, 4));

            return ($kind->isFree() ? $shape : $shape->bluntedTo($unit->finished(), Length::fraction(1, 4)))->area();
        }, $unit->patches()));
        // Triangles cut with a ruler have lost their tips; a neighbour's seam line blunts more than the raw edge does.
        $blunt = str_contains($method->value, 'blunt') || $method->is('hst:strip');

        expect(
            ($making->cloth(840, CuttingRoom::usual()->usableWidth) / 840),
        )->toBeGreaterThanOrEqual($pieces * ($blunt ? 0.85 : 1) - 1e-4)->toBeLessThan($pieces * 2.6);
    }
})->with(UnitLibrary::kinds());

it('sews two kinds of strip set for nine-patches', function (): void {
    $making = unitOf(UnitLibrary::kind('nine-patch'), Length::inches(3), 2)->making(new Method('nine-patch:strips'), CuttingRoom::usual());

    // ⌊39½ / 1½⌋ = 26 segments a set: 40 units take 80 outer segments (4 sets) and 40 inner ones (2 sets).
    expect($making->batches(40))->toBe(6)
        ->and(array_map(fn (Piece $piece): int => $piece->quantity(40), $making->pieces))->toBe([8, 4, 4, 2, 80, 40])
        ->and($making->spares(40))->toBe(12);
});

it('makes hourglasses of four fabrics from triangles alone, since squares would mirror half of them', function (): void {
    $unit = unitOf(UnitLibrary::kind('hourglass'), Length::inches(3), 4);
    expect($unit->making(new Method('hourglass:squares'), CuttingRoom::usual())->method)->toEqual(new Method('hourglass:triangles'));

    $three = unitOf(UnitLibrary::kind('hourglass'), Length::inches(3), 3)->making(new Method('hourglass:squares'), CuttingRoom::usual());
    expect(array_map(fn (Piece $piece): int => $piece->quantity(5), $three->pieces))->toBe([2, 4, 2]);
});

it('refuses corners that overlap, are given twice or lie nowhere', function (array $corners, int $fabrics, string $words): void {
    expect(
        fn () => makeUnit(
            UnitLibrary::kind('corners'),
            new Size(Length::inches(4), Length::inches(3)),
            fabrics($fabrics),
            UnitOptions::corners(array_map(Length::parse(...), $corners)),
        ),
    )->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain($words));
})->with([
    [['top-left' => '2', 'top-right' => '2 1/8'], 2, 'do not fit'],
    [['top-left' => '2', 'bottom-left' => '1 1/8'], 2, 'do not fit'],
    [['bottom-left' => '3 1/8'], 2, 'do not fit'],
    [['middle' => '1'], 2, 'no corner "middle"'],
    [[], 2, 'need their legs'],
    [['top-left' => '1', 'top-right' => '1', 'bottom-left' => '1'], 3, 'one fabric for all or one for each'],
]);

it('lets corners meet in a point', function (): void {
    $unit = makeUnit(
        UnitLibrary::kind('corners'),
        new Size(Length::inches(4), Length::inches(2)),
        fabrics(2),
        UnitOptions::corners(['top-left' => Length::inches(2), 'top-right' => Length::inches(2)]),
    );
    expect(array_sum(array_map(fn (Patch $patch): float => $patch->outline->area(), $unit->patches())))->toEqualWithDelta(8.0, 1e-9);
});
