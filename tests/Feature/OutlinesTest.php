<?php

declare(strict_types=1);

use App\Presentation\Host\Workshop\Outlines;
use App\Presentation\Host\Workshop\Palette;
use Dew\Core\Design\DesignDocument;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Measure\Notation;

/**
 * The outlines of a custom unit with these pieces.
 *
 * @param  list<array<string, mixed>>  $pieces
 */
function outlinesOf(array $pieces, mixed $finished = '4'): ?Outlines
{
    $document = DraftDocument::of(DesignDocument::fromJson(smallJson()));

    return Outlines::of(['finished' => $finished, 'pieces' => $pieces], 'u-own', Palette::of($document));
}

it('gives the grid what is written, and the same in inches', function (): void {
    $outlines = outlinesOf([
        ['id' => 'p-a', 'letter' => 'K', 'fabric' => 'f-a', 'shape' => [
            ['x' => '0', 'y' => '0'], ['x' => '2 √2', 'y' => '0'], ['arc' => '3', 'clockwise' => false], ['x' => '0', 'y' => '3 1/2'],
        ]],
        ['id' => 'p-b', 'fabric' => 'f-b', 'shape' => [['x' => '2.54 cm', 'y' => '0'], ['x' => '4', 'y' => '0'], ['x' => '4', 'y' => '4']]],
    ], ['width' => '4', 'height' => '5 1/4']);
    expect([$outlines?->width, $outlines?->height])->toBe([4.0, 5.25])
        ->and(array_column($outlines->pieces, 'name'))->toBe(['K', '2'])
        ->and(array_column($outlines->pieces, 'place'))->toBe(['units/u-own/pieces/p-a/shape', 'units/u-own/pieces/p-b/shape'])
        ->and($outlines->pieces[0]['shape'][1]['x'])->toBe('2 √2')
        ->and($outlines->pieces[0]['shape'][1]['at'][0])->toEqualWithDelta(2 * sqrt(2), 1e-9)
        ->and($outlines->pieces[0]['shape'][2])->toBe(['arc' => '3', 'radius' => 3.0, 'clockwise' => false])
        ->and($outlines->pieces[1]['shape'][0]['at'])->toBe([1.0, 0.0])
        ->and($outlines->pieces[0]['paint'])->toBe('#808080');
});

it('leaves out what cannot be drawn, and has no grid where nothing can', function (array $pieces, mixed $finished, ?int $drawn): void {
    $outlines = outlinesOf($pieces, $finished);
    expect($outlines === null ? null : count($outlines->pieces))->toBe($drawn);
})->with(function (): array {
    $square = ['id' => 'p-a', 'fabric' => 'f-a', 'shape' => [['x' => '0', 'y' => '0'], ['x' => '4', 'y' => '0'], ['x' => '4', 'y' => '4']]];

    return [
        'a piece without an outline' => [[$square, ['id' => 'p-b', 'fabric' => 'f-a', 'cut' => ['width' => '2', 'height' => '2']]], '4', 1],
        'a length that is none' => [[$square, ['id' => 'p-b', 'shape' => [['x' => 'long', 'y' => '0'], ['x' => '1', 'y' => '0']]]], '4', 1],
        'an arc that stands first' => [[['id' => 'p-b', 'shape' => [['arc' => '3'], ['x' => '1', 'y' => '0']]]], '4', null],
        'no pieces' => [[], '4', null],
        'no size' => [[$square], null, null],
        'a size that is none' => [[$square], ['width' => '4', 'height' => 'high'], null],
        'a piece that is a unit' => [[['id' => 'p-b', 'unit' => 'u-hst', 'x' => '0', 'y' => '0']], '4', null],
    ];
});

it('offers lines of the grid that a ruler has', function (): void {
    expect(Outlines::steps(Notation::Fractions))->toBe(['1/8 in' => 0.125, '1/4 in' => 0.25, '1/2 in' => 0.5, '1 in' => 1.0])
        ->and(array_keys(Outlines::steps(Notation::Centimetres)))->toBe(['0.25 cm', '0.5 cm', '1 cm'])
        ->and(Outlines::steps(Notation::Centimetres)['1 cm'])->toEqualWithDelta(1 / 2.54, 1e-9);
});
