<?php

declare(strict_types=1);

use Dew\Core\Design\DesignReader;
use Dew\Core\Design\FreeSize;
use Dew\Core\Measure\Length;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;
use Dew\Core\Proof\Severity;
use Dew\Core\Unit\Kind\UnitFromCut;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Kind\UnitSpec;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\UnitKind;

/**
 * The findings about one half-square triangle whose sizes a pattern states.
 *
 * @param  array<string, mixed>  $stated
 * @return array<string, Dew\Core\Proof\Finding>
 */
function statedTriangle(string $finished, array $stated): array
{
    $units = json_decode(smallJson(), true)['units'];
    $units[0] = [...$units[0], 'finished' => $finished, 'stated' => $stated];
    $units[1]['finished'] = $finished;
    $block = blockOf('b-one', [$finished, $finished], [$finished, $finished], ['u-hst u-plain', 'u-plain u-hst/180']);

    return array_filter(
        marks(['units' => $units, 'blocks' => [$block]]),
        fn (string $code): bool => str_starts_with($code, 'stated'),
        ARRAY_FILTER_USE_KEY,
    );
}

it('finds a strip of 2 in right for a 1½ in half-square triangle by the triangle ruler', function (): void {
    expect(statedTriangle('1 1/2', ['method' => 'hst:strip', 'cut' => ['first' => '2', 'second' => '2']]))->toBe([]);
});

it('says what 2 in squares give by a drawn line, and by which method they would be right', function (): void {
    $found = statedTriangle('1 1/2', ['method' => 'hst:two', 'cut' => ['first' => '2']]);
    expect(array_keys($found))->toBe(['stated-cut-small-method']);
    $finding = $found['stated-cut-small-method'];
    expect($finding->severity)->toBe(Severity::Error)
        ->and($finding->lengths['gives']->toDecimal(3))->toBe('1.646')
        ->and($finding->lengths['width']->encode())->toBe('19/8')
        ->and($finding->lengths['off']->encode())->toBe('3/8')
        ->and($finding->names['right_by'])->toBe('hst:strip');
});

it('finds squares of 6½ in too small for 4 in finished, four at a time', function (): void {
    $found = statedTriangle('4', ['method' => 'hst:four', 'cut' => ['first' => '6 1/2']]);
    expect(array_keys($found))->toBe(['stated-cut-small']);
    $finding = $found['stated-cut-small'];
    expect($finding->severity)->toBe(Severity::Error)
        ->and($finding->lengths['width']->encode())->toBe('55/8')
        // By that method a square gives units of (square − ½)/√2: 6/√2.
        ->and($finding->lengths['gives']->toDecimal(4))->toBe('4.2426');
});

it('refuses a stated piece that the method does not have, and names those it has', function (
    string $method,
    array $cut,
    string $pointer,
    string $words,
): void {
    $units = json_decode(smallJson(), true)['units'];
    $units[0]['stated'] = ['method' => $method, 'cut' => $cut];
    $refusal = refusal(smallJson(['units' => $units]));
    expect(said($refusal))->toContain($words)->toContain($pointer);
})->with([
    ['hst:two', ['square' => '3 7/8'], '/units/0/stated/cut', 'first, second'],
    ['hst:two', ['first' => '3 7/8', 'third' => '3 7/8'], '/units/0/stated/cut', 'first, second'],
]);

it('refuses stated cuts without a method, and a method that the unit is not made by', function (): void {
    $units = json_decode(smallJson(), true)['units'];
    $units[0]['stated'] = ['cut' => ['first' => '3 7/8']];
    expect(said(refusal(smallJson(['units' => $units]))))->toContain('method');
    $units[0]['stated'] = ['method' => 'geese:flip', 'cut' => ['first' => '3 7/8']];
    expect(said(refusal(smallJson(['units' => $units]))))->toContain('/units/0/stated/method');
});

it('answers which unit comes from a square, as the reference does', function (string $case, Method $method): void {
    foreach (referenceCases($case) as [$given, $expect]) {
        $spec = UnitLibrary::example(UnitLibrary::kind('hst'), Length::inches(3), fabrics(2));
        $unit = UnitFromCut::of($spec, $method, 'first', Length::parse($given['square']), roomOf($given['seam']));
        $trim = $unit->trimTo(Length::fraction(1, 8));
        expect($unit->unfinished->width->toDecimal(6))->toBe($expect['unfinished_max_exact'])
            ->and($trim->width->encode())->toBe(ruled($expect['trim_to_rule_down_eighth']))
            ->and($trim->width->minus(Length::parse($given['seam'])->times(2))->encode())->toBe(ruled($expect['finished_from_that']));
    }
})->with([
    ['hst_two_at_a_time_from_square', new Method('hst:two')],
    ['hst_four_at_a_time_from_square', new Method('hst:four')],
    ['hst_eight_at_a_time_from_square', new Method('hst:eight')],
]);

it('gives back the unit that a cut was computed for, whatever the kind and method', function (UnitKind $kind): void {
    $asked = 0;
    foreach ($kind->methods() as $method) {
        $spec = UnitLibrary::example($kind, Length::inches(6), fabrics($kind->fabrics()[0]));
        foreach ($spec->make()->making($method, roomOf('1/4'))->pieces as $piece) {
            $unit = UnitFromCut::of($spec, $method, $piece->id, $piece->width->exact, roomOf('1/4'));
            if ($unit !== null) {
                expect(
                    $unit->unfinished->width->minus($spec->make()->finished()->width)->toFloat(),
                )->toEqualWithDelta(0.5, 2e-4, $method->value.' '.$piece->id);
                $asked++;
            }
        }
    }
    expect($asked)->toBeGreaterThan(0);
})->with(array_filter(UnitLibrary::kinds(), fn (UnitKind $kind): bool => ! $kind->isFree()));

it('answers nothing for a piece that does not grow, and refuses one that there is not', function (): void {
    $spec = UnitLibrary::example(UnitLibrary::kind('hst'), Length::inches(3), fabrics(2));
    expect(UnitFromCut::of($spec, new Method('hst:two'), 'first', Length::fraction(1, 4), roomOf('1/4')))->toBeNull();
    expect(
        fn () => UnitFromCut::of($spec, new Method('hst:two'), 'third', Length::inches(2), roomOf('1/4')),
    )->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('first, second'));
});

it('cuts triangles for an hourglass from strips with a right-angled triangle ruler', function (): void {
    $short = pieceOf(unitOf(UnitLibrary::kind('hourglass'), Length::inches(3), 2)->making(new Method('hourglass:strip-short'), roomOf('1/4')), 'square-1');
    $long = pieceOf(unitOf(UnitLibrary::kind('hourglass'), Length::inches(3), 2)->making(new Method('hourglass:strip'), roomOf('1/4')), 'square-1');
    expect($short->width->exact->toDecimal(4))->toBe('2.6213')
        ->and(byRule($short))->toBe('21/8')
        ->and(byRule($long))->toBe('2');
    foreach (referenceCases('qst_from_strip') as [$given, $expect]) {
        $finished = Length::parse($given['finished']);
        $strip = pieceOf(unitOf(UnitLibrary::kind('hourglass'), $finished, 2)->making(new Method('hourglass:strip'), roomOf($given['seam'])), 'square-1');
        expect(exactly($strip))->toBe($expect['strip_width_blunt_exact'])
            ->and(byRule($strip))->toBe(ruled($expect['strip_width_blunt_rule']))
            ->and($strip->lay->advance?->exact->toDecimal(6))->toBe($expect['advance_per_triangle_exact'])
            ->and($strip->perStrip(Length::parse($given['usable_length'])))->toBe($expect['triangles_blunt']);
    }
});

it('cuts the big triangle of half and quarters, and geese, from strips too', function (UnitKind $kind, Method $method): void {
    $pieces = unitOf($kind, Length::inches(3), $kind->fabrics()[0])->making($method, roomOf('1/4'))->pieces;
    foreach ($pieces as $piece) {
        expect($piece->lay->advance)->not->toBeNull()->and($piece->perStrip(Length::inches(40)))->toBeGreaterThan(5);
    }
})->with([[UnitLibrary::kind('half-and-quarters'), new Method('half-and-quarters:strip')], [UnitLibrary::kind('geese'), new Method('geese:strip')]]);

it('measures along the base and across what fills no rectangle', function (string $kind, string $method, string $piece): void {
    $room = roomOf('1/4');
    $kind = UnitLibrary::kind($kind);
    $of = fn (int $scale): UnitSpec => UnitLibrary::example($kind, Length::inches(2 * $scale), fabrics($kind->fabrics()[0]));
    // The cut of a unit three times as large gives that unit, raw edge to raw edge too.
    $cut = $of(3)->make()->making(new Method($method), $room)->piece($piece)->width->exact;
    $unit = UnitFromCut::of($of(1), new Method($method), $piece, $cut, $room, FreeSize::of($of(1)->make(), $room));
    [$finished, $unfinished] = FreeSize::of($of(3)->make(), $room);
    foreach ([[$unit->finished, $finished], [$unit->unfinished, $unfinished]] as [$is, $asked]) {
        expect($is->width->toFloat())->toEqualWithDelta($asked->width->toFloat(), 1e-4)
            ->and($is->height->toFloat())->toEqualWithDelta($asked->height->toFloat(), 1e-4);
    }
})->with([
    ['diamond-45', 'diamond-45:strip', 'piece'], ['diamond-60', 'diamond-60:strip', 'piece'], ['triangle-60', 'triangle-60:blunt', 'piece'],
    ['half-triangle-60', 'half-triangle-60:blunt', 'piece'], ['parallelogram-45', 'parallelogram-45:strip', 'piece'],
    ['strip-parallelogram', 'strip-parallelogram:plain', 'strip-1'],
]);

it('says of a stated cut of a star arm what the arm measures along its base', function (): void {
    $findings = Proof::of(DesignReader::read((string) file_get_contents(dirname(__DIR__).'/designs/faults/parallelogram-stated-cut.json')));
    [$finding] = array_values(array_filter($findings, fn (Finding $one): bool => str_starts_with($one->code, 'stated-cut-small')));
    // Cut 2½ in across, 2 in finish: 2√2 along the base, and the allowances take √2/2 more.
    expect($finding->lengths['gives']->toFloat())->toEqualWithDelta(2.5 * sqrt(2), 1e-4);
});
