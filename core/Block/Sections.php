<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Making\On;

/**
 * In which order the cells of a block are sewn together where some span rows: along lines that part a section from edge to edge, level
 * ones before upright ones, the smallest sections first.
 */
final class Sections
{
    /** @var array<int, list<On>> seams by round, the first sewn first */
    private array $rounds = [];

    /** @param  list<Cell>  $cells */
    private function __construct(private readonly array $cells)
    {
    }

    /**
     * @param  list<Cell>  $cells
     * @return list<list<On>>|null the seams of each round, told by the numbers of the cells; null where no line parts some section
     */
    public static function of(array $cells): ?array
    {
        $sections = new self($cells);
        if ($sections->sewn(array_keys($cells)) === null) {
            return null;
        }
        ksort($sections->rounds);

        return array_values($sections->rounds);
    }

    /**
     * @param  list<int>  $numbers  of the cells of a section
     * @return int|null how many rounds sew it; null where no line parts it
     */
    private function sewn(array $numbers): ?int
    {
        if (count($numbers) < 2) {
            return 0;
        }
        foreach ([true, false] as $level) {
            $parts = $this->parted($numbers, $level);
            if (count($parts) < 2) {
                continue;
            }
            $rounds = array_map($this->sewn(...), $parts);
            if (in_array(null, $rounds, true)) {
                return null;
            }
            $round = max($rounds);
            foreach (array_slice($parts, 1) as $index => $after) {
                $this->rounds[$round] = [...$this->rounds[$round] ?? [], ...$this->between($parts[$index], $after, $level)];
            }

            return $round + 1;
        }

        return null;
    }

    /**
     * @param  list<int>  $numbers
     * @return list<list<int>> what lies between lines from edge to edge, from the top or from the left
     */
    private function parted(array $numbers, bool $level): array
    {
        $spans = [];
        foreach ($numbers as $number) {
            $spans[$number] = $this->span($number, $level);
        }
        asort($spans);
        $parts = $part = [];
        $reach = 0;
        foreach ($spans as $number => [$from, $to]) {
            if ($part !== [] && $from >= $reach) {
                $parts[] = $part;
                $part = [];
            }
            $part[] = $number;
            $reach = max($reach, $to);
        }

        return [...$parts, $part];
    }

    /**
     * @param  list<int>  $before
     * @param  list<int>  $after
     * @return list<On> seams between cells of two neighbouring parts
     */
    private function between(array $before, array $after, bool $level): array
    {
        $seams = [];
        foreach ($before as $one) {
            foreach ($after as $other) {
                [[$from, $to], [$otherFrom, $otherTo]] = [$this->span($one, ! $level), $this->span($other, ! $level)];
                if ($this->span($one, $level)[1] === $this->span($other, $level)[0] && max($from, $otherFrom) < min($to, $otherTo)) {
                    $seams[] = On::seam(min($one, $other), max($one, $other));
                }
            }
        }

        return $seams;
    }

    /** @return array{int, int} rows of a cell, or columns, from and up to */
    private function span(int $number, bool $rows): array
    {
        $cell = $this->cells[$number];

        return $rows ? [$cell->row, $cell->row + $cell->down] : [$cell->column, $cell->column + $cell->across];
    }
}
