<?php

declare(strict_types=1);

use Dew\Core\Geometry\CutShape;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Setting\LongStrips;
use Dew\Core\Setting\SettingTriangle;
use Dew\Core\Unit\Grain;
use Dew\Core\Unit\Hand;
use Dew\Core\Unit\Kind\EightPointStar;
use Dew\Core\Unit\Kind\QuarterCircle;
use Dew\Core\Unit\Kind\RightTriangleCut;
use Dew\Core\Unit\Kind\StripedHalfSquare;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Kind\UnitOptions;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\UnitKind;

/** The units that were measured as polygons: what they are cut from, as it was cut and measured. */
function lengthOf(Piece $piece): string
{
    return $piece->length?->exact->toDecimal(6) ?? '';
}

function side(UnitKind $kind, string $side, Method $method): Making
{
    return makeUnit($kind, Size::square(Length::parse($side)), fabrics(1))->making($method, roomOf('1/4'));
}

it('cuts triangles for a strip and a triangle ruler', function (array $given, array $expect): void {
    $piece = hst($given['finished'], $given['seam'], new Method('hst:strip'))->pieces[0];

    expect(exactly($piece))->toBe($expect['strip_width_exact'])
        ->and(lengthOf($piece))->toBe($expect['one_triangle_length_exact'])
        ->and($piece->lay->advance?->exact->toDecimal(6))->toBe($expect['pair_length_exact'])
        ->and($piece->lay->outline?->corners[2]->x->toDecimal(6))->toBe($expect['blunt_tip_width_exact'])
        ->and($piece->perStrip(Length::parse($given['usable_length'])))->toBe($expect['triangles']);
})->with(fn (): array => referenceCases('hst_from_strip_blunt'));

it('prints a grid of which every cell gives two units', function (): void {
    $making = hst('3', '1/4', new Method('hst:grid'));
    $cell = hst('3', '1/4', new Method('hst:two'))->pieces[0]->width->exact;

    expect($making->pieces[0]->width->exact->equals($cell->times(2)))->toBeTrue()
        ->and($making->pieces[0]->length?->exact->equals($cell->times(3)))->toBeTrue()
        ->and($making->unitsAtATime())->toBe(12)
        ->and($making->batches(25))->toBe(3)
        ->and($making->spares(25))->toBe(11)
        ->and($making->pieces[0]->lines->sew)->toHaveCount(12)
        ->and($making->pieces[0]->lines->cut)->toHaveCount(9);
});

it('cuts right triangles of unequal legs', function (array $given, array $expect): void {
    [$a, $b] = [Length::parse($given['finished_a']), Length::parse($given['finished_b'])];
    [$across, $down] = RightTriangleCut::rectangle($a, $b, Length::parse($given['seam']));

    expect($across->exact->toFloat())->toEqualWithDelta((float) $expect['cut_a_exact'], 2e-5)
        ->and($down->exact->toFloat())->toEqualWithDelta((float) $expect['cut_b_exact'], 2e-5)
        ->and($across->in(Dew\Core\Measure\Notation::Fractions)->encode())->toBe(ruled($expect['cut_a_rule']))
        ->and($down->in(Dew\Core\Measure\Notation::Fractions)->encode())->toBe(ruled($expect['cut_b_rule']))
        ->and(RightTriangleCut::miss($a, $b, Length::parse($given['seam']))->exact->toDecimal(6))->toBe(
            $expect['seam_misses_raw_corner_by_exact'],
        )
        ->and(unitOf(
            UnitLibrary::kind('half-rectangle'),
            Length::inches(2),
            2,
        )->making(new Method('half-rectangle:triangles'), roomOf('1/4'))->pieces[0]->batch->yield)->toBe($expect['triangles_per_rectangle']);
})->with(fn (): array => referenceCases('right_triangle'));

it('knows which right triangles it can say exactly', function (): void {
    [$exact] = RightTriangleCut::rectangle(Length::inches(5), Length::inches(12), Length::fraction(1, 4));
    [$about] = RightTriangleCut::rectangle(Length::inches(1), Length::inches(2), Length::fraction(1, 4));

    expect($exact->approximate)->toBeFalse()
        ->and($exact->exact->encode())->toBe('45/8')
        ->and($about->approximate)->toBeTrue();
});

it('cuts a quarter circle with both curves about the finished corner', function (array $given, array $expect): void {
    [$inner, $outer] = fabrics(2);
    $unit = new QuarterCircle(Length::parse($given['finished_square']), Length::parse($given['finished_radius']), $inner, $outer);
    $making = $unit->making(new Method('quarter-circle:templates'), roomOf($given['seam']));
    [$convex, $concave] = array_map(
        fn (Patch $patch): CutShape => CutShape::of($patch->outline, Length::parse($given['seam'])),
        $unit->patches(),
    );
    $straight = fn (CutShape $shape, int $from): float => hypot(
        $shape->corners[$from + 1][0] - $shape->corners[$from][0],
        $shape->corners[$from + 1][1] - $shape->corners[$from][1],
    );

    expect($convex->arcs[1][0])->toEqualWithDelta((float) $expect['convex_cut_radius_exact'], 1e-6)
        ->and($concave->arcs[4][0])->toEqualWithDelta((float) $expect['concave_cut_radius_exact'], 1e-6)
        ->and($straight($convex, 0))->toEqualWithDelta((float) $expect['convex_straight_edge_arc_end_exact'], 1e-6)
        ->and($straight($concave, 0))->toEqualWithDelta((float) $expect['concave_straight_edge_arc_end_exact'], 1e-6)
        ->and(exactly($making->pieces[1]))->toBe($expect['concave_square_cut_exact'])
        ->and(exactly($making->pieces[0]))->toBe($expect['convex_bounding_square_exact'])
        ->and($unit->patches()[0]->outline->edgeLength(1))->toEqualWithDelta((float) $expect['seam_line_length_exact'], 1e-6);
})->with(fn (): array => referenceCases('quarter_circle'));

it('notches both pieces of a quarter circle where the middles of their curves meet', function (string $side, string $radius, string $seam): void {
    $making = (new QuarterCircle(Length::parse($side), Length::parse($radius), ...fabrics(2)))->making(new Method('quarter-circle:templates'), roomOf($seam));
    $allowance = Length::parse($seam)->toFloat();
    foreach ($making->pieces as $piece) {
        // The finished corner in the middle of both curves is a corner of the inner piece's sewing line, and s inside the outer one's raw edges.
        $sewn = $piece->template?->sewing;
        $corner = $piece->id === 'inner' ? $sewn?->corners[0] : null;
        [$centreX, $centreY] = $corner === null ? [$allowance, $allowance] : [$corner->x->toFloat(), $corner->y->toFloat()];
        [$notch] = $piece->template->notches ?? [];
        [$raw, $end] = array_map(
            fn (Point $point): array => [$point->x->toFloat() - $centreX, $point->y->toFloat() - $centreY], $notch->corners,
        );
        $way = $piece->id === 'inner' ? 1 : -1;
        expect(hypot(...$raw))->toEqualWithDelta(Length::parse($radius)->toFloat() + $way * $allowance, 5e-5)
            ->and(hypot(...$raw) - hypot(...$end))->toEqualWithDelta($way / 8, 5e-5)
            ->and(abs($raw[0]))->toEqualWithDelta(abs($raw[1]), 5e-5)
            ->and($raw[0] * $end[1] - $raw[1] * $end[0])->toEqualWithDelta(0.0, 5e-4);
    }
    expect(array_column($making->steps, 'code'))->toContain('quarter_circle.templates.pin');
})->with([['6', '4 1/2', '1/4'], ['3', '3', '1/4'], ['2', '1/2', '1/4'], ['12', '7 3/8', '0.2953']]);

it('cuts 60° diamonds, triangles and half triangles from strips', function (): void {
    foreach (referenceCases('diamond_60') as [$given, $expect]) {
        $making = side(UnitLibrary::kind('diamond-60'), $given['finished_side'], new Method('diamond-60:strip'));
        expect(exactly($making->pieces[0]))->toBe($expect['strip_width_exact'])
            ->and($making->steps[0]->measures['spacing']->exact->toDecimal(6))->toBe($expect['slant_cut_spacing_exact'])
            ->and($making->steps[1]->measures['side']->exact->toDecimal(6))->toBe($expect['cut_side_exact'])
            ->and($making->pieces[0]->perStrip(Length::parse($given['usable_length'])))->toBe($expect['per_strip']);
    }
    foreach (referenceCases('equilateral_triangle') as [$given, $expect]) {
        $usable = Length::parse($given['usable_length']);
        $pointed = side(UnitLibrary::kind('triangle-60'), $given['finished_side'], new Method('triangle-60:pointed'))->pieces[0];
        $blunt = side(UnitLibrary::kind('triangle-60'), $given['finished_side'], new Method('triangle-60:blunt'))->pieces[0];
        expect(exactly($pointed))->toBe($expect['strip_width_pointed_exact'])
            ->and(exactly($blunt))->toBe($expect['strip_width_blunt_exact'])
            ->and(lengthOf($pointed))->toBe($expect['cut_side_exact'])
            ->and(lengthOf($blunt))->toBe($expect['cut_side_exact'])
            ->and($blunt->lay->outline?->corners[1]->x->minus($blunt->lay->outline->corners[0]->x)->toDecimal(6))->toBe(
                $expect['blunt_tip_width_exact'],
            )
            ->and($pointed->perStrip($usable))->toBe($expect['per_strip_pointed'])
            ->and($blunt->perStrip($usable))->toBe($expect['per_strip_blunt']);
    }
    foreach (referenceCases('half_equilateral_triangle') as [$given, $expect]) {
        $usable = Length::parse($given['usable_length']);
        $pointed = side(UnitLibrary::kind('half-triangle-60'), $given['finished_side'], new Method('half-triangle-60:pointed'))->pieces[0];
        $blunt = side(UnitLibrary::kind('half-triangle-60'), $given['finished_side'], new Method('half-triangle-60:blunt'))->pieces[0];
        expect(exactly($pointed))->toBe($expect['strip_width_pointed_exact'])
            ->and(exactly($blunt))->toBe($expect['strip_width_blunt_exact'])
            ->and(lengthOf($pointed))->toBe($expect['cut_short_leg_exact'])
            ->and($pointed->lay->advance?->exact->toDecimal(6))->toBe($expect['pair_length_pointed_exact'])
            ->and($blunt->lay->advance?->exact->toDecimal(6))->toBe($expect['pair_length_blunt_exact'])
            ->and($blunt->lay->outline?->corners[2]->x->toDecimal(6))->toBe($expect['blunt_tip_width_exact'])
            ->and($pointed->perStrip($usable))->toBe($expect['per_strip_pointed'])
            ->and($blunt->perStrip($usable))->toBe($expect['per_strip_blunt'])
            ->and($pointed->lay->chiral)->toBeTrue();
    }
});

it('cuts an eight-pointed star', function (array $given, array $expect): void {
    $slots = fabrics(3);
    $star = isset($given['finished_block'])
        ? new EightPointStar(Length::parse($given['finished_block']), $slots[0], $slots[1], $slots[2])
        : EightPointStar::ofDiamonds(Length::parse($given['finished_diamond_side']), $slots[0], $slots[1], $slots[2]);
    $making = $star->making(new Method('eight-point-star:set-in'), roomOf($given['seam']));

    expect($star->finished()->width->toDecimal(6))->toBe($expect['star_finished_exact'])
        ->and(exactly(pieceOf($making, 'first')))->toBe($expect['strip_width_exact'])
        ->and(pieceOf($making, 'first')->lay->advance?->exact->toDecimal(6))->toBe($expect['diamond_cut_side_exact'])
        ->and(pieceOf($making, 'first')->perStrip(Length::inches(40)))->toBe($expect['diamonds_per_40'])
        ->and(pieceOf($making, 'first')->quantity(1) + pieceOf($making, 'second')->quantity(1))->toBe($expect['diamonds'])
        ->and(exactly(pieceOf($making, 'corner')))->toBe($expect['corner_square_exact'])
        ->and(exactly(pieceOf($making, 'side')))->toBe($expect['side_triangle_square_cut_twice_exact'])
        ->and(byRule(pieceOf($making, 'side')))->toBe(ruled($expect['side_triangle_square_cut_twice_rule']))
        ->and(pieceOf($making, 'side')->quantity(1))->toBe($expect['side_triangle_squares'])
        ->and(pieceOf($making, 'first')->grain())->toBe(Grain::AlongStrip)
        ->and(pieceOf($making, 'side')->grain())->toBe(Grain::LongEdge);
})->with(fn (): array => referenceCases('eight_point_star'));

it('sews strip sets of any strips', function (array $given, array $expect): void {
    $widths = array_map(Length::parse(...), $given['finished_strips']);
    $room = new Dew\Core\Fabric\CuttingRoom(
        Length::parse($given['seam']),
        Length::parse($given['usable_length']),
        Length::parse($given['squaring_loss']),
    );
    $slots = array_map(fn (int $index) => fabrics(12)[$index], array_keys($widths));
    $making = makeUnit(
        UnitLibrary::kind('strips'),
        new Size(Length::sum($widths), Length::parse($given['finished_segment'])),
        $slots,
        new UnitOptions(widths: $widths),
    )->making(new Method('strips:sets'), $room);
    $segment = pieceOf($making, 'segment');

    expect(
        array_map(fn (Piece $piece): string => $piece->width->exact->encode(), array_slice($making->pieces, 0, -1)),
    )->toBe(array_map(ruled(...), $expect['cut_strips']))
        ->and($segment->length?->exact->toDecimal(6))->toBe($expect['sewn_width_exact'])
        ->and($segment->width->exact->encode())->toBe(ruled($expect['segment_cut']))
        ->and($making->pieces[0]->batch->yield)->toBe($expect['segments']);
})->with(fn (): array => referenceCases('strip_set'));

it('loses two allowances in a nine-patch that is cut and sewn again', function (array $given, array $expect): void {
    $unit = makeUnit(UnitLibrary::kind('turned-nine-patch'), Size::square(Length::parse($expect['rejoined_finished'])), fabrics(3));
    $making = $unit->making(new Method('turned-nine-patch:cut'), roomOf($given['seam']));
    $unfinished = array_values(array_filter(array_map(fn (Step $step): ?Measurement => $step->measures['unfinished'] ?? null, $making->steps)));

    expect($making->pieces[0]->width->exact->encode())->toBe(ruled($given['square_cut']))
        ->and($unfinished[0]->exact->encode())->toBe(ruled($expect['nine_patch_unfinished']))
        ->and($unfinished[1]->exact->encode())->toBe(ruled($expect['rejoined_unfinished']));
})->with(fn (): array => referenceCases('nine_patch_cut_and_rejoined'));

it('cuts setting triangles with the straight grain outside', function (array $given, array $expect): void {
    $block = Length::parse($given['finished_block']);
    $side = SettingTriangle::side($block, fabrics(1)[0])->making(new Method('setting-triangle:squares'), roomOf($given['seam']))->pieces[0];
    $corner = SettingTriangle::corner($block, fabrics(1)[0])->making(new Method('setting-triangle:squares'), roomOf($given['seam']))->pieces[0];

    expect(exactly($side))->toBe($expect['side_square_cut_twice_exact'])
        ->and(byRule($side))->toBe(ruled($expect['side_square_cut_twice_rule']))
        ->and($side->batch->yield)->toBe($expect['side_per_square'])
        ->and(exactly($corner))->toBe($expect['corner_square_cut_once_exact'])
        ->and(byRule($corner))->toBe(ruled($expect['corner_square_cut_once_rule']))
        ->and($corner->batch->yield)->toBe($expect['corner_per_square'])
        ->and($side->grain())->toBe(Grain::LongEdge)->and($corner->grain())->toBe(Grain::ShortEdges);
})->with(fn (): array => referenceCases('setting_triangles'));

it('joins border strips and counts what the joins cost', function (array $given, array $expect): void {
    [$width, $height, $border] = [
        Length::parse($given['centre_finished_w']),
        Length::parse($given['centre_finished_h']),
        Length::parse($given['border_finished']),
    ];
    $around = (new Size($width, $height))->outsetBy($border);
    $room = new Dew\Core\Fabric\CuttingRoom(Length::parse($given['seam']), Length::parse($given['usable_length']), Length::zero());
    $strips = new LongStrips(fabrics(1)[0], $border, [[$room->unfinished($height), 2], [$room->unfinished($around->width), 2]], [], $around, true);

    expect($strips->totalLength()->encode())->toBe(ruled($expect['total_strip_length']))
        ->and($strips->making(new Method('long-strips:diagonal'), $room)->pieces[0]->quantity(1))->toBe($expect['strips_diagonal_joins'])
        ->and($strips->making(new Method('long-strips:straight'), $room)->pieces[0]->quantity(1))->toBe($expect['strips_straight_joins'])
        ->and($strips->making(new Method('long-strips:diagonal'), $room)->pieces[0]->width->exact->encode())->toBe(ruled($expect['strip_cut']));
})->with(fn (): array => referenceCases('border'));

it('sews and flips corners on rectangles of any proportion', function (array $given, array $expect): void {
    [$width, $height] = [Length::parse($given['finished_w']), Length::parse($given['finished_h'])];
    $unit = makeUnit(
        UnitLibrary::kind('corners'),
        new Size($width, $height),
        fabrics(2),
        UnitOptions::corners(['top-left' => $height, 'top-right' => $height]),
    );
    $making = $unit->making(new Method('corners:flip'), roomOf($given['seam']));

    expect(lengthOf(pieceOf($making, 'base')))->toBe($expect['rectangle_w_exact'])
        ->and(exactly(pieceOf($making, 'base')))->toBe($expect['rectangle_h_exact'])
        ->and(exactly(pieceOf($making, 'corner-top-left')))->toBe($expect['square_exact']);
})->with(fn (): array => array_values(array_filter(
    referenceCases('geese_stitch_and_flip'),
    fn (array $case): bool => ! Length::parse($case[0]['finished_w'])->isLessThan(Length::parse($case[0]['finished_h'])->times(2)),
)));

it('takes the slant of a set from its length, less when the strips are staggered', function (): void {
    $unit = makeUnit(
        UnitLibrary::kind('strip-parallelogram'),
        new Size(Length::inches(2), Length::inches(6)),
        fabrics(3),
        new UnitOptions(widths: [Length::inches(1), Length::inches(2), Length::inches(3)]),
    );
    $plain = $unit->making(new Method('strip-parallelogram:plain'), roomOf('1/4'));
    $staggered = $unit->making(new Method('strip-parallelogram:staggered'), roomOf('1/4'));

    // (40 − ½ − 6½) / (2½√2 = 3.5355) = 9.33; staggered the first cut loses the widest strip only: (40 − ½ − 3½) / 3.5355 = 10.18.
    expect($plain->pieces[0]->batch->yield)->toBe(9)->and($staggered->pieces[0]->batch->yield)->toBe(10)
        ->and($unit->finished()->encode())->toBe('6+2r2 x 6')
        ->and(pieceOf($plain, 'segment')->lay->advance?->exact->encode())->toBe('0+5r2/2')
        ->and($plain->onCloth(
            roomOf('1/4')->withUsableWidth(Length::inches(20)),
            Dew\Core\Measure\Notation::Fractions,
        )->pieces[0]->batch->yield)->toBe(3);
});

it('cuts a strip set into two different triangles, the strip at the tip wider', function (): void {
    $widths = [Length::inches(1), Length::inches(3)];
    $unit = new StripedHalfSquare(Length::inches(4), $widths, fabrics(3));
    $making = $unit->making(new Method('striped-hst:sets'), roomOf('1/4'));
    $leg = Length::parse('4 1/2')->plus(Length::root2(1, 4));
    $sewn = Length::sum(
        array_map(fn (string $id): Length => pieceOf($making, $id)->width->exact, ['strip-1', 'strip-2']),
    )->minus(Length::fraction(1, 2));

    expect($sewn->equals($leg))->toBeTrue()
        ->and(pieceOf($making, 'square')->width->exact->equals($leg))->toBeTrue()
        ->and(array_map(
            fn (Patch $patch): string => $patch->outline->corners[3]->y->encode(),
            array_slice($unit->otherHalf(Length::fraction(1, 4))->patches(), 0, 1),
        ))->toBe(['12+1r2/4'])
        // ⌊39½ / 4.8536⌋ = 8 squares a set, one of these triangles from each.
        ->and($making->pieces[0]->batch->yield)->toBe(8)->and($making->batches(17))->toBe(3)
        ->and(pieceOf($making, 'plain')->quantity(17))->toBe(9);
});

it('takes the other halves out of the bag and cuts only what is plain', function (): void {
    $unit = makeUnit(
        UnitLibrary::kind('striped-hst'),
        Size::square(Length::inches(4)),
        fabrics(3),
        new UnitOptions(widths: [Length::inches(1), Length::inches(3)], twin: true),
    );
    $making = $unit->making(new Method('striped-hst:sets'), roomOf('1/4'));

    expect($making->method)->toEqual(new Method('striped-hst:halves'))
        ->and(array_map(fn (Piece $piece): string => $piece->id.' '.$piece->shape->value, $making->pieces))->toBe(
            ['plain square', 'half part'],
        )
        ->and($making->pieces[0]->quantity(5))->toBe(3)
        // Seen from their straight edge: 3 + ¼√2, then 1 − ¼√2, in the other order of fabrics.
        ->and(array_map(fn (Patch $patch): string => $patch->slot, $unit->patches()))->toBe(
            [fabrics(3)[2]->id, fabrics(3)[1]->id, fabrics(3)[0]->id],
        )
        ->and($unit->patches()[0]->outline->corners[2]->y->encode())->toBe('12+1r2/4');
});

it('turns left and right pieces over with their unit', function (UnitKind $kind): void {
    $right = UnitLibrary::example($kind, Length::inches(3), fabrics($kind->fabrics()[0]));
    foreach ($kind->methods() as $method) {
        $made = $right->make()->making($method, roomOf('1/4'));
        $mirrored = $right->mirror()->make()->making($method, roomOf('1/4'));
        foreach ($made->pieces as $index => $piece) {
            expect($mirrored->pieces[$index]->lay->mirrored)->toBe($piece->lay->chiral ? ! $piece->lay->mirrored : $piece->lay->mirrored)
                ->and($mirrored->pieces[$index]->width->encode())->toBe($piece->width->encode());
        }
    }
    $again = $right->mirror()->mirror()->make();
    expect(array_map(fn (Patch $patch): string => $patch->encode(), $again->patches()))->toBe(
        array_map(fn (Patch $patch): string => $patch->encode(), $right->make()->patches()),
    );
})->with(UnitLibrary::kinds());

it('takes a hand for the other of two', function (): void {
    $make = fn (Hand $hand) => makeUnit(
        UnitLibrary::kind('half-rectangle'),
        new Size(Length::inches(2), Length::inches(4)),
        fabrics(2),
        new UnitOptions(hand: $hand),
    );
    $corner = fn (Hand $hand): string => $make($hand)->patches()[0]->outline->corners[0]->encode();

    expect($corner(Hand::Right))->toBe('0,0')->and($corner(Hand::Left))->toBe('2,0')
        ->and($make(Hand::Left)->making(new Method('half-rectangle:triangles'), roomOf('1/4'))->pieces[0]->lay->mirrored)->toBeTrue()
        ->and(Hand::Left->other())->toBe(Hand::Right);
});

it('moves every straight edge out by the seam, as an offsetting of its own does', function (UnitKind $kind): void {
    foreach (['1/4', '7 mm', '3/8'] as $seam) {
        $allowance = Length::parse($seam);
        foreach (unitOf($kind, Length::parse('3 1/3'), $kind->fabrics()[0])->patches() as $patch) {
            if ($patch->outline->arcs !== []) {
                continue;
            }
            $independent = movedOut($patch->outline, $allowance->toFloat());
            foreach (CutShape::of($patch->outline, $allowance)->corners as $index => [$x, $y]) {
                expect($x)->toEqualWithDelta($independent[$index][0], 1e-9)
                    ->and($y)->toEqualWithDelta($independent[$index][1], 1e-9);
            }
        }
    }
})->with(array_values(array_filter(UnitLibrary::kinds(), fn (UnitKind $kind): bool => ! $kind->is('quarter-circle'))));

it('cuts strips, diamonds and triangles exactly as wide as their polygons moved out', function (
    UnitKind $kind,
    Method $method,
    string $piece,
    int $patch,
): void {
    foreach (['2', '3 1/3'] as $size) {
        $unit = unitOf($kind, Length::parse($size), $kind->fabrics()[0]);
        $cut = pieceOf($unit->making($method, roomOf('1/4')), $piece);
        $laid = CutShape::of($unit->patches()[$patch]->outline, Length::fraction(1, 4))->laidOnStrip();
        expect($cut->width->exact->toFloat())->toEqualWithDelta($laid->height(), 2e-5);
    }
})->with([
    [UnitLibrary::kind('diamond-45'), new Method('diamond-45:strip'), 'piece', 0], [UnitLibrary::kind('diamond-60'), new Method('diamond-60:strip'), 'piece', 0], [
        UnitLibrary::kind('parallelogram-45'),
        new Method('parallelogram-45:strip'),
        'piece',
        0,
    ],
    [
        UnitLibrary::kind('triangle-60'),
        new Method('triangle-60:pointed'),
        'piece',
        0,
    ], [UnitLibrary::kind('eight-point-star'), new Method('eight-point-star:set-in'), 'first', 0], [UnitLibrary::kind('eight-point-star'), new Method('eight-point-star:set-in'), 'corner', 3],
    [
        UnitLibrary::kind('strip-parallelogram'),
        new Method('strip-parallelogram:plain'),
        'strip-1',
        0,
    ], [UnitLibrary::kind('log-cabin'), new Method('log-cabin:logs'), 'log-1-1', 1], [UnitLibrary::kind('strips'), new Method('strips:singles'), 'patch-1', 0],
]);

it('refuses shapes that cannot be', function (callable $make, string $words): void {
    expect($make)->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain($words));
})->with([
    'a kite wider than its square' => [
        fn () => makeUnit(UnitLibrary::kind('kite'), Size::square(Length::inches(3)), fabrics(2), new UnitOptions(edge: Length::inches(3))),
        'narrower than its square',
    ],
    'a circle larger than its square' => [
        fn () => makeUnit(
            UnitLibrary::kind('quarter-circle'),
            Size::square(Length::inches(3)),
            fabrics(2),
            new UnitOptions(radius: Length::parse('3 1/8')),
        ),
        'at most the side',
    ],
    'a curve tighter than its seam' => [
        fn () => makeUnit(
            UnitLibrary::kind('quarter-circle'),
            Size::square(Length::inches(3)),
            fabrics(2),
            new UnitOptions(radius: Length::fraction(3, 8)),
        )->making(new Method('quarter-circle:templates'), roomOf('1/4')),
        'two seam allowances',
    ],
    'a log cabin without logs' => [
        fn () => makeUnit(
            UnitLibrary::kind('log-cabin'),
            Size::square(Length::inches(3)),
            fabrics(3),
            new UnitOptions(centre: Length::inches(3), courses: 1),
        ),
        'no room for logs',
    ],
    'a log cabin without courses' => [
        fn () => makeUnit(
            UnitLibrary::kind('log-cabin'),
            Size::square(Length::inches(3)),
            fabrics(3),
            new UnitOptions(centre: Length::inches(1)),
        ),
        'needs "courses"',
    ],
    'fabrics that are not its courses' => [
        fn () => makeUnit(
            UnitLibrary::kind('log-cabin'),
            Size::square(Length::inches(3)),
            fabrics(4),
            new UnitOptions(centre: Length::inches(1), courses: 2),
        ),
        'take 3 fabrics, or 5',
    ],
    'strips that do not add up' => [
        fn () => makeUnit(
            UnitLibrary::kind('strips'),
            new Size(Length::inches(3), Length::inches(3)),
            fabrics(2),
            new UnitOptions(widths: [Length::inches(1), Length::inches(1)]),
        ),
        'finish 2.000 wide together',
    ],
    'edges that leave no middle' => [
        fn () => makeUnit(
            UnitLibrary::kind('uneven-nine-patch'),
            Size::square(Length::inches(3)),
            fabrics(2),
            new UnitOptions(edge: Length::parse('1 1/2')),
        ),
        'no middle',
    ],
    'a nine-patch cut to nothing' => [
        fn () => makeUnit(UnitLibrary::kind('turned-nine-patch'), Size::square(Length::inches(1)), fabrics(3)),
        'leaves nothing',
    ],
    'a block among units' => [fn () => makeUnit(UnitLibrary::kind('block'), Size::square(Length::inches(3)), fabrics(1)), 'is not a unit'],
]);

it('says what must be read at each stage', function (): void {
    $cabin = makeUnit(
        UnitLibrary::kind('log-cabin'),
        Size::square(Length::inches(12)),
        fabrics(3),
        new UnitOptions(centre: Length::inches(2), courses: 5),
    )->making(new Method('log-cabin:logs'), roomOf('1/4'));
    $courses = array_values(array_filter($cabin->steps, fn ($step): bool => $step->code === 'log_cabin.check'));
    expect(
        array_map(fn ($step): string => $step->measures['unfinished']->exact->encode(), $courses),
    )->toBe(['9/2', '13/2', '17/2', '21/2', '25/2'])
        // The last log of the last course runs the whole length.
        ->and(pieceOf($cabin, 'log-5-4')->length?->exact->encode())->toBe('25/2')
        ->and(pieceOf($cabin, 'log-1-1')->length?->exact->encode())->toBe('5/2');

    $set = makeUnit(
        UnitLibrary::kind('strips'),
        new Size(Length::inches(6), Length::inches(3)),
        fabrics(3),
        new UnitOptions(widths: [Length::inches(1), Length::inches(2), Length::inches(3)]),
    )->making(new Method('strips:sets'), roomOf('1/4'));
    // An outer strip cut 1½ reads 1¼ after its one seam, an inner one cut 2½ reads 2.
    expect($set->steps[1]->measures['edge']->exact->encode())->toBe('5/4')
        ->and($set->steps[1]->measures['finished']->exact->encode())->toBe('2');
});

it('finds pieces of one shape, and keeps mirror images apart', function (): void {
    $triangle = fn (int ...$at): Outline => new Outline(
        ...array_map(fn (array $pair): Point => new Point(Length::inches($pair[0]), Length::inches($pair[1])), array_chunk($at, 2)),
    );
    $pieces = Dew\Core\Unit\Kind\TemplateCut::pieces([
        new Patch('f', $triangle(0, 0, 4, 0, 0, 2)), new Patch('f', $triangle(4, 2, 0, 2, 4, 0)), new Patch(
            'f',
            $triangle(0, 0, 4, 0, 4, 2),
        ), new Patch('g', $triangle(0, 0, 4, 0, 0, 2)), new Patch('f', $triangle(0, 0, 2, 0, 1, 2)),
    ], roomOf('1/4'));

    expect(
        array_map(fn (Piece $piece): array => [$piece->slots[0], $piece->batch->each, $piece->lay->chiral], $pieces),
    )->toBe([['f', 2, true], ['f', 1, true], ['g', 1, true], ['f', 1, false]]);
});

it('says what a method asks of the cloth', function (): void {
    $offers = [];
    foreach (Dew\Core\Compile\Compiler::clueSheet(
        smallDesign(),
        's',
        'k',
        Dew\Core\Unit\MethodChoices::defaults(),
    )->tasks[0]->offers() as $offer) {
        $offers[$offer->method->value] = [
            $offer->cloth(),
            $offer->waste(),
            $offer->stock()?->in(Dew\Core\Measure\Notation::Fractions)->encode(),
        ];
    }
    // Twelve units of 3: two squares of 3.8536 for every two, of which four tips of ⅛ · ½ each are trimmed off. Eight at a time sixteen
    // come out, and four of them are over.
    expect($offers['hst:two'])->toBe([178.2, 3.0, '31/8'])
        ->and($offers['hst:eight'][0])->toBe(237.6)
        ->and($offers['hst:eight'][2])->toBe('31/4')
        ->and($offers['hst:eight'][1])->toBeGreaterThan(59)
        ->and($offers['hst:strip'][2])->toBe('7/2')
        ->and(hst('3', '1/4', new Method('hst:two'))->pieces[0]->mostLayers())->toBe(4)
        ->and(hst('3', '1/4', new Method('hst:two'))->pieces[0]->needsFacesUp())->toBeFalse()
        ->and(unitOf(UnitLibrary::kind('kite'), Length::inches(4), 2)->making(new Method('kite:template'), roomOf('1/4'))->pieces[0]->mostLayers())->toBe(2);
});

it('measures a pair of diamonds from the raw tip to the mark', function (): void {
    $star = EightPointStar::ofDiamonds(Length::inches(2), ...fabrics(3));
    $edge = $star->making(new Method('eight-point-star:set-in'), roomOf('1/4'))->steps[3]->measures['edge']->exact->toFloat();
    // The first diamond: tip, inner corner at the side, centre, inner corner at the square. The raw tip lies where its two moved edges
    // meet.
    $patch = $star->patches()[0]->outline;
    [$tip, $inner] = [$patch->corners[0], $patch->corners[3]];
    [$rawX, $rawY] = CutShape::of($patch, Length::fraction(1, 4))->corners[0];
    [$alongX, $alongY] = [$inner->x->minus($tip->x)->toFloat() / 2, $inner->y->minus($tip->y)->toFloat() / 2];

    expect($edge)->toEqualWithDelta(($inner->x->toFloat() - $rawX) * $alongX + ($inner->y->toFloat() - $rawY) * $alongY, 1e-9);
});

it('reads the parts of a row after one seam', function (): void {
    $design = smallDesign(
        [
            'blocks' => [blockOf('b-one', ['3', '3', '3'], ['3'], ['u-hst u-plain u-hst'])],
            'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'block' => 'b-one']]]],
        ],
    );
    $steps = Dew\Core\Compile\Compiler::clueSheet($design, 's', 'k', Dew\Core\Unit\MethodChoices::defaults())->tasks[0]->making->steps;
    [$edge] = array_values(array_filter($steps, fn ($step): bool => $step->code === 'block.edge'));

    expect($edge->measures['edge']->exact->encode())->toBe('13/4')
        ->and($edge->measures['inner']->exact->encode())->toBe('3');
});

it('leaves nothing standing out where tips are blunted', function (): void {
    $design = fn (string $method) => Dew\Core\Compile\Compiler::clueSheet(
        smallDesign(
            [
                'units' => [
                    [
                        'id' => 'u-hst',
                        'name' => 'Row',
                        'kind' => 'triangle-row',
                        'finished' => '3',
                        'fabrics' => ['f-a', 'f-b'],
                        'count' => 3,
                    ],
                ],
                'blocks' => [blockOf('b-one', ['auto'], ['auto'], ['u-hst'])],
            ],
        ),
        's', 'k', Dew\Core\Unit\MethodChoices::defaults()->with(UnitLibrary::kind('triangle-row'), UnitLibrary::method($method)),
    )->tasks[0]->overhangs;

    expect($design('triangle-row:blunt'))->toBe([])->and($design('triangle-row:pointed'))->not->toBe([]);
});

it('blunts diamonds so that their edges meet and level with each other', function (string $kind, float $angle, string $side, string $seam): void {
    $unit = UnitLibrary::kind($kind);
    $diamond = makeUnit($unit, Size::square(Length::parse($side)), fabrics(1));
    $making = $diamond->making(new Method("$kind:blunt"), roomOf($seam));
    $pointed = $diamond->making(new Method("$kind:strip"), roomOf($seam))->pieces[0];
    $piece = $making->pieces[0];
    [$a, $s, $angle] = [Length::parse($side)->toFloat(), Length::parse($seam)->toFloat(), deg2rad($angle)];
    // In a frame whose x runs along the strip: the finished diamond, and the cut one round it.
    $high = $a * sin($angle);
    $cutX = fn (float $x, float $y): array => [
        $x - $s / tan($angle / 2), $y - $s,
    ];
    $corners = array_map(fn ($point): array => $cutX($point->x->toFloat(), $point->y->toFloat()), $piece->lay->outline?->corners ?? []);
    // The finished one lies in it: top left, top right (sharp), bottom right, bottom left (sharp).
    $slant = $high / tan($angle);
    $finished = [[$slant, 0.0], [$slant + $a, 0.0], [$a, $high], [0.0, $high]];
    // How far the cut edges reach beyond the finished corners, along each edge: the same at a sharp and at a wide one.
    $beyond = fn (array $end, array $corner, array $from): float => (($end[0] - $corner[0]) * ($corner[0] - $from[0])
        + ($end[1] - $corner[1]) * ($corner[1] - $from[1])) / hypot($corner[0] - $from[0], $corner[1] - $from[1]);
    $reach = [
        $beyond($corners[0], $finished[0], $finished[1]), $beyond($corners[1], $finished[1], $finished[0]),
        $beyond($corners[2], $finished[1], $finished[2]), $beyond($corners[3], $finished[2], $finished[1]),
        $beyond($corners[3], $finished[2], $finished[3]), $beyond($corners[4], $finished[3], $finished[2]),
        $beyond($corners[5], $finished[3], $finished[0]), $beyond($corners[0], $finished[0], $finished[3]),
    ];
    foreach ($reach as $one) {
        expect($one)->toEqualWithDelta($s * tan($angle / 2), 1e-4);
    }
    // From cut to cut, and what is cut off the whole diamond.
    $long = hypot($corners[1][0] - $corners[4][0] + $corners[2][0] - $corners[5][0], $corners[1][1] - $corners[4][1] + $corners[2][1] - $corners[5][1]) / 2;
    $step = $making->steps[1];
    expect($step->code)->toBe('slanted.blunt')
        ->and($step->measures['length']->exact->toFloat())->toEqualWithDelta($long, 1e-4)
        ->and($pointed->tipToTip()?->exact->toFloat())->toEqualWithDelta($long + 2 * $step->measures['off']->exact->toFloat(), 1e-4)
        ->and($piece->slantedCut()[0] ?? null)->toBe($pointed->slantedCut()[0] ?? 0)
        ->and([$piece->width, $piece->length, $piece->lay->advance])->toEqual([$pointed->width, $pointed->length, $pointed->lay->advance])
        ->and($making->steps[2]->measures['side']->exact->toFloat())->toEqualWithDelta($a + 2 * $s * tan($angle / 2), 1e-4);
})->with([['diamond-60', 60.0], ['diamond-45', 45.0]])->with(['3', '4 1/2', '2'])->with(['1/4', '0.2953']);

it('cuts the triangles of a pinwheel from strips with a triangle ruler, as half-squares are', function (): void {
    $making = makeUnit(UnitLibrary::kind('pinwheel'), Size::square(Length::inches(6)), fabrics(2))->making(new Method('pinwheel:strip'), roomOf('1/4'));
    $half = hst('3', '1/4', new Method('hst:strip'));
    expect(array_map(fn ($piece): array => [exactly($piece), lengthOf($piece), $piece->quantity(1)], $making->pieces))
        ->toBe(array_map(fn ($piece): array => [exactly($piece), lengthOf($piece), 4], $half->pieces))
        ->and(array_column($making->steps, 'code'))->toContain('hst.strip.cut', 'pinwheel.join');
});

it('leaves a plain piece larger until its neighbours are known, and trims it to the size of the pattern', function (): void {
    foreach (['square' => '3', 'rectangle' => '6'] as $kind => $wide) {
        $unit = UnitLibrary::example(UnitLibrary::kind($kind), Length::parse('3'), fabrics(1), Length::parse($wide))->make();
        [$plain, $larger] = array_map(fn (Method $method) => $unit->making($method, roomOf('1/4')), $unit->kind()->methods());
        $by = fn (string $side) => $larger->pieces[0]->{$side}->exact->minus($plain->pieces[0]->{$side}->exact)->toDecimal(4);
        expect([$by('width'), $by('length')])->toBe(['0.2500', '0.2500'])
            ->and(array_column($larger->steps, 'code'))->toBe(['plain.larger', 'plain.trim'])
            ->and($larger->steps[1]->measures['width'])->toEqual($plain->pieces[0]->width)
            ->and($larger->sewn)->toEqual($plain->sewn);
    }
});
