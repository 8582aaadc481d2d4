<?php

declare(strict_types=1);

use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Rounding;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Kind\UnitOptions;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\UnitKind;

/**
 * Which pieces may be cut larger than they are computed: those that are trimmed afterwards. Everything else would move a seam, and is cut
 * to the nearest mark; the middle of a square in a square is cut smaller, since each of its points would else stand over the edge.
 */
dataset('what may grow', [
    // Triangles and what they are cut from, when the unit is trimmed.
    [new Method('hst:two'), ['first', 'second']],
    [new Method('hst:eight'), ['first', 'second']],
    [new Method('hst:four'), ['first', 'second']],
    [new Method('hst:triangles'), ['first', 'second']],
    [new Method('hst:grid'), ['first', 'second']],
    [new Method('hourglass:squares'), ['square-1', 'square-2']],
    [new Method('hourglass:triangles'), ['square-1', 'square-2']],
    [new Method('half-and-quarters:triangles'), ['half', 'top', 'left']],
    [new Method('geese:no-waste'), ['goose', 'sky']],
    [new Method('geese:triangles'), ['goose', 'sky']],
    [new Method('square-in-square:triangles'), ['corner']],
    [new Method('economy:triangles'), ['inner', 'outer']],
    [new Method('pinwheel:two'), ['first', 'second']],
    [new Method('pinwheel:eight'), ['first', 'second']],
    [new Method('pinwheel:triangles'), ['first', 'second']],
    [new Method('half-rectangle:triangles'), ['first', 'second']],
    [new Method('kite:template'), ['point-1', 'left', 'right']],
    [new Method('peak:template'), ['point-1', 'left', 'right']],
    [new Method('quarter-circle:swap'), ['inner', 'outer']],
    [new Method('eight-point-star:set-in'), ['side']],
    [new Method('striped-hst:sets'), ['strip-1', 'square', 'plain']],
    [new Method('custom:pieces'), ['template-1', 'template-2', 'template-3']],
    // Strips, squares and rectangles between seams, flipped corners, shapes cut with a ruler: as they are.
    [new Method('plain:cut'), []],
    [new Method('hst:strip'), []],
    [new Method('four-patch:strips'), []],
    [new Method('four-patch:squares'), []],
    [new Method('geese:flip'), []],
    [new Method('corners:flip'), []],
    [new Method('square-in-square:flip'), []],
    [new Method('rail:strips'), []],
    [new Method('rail:bars'), []],
    [new Method('strips:sets'), []],
    [new Method('strips:singles'), []],
    [new Method('nine-patch:strips'), []],
    [new Method('nine-patch:squares'), []],
    [new Method('uneven-nine-patch:sets'), []],
    [new Method('uneven-nine-patch:singles'), []],
    [new Method('sixteen-patch:sets'), []],
    [new Method('sixteen-patch:singles'), []],
    [new Method('turned-nine-patch:cut'), []],
    [new Method('log-cabin:logs'), []],
    [new Method('log-cabin:strips'), []],
    [new Method('quarter-circle:templates'), []],
    [new Method('triangle-row:blunt'), []],
    [new Method('triangle-row:pointed'), ['ends']],
    [new Method('diamond-45:strip'), []],
    [new Method('parallelogram-45:strip'), []],
    [new Method('strip-parallelogram:plain'), []],
    [new Method('strip-parallelogram:staggered'), []],
    [new Method('diamond-60:strip'), []],
    [new Method('diamond-45:blunt'), []],
    [new Method('diamond-60:blunt'), []],
    [new Method('square:larger'), []],
    [new Method('rectangle:larger'), []],
    [new Method('pinwheel:strip'), []],
    [new Method('triangle-60:blunt'), []],
    [new Method('triangle-60:pointed'), []],
    [new Method('half-triangle-60:blunt'), []],
    [new Method('half-triangle-60:pointed'), []],
    [new Method('hourglass:strip'), ['square-1', 'square-2']],
    [new Method('hourglass:strip-short'), ['square-1', 'square-2']],
    [new Method('half-and-quarters:strip'), ['half', 'top', 'left']],
    [new Method('geese:strip'), ['goose', 'sky']],
]);

it('lets only what is trimmed be cut larger', function (Method $method, array $grow): void {
    $kind = UnitLibrary::kind(explode(':', $method->value)[0] === 'plain' ? 'rectangle' : explode(':', $method->value)[0]);
    $making = UnitLibrary::example($kind, Length::inches(3), fabrics($kind->fabrics()[0]))->make()->making($method, roomOf('1/4'));
    $growing = array_values(array_filter($making->pieces, fn (Piece $piece): bool => $piece->width->mayGrow()));

    expect(array_map(fn (Piece $piece): string => $piece->id, $growing))->toBe($grow);
    if ($grow !== []) {
        expect(array_map(fn ($step): StepKind => $step->kind, $making->steps))->toContain(StepKind::Trim);
    }
})->with('what may grow');

it('speaks of every way to make a unit in that table', function (): void {
    $told = [];
    foreach (UnitLibrary::kinds() as $kind) {
        foreach ($kind->methods() as $method) {
            $told[] = $method->value;
        }
    }
    $table = (string) file_get_contents(__FILE__);
    foreach (array_unique($told) as $method) {
        expect($table)->toContain("[new Method('$method'), [");
    }
});

it('never cuts the middle of a square in a square too large, nor what is inside an economy block', function (): void {
    $square = unitOf(UnitLibrary::kind('square-in-square'), Length::inches(3), 2)->making(new Method('square-in-square:triangles'), roomOf('1/4'));
    $economy = unitOf(UnitLibrary::kind('economy'), Length::inches(3), 3)->making(new Method('economy:triangles'), roomOf('1/4'));
    [$inner] = array_values(array_filter($economy->steps, fn ($step): bool => $step->code === 'economy.trim_inner'));

    expect(pieceOf($square, 'centre')->width->rounding)->toBe(Rounding::NotOver)
        ->and($inner->measures['unfinished']->rounding)->toBe(Rounding::NotOver);
});

it('tells every unit to be trimmed or checked at its unfinished size, to the nearest mark', function (UnitKind $kind): void {
    foreach ($kind->methods() as $method) {
        $unit = unitOf($kind, Length::inches(3), $kind->fabrics()[0]);
        $steps = $unit->making($method, roomOf('1/4'))->steps;
        $last = end($steps);
        $size = $unit->finished()->outsetBy(Length::fraction(1, 4));
        $measures = array_map(fn ($measure): string => $measure->exact->encode(), $last->measures);
        // A set is cut into units by its last cut; everything else ends with the size it must have.
        if ($last->kind === StepKind::Cut) {
            expect($measures['segment'])->toBe($size->width->encode());

            continue;
        }
        expect(in_array($last->kind, [StepKind::Trim, StepKind::Check], true))->toBeTrue()
            ->and($measures['unfinished'] ?? $measures['height'])->toBe($size->height->encode())
            ->and($measures['width'] ?? $size->width->encode())->toBe($size->width->encode())
            ->and(($last->measures['unfinished'] ?? $last->measures['height'])->rounding)->toBe(Rounding::Nearest);
    }
})->with(array_values(array_filter(UnitLibrary::kinds(), fn (UnitKind $kind): bool => ! $kind->isFree())));

it('says both radii of a quarter circle, and where the swapped one must meet the edge', function (): void {
    $unit = makeUnit(
        UnitLibrary::kind('quarter-circle'),
        Size::square(Length::inches(4)),
        fabrics(2),
        new UnitOptions(radius: Length::inches(3)),
    );
    $templates = $unit->making(new Method('quarter-circle:templates'), roomOf('1/4'))->steps[0]->measures;
    $swap = $unit->making(new Method('quarter-circle:swap'), roomOf('1/4'));
    $trim = $swap->steps[count($swap->steps) - 1]->measures;

    expect($templates['inner']->exact->encode())->toBe('13/4')
        ->and($templates['outer']->exact->encode())->toBe('11/4')
        // Squares of 4½ + ½ + ⅛, cut along 3½; the curve meets the edges 3¼ from the corner.
        ->and($swap->pieces[0]->width->exact->encode())->toBe('41/8')
        ->and($swap->steps[0]->measures['radius']->exact->encode())->toBe('7/2')
        ->and($trim['meets']->exact->encode())->toBe('13/4')
        ->and($trim['unfinished']->exact->encode())->toBe('9/2');
});

it('draws its lines a seam from each other on a printed grid, and every cell whole', function (): void {
    $making = hst('3', '1/4', new Method('hst:grid'));
    $piece = $making->pieces[0];
    [$width, $height] = [$piece->length?->exact->toFloat() ?? 0.0, $piece->width->exact->toFloat()];
    $cell = $width / 3;
    $levels = $uprights = $slants = 0;
    foreach ($piece->lines->cut as $line) {
        [$from, $to] = $line->corners;
        [$dx, $dy] = [$to->x->minus($from->x)->toFloat(), $to->y->minus($from->y)->toFloat()];
        $levels += (int) (abs($dy) < 1e-9 && abs(abs($dx) - $width) < 1e-9);
        $uprights += (int) (abs($dx) < 1e-9 && abs(abs($dy) - $height) < 1e-9);
        $slants += (int) (abs(abs($dx) - $cell) < 1e-9 && abs(abs($dy) - $cell) < 1e-9);
    }
    expect([$levels, $uprights, $slants])->toBe([1, 2, 6]);
    foreach ($piece->lines->sew as $line) {
        foreach ($line->corners as $corner) {
            expect($corner->x->toFloat())->toBeGreaterThan(-1e-9)->toBeLessThan($width + 1e-9)
                ->and($corner->y->toFloat())->toBeGreaterThan(-1e-9)->toBeLessThan($height + 1e-9);
        }
    }
});

it('keeps the lines of a piece that is cut larger at its corners, its edges and its middle', function (): void {
    $seen = 0;
    foreach (UnitLibrary::kinds() as $kind) {
        if ($kind->isFree() || $kind->is('custom')) {
            continue;
        }
        foreach ([Length::inches(3), Length::fraction(11, 4)] as $side) {
            $unit = UnitLibrary::example($kind, $side, fabrics($kind->fabrics()[0]))->make();
            foreach ($kind->methods() as $method) {
                $making = $unit->making($method, roomOf('1/4'));
                $larger = $making->oversize($kind->oversizeBy($method));
                foreach ($making->pieces as $number => $piece) {
                    $grown = $larger->pieces[$number];
                    if ($grown == $piece || $piece->length === null) {
                        continue;
                    }
                    [$was, $is] = [[$piece->length->exact, $piece->width->exact], [$grown->length?->exact ?? Length::zero(), $grown->width->exact]];
                    foreach ([...array_map(null, $piece->lines->cut, $grown->lines->cut), ...array_map(null, $piece->lines->sew, $grown->lines->sew)] as [$old, $new]) {
                        foreach ($old->corners as $end => $corner) {
                            foreach ([[$corner->x, $new->corners[$end]->x, 0], [$corner->y, $new->corners[$end]->y, 1]] as [$at, $now, $axis]) {
                                $seen++;
                                // As far from the near edge, from the far edge, or from the middle as before.
                                $kept = [
                                    $now->equals($at),
                                    $is[$axis]->minus($now)->equals($was[$axis]->minus($at)),
                                    $now->minus($is[$axis]->dividedBy(2))->equals($at->minus($was[$axis]->dividedBy(2))),
                                ];
                                expect(in_array(true, $kept, true))->toBeTrue("$kind->value $method->value");
                                // What lay on the far edge lies on it.
                                expect($at->equals($was[$axis]) ? $now->equals($is[$axis]) : true)->toBeTrue();
                            }
                        }
                    }
                }
            }
        }
    }
    expect($seen)->toBeGreaterThan(100);
});
