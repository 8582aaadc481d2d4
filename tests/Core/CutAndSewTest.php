<?php

declare(strict_types=1);

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Outline;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;

pest()->group('slow');

/*
 * Cuts and sews units on paper: every piece is as large as the reader's ruler says, and what comes out is worked out with sines and roots
 * of its own, not with the formulas of the core. A unit that is trimmed must be large enough to be trimmed; one that is not must come out
 * as its sheet says.
 */

/** A cut length at the mark of the ruler, as a number of inches. */
function marked(Measurement $measure, Notation $notation): float
{
    return $measure->in($notation)->toFloat();
}

/**
 * What comes out of the seams before anything is trimmed: width and height in inches. Null for what is cut round an outline, which no ruler
 * rounds.
 *
 * @return array{float, float}|null
 */
function sewnOnPaper(Making $making, CuttingRoom $room, Notation $notation): ?array
{
    $s = $room->seam->toFloat();
    $cut = fn (string $id): float => marked(pieceOf($making, $id)->width, $notation);
    $long = fn (string $id): float => marked(pieceOf($making, $id)->length ?? pieceOf($making, $id)->width, $notation);
    $row = fn (float ...$parts): float => array_sum(array_map(fn (float $part): float => $part - 2 * $s, $parts)) + 2 * $s;
    $square = fn (float $side): array => [$side, $side];
    $first = $making->pieces[0]->id;
    // Two right triangles sewn along their long sides, of a square of this side cut once: √2·s is lost.
    $halves = fn (float $side): float => $side - sqrt(2) * $s;
    // Four right triangles of squares cut twice: 2√2·s is lost.
    $quarters = fn (float $side): float => $side - 2 * sqrt(2) * $s;

    return match ($making->method->value) {
        'plain:cut' => [$cut($first), $long($first)],
        'square:larger', 'rectangle:larger' => [
            min($cut($first), marked($making->steps[1]->measures['width'], $notation)),
            min($long($first), marked($making->steps[1]->measures['unfinished'], $notation)),
        ],
        'hst:two', 'hst:triangles' => $square($halves(min($cut('first'), $cut('second')))),
        'hst:eight' => $square($halves(min($cut('first'), $cut('second')) / 2)),
        // Four squares sewn all round and cut crosswise: each unit is half of the sewn diagonal.
        'hst:four' => $square((min($cut('first'), $cut('second')) - 2 * $s) / sqrt(2)),
        'hst:strip' => $square(min($cut('first'), $cut('second'))),
        'hst:grid' => $square($halves(min($cut('first') / 2, $long('first') / 3))),
        'four-patch:strips' => $square($row($cut('first-strip'), $cut('second-strip'))),
        'four-patch:squares' => $square($row($cut('first-square'), $cut('second-square'))),
        'hourglass:squares', 'hourglass:triangles' => $square($quarters(min($cut('square-1'), $cut('square-2')))),
        // The strip less two seams is the finished height of the quarter, half of the unit.
        'hourglass:strip' => $square(2 * (min($cut('square-1'), $cut('square-2')) - 2 * $s) + 2 * $s),
        // The strip less two seams is the finished short side of the quarter, and its long side is that of the unit.
        'hourglass:strip-short' => $square((min($cut('square-1'), $cut('square-2')) - 2 * $s) * sqrt(2) + 2 * $s),
        'half-and-quarters:triangles' => $square(min($halves($cut('half')), $quarters($cut('top')), $quarters($cut('left')))),
        'half-and-quarters:strip' => $square(min($cut('half'), 2 * (min($cut('top'), $cut('left')) - 2 * $s) + 2 * $s)),
        'geese:no-waste', 'geese:triangles' => [
            $quarters($cut('goose')),
            min($halves($cut('sky')), ($quarters($cut('goose')) + 2 * $s) / 2),
        ],
        'geese:strip' => [2 * ($cut('goose') - 2 * $s) + 2 * $s, min($cut('goose'), $cut('sky'))],
        'geese:flip' => [$long('goose'), $cut('goose')],
        'corners:flip' => [$long('base'), $cut('base')],
        'square-in-square:flip' => $square($cut('centre')),
        // From the middle to the seam it is half of the sewn centre, from there to the corner k/√2 less a seam.
        'square-in-square:triangles' => $square(($cut('centre') - 2 * $s) / sqrt(2) + $cut('corner') - sqrt(2) * $s),
        'rail:strips', 'rail:bars' => [
            $row(
                ...array_map(
                    fn (Piece $piece): float => marked($piece->width, $notation),
                    array_values(array_filter($making->pieces, fn (Piece $piece): bool => ! $piece->isSegment())),
                ),
            ),
            $making->method->is('rail:bars') ? $long($first) : $cut('segment'),
        ],
        'nine-patch:strips' => $square($row($cut('outer-first'), $cut('outer-second'), $cut('outer-first'))),
        'nine-patch:squares' => $square($row($cut('first-square'), $cut('second-square'), $cut('first-square'))),
        'uneven-nine-patch:sets' => $square($row($cut('segment-a'), $cut('segment-b'), $cut('segment-a'))),
        'uneven-nine-patch:singles' => $square($row($cut('patch-1'), $cut('patch-3'), $cut('patch-1'))),
        'sixteen-patch:sets' => $square($row(...array_fill(0, 4, $cut('segment')))),
        'sixteen-patch:singles' => $square($row(...array_fill(0, 4, $cut('patch-1')))),
        // Four half-square triangles, each trimmed to a mark before they are joined.
        'pinwheel:two', 'pinwheel:eight', 'pinwheel:triangles' => $square($row(...array_fill(0, 2, min(
            $halves($making->method->is('pinwheel:eight') ? $cut('first') / 2 : $cut('first')), trimmedParts($making, $notation),
        )))),
        'pinwheel:strip' => $square($row(...array_fill(0, 2, min($cut('first'), $cut('second'), trimmedParts($making, $notation))))),
        // A nine-patch of three rows, cut twice through its middle: four quarters of three pieces each way, joined again.
        'turned-nine-patch:cut' => $square(turnedNinePatch($row($cut('corner'), $cut('middle'), $cut('edge')), $s)),
        'log-cabin:logs', 'log-cabin:strips' => $square($row(...array_fill(0, 1 + 2 * logCourses($making), $cut('centre')))),
        'strips:sets' => [$cut($first), $cut('segment')],
        'strips:singles' => [$long($first), $cut($first)],
        'economy:triangles' => $square((trimmedParts($making, $notation) - 2 * $s) / sqrt(2) + $cut('outer') - sqrt(2) * $s),
        'quarter-circle:swap' => $square(min($cut('inner'), $cut('outer')) - 2 * $s),
        'quarter-circle:templates' => $square($cut('outer')),
        'striped-hst:sets' => $square($halves(min($cut('square'), $cut('plain')))),
        // A right triangle sewn on all three sides shrinks to itself by its inradius.
        'half-rectangle:triangles' => sewnTriangle($cut('first'), $long('first'), $s),
        // Two such triangles lie beside the point, as wide as half of the unit and as high as it.
        'peak:template' => (function () use ($cut, $long, $s): array {
            [$width, $height] = sewnTriangle($cut('left'), $long('left'), $s);

            return [2 * ($width - 2 * $s) + 2 * $s, $height];
        })(),
        // The sides are as long as the unit, the kite between them is cut round a template.
        'kite:template' => $square(sewnTriangle($cut('left'), $long('left'), $s)[0]),
        'triangle-row:blunt' => triangleRow($making, min($cut('up'), $cut('down')) - 2 * $s, $s),
        // The raw point stands a seam beyond the neighbour's seam line.
        'triangle-row:pointed' => triangleRow($making, min($cut('up'), $cut('down')) - 3 * $s, $s),
        default => null,
    };
}

/**
 * A row of triangles so high when finished: each is 2/√3 of that wide, and half triangles that are cut large enough are trimmed where the
 * row's points lie.
 *
 * @return array{float, float}
 */
function triangleRow(Making $making, float $height, float $s): array
{
    $triangles = pieceOf($making, 'up')->batch->each + pieceOf($making, 'down')->batch->each;

    return [($triangles + 1) * $height / sqrt(3) + 2 * $s, $height + 2 * $s];
}

/** The mark to which the parts of a unit are trimmed before they are joined. */
function trimmedParts(Making $making, Notation $notation): float
{
    foreach ($making->steps as $step) {
        if ($step->kind === StepKind::Trim && isset($step->measures['unfinished'])) {
            return marked($step->measures['unfinished'], $notation);
        }
    }

    return INF;
}

/**
 * A right triangle of these legs, cut from a rectangle, sewn on all three sides: its legs with two allowances, the longer one first where the
 * rectangle lies.
 *
 * @return array{float, float}
 */
function sewnTriangle(float $leg, float $other, float $s): array
{
    $inradius = ($leg + $other - hypot($leg, $other)) / 2;
    $shrunk = 1 - $s / $inradius;
    $legs = [$leg * $shrunk + 2 * $s, $other * $shrunk + 2 * $s];
    rsort($legs);

    return $legs;
}

function turnedNinePatch(float $sewn, float $s): float
{
    // Half of it, less what two new seams take: each half loses nothing at the cut and one allowance at the new seam on either side of it.
    return 2 * ($sewn / 2) - 2 * $s;
}

function logCourses(Making $making): int
{
    return max(
        array_map(fn (Piece $piece): int => preg_match('/^log-(\d+)-/', $piece->id, $part) === 1 ? (int) $part[1] : 0, $making->pieces),
    );
}

/**
 * The edge of a template as straight lines: circular edges are followed in sixteen steps.
 *
 * @return list<array{float, float, float, float}>
 */
function edgeOfTemplate(Outline $outline): array
{
    $lines = [];
    foreach (array_keys($outline->corners) as $index) {
        [$x, $y, $nextX, $nextY] = $outline->edge($index);
        $arc = $outline->arcs[$index] ?? null;
        $steps = $arc === null ? 1 : 16;
        $chord = hypot($nextX - $x, $nextY - $y);
        $radius = $arc === null ? INF : $arc->radius->toFloat();
        $sweep = $arc === null ? 0.0 : 2 * asin(min(1.0, $chord / 2 / $radius)) * ($arc->clockwise ? 1 : -1);
        // The tangent leaves the chord by half of the sweep, to the outside of the circle.
        $angle = atan2($nextY - $y, $nextX - $x) - $sweep / 2;
        [$fromX, $fromY] = [$x, $y];
        for ($step = 1; $step <= $steps; $step++) {
            $straight = $arc === null ? $chord : 2 * $radius * sin(abs($sweep) * $step / 2 / $steps);
            $way = $angle + $sweep * $step / 2 / $steps;
            $lines[] = [$fromX, $fromY, $x + $straight * cos($way), $y + $straight * sin($way)];
            [, , $fromX, $fromY] = $lines[count($lines) - 1];
        }
    }

    return $lines;
}

/**
 * What is left of a piece cut round a template when a seam allowance is sewn along each of its edges: the part of it that lies at least so
 * far from every edge, counted on a fine grid.
 *
 * @return float square inches, to about three in a hundred
 */
function sewnTemplate(Piece $piece, float $s): float
{
    $lines = edgeOfTemplate($piece->lay->outline ?? throw new LogicException("There is no template for $piece->id."));
    [$right, $bottom] = [max(array_column($lines, 0)), max(array_column($lines, 1))];
    [$across, $down] = [$right / 110, $bottom / 110];
    $inside = 0;
    for ($x = $across / 2; $x < $right; $x += $across) {
        for ($y = $down / 2; $y < $bottom; $y += $down) {
            $crossed = false;
            foreach ($lines as [$fromX, $fromY, $toX, $toY]) {
                if (($fromY > $y) !== ($toY > $y) && $x < $fromX + ($y - $fromY) * ($toX - $fromX) / ($toY - $fromY)) {
                    $crossed = ! $crossed;
                }
            }
            $inside += $crossed && ! isNear($x, $y, $lines, $s) ? 1 : 0;
        }
    }

    return $inside * $across * $down;
}

/** @param  list<array{float, float, float, float}>  $lines */
function isNear(float $x, float $y, array $lines, float $distance): bool
{
    foreach ($lines as [$fromX, $fromY, $toX, $toY]) {
        [$wayX, $wayY] = [$toX - $fromX, $toY - $fromY];
        $along = max(0.0, min(1.0, (($x - $fromX) * $wayX + ($y - $fromY) * $wayY) / max(1e-12, $wayX ** 2 + $wayY ** 2)));
        if (hypot($x - $fromX - $along * $wayX, $y - $fromY - $along * $wayY) < $distance) {
            return true;
        }
    }

    return false;
}

/** Methods whose pieces are cut round an outline or at angles, and are sewn in tests of their own below. */
const CUT_ROUND = [
    'custom:pieces', 'eight-point-star:set-in',
    // Single pieces that nothing is sewn to, and segments of them.
    'diamond-45:strip', 'parallelogram-45:strip', 'strip-parallelogram:plain',
    'strip-parallelogram:staggered', 'diamond-60:strip', 'triangle-60:blunt', 'triangle-60:pointed', 'half-triangle-60:blunt',
    'half-triangle-60:pointed', 'diamond-45:blunt', 'diamond-60:blunt',
];

it('comes out as the sheet says when cut at the marks of the ruler', function (string $finished, Notation $notation): void {
    $sewn = 0;
    foreach (UnitLibrary::kinds() as $kind) {
        $unit = UnitLibrary::example($kind, Length::parse($finished), fabrics($kind->fabrics()[0]))->make();
        $room = $notation === Notation::Centimetres ? new CuttingRoom(
            Length::parse('1/4'),
            Length::inches(40),
            Length::fraction(1, 2),
        ) : roomOf('1/4');
        foreach ($kind->methods() as $method) {
            $making = $unit->making($method, $room);
            $paper = sewnOnPaper($making, $room, $notation);
            if ($paper === null) {
                expect(in_array($method->value, CUT_ROUND, true))->toBeTrue("$method->value is sewn nowhere in this test");

                continue;
            }
            $sewn++;
            foreach ($paper as $side => $comesOut) {
                $said = $making->sewn[$side] ?? null;
                if ($said !== null) {
                    // What no other cut decides is itself cut to a mark. Parts whose trim size is on no mark may miss the mark above it:
                    // four seams of that.
                    $close = str_starts_with($method->value, 'pinwheel:') && $notation === Notation::Centimetres ? 0.04 : 0.0;
                    $reads = $said->dependences === [] ? $said->in($notation) : $said->value($notation);
                    // Lengths that hold √3 are reported to 1⁄65536 in.
                    expect($reads->toFloat())->toEqualWithDelta($comesOut, max($close, 1e-5), "$method->value at $finished, side $side");

                    continue;
                }
                $wanted = $side === 0 ? $unit->finished()->width : $unit->finished()->height;
                // Where the trim size itself is on no mark, the proof says so; here it is enough that the exact size can be had.
                $exact = $wanted->plus($room->seam->times(2));
                $trim = min(Measurement::exact($exact)->in($notation)->toFloat(), $exact->toFloat());
                expect($comesOut)->toBeGreaterThan($trim - 1e-9, "$method->value at $finished cannot be trimmed to $trim");
            }
            foreach ($making->steps as $number => $step) {
                if ($number === count($making->steps) - 1 && isset(
                    $step->measures['before'],
                ) && $step->kind === StepKind::Trim && $making->sewn === null) {
                    $before = $step->measures['before']->value($notation)->toFloat();
                    // A goose is measured at its sides, where the sky is.
                    $sky = $making->piece('sky') === null ? INF : marked(pieceOf($making, 'sky')->width, $notation) - sqrt(2) / 4;
                    $off = min(abs($paper[0] - $before), abs($paper[1] - $before), abs($sky - $before));
                    expect($off)->toBeLessThan(1e-4, "$method->value at $finished: before trimming it is said to be $before");
                }
            }
        }
    }
    expect($sewn)->toBeGreaterThan(30);
})->with(['3', '2', '4', '1 1/2', '2 3/4', '7/3', '12/7', '26/5', '3.3'])->with([Notation::Fractions, Notation::Centimetres]);

it('cuts nothing that is trimmed smaller than exact, unless another piece makes up for it', function (
    string $finished,
    Notation $notation,
): void {
    foreach (UnitLibrary::kinds() as $kind) {
        $unit = UnitLibrary::example($kind, Length::parse($finished), fabrics($kind->fabrics()[0]))->make();
        foreach ($kind->methods() as $method) {
            $making = $unit->making($method, roomOf('1/4'));
            foreach ($making->sewn === null ? $making->pieces : [] as $piece) {
                if ($piece->shape !== PieceShape::Template && $piece->width->mayGrow() && $piece->width->dependences === []) {
                    expect(marked($piece->width, $notation))->toBeGreaterThanOrEqual(
                        $piece->width->exact->toFloat() - 1e-9,
                        $method->value.' '.$piece->id,
                    );
                }
            }
        }
    }
})->with(['3', '7/3', '12/7', '3.3'])->with([Notation::Fractions, Notation::Centimetres]);

it('makes the triangles round a centre as much larger as the centre is cut too small', function (
    string $finished,
    Notation $notation,
): void {
    $making = unitOf(UnitLibrary::kind('square-in-square'), Length::parse($finished), 2)->making(new Method('square-in-square:triangles'), roomOf('1/4'));
    $centre = marked(pieceOf($making, 'centre')->width, $notation);
    $corner = marked(pieceOf($making, 'corner')->width, $notation);
    // From the middle to the seam it is half of the sewn centre, from there to the corner of the unit the height of the triangle less a
    // seam.
    $reach = ($centre - 0.5) / 2 + $corner / sqrt(2) - 0.25;
    expect($reach * sqrt(2))->toBeGreaterThanOrEqual(Length::parse($finished)->toFloat() + 0.5 - 1e-9);
})->with(['3', '2', '4', '7/3', '12/7', '5', '3.3'])->with([Notation::Fractions, Notation::Centimetres]);

it('loses nothing and gains nothing when everything lies on the marks', function (): void {
    foreach (UnitLibrary::kinds() as $kind) {
        $unit = UnitLibrary::example($kind, Length::inches(6), fabrics($kind->fabrics()[0]))->make();
        foreach ($kind->methods() as $method) {
            foreach ($unit->making($method, roomOf('1/4'))->sewn ?? [] as $side => $sewn) {
                $finished = $side === 0 ? $unit->finished()->width : $unit->finished()->height;
                expect($sewn->exact->encode())->toBe($finished->plus(Length::fraction(1, 2))->encode(), $method->value);
            }
        }
    }
});

it('sews what is cut round templates to the finished shapes', function (string $finished): void {
    $held = [];
    foreach (UnitLibrary::kinds() as $kind) {
        $unit = UnitLibrary::example($kind, Length::parse($finished), fabrics($kind->fabrics()[1]))->make();
        foreach ($kind->methods() as $method) {
            $wanted = $sewn = [];
            foreach ($unit->making($method, roomOf('1/4'))->pieces as $piece) {
                if ($piece->shape === PieceShape::Template) {
                    $slot = $piece->slots[0];
                    $sewn[$slot] = ($sewn[$slot] ?? 0.0) + $piece->batch->each * sewnTemplate($piece, 0.25);
                }
            }
            foreach ($unit->patches() as $patch) {
                $wanted[$patch->slot] = ($wanted[$patch->slot] ?? 0.0) + $patch->outline->area();
            }
            foreach ($sewn as $slot => $area) {
                expect($area)->toEqualWithDelta($wanted[$slot], 0.04 * $wanted[$slot] + 0.03, "$method->value, fabric $slot");
                $held[$method->value] = true;
            }
        }
    }
    expect(array_keys($held))->toContain('custom:pieces', 'kite:template', 'peak:template', 'quarter-circle:templates');
})->with(['3', '4', '6', '7/3', '26/5']);

it('gives single slanted pieces and triangles the sizes they are checked by, within half a mark for each cut', function (
    string $finished,
    Notation $notation,
): void {
    $held = 0;
    $half = $notation === Notation::Centimetres ? 1 / 50.8 : 1 / 32;
    foreach (UnitLibrary::kinds() as $kind) {
        $unit = UnitLibrary::example($kind, Length::parse($finished), fabrics($kind->fabrics()[0]))->make();
        foreach ($kind->methods() as $method) {
            $steps = $unit->making($method, roomOf('1/4'))->steps;
            $cut = $steps[0];
            if (! in_array($cut->code, ['slanted.cut', 'sixty.cut_blunt', 'sixty.cut_pointed'], true) || count($steps) !== 2) {
                continue;
            }
            $held++;
            $strip = marked($cut->measures['strip'], $notation);
            $angle = deg2rad($cut->counts['degrees'] ?? 60);
            // What the strip leaves when it is sewn on both sides, or on the base and past the raw tip.
            $takes = match (true) {
                $cut->code !== 'sixty.cut_pointed' => 0.5,
                $kind->is('triangle-60') => 0.75,
                default => 0.25 * (3 + sqrt(3)),
            };
            expect($strip - $takes)->toEqualWithDelta($unit->finished()->height->toFloat(), $half + 1e-9, $method->value);
            if ($cut->code === 'slanted.cut') {
                $side = marked($cut->measures['spacing'], $notation) / sin($angle);
                $said = marked($steps[1]->measures['side'], $notation);
                expect($side)->toEqualWithDelta($said, $half * (1 + 1 / sin($angle)) + 1e-9, $method->value);
            } else {
                expect(marked($steps[1]->measures['strip'], $notation))->toBe($strip);
            }
        }
    }
    expect($held)->toBe(7);
})->with(['3', '2', '7/3', '12/7'])->with([Notation::Fractions, Notation::Centimetres]);

it('leaves beyond the points of a star what its diamonds leave', function (string $finished, Notation $notation): void {
    $making = unitOf(UnitLibrary::kind('eight-point-star'), Length::parse($finished), 3)->making(new Method('eight-point-star:set-in'), roomOf('1/4'));
    // A 45° diamond is as high as its side over √2, and a star measures (2 + √2) sides from point to point.
    $side = (marked(pieceOf($making, 'first')->width, $notation) - 0.5) * sqrt(2);
    $beyond = (Length::parse($finished)->toFloat() + 0.5 - (2 + sqrt(2)) * $side) / 2;
    $said = array_values(array_filter($making->steps, fn ($step): bool => isset($step->measures['beyond'])))[0]->measures['beyond'];
    expect($said->value($notation)->toFloat())->toEqualWithDelta($beyond, 1e-4);
})->with(['6', '8', '12', '9 3/4', '25/3'])->with([Notation::Fractions, Notation::Centimetres]);

it('sews strip parallelograms as high as their strips give', function (Notation $notation): void {
    $set = unitOf(UnitLibrary::kind('strip-parallelogram'), Length::parse('7/3'), 3)->making(new Method('strip-parallelogram:plain'), roomOf('1/4'));
    $strips = array_map(
        fn (Piece $piece): float => marked($piece->width, $notation) - 0.5,
        array_values(array_filter($set->pieces, fn (Piece $piece): bool => $piece->shape === PieceShape::Strip)),
    );
    $said = array_values(array_filter($set->steps, fn ($step): bool => isset($step->measures['sewn'])))[0]->measures['sewn'];
    expect($said->value($notation)->toFloat())->toEqualWithDelta(array_sum($strips) + 0.5, 1e-9);
})->with([Notation::Fractions, Notation::Centimetres]);

it('says what the inner square of an economy block measures before it is trimmed', function (string $finished, Notation $notation): void {
    $making = unitOf(UnitLibrary::kind('economy'), Length::parse($finished), 3)->making(new Method('economy:triangles'), roomOf('1/4'));
    [$centre, $inner] = [marked(pieceOf($making, 'centre')->width, $notation), marked(pieceOf($making, 'inner')->width, $notation)];
    // What must not be too large is cut to the nearest mark when that is at most 1⁄64 in over.
    $trim = array_values(array_filter($making->steps, fn ($step): bool => $step->code === 'economy.trim_inner'))[0];
    expect($trim->measures['before']->value($notation)->toFloat())->toEqualWithDelta(($centre - 0.5) / sqrt(2) + $inner - sqrt(2) / 4, 1e-4)
        ->and($trim->measures['before']->value($notation)->toFloat())->toBeGreaterThan(
            marked($trim->measures['unfinished'], $notation) - 1 / 64,
        );
})->with(['4', '6', '7/3', '26/5'])->with([Notation::Fractions, Notation::Centimetres]);
