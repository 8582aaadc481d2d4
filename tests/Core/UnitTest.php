<?php

declare(strict_types=1);

use Dew\Core\Cutting\StripCut;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\FourPatch;
use Dew\Core\Unit\Kind\PlainUnit;
use Dew\Core\Unit\Kind\TriangleRow;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;

it('cuts rectangles as they were cut and measured', function (array $given, array $expect): void {
    $size = new Size(Length::parse($given['finished_w']), Length::parse($given['finished_h']));
    $piece = (new PlainUnit($size, lightSlot()))->making(
        new Method('plain:cut'),
        new CuttingRoom(Length::parse($given['seam']), Length::inches(40), Length::zero()),
    )->pieces[0];

    expect($piece->width->exact->toDecimal(6))->toBe($expect['cut_w_exact'])
        ->and($piece->length?->exact->toDecimal(6))->toBe($expect['cut_h_exact'])
        ->and($piece->width->exact->isMultipleOf(Length::fraction(1, 8)) && $piece->length->exact->isMultipleOf(Length::fraction(1, 8)))
        ->toBe($expect['on_eighth_grid']);
})->with(fn (): array => referenceCases('rectangle'));

it('cuts half-square triangles two at a time as they were cut and measured', function (array $given, array $expect): void {
    foreach ([new Method('hst:two'), new Method('hst:triangles')] as $method) {
        $making = hst($given['finished'], $given['seam'], $method);

        expect($making->pieces[0]->width->exact->toDecimal(6))->toBe($expect['cut_leg_exact'])
            ->and($making->pieces[0]->width->in(Notation::Fractions)->encode())->toBe(Length::parse($expect['cut_square_rule'])->encode())
            ->and($making->pieces[0]->batch->yield)->toBe($expect['two_at_a_time_yield'])
            ->and($making->steps[count($making->steps) - 1]->measures['unfinished']->exact->encode())->toBe(
                Length::parse($expect['unfinished'])->encode(),
            );
    }
})->with(fn (): array => referenceCases('hst'));

it('cuts half-square triangles eight at a time as they were cut and measured', function (array $given, array $expect): void {
    $making = hst($given['finished'], $given['seam'], new Method('hst:eight'));

    expect($making->pieces[0]->width->exact->toDecimal(6))->toBe($expect['square_exact'])
        ->and($making->pieces[0]->width->in(Notation::Fractions)->encode())->toBe(Length::parse($expect['square_rule'])->encode())
        ->and($making->pieces[0]->batch->yield)->toBe($expect['yield_per_pair']);
})->with(fn (): array => referenceCases('hst_eight_at_a_time'));

it('cuts half-square triangles four at a time as they were cut and measured', function (array $given, array $expect): void {
    $making = hst($given['finished'], $given['seam'], new Method('hst:four'));

    expect($making->pieces[0]->width->exact->toDecimal(6))->toBe($expect['square_exact'])
        ->and($making->pieces[0]->width->in(Notation::Fractions)->encode())->toBe(Length::parse($expect['square_rule'])->encode())
        ->and($making->pieces[0]->batch->yield)->toBe($expect['yield_per_pair'])
        ->and($making->biasEdges)->toBe(4);
})->with(fn (): array => referenceCases('hst_four_at_a_time'));

it('gets as many segments from a strip set as were cut from one', function (array $given, array $expect): void {
    $room = new CuttingRoom(Length::parse($given['seam']), Length::parse($given['usable_length']), Length::parse($given['squaring_loss']));
    $making = (new FourPatch(Length::parse($given['finished_strips'][0])->times(2), lightSlot(), darkSlot()))->making(
        new Method('four-patch:strips'),
        $room,
    );

    expect($making->pieces[0]->batch->yield)->toBe($expect['segments'])
        ->and($making->pieces[0]->width->exact->encode())->toBe(Length::parse($expect['cut_strips'][0])->encode())
        ->and($making->steps[2]->measures['sewn']->exact->toDecimal(6))->toBe($expect['sewn_width_exact']);
})->with(fn (): array => array_values(array_filter(
    referenceCases('strip_set'),
    // A four-patch is two equal strips cut into segments as wide as they are.
    fn (array $case): bool => $case[0]['finished_strips'] === [$case[0]['finished_segment'], $case[0]['finished_segment']],
)));

it('rounds a square up once, for the ruler it is read on', function (): void {
    $square = hst('3', '1/4', new Method('hst:two'))->pieces[0]->width;

    // 3.85355 in is 9.788 cm: 3⅞ in, or 9.8 cm, and not 3⅞ in converted (9.84, which would round to 9.9).
    expect(Notation::Fractions->print($square->in(Notation::Fractions)))->toBe('3⅞')
        ->and(Notation::Centimetres->print($square->in(Notation::Centimetres)))->toBe('9.8');
});

it('takes its constants from the seam, not from a quarter inch', function (): void {
    // s = 7 mm: F + s(2 + √2) at F = 6 cm is 8.39 cm.
    expect(Notation::Centimetres->print(hst('6 cm', '7 mm', new Method('hst:two'))->pieces[0]->width->in(Notation::Centimetres)))->toBe('8.4')
        ->and(hst('6 cm', '7 mm', new Method('hst:two'))->pieces[0]->width->exact->times(127, 50)->toDecimal(4))->toBe('8.3899');
});

it('rounds batches up and says what is left over', function (Method $method, int $units, int $batches, int $spares): void {
    $making = hst('3', '1/4', $method);

    expect($making->batches($units))->toBe($batches)->and($making->spares($units))->toBe($spares);
})->with([
    [new Method('hst:two'), 104, 52, 0], [new Method('hst:two'), 13, 7, 1], [
        new Method('hst:eight'),
        13,
        2,
        3,
    ], [new Method('hst:four'), 13, 4, 3], [new Method('hst:eight'), 0, 0, 0], [new Method('hst:eight'), 1, 1, 7],
]);

it('counts strips, sets and segments for four-patches', function (): void {
    $making = (new FourPatch(Length::inches(3), lightSlot(), darkSlot()))->making(new Method('four-patch:strips'), CuttingRoom::usual());

    // ⌊39½ / 2⌋ = 19 segments a set, two a unit: 152 units take 304 segments and 16 sets.
    expect($making->pieces[0]->batch->yield)->toBe(19)
        ->and($making->batches(152))->toBe(16)
        ->and($making->pieces[0]->quantity(152))->toBe(16)
        ->and($making->pieces[2]->quantity(152))->toBe(304)
        ->and($making->spares(152))->toBe(0);
});

it('plans strip sets for the cloth somebody has', function (): void {
    $making = (new FourPatch(Length::inches(3), lightSlot(), darkSlot()))->making(new Method('four-patch:strips'), CuttingRoom::usual());
    $narrow = $making->onCloth(CuttingRoom::usual()->withUsableWidth(Length::inches(20)), Notation::Fractions);

    expect($narrow->pieces[0]->batch->yield)->toBe(9)
        ->and($narrow->batches(152))->toBe(34)
        ->and($narrow->steps[3]->counts['segments'])->toBe(9)
        ->and($making->onCloth(CuttingRoom::usual()->withUsableWidth(Length::inches(2)), Notation::Fractions))->toBe($making);
});

it('keeps the lines to sew a seam allowance from the lines to cut', function (): void {
    foreach ([new Method('hst:two'), new Method('hst:eight')] as $method) {
        $piece = hst('3', '1/4', $method)->pieces[0];
        foreach ($piece->lines->sew as $line) {
            [$a, $b] = $line->corners;
            $distances = [];
            foreach ($piece->lines->cut as $cut) {
                [$c, $d] = $cut->corners;
                $dx = $d->x->toFloat() - $c->x->toFloat();
                $dy = $d->y->toFloat() - $c->y->toFloat();
                $off = fn ($point): float => abs(
                    $dx * ($point->y->toFloat() - $c->y->toFloat()) - $dy * ($point->x->toFloat() - $c->x->toFloat()),
                ) / hypot($dx, $dy);
                if (abs($off($a) - $off($b)) < 1e-9) {
                    $distances[] = round($off($a), 9);
                }
            }
            expect(min($distances))->toBe(0.25);
        }
    }
});

it('strips hold as many pieces as fit the rounded size', function (): void {
    $piece = hst('3', '1/4', new Method('hst:two'))->pieces[0];
    $cut = StripCut::of($piece, 52, Notation::Fractions, Length::inches(40));

    expect($cut?->perStrip)->toBe(10)->and($cut->strips)->toBe(6)
        ->and(StripCut::of($piece, 52, Notation::Fractions, Length::inches(3)))->toBeNull();
});

it('covers a unit with its patches, whichever way it lies', function (Unit $unit): void {
    foreach ([false, true] as $mirrored) {
        foreach ([0, 90, 180, 270] as $degrees) {
            $orientation = Orientation::of($degrees, $mirrored);
            $patches = array_map(fn (Patch $patch): Patch => $patch->oriented($orientation, $unit->finished()), $unit->patches());
            $size = $orientation->sizeOf($unit->finished());

            expect(
                array_sum(array_map(fn (Patch $patch): float => $patch->outline->area(), $patches)),
            )->toEqualWithDelta($unit->finished()->area(), 1e-9);
            foreach ($patches as $patch) {
                foreach ($patch->outline->corners as $corner) {
                    expect(
                        $corner->x->isNegative() || $corner->y->isNegative() || $corner->x->isGreaterThan(
                            $size->width,
                        ) || $corner->y->isGreaterThan($size->height),
                    )->toBeFalse();
                }
            }
        }
    }
})->with([
    'square' => fn (): Unit => makeUnit(UnitLibrary::kind('square'), Size::square(Length::parse('2⅔')), [lightSlot()]),
    'rectangle' => fn (): Unit => makeUnit(
        UnitLibrary::kind('rectangle'),
        new Size(Length::inches(2), Length::parse('4 1/2')),
        [lightSlot()],
    ),
    'hst' => fn (): Unit => makeUnit(
        UnitLibrary::kind('hst'),
        Size::square(Length::parse('3 1/16')),
        [lightSlot(), darkSlot()],
    ),
    'four-patch' => fn (): Unit => makeUnit(UnitLibrary::kind('four-patch'), Size::square(Length::inches(3)), [lightSlot(), darkSlot()]),
]);

it('comes back to itself after four turns or two mirrorings', function (): void {
    $size = new Size(Length::inches(2), Length::parse('4 1/2'));
    $patch = makeUnit(UnitLibrary::kind('rectangle'), $size, [lightSlot()])->patches()[0];
    $turned = $patch;
    $within = $size;
    for ($turn = 0; $turn < 4; $turn++) {
        $turned = $turned->oriented(Orientation::of(90), $within);
        $within = $within->turned();
    }
    $mirrored = $patch->oriented(Orientation::of(0, true), $size)->oriented(Orientation::of(0, true), $size);

    expect($turned->encode())->toBe($patch->encode())->and($mirrored->encode())->toBe($patch->encode());
});

it('refuses units that cannot be', function (): void {
    $inches = fn (int $inches): Length => Length::inches($inches);

    expect(
        fn () => makeUnit(UnitLibrary::kind('square'), Size::square(Length::zero()), [lightSlot()]),
    )->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('above zero'))
        ->and(fn () => makeUnit(UnitLibrary::kind('hst'), Size::square($inches(3)), [lightSlot()]))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('takes 2 fabrics'))
        ->and(fn () => makeUnit(UnitLibrary::kind('four-patch'), new Size($inches(3), $inches(4)), [lightSlot(), darkSlot()]))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('as wide as'))
        ->and(fn () => hst('3', '1/4', new Method('four-patch:strips')))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('not made by'))
        ->and(fn () => Orientation::of(45))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('turns by'));
});

it('makes rows of 1 to 60 triangles', function (int $count, bool $can): void {
    $row = fn (): TriangleRow => new TriangleRow(Length::inches(2), $count, [lightSlot(), darkSlot()]);
    if ($can) {
        expect($row()->patches())->toHaveCount($count + 2);
    } else {
        expect($row)->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain("not $count"));
    }
})->with([[0, false], [1, true], [60, true], [61, false]]);

it('cuts no segments that do not fit across the cloth, and one that just fits', function (UnitKind $kind, Method $method): void {
    $unit = unitOf($kind, Length::inches(6), $kind->fabrics()[0]);
    $pieces = fn (Length $usable): array => $unit->making(
        $method,
        new CuttingRoom(Length::fraction(1, 4), $usable, Length::fraction(1, 2)),
    )->pieces;
    $segments = array_filter($pieces(Length::inches(40)), fn (Piece $piece): bool => $piece->isSegment());
    $widest = max(array_map(fn (Piece $piece): float => $piece->width->exact->toFloat(), $segments));
    $just = Length::approximately($widest)->plus(Length::fraction(1, 2));
    $yields = array_map(
        fn (Piece $piece): int => $piece->batch->yield,
        array_filter($pieces($just), fn (Piece $piece): bool => ! $piece->isSegment()),
    );
    expect(min($yields))->toBe(1)
        ->and(fn () => $pieces($just->minus(Length::fraction(1, 8))))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('No segment of this width'));
})->with([
    [UnitLibrary::kind('nine-patch'), new Method('nine-patch:strips')], [UnitLibrary::kind('four-patch'), new Method('four-patch:strips')], [
        UnitLibrary::kind('uneven-nine-patch'),
        new Method('uneven-nine-patch:sets'),
    ],
    [UnitLibrary::kind('rail'), new Method('rail:strips')],
]);
