<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Document\Type\LengthType;
use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftCell;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Grid;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Problem;

/**
 * Puts four strips round a block: two beside it, then two across the whole width. Cut wider on purpose they are a coping strip: the block
 * is trimmed to its size with them, so that one that came out small still reaches it.
 */
final readonly class FrameBlock implements EditKind
{
    /**
     * @param  string  $id  what the ids of the two kinds of strip begin with
     * @param  string  $name  of the strips
     * @param  string  $width  of the frame, finished
     * @param  string|null  $extra  how much wider than that the strips are sewn; null for as wide as they finish
     */
    public function __construct(
        private string $block,
        private string $id,
        private string $name,
        private string $fabric,
        private string $width,
        private ?string $extra,
    ) {
    }

    public static function parts(string $kind): EditParts
    {
        return new EditParts([
            'block' => EditParts::id(), 'id' => EditParts::id(), 'name' => EditParts::name(), 'fabric' => EditParts::id(),
            'width' => LengthType::positive(), 'extra' => LengthType::positive(),
        ], 'extra');
    }

    public static function read(string $kind, EditData $data): self
    {
        return new self(
            $data->text('block'), $data->text('id'), $data->text('name'), $data->text('fabric'), $data->text('width'), $data->textOrNull('extra'),
        );
    }

    public function changes(DraftDocument $document): array
    {
        $grid = Grid::ofColumnsAndRows($document, $this->block);
        if ($document->at($grid->place->within('trimmed'))->exists) {
            throw new EditRefused('trimmed_already');
        }
        try {
            $frame = Length::parse($this->width);
            $strip = $frame->plus($this->extra === null ? Length::zero() : Length::parse($this->extra));
            [$across, $down] = [self::whole($grid->columns), self::whole($grid->rows)];
            $level = $across->plus($strip->times(2));
            $trimmed = [
                'width' => LengthText::of($across->plus($frame->times(2))),
                'height' => LengthText::of($down->plus($frame->times(2))),
            ];
            $sizes = [
                'side' => ['width' => LengthText::of($strip), 'height' => LengthText::of($down)],
                'level' => ['width' => LengthText::of($level), 'height' => LengthText::of($strip)],
            ];
        } catch (MeasureException $error) {
            throw new EditRefused('frame_width', ['problem' => Problem::of($error)]);
        }
        [$columns, $rows] = [count($grid->columns), count($grid->rows)];
        $cells = array_map(function (array $data): array {
            $cell = DraftCell::of($data);

            return $cell->at($cell->column + 1, $cell->row + 1)->toArray();
        }, $grid->cells);
        foreach ([[1, 1, 'level'], [1, $rows + 2, 'level'], [1, 2, 'side'], [$columns + 2, 2, 'side']] as [$column, $row, $which]) {
            $cells[] = DraftCell::of([
                'column' => $column, 'row' => $row, 'unit' => $this->id.'-'.$which,
                'across' => $which === 'level' ? $columns + 2 : 1, 'down' => $which === 'level' ? 1 : $rows,
            ])->toArray();
        }
        usort($cells, fn (array $one, array $other): int => [$one['row'], $one['column']] <=> [$other['row'], $other['column']]);
        $changes = [];
        foreach ($sizes as $which => $size) {
            array_push($changes, ...(new AddItem(Place::of('units'), [
                'id' => $this->id.'-'.$which, 'name' => $this->name, 'kind' => 'rectangle', 'finished' => $size,
                'fabrics' => [$this->fabric],
            ]))->changes($document));
        }
        $text = LengthText::of($strip);
        foreach (['columns' => $grid->columns, 'rows' => $grid->rows, 'cells' => null] as $part => $lines) {
            $place = $grid->place->within($part);
            $changes[] = new Change($place, $document->at($place), Value::of($lines === null ? $cells : [$text, ...$lines, $text]));
        }

        return $this->extra === null ? $changes : [
            ...$changes,
            new Change($grid->place->within('trimmed'), Value::nothing(), Value::of($trimmed)),
        ];
    }

    /**
     * @param  list<mixed>  $lines
     *
     * @throws MeasureException
     */
    private static function whole(array $lines): Length
    {
        return Length::sum(array_map(fn (mixed $line): Length => Length::parse(is_string($line) ? $line : ''), $lines));
    }
}
