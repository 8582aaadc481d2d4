<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/**
 * Fills one strip with the pieces that are still wanted so that they are worth as much as possible.
 *
 * Runs of pieces as high as the strip, and stacks of lower ones, are chosen by a knapsack over the width; what is left at the end is cut
 * into narrower strips, which are filled in the same way.
 */
final class StripFill
{
    /** How often what is left over is cut into narrower strips again. */
    private const DEPTH = 2;

    /** Heights that are tried for the uppermost of those. */
    private const TRIED = 2;

    /** Lengths at the end of a strip that are tried for being cut narrower. */
    private const ENDS = 5;

    /** How much of such an end is likely used. */
    private const HOPE = 0.8;

    /** Kinds of piece that are tried in a strip. */
    private const OPTIONS = 8;

    /** @var array<string, array{float, list<Strip>, array<int, int>}> rows that were worked out already, by their question */
    private array $known = [];

    /**
     * @param  list<Wanted>  $pieces
     * @param  list<non-empty-list<Wanted>>  $lays  the ways in which each can lie
     * @param  list<float>  $worth  of one piece of each kind
     */
    public function __construct(
        private readonly array $pieces,
        private readonly array $lays,
        private readonly array $worth,
    ) {
    }

    /**
     * @param  list<int>  $left  pieces still wanted, by kind
     * @return array{float, list<Section>, array<int, int>} what they are worth together, the sections, and how many of each kind
     */
    public function fill(int $width, int $height, array $left, int $depth = self::DEPTH): array
    {
        $options = $this->options($width, $height, $left);
        [$values, $chosen] = $this->knapsack($options, $width, $left);
        $best = [0.0, [], []];
        $densest = $this->densest($height, $left);
        $hopes = [];
        foreach ($values as $used => $value) {
            $hopes[$used] = $value + ($depth > 0 ? $densest * ($width - $used) * $height * self::HOPE : 0.0);
        }
        arsort($hopes);
        foreach (array_slice($hopes, 0, $depth > 0 ? self::ENDS : 1, true) as $used => $hope) {
            $rest = $width - $used;
            $value = $values[$used];
            [$sections, $taken] = $this->sections($options, $chosen[$used], $height);
            $below = $depth > 0 ? $this->rows($rest, $height, $this->minus($left, $taken), $depth - 1) : [0.0, [], []];
            if ($value + $below[0] > $best[0] + 1e-9) {
                $end = $below[1] === [] ? [] : [Section::recut($rest, $below[1])];
                $best = [$value + $below[0], [...$sections, ...$end], $this->sum($taken, $below[2])];
            }
        }

        return $best;
    }

    /**
     * Narrower strips one below the other. Every order of the same heights leaves the same question below it, which is answered once: the work
     * grows with the rows, not by doubling with each of them.
     *
     * @param  list<int>  $left
     * @return array{float, list<Strip>, array<int, int>}
     */
    private function rows(int $width, int $height, array $left, int $depth): array
    {
        // More than the rectangle can hold changes nothing.
        $within = array_map(fn (int $kind): int => min($left[$kind], $this->mostIn($width * $height, $kind)), array_keys($this->pieces));
        $question = "$width $height $depth ".implode(' ', $within);

        return $this->known[$question] ??= $this->newRows($width, $height, $within, $depth);
    }

    /** Pieces of a kind that so many square marks can hold at most. */
    private function mostIn(int $area, int $kind): int
    {
        return max(array_map(fn (Wanted $lay): int => intdiv($area * $lay->group, $lay->height * $lay->pitch), $this->lays[$kind]));
    }

    /**
     * @param  list<int>  $left
     * @return array{float, list<Strip>, array<int, int>}
     */
    private function newRows(int $width, int $height, array $left, int $depth): array
    {
        $best = [0.0, [], []];
        $heights = [];
        foreach ($this->lays as $kind => $lays) {
            foreach ($left[$kind] > 0 ? $lays : [] as $lay) {
                if ($lay->height < $height && $lay->length <= $width) {
                    $heights[$lay->height] = true;
                }
            }
        }
        krsort($heights);
        foreach (array_slice(array_keys($heights), 0, self::TRIED) as $upper) {
            [$value, $sections, $taken] = $this->fill($width, $upper, $left, $depth);
            if ($taken === []) {
                continue;
            }
            $below = $this->rows($width, $height - $upper, $this->minus($left, $taken), $depth);
            if ($value + $below[0] > $best[0] + 1e-9) {
                $best = [$value + $below[0], [new Strip($upper, $width, $sections), ...$below[1]], $this->sum($taken, $below[2])];
            }
        }

        return $best;
    }

    /**
     * What can stand in the strip from its upper to its lower edge: kind, lay, how many stand one below the other, how many of them.
     *
     * @param  list<int>  $left
     * @return list<array{int, Wanted, int, int}>
     */
    private function options(int $width, int $height, array $left): array
    {
        $options = [];
        foreach ($this->lays as $kind => $lays) {
            foreach ($left[$kind] > 0 ? $lays : [] as $lay) {
                $high = intdiv($height, $lay->height);
                if ($high === 0 || $lay->length > $width || ($lay->height * $high < $height && 4 * $lay->height * $high < 3 * $height)) {
                    continue;
                }
                $high = $lay->pitch === $lay->length ? min($high, $left[$kind]) : 1;
                $options[] = [$kind, $lay, $high, min($lay->fit($width), intdiv($left[$kind], $high))];
            }
        }

        usort($options, fn (array $one, array $other): int => $this->density($other, $height) <=> $this->density($one, $height));

        return array_slice($options, 0, self::OPTIONS);
    }

    /**
     * What a mark of the strip's width is worth with it.
     *
     * @param  array{int, Wanted, int, int}  $option
     */
    private function density(array $option, int $height): float
    {
        return $option[2] * $this->worth[$option[0]] * $option[1]->group / $option[1]->pitch / $height;
    }

    /**
     * @param  list<array{int, Wanted, int, int}>  $options
     * @param  list<int>  $left
     * @return array{array<int, float>, array<int, array<int, int>>} by the width used: what it is worth, and how many of each option; only such
     *     as are worth more than every shorter one
     */
    private function knapsack(array $options, int $width, array $left): array
    {
        $values = [0 => 0.0];
        $chosen = [0 => []];
        $kindOf = array_map(fn (array $option): int => $option[0], $options);
        foreach ($options as $number => [$kind, $lay, $high, $most]) {
            $longer = $values;
            $choices = $chosen;
            foreach ($values as $used => $value) {
                $taken = 0;
                foreach ($chosen[$used] as $other => $count) {
                    $taken += $kindOf[$other] === $kind ? $count * $options[$other][2] : 0;
                }
                for ($count = 1; $count <= $most; $count++) {
                    $end = $used + $lay->run($count);
                    if ($end > $width || ($taken + $count * $high > $left[$kind])) {
                        break;
                    }
                    $more = $value + $count * $high * $this->worth[$kind];
                    if (! isset($longer[$end]) || $more > $longer[$end] + 1e-9) {
                        $longer[$end] = $more;
                        $choices[$end] = $chosen[$used] + [$number => $count];
                    }
                }
            }
            ksort($longer);
            $values = $chosen = [];
            $best = -1.0;
            foreach ($longer as $end => $value) {
                if ($value > $best + 1e-9) {
                    $values[$end] = $best = $value;
                    $chosen[$end] = $choices[$end];
                }
            }
        }

        return [$values, $chosen];
    }

    /**
     * @param  list<array{int, Wanted, int, int}>  $options
     * @param  array<int, int>  $counts  of each option
     * @return array{list<Section>, array<int, int>}
     */
    private function sections(array $options, array $counts, int $height): array
    {
        $sections = $taken = [];
        foreach ($counts as $number => $count) {
            [$kind, $lay, $high] = $options[$number];
            $run = Section::run($lay, $count, $lay->height !== $this->pieces[$kind]->height);
            $sections[] = $lay->height === $height
                ? $run
                : Section::recut($run->width, array_fill(0, $high, new Strip($lay->height, $run->width, [$run])));
            $taken[$kind] = ($taken[$kind] ?? 0) + $count * $high;
        }

        return [$sections, $taken];
    }

    /**
     * The most that a square mark of a strip can be worth.
     *
     * @param  list<int>  $left
     */
    private function densest(int $height, array $left): float
    {
        $densest = 0.0;
        foreach ($this->lays as $kind => $lays) {
            foreach ($left[$kind] > 0 ? $lays : [] as $lay) {
                if ($lay->height <= $height) {
                    $densest = max($densest, $this->worth[$kind] * $lay->group / ($lay->height * $lay->pitch));
                }
            }
        }

        return $densest;
    }

    /**
     * @param  list<int>  $left
     * @param  array<int, int>  $taken
     * @return list<int>
     */
    private function minus(array $left, array $taken): array
    {
        foreach ($taken as $kind => $count) {
            $left[$kind] -= $count;
        }

        return array_values($left);
    }

    /**
     * @param  array<int, int>  $one
     * @param  array<int, int>  $other
     * @return array<int, int>
     */
    private function sum(array $one, array $other): array
    {
        foreach ($other as $kind => $count) {
            $one[$kind] = ($one[$kind] ?? 0) + $count;
        }

        return $one;
    }
}
