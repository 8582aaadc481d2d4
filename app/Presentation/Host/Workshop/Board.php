<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Drawing\Picture;
use Dew\Core\Draft\DraftCell;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Grid;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\SixtyPlaces;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Sixty\SixtyGrid;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Unit\Kind\UnitLibrary;
use InvalidArgumentException;

/**
 * The grid of a block as it is drawn: its lines, and every place with what lies there, whether the block can be computed or not. On 60° axes
 * it has no lines.
 */
final readonly class Board
{
    /** How wide a column is drawn whose width nobody knows yet, in hundredths of an inch. */
    private const UNKNOWN = 300.0;

    /**
     * @param  list<array{at: float, width: float, text: string}>  $columns
     * @param  list<array{at: float, width: float, text: string}>  $rows
     * @param  list<Spot>  $spots  in reading order
     */
    private function __construct(
        public float $width,
        public float $height,
        public array $columns,
        public array $rows,
        public array $spots,
        public bool $isSixty = false,
    ) {
    }

    /** Whether a unit or block can lie in this grid at all. */
    public function takes(DraftDocument $document, string $list, string $id): bool
    {
        if ($this->isSixty) {
            return self::shapeOf($document, $list, $id) !== '';
        }
        $kind = $document->at(Place::of($list, $id, 'kind'))->value;

        return $list === 'units'
            ? ! (is_string($kind) && (UnitLibrary::find($kind)?->isFree() ?? false))
            : ! $document->at(Place::of($list, $id, 'sixty'))->exists;
    }

    /** What a unit or block is on 60° axes; empty when it cannot lie there. */
    public static function shapeOf(DraftDocument $document, string $list, string $id): string
    {
        $kind = $document->at(Place::of($list, $id, 'kind'))->value;
        $known = is_string($kind) ? UnitLibrary::find($kind) : null;
        $shape = $list === 'units'
            ? ($known === null ? null : SixtyShape::ofKind($known))
            : SixtyPlaces::of($document, Place::of($list, $id))?->grid->shape;

        return $shape->value ?? '';
    }

    public static function of(DraftDocument $document, string $block, BlockStudy $study): self
    {
        $grid = Grid::ofBlock($document, $block);
        if ($grid->sixty !== null) {
            return self::onSixty($document, $grid, $grid->sixty, $study);
        }
        $columns = self::lines($grid->columns, $study->columns);
        $rows = self::lines($grid->rows, $study->rows);
        $laid = [];
        foreach ($study->laid as $cell) {
            $laid[$cell['column'].','.$cell['row']] = $cell;
        }
        $spots = [];
        for ($row = 1; $row <= count($rows); $row++) {
            for ($column = 1; $column <= count($columns); $column++) {
                $cell = $grid->covering($column, $row);
                if ($cell !== null && ($cell->column !== $column || $cell->row !== $row)) {
                    continue;
                }
                $across = array_slice($columns, $column - 1, $cell->across ?? 1);
                $down = array_slice($rows, $row - 1, $cell->down ?? 1);
                $spots[] = new Spot(
                    $column,
                    $row,
                    $cell->across ?? 1,
                    $cell->down ?? 1,
                    $columns[$column - 1]['at'],
                    $rows[$row - 1]['at'],
                    array_sum(array_column($across, 'width')),
                    array_sum(array_column($down, 'width')),
                    $cell?->toArray(),
                    $cell === null ? '' : self::label($document, $cell),
                    $laid["$column,$row"] ?? null,
                );
            }
        }
        $end = fn (array $lines): float => $lines === [] ? 0.0 : $lines[count($lines) - 1]['at'] + $lines[count($lines) - 1]['width'];

        return new self($end($columns), $end($rows), $columns, $rows, $spots);
    }

    private static function onSixty(DraftDocument $document, Grid $grid, SixtyPlaces $places, BlockStudy $study): self
    {
        $edge = self::width($places->edge);
        $laid = $spots = $taken = [];
        foreach ($study->laid as $cell) {
            $laid[$cell['column'].','.$cell['row']] = $cell;
        }
        $cells = array_map(DraftCell::of(...), $grid->cells);
        foreach ($cells as $cell) {
            foreach ($places->covered($cell) as $place) {
                $taken[$place] = $cell;
            }
        }
        for ($row = 1; $row <= $places->grid->rows; $row++) {
            for ($column = 1; $column <= $places->grid->places($row - 1); $column++) {
                $cell = $taken["$column,$row"] ?? null;
                if ($cell !== null && ($cell->column !== $column || $cell->row !== $row)) {
                    continue;
                }
                $spots[] = self::sixtySpot(
                    $document, $places, $cell ?? DraftCell::of(['column' => $column, 'row' => $row]), $cell !== null, $edge,
                    $laid["$column,$row"] ?? null,
                );
            }
        }
        [$width, $height] = [$places->grid->width / 2 * $edge, $places->grid->rows * $edge * sqrt(0.75)];

        return new self($width, $height, [], [], $spots, true);
    }

    /** @param  array{column: int, row: int, product: string, x: float, y: float, turn: int}|null  $drawn */
    private static function sixtySpot(
        DraftDocument $document,
        SixtyPlaces $places,
        DraftCell $cell,
        bool $isFilled,
        float $edge,
        ?array $drawn,
    ): Spot {
        [$row, $place] = [$cell->row - 1, $cell->column - 1];
        $ways = [];
        foreach (SixtyShape::cases() as $shape) {
            if ($places->grid->turns($row, $place, $shape) !== []) {
                $ways[$shape->value] = self::way($places->grid, $row, $place, $shape, $edge);
            }
        }
        $small = $places->grid->isHalf($row, $place) ? SixtyShape::HalfTriangle : SixtyShape::Triangle;
        try {
            $spot = $isFilled ? $places->spot($cell) : $places->grid->spot($row, $place, $small);
        } catch (InvalidArgumentException) {
            $spot = $places->grid->spot($row, $place, $small);
        }
        $corners = array_map(fn (array $corner): array => SixtyWay::at($corner, $edge), $spot->corners());
        [$across, $down] = [array_column($corners, 0), array_column($corners, 1)];

        return new Spot(
            $cell->column, $cell->row, $cell->across, 1, min($across), min($down), max($across) - min($across), max($down) - min($down),
            $isFilled ? $cell->toArray() : null,
            $isFilled ? self::label($document, $cell) : '',
            $drawn,
            implode(' ', array_map(fn (array $corner): string => implode(',', $corner), $corners)),
            array_filter($ways),
            [array_sum($across) / count($across), array_sum($down) / count($down)],
        );
    }

    /** How something drawn upright is moved and turned to lie in a place; empty where it would reach beyond the edge. */
    private static function way(SixtyGrid $grid, int $row, int $place, SixtyShape $shape, float $edge): string
    {
        try {
            return SixtyWay::of($grid->spot($row, $place, $shape), $edge);
        } catch (InvalidArgumentException) {
            return '';
        }
    }

    /** What lies there in words. */
    private static function label(DraftDocument $document, DraftCell $cell): string
    {
        $id = $cell->content['unit'] ?? $cell->content['block'] ?? '';
        $thing = $document->at(Place::of(
            isset($cell->content['unit']) ? 'units' : 'blocks',
            is_string($id) && $id !== '' ? $id : '-',
        ))->value;
        $turn = is_int($cell->content['turn'] ?? null) ? $cell->content['turn'] : 0;

        return implode(', ', array_filter([
            is_array($thing) && is_string($thing['name'] ?? null) ? $thing['name'] : (is_string($id) ? $id : ''),
            ($cell->content['mirror'] ?? false) === true ? __('workshop.mirrored') : '',
            $turn === 0 ? '' : __('workshop.turned', ['degrees' => $turn]),
        ]));
    }

    /**
     * @param  list<mixed>  $texts  as the document has them
     * @param  list<float>  $known  as they were worked out
     * @return list<array{at: float, width: float, text: string}>
     */
    private static function lines(array $texts, array $known): array
    {
        $lines = [];
        $at = 0.0;
        foreach ($texts as $index => $text) {
            $text = is_string($text) ? $text : '';
            $width = $known[$index] ?? self::width($text);
            $lines[] = ['at' => $at, 'width' => $width, 'text' => $text];
            $at += $width;
        }

        return $lines;
    }

    private static function width(string $text): float
    {
        try {
            return $text === 'auto' ? self::UNKNOWN : max(25.0, Length::parse($text)->toFloat() * Picture::PER_INCH);
        } catch (MeasureException) {
            return self::UNKNOWN;
        }
    }
}
