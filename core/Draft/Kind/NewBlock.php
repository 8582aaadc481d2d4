<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Document\Type\LengthType;
use Dew\Core\Document\Type\WholeType;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Place;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Problem;

/** Adds an empty block with equal columns and equal rows. The first block of a design is laid into the quilt at once. */
final readonly class NewBlock implements EditKind
{
    /**
     * @param  string  $width  finished, of the whole block
     * @param  string  $height  finished
     */
    public function __construct(
        private string $id,
        private string $name,
        private int $columns,
        private int $rows,
        private string $width,
        private string $height,
    ) {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts([
            'id' => EditParts::id(), 'name' => EditParts::name(), 'columns' => new WholeType(1, 40), 'rows' => new WholeType(1, 40),
            'width' => LengthType::positive(), 'height' => LengthType::positive(),
        ]);
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self(
            $data->text('id'), $data->text('name'), $data->number('columns'), $data->number('rows'), $data->text('width'), $data->text('height'),
        );
    }

    public function changes(DraftDocument $document): array
    {
        try {
            $columns = array_fill(0, $this->columns, LengthText::of(Length::parse($this->width)->dividedBy($this->columns)));
            $rows = array_fill(0, $this->rows, LengthText::of(Length::parse($this->height)->dividedBy($this->rows)));
        } catch (MeasureException $error) {
            throw new EditRefused('block_size', ['problem' => Problem::of($error)]);
        }

        return [
            ...(new AddItem(Place::of('blocks'), [
                'id' => $this->id, 'name' => $this->name, 'columns' => $columns, 'rows' => $rows, 'cells' => [],
            ]))->changes($document),
            ...FirstBlock::laid($document, $this->id),
        ];
    }
}
