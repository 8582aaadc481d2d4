<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Document\Type\ChoiceType;
use Dew\Core\Document\Type\PatternType;
use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;
use Dew\Core\Fabric\FabricValue;

/** Adds a fabric with the first letter that is free, and a cloth of one colour for it in every colourway. */
final readonly class NewFabric implements EditKind
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

    public static function parts(string $kind): EditParts
    {
        return new EditParts([
            'id' => EditParts::id(), 'name' => EditParts::name(), 'value' => ChoiceType::cases(FabricValue::cases()), 'colour' => PatternType::colour(),
        ]);
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self($data->text('id'), $data->text('name'), $data->text('value'), $data->text('colour'));
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
