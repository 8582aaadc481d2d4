<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Drawing\Picture;
use Dew\Core\Draft\Cell;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Grid;
use Dew\Core\Draft\Place;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;

/** The grid of a block as it is drawn: its lines, and every place with what lies there, whether the block can be computed or not. */
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
    ) {
    }

    public static function of(DraftDocument $document, string $block, BlockStudy $study): self
    {
        $grid = Grid::ofBlock($document, $block);
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

    /** What lies there in words. */
    private static function label(DraftDocument $document, Cell $cell): string
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
