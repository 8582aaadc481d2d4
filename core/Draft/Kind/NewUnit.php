<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Document\Type\ChoiceType;
use Dew\Core\Document\Type\LengthType;
use Dew\Core\Document\Type\ListType;
use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\LengthUnit;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Problem;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\UnitKind;

/** Adds a unit of some kind as such units usually are, or makes a unit that is there another kind. */
final readonly class NewUnit implements EditKind
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

    public static function parts(string $kind): EditParts
    {
        $of = ChoiceType::of(...UnitLibrary::keys());

        return $kind === 'change-kind'
            ? new EditParts(['unit' => EditParts::id(), 'of' => $of, 'expect' => EditParts::any()], 'expect')
            : new EditParts([
                'id' => EditParts::id(), 'name' => EditParts::name(), 'of' => $of, 'width' => LengthType::positive(),
                'height' => LengthType::positive(), 'fabrics' => new ListType(EditParts::id(), 1, 40),
            ]);
    }

    public static function read(string $kind, EditData $data): self
    {
        $of = UnitLibrary::find($data->text('of')) ?? throw new EditRefused('no_kind');

        return $kind === 'change-kind'
            ? self::change($data->text('unit'), $of, $data->expected())
            : self::add($data->text('id'), $data->text('name'), $of, $data->text('width'), $data->text('height'), $data->list('fabrics'));
    }

    public function changes(DraftDocument $document): array
    {
        $place = Place::of('units', $this->id);
        $there = $document->at($place);
        if ($this->name !== null) {
            $item = ['id' => $this->id, 'name' => $this->name]
                + self::usual($this->kind, $this->width, $this->height, $this->fabrics);

            return (new AddItem(Place::of('units'), $item))->changes($document);
        }
        if (! is_array($there->value)) {
            throw new EditRefused('no_unit', ['unit' => $this->id]);
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
            + self::usual($this->kind, $text('width'), $text('height'), $fabrics);
    }

    /**
     * Finished size, fabrics and options, without id and name.
     *
     * @param  string  $width  finished, as a document writes it
     * @param  string  $height  finished; the kind's proportion goes before it
     * @param  list<string>  $fabrics  of the design; as many are taken as the kind has, the last ones over again where there are too few
     * @return array<string, mixed>
     *
     * @throws EditRefused when a size is no length, or there is no fabric at all
     */
    public static function usual(UnitKind $kind, string $width, string $height, array $fabrics): array
    {
        if ($fabrics === []) {
            throw new EditRefused('fabric_first');
        }
        try {
            $tall = Length::parse($height);
            $wide = $kind->proportion() === null ? Length::parse($width) : $tall->times($kind->proportion());
            $size = new Size($wide, $tall);
            $taken = [$fabrics[0]];
            for ($index = 1; $index < $kind->fabricsAmong(count($fabrics)); $index++) {
                $taken[] = $fabrics[min($index, count($fabrics) - 1)];
            }

            return [
                'kind' => $kind->value,
                'finished' => $wide->equals($tall) ? trim($height) : [
                    'width' => $kind->proportion() === null ? trim($width) : LengthText::in($wide, self::unit($height)), 'height' => trim($height),
                ],
                'fabrics' => $taken,
                ...UnitLibrary::usual($kind, $size, $taken),
            ];
        } catch (MeasureException $error) {
            throw new EditRefused('unit_size', ['problem' => Problem::of($error)]);
        }
    }

    /** The unit that a length was written in. */
    private static function unit(string $text): LengthUnit
    {
        return match (preg_match('/(cm|mm)\s*$/i', trim($text), $found) === 1 ? strtolower($found[1]) : '') {
            'cm' => LengthUnit::Centimetre,
            'mm' => LengthUnit::Millimetre,
            default => LengthUnit::Inch,
        };
    }
}
