<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Edit;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;

/** Adds a fabric with the first letter that is free, and a cloth of one colour for it in every colourway. */
final readonly class NewFabric implements Edit
{
    private const LETTERS = 26;

    /**
     * @param  string  $value  light, medium or dark
     * @param  string  $colour  `#rrggbb`
     */
    public function __construct(
        private string $id,
        private string $name,
        private string $value,
        private string $colour,
    ) {
    }

    public function changes(DraftDocument $document): array
    {
        $changes = (new AddItem(Place::of('fabrics'), [
            'id' => $this->id, 'letter' => self::letter($document), 'name' => $this->name, 'value' => $this->value,
        ]))->changes($document);
        foreach ($document->items(Place::of('colourways')) as $colourway) {
            $changes[] = new Change(
                Place::of('colourways', (string) Place::idOf($colourway), 'cloth', $this->id),
                Value::nothing(),
                Value::of(['name' => $this->name, 'colour' => $this->colour]),
            );
        }

        return $changes;
    }

    private static function letter(DraftDocument $document): string
    {
        $taken = array_column($document->items(Place::of('fabrics')), 'letter');
        for ($number = 0; $number < self::LETTERS; $number++) {
            if (! in_array(chr(ord('A') + $number), $taken, true)) {
                return chr(ord('A') + $number);
            }
        }
        for ($number = 1; in_array((string) $number, $taken, true); $number++);

        return (string) $number;
    }
}
