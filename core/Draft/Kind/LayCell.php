<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Document\Type\ChoiceType;
use Dew\Core\Document\Type\FlagType;
use Dew\Core\Document\Type\MapType;
use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftCell;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Grid;
use Dew\Core\Draft\Value;

/** Lays a unit or a block into a place of a block, instead of what lies there. What lay there keeps its span unless another is given. */
final readonly class LayCell implements EditKind
{
    /**
     * @param  array<array-key, mixed>  $content  unit or block, and turn, mirror and fabrics where they are not the usual
     * @param  Value|null  $expected  the cell that lay there, or nothing; null when that does not matter
     */
    public function __construct(
        private string $block,
        private int $column,
        private int $row,
        private array $content,
        private ?int $across = null,
        private ?int $down = null,
        private ?Value $expected = null,
    ) {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts([
            ...EditParts::cell(), 'unit' => EditParts::id(), 'inner' => EditParts::id(),
            'turn' => ChoiceType::of(0, 60, 90, 120, 180, 240, 270, 300), 'mirror' => new FlagType, 'fabrics' => new MapType(EditParts::id()),
            'across' => EditParts::number(), 'down' => EditParts::number(), 'expect' => EditParts::any(),
        ], 'unit', 'inner', 'turn', 'mirror', 'fabrics', 'across', 'down', 'expect');
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self(
            $data->text('block'), $data->number('column'), $data->number('row'), $data->content(), $data->numberOrNull('across'),
            $data->numberOrNull('down'), $data->expected(),
        );
    }

    public function changes(DraftDocument $document): array
    {
        $grid = Grid::ofBlock($document, $this->block);
        $place = $grid->place->cell($this->column, $this->row);
        $there = $document->at($place);
        $covering = $grid->covering($this->column, $this->row);
        $now = $covering ?? DraftCell::of(['column' => $this->column, 'row' => $this->row]);
        $cell = DraftCell::of(['column' => $this->column, 'row' => $this->row])
            ->holding($this->content);
        $cell = $grid->sixty === null
            ? $cell->spanning($this->across ?? $now->across, $this->down ?? $now->down)
            : $cell->spanning($this->across ?? $grid->sixty->sizeOf($cell), 1);
        if ($this->expected !== null && ! $there->equals($this->expected)) {
            throw new EditConflict($place, $this->expected, $there, Value::of($cell->toArray()));
        }
        if ($covering !== null && $covering->id() !== $cell->id()) {
            throw new EditRefused('covered', [
                'column' => $this->column,
                'row' => $this->row,
                'block' => $grid->place->text(),
                'by_column' => $covering->column,
                'by_row' => $covering->row,
            ]);
        }
        $before = $there->exists ? $document->follower($place) : $grid->behind($this->column, $this->row);

        return [new Change($place, $there, Value::of($cell->toArray()), $there->exists ? $before : null, $before)];
    }
}
