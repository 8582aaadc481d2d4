<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

/** Which modules of a back are covered. */
final class BackGrid
{
    /** @var array<int, array<int, true>> by row and column */
    private array $taken = [];

    private int $left;

    public function __construct(
        public readonly int $columns,
        public readonly int $rows,
    ) {
        $this->left = $columns * $rows;
    }

    public function free(): int
    {
        return $this->left;
    }

    /** @return array{int, int}|null column and row of the first place from the top left, taken by now; null where there is none */
    public function place(int $wide, int $high): ?array
    {
        for ($row = 0; $row + $high <= $this->rows; $row++) {
            for ($column = 0; $column + $wide <= $this->columns; $column++) {
                if ($this->isFree($column, $row, $wide, $high)) {
                    for ($y = $row; $y < $row + $high; $y++) {
                        for ($x = $column; $x < $column + $wide; $x++) {
                            $this->taken[$y][$x] = true;
                        }
                    }
                    $this->left -= $wide * $high;

                    return [$column, $row];
                }
            }
        }

        return null;
    }

    private function isFree(int $column, int $row, int $wide, int $high): bool
    {
        for ($y = $row; $y < $row + $high; $y++) {
            for ($x = $column; $x < $column + $wide; $x++) {
                if (isset($this->taken[$y][$x])) {
                    return false;
                }
            }
        }

        return true;
    }
}
