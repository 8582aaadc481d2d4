<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Document\Type\ChoiceType;
use Dew\Core\Document\Type\LengthType;
use Dew\Core\Document\Type\WholeType;
use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Problem;
use Dew\Core\Sixty\SixtyGrid;
use Dew\Core\Sixty\SixtyShape;

/**
 * Adds an empty block on 60° axes. The first block of a design is laid into the quilt at once, which is then set in rows of 60° triangles;
 * a half triangle is laid at the ends of the rows of such a quilt when nothing is there yet.
 */
final readonly class NewSixtyBlock implements EditKind
{
    /**
     * @param  int  $rows  divisions along its side
     * @param  string  $side  finished, of the whole block
     */
    public function __construct(
        private string $id,
        private string $name,
        private SixtyShape $shape,
        private int $rows,
        private string $side,
    ) {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts([
            'id' => EditParts::id(), 'name' => EditParts::name(), 'shape' => ChoiceType::cases(SixtyShape::cases()),
            'rows' => new WholeType(1, SixtyGrid::MOST), 'side' => LengthType::positive(),
        ]);
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self(
            $data->text('id'), $data->text('name'), SixtyShape::from($data->text('shape')), $data->number('rows'), $data->text('side'),
        );
    }

    public function changes(DraftDocument $document): array
    {
        try {
            $edge = LengthText::of(Length::parse($this->side)->dividedBy($this->rows));
        } catch (MeasureException $error) {
            throw new EditRefused('block_side', ['problem' => Problem::of($error)]);
        }

        return [
            ...(new AddItem(Place::of('blocks'), [
                'id' => $this->id, 'name' => $this->name,
                'sixty' => ['shape' => $this->shape->value, 'edge' => $edge, 'rows' => $this->rows], 'cells' => [],
            ]))->changes($document),
            ...$this->setting($document),
        ];
    }

    /** @return list<Change> */
    private function setting(DraftDocument $document): array
    {
        $isSixty = $document->at(Place::of('setting', 'kind'))->value === 'sixty';
        if ($this->shape === SixtyShape::HalfTriangle) {
            $ends = $document->at(Place::of('setting', 'ends'));

            return $isSixty && ! $ends->exists ? [new Change(Place::of('setting', 'ends'), $ends, Value::of($this->id))] : [];
        }
        $laid = FirstBlock::laid($document, $this->id);
        if ($laid === []) {
            return [];
        }
        $kind = $document->at(Place::of('setting', 'kind'));
        $triangles = $document->at(Place::of('setting', 'triangles'));
        $fabric = Place::idOf($document->items(Place::of('fabrics'))[0] ?? null);

        return [
            ...$laid,
            ...($isSixty ? [] : [new Change(Place::of('setting', 'kind'), $kind, Value::of('sixty'))]),
            ...($triangles->exists || $fabric === null ? [] : [
                new Change(Place::of('setting', 'triangles'), $triangles, Value::of(['side' => $fabric])),
            ]),
        ];
    }
}
