<?php

declare(strict_types=1);

use Dew\Core\Design\DesignReader;
use Dew\Core\Draft\Comparison;
use Dew\Core\Draft\Difference;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Edits;
use Dew\Core\Draft\Figures;
use Dew\Core\Draft\Kind\EditLibrary;

/** Night Ferry after some edits. */
function ferryAfter(array ...$edits): DraftDocument
{
    $draft = DraftDocument::of(nightFerry()->document);
    foreach ($edits as $edit) {
        $draft = Edits::apply($draft, EditLibrary::read($edit))->document;
    }

    return $draft;
}

/** @return list<string> kind, place, what was and what is */
function differences(DraftDocument $old, DraftDocument $new): array
{
    return array_map(fn (Difference $difference): string => implode(' ', [
        $difference->kind, $difference->place->text(), ...in_array($difference->kind, ['added', 'removed'], true)
            ? []
            : [$difference->was->text(), $difference->is->text()],
    ]), Comparison::of($old, $new));
}

it('says what is new, gone, changed and in another order, by the ids of things', function (): void {
    $new = ferryAfter(
        ['kind' => 'set', 'place' => 'title', 'to' => 'Dawn Ferry'],
        ['kind' => 'set', 'place' => 'seam'],
        ['kind' => 'set', 'place' => 'colourways/c-last-boat/cloth/f-deep/colour', 'to' => '#000000'],
        ['kind' => 'turn', 'block' => 'b-lantern', 'column' => 2, 'row' => 1, 'by' => 90],
        ['kind' => 'lift', 'block' => 'b-lantern', 'column' => 1, 'row' => 1],
        ['kind' => 'copy', 'place' => 'units/u-beam', 'id' => 'u-ray', 'name' => 'Ray'],
        ['kind' => 'remove', 'place' => 'sizes/s-crib'],
        ['kind' => 'move', 'place' => 'clues/k-casting-off'],
    );
    $said = differences(ferryAfter(), $new);
    $order = array_splice($said, 6, 1);
    expect($said)->toBe([
        'changed title "Night Ferry" "Dawn Ferry"',
        'changed colourways/c-last-boat/cloth/f-deep/colour "#22375a" "#000000"',
        'added units/u-ray',
        'changed blocks/b-lantern/cells/2,1/turn 180 270',
        'removed blocks/b-lantern/cells/1,1',
        'removed sizes/s-crib',
        'changed seam "1/4" nothing',
    ])->and($order[0])->toStartWith('order clues ["k-casting-off",');
    expect(differences($new, $new))->toBe([])
        ->and(differences(
            ferryAfter(),
            ferryAfter(['kind' => 'swap', 'block' => 'b-lantern', 'column' => 1, 'row' => 1, 'with_column' => 1, 'with_row' => 1]),
        ))->toBe([]);
});

it('compares how large each size finishes and how many of each it takes', function (): void {
    $figures = fn (DraftDocument $draft): array => Figures::of(DesignReader::reading($draft->document()->text)->design);
    $old = $figures(ferryAfter());
    $new = $figures(ferryAfter(
        ['kind' => 'set', 'place' => 'sizes/s-crib/columns', 'to' => 5],
        ['kind' => 'lift', 'block' => 'b-lantern', 'column' => 1, 'row' => 1],
    ));
    expect([$old['s-crib']->finished->encode(), $new['s-crib']->finished->encode()])->toBe(['44 x 44', '68 x 44'])
        ->and($old['s-throw']->changed($new['s-throw']))->toBe(['u-wake' => [152, 139]])
        ->and($old['s-throw']->changed($old['s-throw']))->toBe([]);
});
