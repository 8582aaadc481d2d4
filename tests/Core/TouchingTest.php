<?php

declare(strict_types=1);

use Dew\Core\Design\DesignReader;
use Dew\Core\Draft\BlankDesign;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Edits;
use Dew\Core\Draft\Kind\EditLibrary;
use Dew\Core\Fabric\Cloth;
use Dew\Core\Proof\Touching;

/** A block of 2 by 1 places of 3 in with these units, as a design. */
function twoPlaces(array $left, array $right): Dew\Core\Design\Design
{
    $draft = DraftDocument::of(BlankDesign::of('d', 'D', '1/4', [
        'background' => 'A', 'main' => 'B', 'accent' => 'C', 'colourway' => 'One', 'small' => 'S', 'large' => 'L',
    ]));
    $lay = fn (int $column, string $unit): array => ['kind' => 'lay', 'block' => 'b', 'column' => $column, 'row' => 1, 'unit' => $unit];
    foreach ([
        ['kind' => 'new-block', 'id' => 'b', 'name' => 'B', 'columns' => 2, 'rows' => 1, 'width' => '6', 'height' => '3'],
        ['kind' => 'new-unit', 'id' => 'u-1', 'name' => 'One', 'width' => '3', 'height' => '3'] + $left,
        ['kind' => 'new-unit', 'id' => 'u-2', 'name' => 'Two', 'width' => '3', 'height' => '3'] + $right,
        $lay(1, 'u-1'), $lay(2, 'u-2'),
    ] as $edit) {
        $draft = Edits::apply($draft, EditLibrary::read($edit))->document;
    }

    return DesignReader::stored($draft->document()->text);
}

it('measures how far two fabrics touch, within a unit, between units and along parts of an edge', function (): void {
    $square = fn (string $fabric): array => ['of' => 'square', 'fabrics' => [$fabric]];
    expect(Touching::in(twoPlaces($square('f-a'), $square('f-b'))))->toBe([['f-a', 'f-b', 3.0]])
        ->and(Touching::in(twoPlaces($square('f-a'), $square('f-a'))))->toBe([])
        // The diagonal of the half-square triangle, and no more: its left edge is of the fabric beside it.
        ->and(
            Touching::in(twoPlaces($square('f-a'), ['of' => 'hst', 'fabrics' => ['f-a', 'f-b']])),
        )->toBe([['f-a', 'f-b', round(3 * sqrt(2), 2)]])
        // A square beside two bars of a four-patch: half of its edge touches each fabric.
        ->and(Touching::in(twoPlaces($square('f-c'), ['of' => 'four-patch', 'fabrics' => ['f-a', 'f-b']])))
        ->toBe([['f-a', 'f-b', 6.0], ['f-a', 'f-c', 1.5], ['f-b', 'f-c', 1.5]]);
});

it('tells the lightness of a cloth by the CIE formula', function (string $colour, float $lightness): void {
    expect(round((new Cloth('x', $colour))->lightness(), 1))->toBe($lightness);
})->with([['#000000', 0.0], ['#ffffff', 100.0], ['#777777', 50.0], ['#ff0000', 53.2], ['#010101', 0.3]]);
