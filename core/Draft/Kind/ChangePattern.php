<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Document\Type\WholeType;
use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditData;
use Dew\Core\Draft\EditKind;
use Dew\Core\Draft\EditParts;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;

/**
 * Lays a block into the pattern that is repeated across the quilt, or makes that pattern larger or smaller. A size may have a pattern of
 * its own: it begins as a copy of the quilt's.
 */
final readonly class ChangePattern implements EditKind
{
    private const MOST = 60;

    /**
     * @param  string|null  $size  whose own pattern it is; null for the one that all share
     * @param  int  $column  of the place, or how many columns the pattern is to have
     * @param  string|null  $block  null leaves the place empty
     */
    private function __construct(
        private ?string $size,
        private int $column,
        private int $row,
        private ?string $block,
        private bool $resizes,
        private ?Value $expected,
    ) {
    }

    /** @param  Value|null  $expected  the block that lay there when it was asked for */
    public static function place(?string $size, int $column, int $row, ?string $block, ?Value $expected = null): self
    {
        return new self($size, $column, $row, $block, false, $expected);
    }

    /** What was laid goes on repeating where the pattern grows. */
    public static function resize(?string $size, int $columns, int $rows): self
    {
        return new self($size, $columns, $rows, null, true, null);
    }

    public static function parts(string $kind): EditParts
    {
        $number = new WholeType(1, self::MOST);

        return $kind === 'resize-pattern'
            ? new EditParts(['size' => EditParts::id(), 'columns' => $number, 'rows' => $number], 'size')
            : new EditParts([
                'size' => EditParts::id(), 'column' => $number, 'row' => $number, 'block' => EditParts::id(), 'expect' => EditParts::any(),
            ], 'size', 'block', 'expect');
    }

    public static function read(string $kind, EditData $data): self
    {
        return $kind === 'resize-pattern'
            ? self::resize($data->textOrNull('size'), $data->number('columns'), $data->number('rows'))
            : self::place(
                $data->textOrNull('size'), $data->number('column'), $data->number('row'), $data->textOrNull('block'), $data->expected(),
            );
    }

    public function changes(DraftDocument $document): array
    {
        if ($this->column < 1 || $this->row < 1 || $this->column > self::MOST || $this->row > self::MOST) {
            throw new EditRefused('pattern_size', ['most' => self::MOST]);
        }
        if ($this->size !== null && ! $document->at(Place::of('sizes', $this->size))->exists) {
            throw new EditRefused('no_size', ['size' => $this->size]);
        }
        $place = $this->size === null ? Place::of('setting', 'pattern') : Place::of('sizes', $this->size, 'pattern');
        $there = $document->at($place);
        $pattern = self::rows($there->exists ? $there->value : $document->at(Place::of('setting', 'pattern'))->value);

        return [new Change($place, $there, Value::of($this->resizes ? $this->resized($pattern) : $this->placed($pattern, $place)))];
    }

    /**
     * @param  non-empty-list<non-empty-list<string|null>>  $pattern
     * @return list<list<string|null>>
     */
    private function resized(array $pattern): array
    {
        $resized = [];
        for ($row = 0; $row < $this->row; $row++) {
            $from = $pattern[$row % count($pattern)];
            $across = [];
            for ($column = 0; $column < $this->column; $column++) {
                $across[] = $from[$column % count($from)];
            }
            $resized[] = $across;
        }

        return $resized;
    }

    /**
     * @param  non-empty-list<non-empty-list<string|null>>  $pattern
     * @return list<list<string|null>>
     */
    private function placed(array $pattern, Place $place): array
    {
        if ($this->row > count($pattern) || $this->column > count($pattern[0])) {
            throw new EditRefused('outside_pattern', ['columns' => count($pattern[0]), 'rows' => count($pattern), 'column' => $this->column, 'row' => $this->row]);
        }
        $laid = $pattern[$this->row - 1][$this->column - 1] ?? null;
        $there = $laid === null ? Value::nothing() : Value::of($laid);
        if ($this->expected !== null && ! $there->equals($this->expected)) {
            throw new EditConflict(
                $place->cell($this->column, $this->row),
                $this->expected,
                $there,
                $this->block === null ? Value::nothing() : Value::of($this->block),
            );
        }
        $pattern[$this->row - 1][$this->column - 1] = $this->block;

        return array_map(array_values(...), $pattern);
    }

    /** @return non-empty-list<non-empty-list<string|null>> */
    private static function rows(mixed $pattern): array
    {
        $rows = [];
        foreach (is_array($pattern) ? $pattern : [] as $row) {
            $ids = array_map(fn (mixed $id): ?string => is_string($id) ? $id : null, is_array($row) ? array_values($row) : []);
            if ($ids !== []) {
                $rows[] = $ids;
            }
        }

        return $rows === [] ? [[null]] : $rows;
    }
}
