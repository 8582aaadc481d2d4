<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Closure;
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
use Dew\Core\Draft\SixtyPlaces;
use Dew\Core\Draft\Value;

/** Changes what lies in a place of a block: lifts it off, turns it, flips it, lets it span more places, or shows it in other fabrics. */
final readonly class ChangeCell implements EditKind
{
    /** @param  Closure(DraftCell, SixtyPlaces|null): ?DraftCell  $change  gives the cell as it is to be, also on 60° axes; null to lift it */
    private function __construct(
        private string $block,
        private int $column,
        private int $row,
        private Closure $change,
        private ?Value $expected,
        private ?string $way = null,
    ) {
    }

    public static function lift(string $block, int $column, int $row, ?Value $expected = null): self
    {
        return new self($block, $column, $row, fn (): ?DraftCell => null, $expected);
    }

    /** @param  int  $degrees  clockwise, whole quarter turns; on 60° axes to the next way it can lie, or for 270 to the one before */
    public static function turn(string $block, int $column, int $row, int $degrees, ?Value $expected = null): self
    {
        return new self($block, $column, $row, fn (DraftCell $cell, ?SixtyPlaces $sixty): DraftCell => $sixty === null
            ? $cell->turned($degrees)
            : $sixty->turned($cell, $degrees), $expected);
    }

    /**
     * Turned in another way of the block alone; in the block itself it stays as it is.
     *
     * @param  int  $degrees  clockwise, whole quarter turns; on 60° axes to the next turn that covers the same places, or for 270 to the
     *     one before
     */
    public static function turnInWay(string $block, int $column, int $row, string $way, int $degrees, ?Value $expected = null): self
    {
        return new self($block, $column, $row, fn (DraftCell $cell, ?SixtyPlaces $sixty): DraftCell => $cell->turnedFurther(
            $way,
            $sixty === null
                ? ($cell->furtherIn($way) + $degrees) % 360
                : $sixty->further($cell, $cell->furtherIn($way), $degrees > 180),
        ), $expected, $way);
    }

    /** Left to right; upside down is that and half a turn. */
    public static function mirror(string $block, int $column, int $row, bool $upsideDown, ?Value $expected = null): self
    {
        $change = fn (DraftCell $cell, ?SixtyPlaces $sixty): DraftCell => match (true) {
            $sixty !== null => $sixty->mirrored($cell),
            $upsideDown => $cell->mirrored()->turned(180),
            default => $cell->mirrored(),
        };

        return new self($block, $column, $row, $change, $expected);
    }

    public static function span(string $block, int $column, int $row, int $across, int $down, ?Value $expected = null): self
    {
        return new self($block, $column, $row, fn (DraftCell $cell, ?SixtyPlaces $sixty): DraftCell => $cell->spanning(
            $across, $sixty === null ? $down : 1,
        ), $expected);
    }

    /** @param  array<string, string>  $fabrics  the fabric to take, by the one it replaces; the same again to take the unit's own */
    public static function reclothe(string $block, int $column, int $row, array $fabrics, ?Value $expected = null): self
    {
        return new self($block, $column, $row, function (DraftCell $cell) use ($fabrics): DraftCell {
            $had = $cell->content['fabrics'] ?? [];
            $taken = array_filter(
                $fabrics + (is_array($had) ? $had : []),
                fn (mixed $fabric, string|int $instead): bool => $fabric !== (string) $instead,
                ARRAY_FILTER_USE_BOTH,
            );
            ksort($taken);

            return $cell->holding(['fabrics' => $taken] + $cell->content);
        }, $expected);
    }

    public static function parts(string $kind): EditParts
    {
        $cell = EditParts::cell();
        $expect = ['expect' => EditParts::any()];

        return match ($kind) {
            'turn' => new EditParts([...$cell, 'by' => ChoiceType::of(90, 180, 270), 'way' => EditParts::id(), ...$expect], 'way', 'expect'),
            'mirror' => new EditParts([...$cell, 'upside_down' => new FlagType, ...$expect], 'upside_down', 'expect'),
            'span' => new EditParts([...$cell, 'across' => EditParts::number(), 'down' => EditParts::number(), ...$expect], 'expect'),
            'reclothe' => new EditParts([...$cell, 'fabrics' => new MapType(EditParts::id()), ...$expect], 'expect'),
            default => new EditParts([...$cell, ...$expect], 'expect'),
        };
    }

    public static function read(string $kind, EditData $data): self
    {
        [$block, $column, $row, $expected] = [$data->text('block'), $data->number('column'), $data->number('row'), $data->expected()];

        return match ($kind) {
            'turn' => $data->textOrNull('way') === null
                ? self::turn($block, $column, $row, $data->number('by'), $expected)
                : self::turnInWay($block, $column, $row, $data->text('way'), $data->number('by'), $expected),
            'mirror' => self::mirror($block, $column, $row, $data->flag('upside_down'), $expected),
            'span' => self::span($block, $column, $row, $data->number('across'), $data->number('down'), $expected),
            'reclothe' => self::reclothe($block, $column, $row, $data->texts('fabrics'), $expected),
            default => self::lift($block, $column, $row, $expected),
        };
    }

    public function changes(DraftDocument $document): array
    {
        $grid = Grid::ofBlock($document, $this->block);
        if ($this->expected !== null) {
            $this->expect($document, $grid);
        }
        if ($this->way !== null && ! $document->at($grid->place->within('ways')->within($this->way))->exists) {
            throw new EditRefused('no_way', ['block' => $grid->place->text(), 'way' => $this->way]);
        }
        $cell = $grid->laid($this->column, $this->row);
        $place = $grid->place->cell($cell->column, $cell->row);
        $changed = ($this->change)($cell, $grid->sixty);
        $before = $document->follower($place);

        return [new Change(
            $place,
            $document->at($place),
            $changed === null ? Value::nothing() : Value::of($changed->toArray()),
            $before,
            $changed === null ? null : $before,
        )];
    }

    private function expect(DraftDocument $document, Grid $grid): void
    {
        $expected = $this->expected ?? Value::nothing();
        $cell = $grid->covering($this->column, $this->row);
        $place = $grid->place->cell($cell->column ?? $this->column, $cell->row ?? $this->row);
        $there = $document->at($place);
        if (! $there->equals($expected)) {
            $wanted = is_array($expected->value) ? ($this->change)(DraftCell::of($expected->value), $grid->sixty) : null;
            throw new EditConflict($place, $expected, $there, $wanted === null ? Value::nothing() : Value::of($wanted->toArray()));
        }
    }
}
