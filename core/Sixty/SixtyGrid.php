<?php

declare(strict_types=1);

namespace Dew\Core\Sixty;

use Dew\Core\Measure\Refused;
use InvalidArgumentException;

/**
 * Rows of equal 60° triangles, point up and point down in turn: those of one block, or those of a whole quilt, whose rows begin and end with
 * half triangles. Rows count from zero at the top, the places of a row from zero at the left (in a half triangle from its upright edge).
 */
final readonly class SixtyGrid
{
    /** Divisions along the side of a block: far more than are sewn. */
    public const MOST = 20;

    /**
     * @param  int  $width  in halves of a division
     * @param  int  $phase  a triangle whose left corner lies at x points up when x, its row and this add up to an even number
     * @param  list<array{first: int, wholes: int, left: bool, right: bool}>  $lines  of every row, where its first whole triangle begins,
     *     how many there are, and whether a half triangle stands before and behind them
     */
    private function __construct(
        public ?SixtyShape $shape,
        public int $width,
        public int $rows,
        private int $phase,
        private array $lines,
    ) {
    }

    /** @param  int  $rows  divisions along the side of the block */
    public static function ofBlock(SixtyShape $shape, int $rows): self
    {
        $lines = [];
        for ($row = 0; $row < $rows; $row++) {
            $lines[] = match ($shape) {
                SixtyShape::Triangle => ['first' => $rows - 1 - $row, 'wholes' => 2 * $row + 1, 'left' => false, 'right' => false],
                SixtyShape::Diamond => ['first' => $rows - 1 - $row, 'wholes' => 2 * $rows, 'left' => false, 'right' => false],
                SixtyShape::HalfTriangle => ['first' => 0, 'wholes' => $rows - 1 - $row, 'left' => true, 'right' => false],
            };
        }
        $width = match ($shape) {
            SixtyShape::Triangle => 2 * $rows,
            SixtyShape::Diamond => 3 * $rows,
            SixtyShape::HalfTriangle => $rows,
        };

        return new self($shape, $width, $rows, $rows + 1, $lines);
    }

    /** @param  int  $columns  whole triangles in every row */
    public static function ofQuilt(int $columns, int $rows): self
    {
        $line = ['first' => 0, 'wholes' => $columns, 'left' => true, 'right' => true];

        return new self(null, $columns + 1, $rows, 0, array_fill(0, $rows, $line));
    }

    /** How many places a row has, half triangles counted. */
    public function places(int $row): int
    {
        $line = $this->lines[$row];

        return $line['wholes'] + ($line['left'] ? 1 : 0) + ($line['right'] ? 1 : 0);
    }

    /** How many places there are in all. */
    public function count(): int
    {
        return array_sum(array_map($this->places(...), array_keys($this->lines)));
    }

    /** Whether only half of a triangle lies there. */
    public function isHalf(int $row, int $place): bool
    {
        $line = $this->lines[$row];

        return ($line['left'] && $place === 0) || ($line['right'] && $place === $this->places($row) - 1);
    }

    /** Whether the triangle there, or the one it is half of, stands on its base. */
    public function isUp(int $row, int $place): bool
    {
        return ($this->begins($row, $place) + $row + $this->phase) % 2 === 0;
    }

    /** The place of the next row that shares the base of the triangle in a place; null where that stands on its point, or is the last. */
    public function below(int $row, int $place): ?int
    {
        if (! $this->isUp($row, $place) || $row + 1 >= $this->rows) {
            return null;
        }
        $next = $this->begins($row, $place) - $this->lines[$row + 1]['first'] + ($this->lines[$row + 1]['left'] ? 1 : 0);

        return $next >= 0 && $next < $this->places($row + 1) ? $next : null;
    }

    /**
     * The ways to turn something that begins in a place, the usual one first.
     *
     * @return list<int> sixths of a turn, clockwise; nothing when it cannot begin there
     */
    public function turns(int $row, int $place, SixtyShape $shape): array
    {
        $half = $this->isHalf($row, $place);
        $up = $this->isUp($row, $place);
        if ($half !== ($shape === SixtyShape::HalfTriangle)) {
            return [];
        }

        return match ($shape) {
            SixtyShape::Triangle => $up ? [0, 2, 4] : [3, 5, 1],
            SixtyShape::Diamond => $up ? [0, 2, 3, 5] : [1, 4],
            SixtyShape::HalfTriangle => [$up ? 3 : 0],
        };
    }

    /**
     * Where something comes to lie that begins in a place: which is the first place it covers, row by row.
     *
     * @param  positive-int  $size  divisions along its side
     * @param  int|null  $turn  sixths of a turn; null for the usual
     *
     * @throws InvalidArgumentException when it cannot lie so, or reaches beyond the edge
     */
    public function spot(int $row, int $place, SixtyShape $shape, int $size = 1, ?int $turn = null): SixtySpot
    {
        $turns = $this->turns($row, $place, $shape);
        $turn ??= $turns[0] ?? null;
        if ($turn === null || ! in_array($turn, $turns, true)) {
            throw $turns === []
                ? new Refused($this->isHalf($row, $place) ? 'sixty.half_place' : 'sixty.whole_place', ['shape' => $shape->value])
                : new Refused('sixty.turned_by', ['shape' => $shape->value, 'turns' => implode(', ', array_map(
                    fn (int $sixths): int => 60 * $sixths, $turns,
                ))]);
        }
        $spot = $this->laid($row, $place, $shape, $size, $turn);
        if (count($this->covered($spot)) !== $shape->places($size)) {
            throw new Refused('sixty.beyond_the_edge', ['shape' => $shape->value, 'size' => $size]);
        }

        return $spot;
    }

    /** The same thing turned further where it lies, by sixths clockwise; null when it would cover other places. */
    public function turnedInPlace(SixtySpot $spot, int $sixths): ?SixtySpot
    {
        $covered = $this->covered($spot);
        try {
            $other = $this->spot($covered[0][0], $covered[0][1], $spot->shape, $spot->size, ($spot->turn + $sixths) % 6);
        } catch (InvalidArgumentException) {
            return null;
        }

        return $this->covered($other) === $covered ? $other : null;
    }

    /**
     * The places that something covers.
     *
     * @return list<array{int, int}> row and place
     */
    public function covered(SixtySpot $spot): array
    {
        $covered = [];
        $rows = array_column($spot->corners(), 1);
        for ($row = max(0, min($rows)); $row < min($this->rows, max($rows)); $row++) {
            for ($place = 0; $place < $this->places($row); $place++) {
                if ($this->isHalf($row, $place) && $spot->shape !== SixtyShape::HalfTriangle) {
                    continue;
                }
                if ($spot->holds(...$this->middle($row, $place))) {
                    $covered[] = [$row, $place];
                }
            }
        }

        return $covered;
    }

    /** The whole block as a thing that lies on its own grid. */
    public function whole(bool $mirrored = false): SixtySpot
    {
        $shape = $this->shape ?? throw new Refused('sixty.no_quilt');

        return new SixtySpot($shape, max(1, $this->rows), match ($shape) {
            SixtyShape::Triangle => [$this->rows, 0],
            SixtyShape::Diamond => [0, $this->rows],
            SixtyShape::HalfTriangle => [$mirrored ? $this->rows : 0, 0],
        }, 0, $mirrored);
    }

    /**
     * Where something comes to lie in the mirror image of this block, being mirrored itself. Along axes at the angles α and β a thing
     * turned by θ becomes its mirror image turned by 2α − 2β − θ.
     */
    public function mirrored(SixtySpot $spot): SixtySpot
    {
        $shape = $this->shape ?? throw new Refused('sixty.quilt_not_mirrored');
        [$x, $y] = $spot->corner;
        if ($shape === SixtyShape::Diamond) {
            // Along its long diagonal, steps to the left and steps down change places.
            [$left, $down] = [intdiv(3 * $this->rows - $x - $y, 2), $y];
            $corner = [3 * $this->rows - 2 * $down - $left, $left];
        } else {
            $corner = [$this->width - $x, $y];
        }
        $turn = (($shape->doubledAxis() - $spot->shape->doubledAxis() - $spot->turn) % 6 + 6) % 6;

        return new SixtySpot($spot->shape, $spot->size, $corner, $turn, $spot->shape === SixtyShape::HalfTriangle && ! $spot->mirrored);
    }

    /** @param  positive-int  $size */
    private function laid(int $row, int $place, SixtyShape $shape, int $size, int $turn): SixtySpot
    {
        $x = $this->begins($row, $place);
        [$top, $bottom] = [$row, $row + $size];
        if ($shape === SixtyShape::HalfTriangle) {
            $left = $this->isLeftEnd($row, $place);

            return new SixtySpot($shape, $size, [$left ? 0 : $this->width, $turn === 3 ? $bottom : $top], $turn, $left === ($turn === 3));
        }
        $corner = $shape === SixtyShape::Triangle
            ? match ($turn) {
                0 => [$x + 1, $top],
                2 => [$x + 1 + $size, $bottom],
                4 => [$x + 1 - $size, $bottom],
                3 => [$x + $size, $bottom],
                5 => [$x, $top],
                default => [$x + 2 * $size, $top],
            }
            : match ($turn) {
                0 => [$x + 1 - $size, $bottom],
                3 => [$x + 1 + 2 * $size, $top],
                5 => [$x + 1, $row + 2 * $size],
                2 => [$x + 1, $top],
                1 => [$x, $top],
                default => [$x + 3 * $size, $bottom],
            };

        return new SixtySpot($shape, $size, $corner, $turn);
    }

    /** Where the triangle of a place has its left corner, in halves of a division; also of one that is cut in half at the edge. */
    private function begins(int $row, int $place): int
    {
        return $this->lines[$row]['first'] + $place - ($this->lines[$row]['left'] ? 1 : 0);
    }

    private function isLeftEnd(int $row, int $place): bool
    {
        return $this->lines[$row]['left'] && $place === 0;
    }

    /** @return array{int, int} a point within a place, in sixths of what the grid is counted in */
    private function middle(int $row, int $place): array
    {
        $x = match (true) {
            ! $this->isHalf($row, $place) => 6 * $this->begins($row, $place) + 6,
            $this->isLeftEnd($row, $place) => 2,
            default => 6 * $this->width - 2,
        };

        return [$x, 6 * $row + ($this->isUp($row, $place) ? 4 : 2)];
    }
}
