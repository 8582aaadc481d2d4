<?php

declare(strict_types=1);

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Grain;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Kind\UnitOptions;
use Dew\Core\Unit\Kind\UnitSpec;
use Dew\Core\Unit\Lay;
use Dew\Core\Unit\Lines;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\MirroredUnit;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\UnitKind;
use Dew\Core\Unit\Workings;

function half(UnitKind $kind, Method $method, int $fabrics = 2): Making
{
    return unitOf($kind, Length::inches(3), $fabrics)->making($method, roomOf('1/4'));
}

it('counts batches up, and nothing for no units', function (int $yield, int $perUnit, int $units, int $batches): void {
    expect((new Batch($yield, $perUnit))->count($units))->toBe($batches)
        ->and((new Batch($yield, $perUnit, 3))->yielding(5))->toEqual(new Batch(5, $perUnit, 3))
        ->and((new Batch($yield, $perUnit, 3, 's'))->times(2))->toEqual(new Batch($yield, 2 * $perUnit, 3, 's'));
})->with([[2, 1, 5, 3], [2, 1, 4, 2], [8, 1, 9, 2], [1, 4, 3, 12], [19, 2, 10, 2], [1, 1, 0, 0], [1, 1, -2, 0], [4, 1, 1, 1]]);

it('says what comes out beyond what is wanted, by the scarcest piece', function (
    Method $method,
    UnitKind $kind,
    int $units,
    int $spares,
    int $batches,
    int $atATime,
): void {
    $making = half($kind, $method);
    expect($making->spares($units))->toBe($spares)
        ->and($making->batches($units))->toBe($batches)
        ->and($making->unitsAtATime())->toBe($atATime);
})->with([
    [new Method('hst:two'), UnitLibrary::kind('hst'), 5, 1, 3, 2],
    [new Method('hst:eight'), UnitLibrary::kind('hst'), 9, 7, 2, 8],
    [new Method('hst:grid'), UnitLibrary::kind('hst'), 12, 0, 1, 12],
    [new Method('four-patch:squares'), UnitLibrary::kind('four-patch'), 3, 0, 3, 1],
    [new Method('four-patch:strips'), UnitLibrary::kind('four-patch'), 10, 9, 2, 1],
    // Two kinds of set are sewn for nine-patches, one of each.
    [new Method('nine-patch:strips'), UnitLibrary::kind('nine-patch'), 10, 3, 2, 1],
    [new Method('hst:two'), UnitLibrary::kind('hst'), 0, 0, 0, 2],
]);

it('finds pieces by id, and strip sets among them', function (): void {
    $strips = half(UnitLibrary::kind('four-patch'), new Method('four-patch:strips'));
    expect($strips->piece('segment')?->isSegment())->toBeTrue()
        ->and($strips->piece('nothing'))->toBeNull()
        ->and($strips->isFromSets())->toBeTrue()
        ->and(half(UnitLibrary::kind('four-patch'), new Method('four-patch:squares'))->isFromSets())->toBeFalse();
});

it('needs cloth as wide as the widest of its pieces, laid the way that asks for least', function (): void {
    expect(half(UnitLibrary::kind('hst'), new Method('hst:grid'))->minimumStock()?->in(Notation::Fractions)->encode())->toBe('31/4')
        ->and(half(UnitLibrary::kind('four-patch'), new Method('four-patch:strips'))->minimumStock()?->exact->encode())->toBe('2')
        ->and((new Making(
            new Method('block:rows'),
            [Piece::part('u', ['f'], Measurement::exact(Length::inches(3)), Measurement::exact(Length::inches(3)), 1)],
            [],
        ))->minimumStock())
        ->toBeNull();
});

it('cuts larger what is trimmed, and nothing else', function (): void {
    $triangle = half(UnitLibrary::kind('hst'), new Method('hst:two'));
    $larger = $triangle->oversize(Length::fraction(1, 8));
    expect($triangle->canBeOversize())->toBeTrue()
        ->and($larger->pieces[0]->width->exact->minus($triangle->pieces[0]->width->exact)->encode())->toBe('1/8')
        ->and($larger->pieces[0]->length?->exact->encode())->toBe($larger->pieces[0]->width->exact->encode());
    $patch = half(UnitLibrary::kind('four-patch'), new Method('four-patch:squares'));
    expect($patch->canBeOversize())->toBeFalse()->and($patch->oversize(Length::fraction(1, 8))->pieces)->toBe($patch->pieces);
});

it('takes as many segments from a set as the cloth gives, and the squaring off it', function (): void {
    $making = half(UnitLibrary::kind('four-patch'), new Method('four-patch:strips'));
    $on = fn (string $usable): Making => $making->onCloth(
        new CuttingRoom(Length::fraction(1, 4), Length::parse($usable), Length::fraction(1, 2)),
        Notation::Fractions,
    );
    expect($on('40')->piece('first-strip')?->batch->yield)->toBe(19)
        ->and($on('20')->piece('first-strip')?->batch->yield)->toBe(9)
        ->and($on('20 1/2')->piece('first-strip')?->batch->yield)->toBe(10)
        // Too narrow for one segment: it stays as it was.
        ->and($on('2 1/4')->piece('first-strip')?->batch->yield)->toBe(19);
    $cut = array_values(array_filter($on('20')->steps, fn ($step): bool => isset($step->counts['segments'])))[0];
    expect($cut->counts['segments'])->toBe(9);
    $squares = half(UnitLibrary::kind('four-patch'), new Method('four-patch:squares'));
    expect($squares->onCloth(roomOf('1/4'), Notation::Fractions))->toBe($squares);
});

it('says on which grain the long side of a piece lies', function (): void {
    $square = fn (Lines $lines): Piece => Piece::square('p', 'f', Measurement::exact(Length::inches(4)), new Batch, $lines);
    $line = new Outline(new Point(Length::zero(), Length::zero()), new Point(Length::inches(4), Length::inches(4)));
    expect($square(new Lines)->grain())->toBe(Grain::Edges)
        ->and($square(new Lines([$line], [$line]))->grain())->toBe(Grain::Edges)
        ->and($square(new Lines([], [$line]))->grain())->toBe(Grain::ShortEdges)
        ->and($square(new Lines([], [$line, $line]))->grain())->toBe(Grain::LongEdge);
});

it('counts pieces out of a strip by what they advance, singly and in pairs', function (
    ?string $advance,
    int $group,
    string $usable,
    int $count,
): void {
    $lay = new Lay(advance: $advance === null ? null : Measurement::exact(Length::parse($advance)), group: $group);
    $piece = new Piece(
        'p',
        PieceShape::Rectangle,
        ['f'],
        Measurement::exact(Length::inches(2)),
        Measurement::exact(Length::inches(3)),
        lay: $lay,
    );
    expect($piece->perStrip(Length::parse($usable)))->toBe($count);
})->with([
    [null, 1, '40', 13], [null, 1, '3', 1], [null, 1, '2 7/8', 0], ['2', 1, '40', 19], ['2', 1, '3', 1],
    ['4', 2, '40', 20], ['4', 2, '43', 21], ['4', 2, '42', 20], ['4', 2, '3', 1],
]);

it('lets only what is cut from cloth take cloth, and strips its whole width', function (): void {
    $three = Measurement::exact(Length::inches(3));
    $forty = Length::inches(40);
    $part = Piece::part('u', ['f'], $three, $three, 1);
    expect($part->cloth(5, $forty))->toBe(0.0)
        ->and($part->isCloth())->toBeFalse()
        ->and($part->perStrip($forty))->toBe(0)
        ->and((new Piece('s', PieceShape::Strip, ['f'], $three, null))->cloth(2, $forty))->toBe(240.0)
        ->and((new Piece('r', PieceShape::Rectangle, ['f'], $three, Measurement::exact(Length::inches(5))))->cloth(2, $forty))->toBe(30.0)
        ->and((new Piece(
            'r',
            PieceShape::Rectangle,
            ['f'],
            $three,
            Measurement::exact(Length::inches(5)),
        ))->minimumStock()->exact->encode())->toBe('3')
        ->and((new Piece(
            'r',
            PieceShape::Rectangle,
            ['f'],
            Measurement::exact(Length::inches(5)),
            $three,
        ))->minimumStock()->exact->encode())->toBe('3')
        ->and((new Piece('s', PieceShape::Strip, ['f'], $three, null))->minimumStock()->exact->encode())->toBe('3')
        ->and((new Piece('t', PieceShape::Template, ['f'], $three, $three))->mostLayers())->toBe(2)
        ->and((new Piece('t', PieceShape::Square, ['f'], $three, $three))->mostLayers())->toBe(4);
});

it('tells units by their kind, their size, their fabrics and their seam', function (): void {
    $spec = fn (UnitKind $kind, string $side, array $slots): UnitSpec => new UnitSpec(
        $kind,
        Size::square(Length::parse($side)),
        $slots,
        new UnitOptions,
    );
    [$a, $b, $c] = fabrics(3);
    $digests = [
        $spec(UnitLibrary::kind('hst'), '3', [$a, $b])->make()->digest(roomOf('1/4')),
        $spec(UnitLibrary::kind('hst'), '3', [$b, $a])->make()->digest(roomOf('1/4')),
        $spec(UnitLibrary::kind('hst'), '3', [$a, $c])->make()->digest(roomOf('1/4')),
        $spec(UnitLibrary::kind('hst'), '4', [$a, $b])->make()->digest(roomOf('1/4')),
        $spec(UnitLibrary::kind('hst'), '3', [$a, $b])->make()->digest(roomOf('3/8')),
        $spec(UnitLibrary::kind('four-patch'), '3', [$a, $b])->make()->digest(roomOf('1/4')),
    ];
    expect($digests)->toBe(array_values(array_unique($digests)));
    foreach ($digests as $digest) {
        expect($digest)->toMatch('/^[0-9a-f]{16}$/');
    }
    // Progress hangs on it: it may never change.
    expect($digests[0])->toBe($spec(UnitLibrary::kind('hst'), '3', [$a, $b])->make()->digest(roomOf('1/4')))->toBe('e9f077c6fbe069f4');
});

it('mirrors what is seen and what is cut, and keeps what is counted', function (): void {
    $unit = unitOf(UnitLibrary::kind('half-rectangle'), Length::inches(3), 2);
    $image = new MirroredUnit($unit);
    $corners = fn ($patch): array => array_map(fn (Point $corner): string => $corner->encode(), $patch->outline->corners);
    expect($corners($image->patches()[0]))->toEqualCanonicalizing(['0,0', '6,0', '6,3'])
        ->and($image->finished())->toEqual($unit->finished())
        ->and($image->seamwork())->toEqual($unit->seamwork())
        ->and($image->cutArea(roomOf('1/4')))->toBe($unit->cutArea(roomOf('1/4')))
        ->and($image->outline()->area())->toBe(18.0)
        ->and($image->slots())->toBe($unit->slots())
        ->and($image->contents())->toBe([])
        ->and((new MirroredUnit($image))->digest(roomOf('1/4')))->toBe($unit->digest(roomOf('1/4')))
        ->and($image->digest(roomOf('1/4')))->not->toBe($unit->digest(roomOf('1/4')))
        ->and($image->making(new Method('half-rectangle:triangles'), roomOf('1/4'))->pieces[0]->lay->mirrored)
        ->not->toBe($unit->making(new Method('half-rectangle:triangles'), roomOf('1/4'))->pieces[0]->lay->mirrored);
    $arc = new MirroredUnit(unitOf(UnitLibrary::kind('quarter-circle'), Length::inches(4), 2));
    expect($arc->byproduct(new Method('quarter-circle:swap'), roomOf('1/4')))->toBeInstanceOf(MirroredUnit::class)
        ->and($arc->byproduct(new Method('quarter-circle:templates'), roomOf('1/4')))->toBeNull()
        ->and($arc->isMadeOfByproducts())->toBeFalse();
});

it('works each unit out once, and shares the area of one shape', function (): void {
    $workings = new Workings(roomOf('1/4'));
    $unit = unitOf(UnitLibrary::kind('hst'), Length::inches(3), 2);
    $other = unitOf(UnitLibrary::kind('hst'), Length::inches(4), 2);
    expect($workings->of($unit, new Method('hst:two')))->toBe($workings->of($unit, new Method('hst:two')))
        ->and($workings->of($unit, new Method('hst:two')))->not->toBe($workings->of($unit, new Method('hst:eight')))
        ->and($workings->firstPossible($unit)->method)->toEqual(new Method('hst:two'))
        ->and($workings->firstPossible($unit, new Method('hst:four'))->method)->toEqual(new Method('hst:four'))
        ->and($workings->cutArea($unit, $unit->patches()))->toBe($unit->cutArea(roomOf('1/4')))
        ->and($workings->cutArea($other, $other->patches()))->toBe($other->cutArea(roomOf('1/4')))
        ->and($workings->cutArea($unit, $unit->patches()))->toBe($unit->cutArea(roomOf('1/4')))
        ->and($unit->seamwork()->seams)->toBe(1)
        ->and($unit->seamwork()->length)->toEqualWithDelta(3 * sqrt(2), 1e-9);
});

it('makes a kind as it was chosen, else as the design does, else as the kind usually is', function (): void {
    $choices = MethodChoices::defaults(['hst' => new Method('hst:eight')]);
    expect($choices->for(UnitLibrary::kind('hst')))->toEqual(new Method('hst:eight'))
        ->and($choices->chosen(UnitLibrary::kind('hst')))->toBeNull()
        ->and($choices->with(UnitLibrary::kind('hst'), new Method('hst:four'))->for(UnitLibrary::kind('hst')))->toEqual(new Method('hst:four'))
        ->and($choices->with(UnitLibrary::kind('hst'), new Method('hst:four'))->chosen(UnitLibrary::kind('hst')))->toEqual(new Method('hst:four'))
        ->and(MethodChoices::defaults()->for(UnitLibrary::kind('hst')))->toEqual(new Method('hst:two'))
        ->and($choices->isOversize(UnitLibrary::kind('hst')))->toBeFalse()
        ->and($choices->withOversize(UnitLibrary::kind('hst'))->isOversize(UnitLibrary::kind('hst')))->toBeTrue()
        ->and($choices->withOversize(UnitLibrary::kind('hst'))->withOversize(
            UnitLibrary::kind('hst'),
            false,
        )->isOversize(UnitLibrary::kind('hst')))->toBeFalse()
        ->and(fn () => $choices->with(UnitLibrary::kind('hst'), new Method('geese:flip')))->toThrow(InvalidArgumentException::class);
});

it('says what a unit cut larger measures before it is trimmed', function (): void {
    $trim = fn (Making $making): Measurement => array_values(array_filter(
        $making->steps,
        fn ($step): bool => isset($step->measures['before']),
    ))[0]->measures['before'];
    $exact = half(UnitLibrary::kind('hst'), new Method('hst:two'));
    $larger = $exact->oversize(Length::fraction(1, 8));
    expect($trim($larger)->exact->minus($trim($exact)->exact)->encode())->toBe('1/8')
        ->and($trim($larger)->value(Notation::Fractions)->minus($trim($exact)->value(Notation::Fractions))->encode())->toBe('1/8')
        ->and($trim($larger)->dependences[0]->on)->toEqual($larger->pieces[0]->width);
    // Eight at a time the squares are halved before the units come out.
    $eight = half(UnitLibrary::kind('hst'), new Method('hst:eight'));
    expect($trim($eight->oversize(Length::fraction(1, 4)))->exact->minus($trim($eight)->exact)->encode())->toBe('1/8');
});

it('counts the segments of each kind of set by itself', function (): void {
    $spec = new UnitSpec(UnitLibrary::kind('uneven-nine-patch'), Size::square(Length::inches(6)), fabrics(2), new UnitOptions(edge: Length::inches(1)));
    $making = $spec->make()->making(new Method('uneven-nine-patch:sets'), roomOf('1/4'))->onCloth(roomOf('1/4'), Notation::Fractions);
    $counts = [];
    foreach ($making->steps as $step) {
        if (isset($step->counts['segments'], $step->measures['segment'])) {
            $counts[$step->measures['segment']->exact->encode()] = $step->counts['segments'];
        }
    }
    // 39½ in of a set give 26 segments of 1½ in, and 8 of 4½ in.
    expect($counts)->toBe(['3/2' => 26, '9/2' => 8])
        ->and($making->piece('segment-a-strip-1')?->batch->yield)->toBe(26)
        ->and($making->piece('segment-b-strip-1')?->batch->yield)->toBe(8);
});

it('measures from tip to tip what is cut at a slant', function (string $kind): void {
    $piece = UnitLibrary::example(UnitLibrary::kind($kind), Length::inches(2), fabrics(1))->make()->making(
        UnitLibrary::kind($kind)->methods()[0], roomOf('1/4'),
    )->pieces[0];
    $farthest = 0.0;
    foreach ($piece->lay->outline->corners as $one) {
        foreach ($piece->lay->outline->corners as $other) {
            $farthest = max($farthest, hypot($one->x->minus($other->x)->toFloat(), $one->y->minus($other->y)->toFloat()));
        }
    }
    expect($piece->tipToTip()->exact->toFloat())->toEqualWithDelta($farthest, 1e-4)
        ->and(hst('3', '1/4', new Method('hst:two'))->pieces[0]->tipToTip())->toBeNull();
    // A strip of √3 + ½ gives diamonds of twice that from tip to tip.
    $kind !== 'diamond-60' || expect($piece->tipToTip()->in(Notation::Fractions)->encode())->toBe('71/16');
})->with(['diamond-45', 'diamond-60', 'parallelogram-45']);

it('says at which angle diamonds are cut and how far apart, square to the cut', function (UnitKind $kind, string $size, int $degrees, float $spacing): void {
    $unit = UnitLibrary::example($kind, Length::parse($size), fabrics(1))->make();
    [$angle, $apart] = $unit->making($kind->methods()[0], roomOf('1/4'))->pieces[0]->slantedCut();
    // A diamond is as wide between its slants as its strip is high.
    expect($angle)->toBe($degrees)
        ->and($apart->exact->toFloat())->toEqualWithDelta($spacing, 1e-9)
        ->and(hst('3', '1/4', new Method('hst:two'))->pieces[0]->slantedCut())->toBeNull();
})->with([
    [UnitLibrary::kind('diamond-45'), '3', 45, 3 / sqrt(2) + 0.5],
    [UnitLibrary::kind('diamond-60'), '3', 60, 3 * sqrt(3) / 2 + 0.5],
    [UnitLibrary::kind('diamond-45'), '5', 45, 5 / sqrt(2) + 0.5],
]);
