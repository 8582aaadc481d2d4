<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Edit;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;
use Dew\Core\Unit\UnitKind;

/** Adds a unit of some kind as such units usually are, or makes a unit that is there another kind. */
final readonly class NewUnit implements Edit
{
    /**
     * @param  string|null  $name  null to change the kind of a unit that is there
     * @param  list<string>  $fabrics
     */
    private function __construct(
        private string $id,
        private ?string $name,
        private UnitKind $kind,
        private string $width,
        private string $height,
        private array $fabrics,
        private ?Value $expected,
    ) {
    }

    /**
     * @param  string  $width  finished
     * @param  string  $height  finished
     * @param  list<string>  $fabrics
     */
    public static function add(string $id, string $name, UnitKind $kind, string $width, string $height, array $fabrics): self
    {
        return new self($id, $name, $kind, $width, $height, $fabrics, null);
    }

    /** Its size and fabrics stay as far as the new kind can have them. */
    public static function change(string $id, UnitKind $kind, ?Value $expected = null): self
    {
        return new self($id, null, $kind, '', '', [], $expected);
    }

    public function changes(DraftDocument $document): array
    {
        $place = Place::of('units', $this->id);
        $there = $document->at($place);
        if ($this->name !== null) {
            $item = ['id' => $this->id, 'name' => $this->name]
                + UsualUnit::of($this->kind, $this->width, $this->height, $this->fabrics);

            return (new AddItem(Place::of('units'), $item))->changes($document);
        }
        if (! is_array($there->value)) {
            throw new EditRefused(sprintf('There is no unit "%s" in this design.', $this->id));
        }
        $changed = $this->changed($there->value);
        if ($this->expected !== null && ! $document->at($place->within('kind'))->equals($this->expected)) {
            throw new EditConflict(
                $place->within('kind'),
                $this->expected,
                $document->at($place->within('kind')),
                Value::of($this->kind->value),
            );
        }
        $follower = $document->follower($place);

        return [new Change($place, $there, Value::of($changed), $follower, $follower)];
    }

    /**
     * @param  array<array-key, mixed>  $unit
     * @return array<array-key, mixed>
     */
    private function changed(array $unit): array
    {
        $finished = $unit['finished'] ?? '3';
        $text = fn (string $side): string => is_array($finished) && is_string($finished[$side] ?? null)
            ? $finished[$side]
            : (is_string($finished) ? $finished : '3');
        $fabrics = array_values(array_filter(is_array($unit['fabrics'] ?? null) ? $unit['fabrics'] : [], is_string(...)));

        return array_intersect_key($unit, ['id' => true, 'name' => true, 'picture' => true])
            + UsualUnit::of($this->kind, $text('width'), $text('height'), $fabrics);
    }
}
