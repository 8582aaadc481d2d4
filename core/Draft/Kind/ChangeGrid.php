<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

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

/** Adds, removes or resizes a column or a row of a block. What lies across the place grows or shrinks with it. */
final readonly class ChangeGrid implements EditKind
{
    /**
     * @param  string  $lines  columns or rows
     * @param  int  $line  which one, from one; to add, the one that the new one goes before, or one more than there are
     * @param  string|null  $width  finished, as a length or "auto"; null to remove the line
     * @param  bool  $new  whether the line is added
     * @param  Value|null  $expected  the widths of all columns or rows; null when that does not matter
     */
    private function __construct(
        private string $block,
        private string $lines,
        private int $line,
        private ?string $width,
        private bool $new,
        private ?Value $expected,
    ) {
    }

    public static function add(string $block, string $lines, int $before, string $width, ?Value $expected = null): self
    {
        return new self($block, $lines, $before, $width, true, $expected);
    }

    public static function remove(string $block, string $lines, int $line, ?Value $expected = null): self
    {
        return new self($block, $lines, $line, null, false, $expected);
    }

    public static function resize(string $block, string $lines, int $line, string $width, ?Value $expected = null): self
    {
        return new self($block, $lines, $line, $width, false, $expected);
    }

    public static function parts(string $kind): EditParts
    {
        [$what, $line] = explode('-', $kind);
        $width = [$line === 'column' ? 'width' : 'height' => EditParts::width()];

        return new EditParts(['block' => EditParts::id(), ...match ($what) {
            'add' => ['before' => EditParts::number(), ...$width],
            'remove' => [$line => EditParts::number()],
            default => [$line => EditParts::number(), ...$width],
        }, 'expect' => EditParts::any()], 'expect');
    }

    public static function read(string $kind, EditData $data): self
    {
        [$what, $line] = explode('-', $kind);
        [$block, $lines, $expected] = [$data->text('block'), $line.'s', $data->expected()];
        $width = $line === 'column' ? 'width' : 'height';

        return match ($what) {
            'add' => self::add($block, $lines, $data->number('before'), $data->text($width), $expected),
            'remove' => self::remove($block, $lines, $data->number($line), $expected),
            default => self::resize($block, $lines, $data->number($line), $data->text($width), $expected),
        };
    }

    public function changes(DraftDocument $document): array
    {
        $grid = Grid::ofColumnsAndRows($document, $this->block);
        $widths = $this->lines === 'columns' ? $grid->columns : $grid->rows;
        $place = $grid->place->within($this->lines);
        $there = $document->at($place);
        if ($this->line < 1 || $this->line > count($widths) + ($this->new ? 1 : 0)) {
            throw new EditRefused("no_such_$this->lines", ['block' => $grid->place->text(), 'count' => count($widths), 'line' => $this->line]);
        }
        $after = $widths;
        array_splice($after, $this->line - 1, $this->new ? 0 : 1, $this->width === null ? [] : [$this->width]);
        if ($this->expected !== null && ! $there->equals($this->expected)) {
            throw new EditConflict($place, $this->expected, $there, Value::of($after));
        }
        if ($after === []) {
            throw new EditRefused("last_of_$this->lines", ['block' => $grid->place->text()]);
        }
        $changes = [new Change($place, $there, Value::of($after))];
        if ($this->new || $this->width === null) {
            $cells = $grid->place->within('cells');
            $moved = array_values(array_filter(array_map($this->moved(...), $grid->cells)));
            $changes[] = new Change($cells, $document->at($cells), Value::of($moved));
        }

        // What a smaller grid no longer holds goes before the grid does, and comes after it is larger.
        return $this->width === null ? array_reverse($changes) : $changes;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>|null null when nothing is left of it
     */
    private function moved(array $data): ?array
    {
        $cell = DraftCell::of($data);
        $across = $this->lines === 'columns';
        [$first, $span] = $across ? [$cell->column, $cell->across] : [$cell->row, $cell->down];
        if ($this->new) {
            [$first, $span] = match (true) {
                $first >= $this->line => [$first + 1, $span],
                $first + $span > $this->line => [$first, $span + 1],
                default => [$first, $span],
            };
        } else {
            [$first, $span] = match (true) {
                $first > $this->line => [$first - 1, $span],
                $first + $span > $this->line => [$first, $span - 1],
                default => [$first, $span],
            };
        }
        if ($span === 0) {
            return null;
        }

        return ($across
            ? $cell->at($first, $cell->row)->spanning($span, $cell->down)
            : $cell->at($cell->column, $first)->spanning($cell->across, $span))->toArray();
    }
}
