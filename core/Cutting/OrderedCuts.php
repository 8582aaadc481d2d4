<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Cuts runs of pieces one after the other, each from what is left of the strips that are cut already, a new strip only where none holds a
 * piece; and looks for an order that takes less cloth by changing one thing at a time. The changes are drawn by a generator with a fixed
 * beginning, so that the same pieces are always cut the same way. A turn is a kind, the number of its lay, how many of it are cut, and how
 * their places are parted: one of the three ways.
 *
 * @phpstan-type Turn array{int, int, int, int}
 */
final class OrderedCuts
{
    /** The whole width is parted below the run first, then what is beside it. */
    private const ROW = 0;

    /** The whole height is parted beside the run first, then what is below it. */
    private const COLUMN = 1;

    /** Nothing is cut from below the run, and it goes to the first strip that holds it: the plainest way of all. */
    private const PLAIN = 2;

    /** Results that a new order is measured by besides the last one, so that it may get a little worse on the way. */
    private const REMEMBERED = 20;

    /** @var list<non-empty-list<Wanted>> */
    private readonly array $lays;

    private int $steps = 0;

    /** @param  list<Wanted>  $pieces */
    private function __construct(private readonly array $pieces, private readonly int $width)
    {
        $this->lays = array_map(fn (Wanted $piece): array => Lays::of($piece, $width), $pieces);
    }

    /**
     * @param  list<Wanted>  $pieces  each of which fits the cloth at least one way
     * @param  int  $enough  length at which the search ends
     * @param  int  $most  places that may be looked at
     * @return list<Strip> never longer together than when the tallest is cut first, each from the first strip that holds it
     */
    public static function strips(array $pieces, int $width, int $enough, int $most): array
    {
        $self = new self($pieces, $width);

        return $self->cut($self->best($enough, $most));
    }

    /** @return list<Turn> */
    private function best(int $enough, int $most): array
    {
        $best = [];
        $length = [PHP_INT_MAX, 0];
        foreach ($this->starts() as $turns) {
            $found = $this->measured($turns);
            if (self::isBetter($found, $length)) {
                [$best, $length] = [$turns, $found];
            }
        }
        // What is plainly in strips has no place below: it becomes a row there.
        $last = array_map(fn (array $turn): array => $turn[3] === self::PLAIN ? [$turn[0], $turn[1], $turn[2], self::ROW] : $turn, $best);
        $lastLength = $this->measured($last);
        $before = array_fill(0, self::REMEMBERED, $lastLength);
        $dice = new Randomizer(new Mt19937(count($best)));
        for ($try = 0; $length[0] > $enough && $this->steps < $most && count($best) > 1; $try++) {
            $turns = $this->changed($last, $dice);
            $found = $this->measured($turns);
            if (! self::isBetter($lastLength, $found) || ! self::isBetter($before[$try % self::REMEMBERED], $found)) {
                [$last, $lastLength] = [$turns, $found];
            }
            $before[$try % self::REMEMBERED] = $lastLength;
            if (self::isBetter($found, $length)) {
                [$best, $length] = [$turns, $found];
            }
        }

        return $best;
    }

    /**
     * @param  array{int, int}  $one
     * @param  array{int, int}  $other
     */
    private static function isBetter(array $one, array $other): bool
    {
        return $one[0] < $other[0] || ($one[0] === $other[0] && $one[1] > $other[1]);
    }

    /** @return list<list<Turn>> the tallest first: upright, standing and lying, and parted in each way */
    private function starts(): array
    {
        $starts = [];
        foreach ([self::PLAIN, self::ROW, self::COLUMN] as $parted) {
            foreach ([0, 1, -1] as $way) {
                $turns = [];
                foreach ($this->lays as $kind => $lays) {
                    $number = 0;
                    foreach ($lays as $other => $lay) {
                        $number = $way * $lay->height > $way * $lays[$number]->height ? $other : $number;
                    }
                    $turns[] = [$kind, $number, $this->pieces[$kind]->count, $parted];
                }
                usort($turns, fn (array $one, array $other): int => $this->size($other) <=> $this->size($one));
                $starts[] = $turns;
            }
        }

        return $starts;
    }

    /**
     * @param  Turn  $turn
     * @return array{int, int}
     */
    private function size(array $turn): array
    {
        $lay = $this->lays[$turn[0]][$turn[1]];

        return [$lay->height, $lay->length];
    }

    /**
     * The length that an order takes, and how much of the rest is in large places, which hold more later.
     *
     * @param  list<Turn>  $turns
     * @return array{int, int}
     */
    private function measured(array $turns): array
    {
        $width = $height = [];
        $length = 0;
        foreach ($turns as [$kind, $number, $count, $parted]) {
            $lay = $this->lays[$kind][$number];
            $high = $lay->height;
            while ($count > 0) {
                $place = $this->place($width, $height, $lay, $parted);
                if ($place === null) {
                    $length += $high;
                    [$width[], $height[]] = [$this->width, $high];
                    $place = (int) array_key_last($width);
                }
                [$wide, $tall] = [$width[$place], $height[$place]];
                $fit = min($count, $lay->fit($wide));
                $run = $lay->run($fit);
                $count -= $fit;
                // The same as in cut(), without the places themselves: this is done thousands of times.
                if ($run === $wide) {
                    unset($width[$place], $height[$place]);
                } else {
                    [$width[$place], $height[$place]] = [$wide - $run, $parted === self::ROW ? $high : $tall];
                }
                if ($tall > $high && $parted !== self::PLAIN) {
                    $width[] = $parted === self::ROW ? $wide : $run;
                    $height[] = $tall - $high;
                }
            }
        }
        $large = 0;
        foreach ($width as $place => $wide) {
            $area = $wide * $height[$place];
            $large += $area * $area;
        }

        return [$length, $large];
    }

    /**
     * The place that a run fits best: either side of what is left beside or below it is smallest.
     *
     * @param  array<int, int>  $width
     * @param  array<int, int>  $height
     */
    private function place(array $width, array $height, Wanted $lay, int $parted): ?int
    {
        $best = null;
        $least = PHP_INT_MAX;
        $this->steps += count($width) + 1;
        [$long, $high] = [$lay->length, $lay->height];
        foreach ($width as $place => $wide) {
            if ($wide < $long || $height[$place] < $high) {
                continue;
            }
            if ($parted === self::PLAIN) {
                return $place;
            }
            $beside = $wide - $long;
            $below = $height[$place] - $high;
            $left = $beside < $below ? $beside : $below;
            if ($left < $least) {
                $best = $place;
                $least = $left;
            }
        }

        return $best;
    }

    /**
     * @param  list<Turn>  $turns
     * @return list<Turn> with one or two changes
     */
    private function changed(array $turns, Randomizer $dice): array
    {
        for ($changes = $dice->getInt(1, 2); $changes > 0; $changes--) {
            $last = count($turns) - 1;
            $one = $dice->getInt(0, $last);
            $other = $dice->getInt(0, $last);
            [$kind, $number, $count, $parted] = $turns[$one];
            $lays = count($this->lays[$kind]);
            switch ($dice->getInt(0, 5)) {
                case 0:
                    [$turns[$one], $turns[$other]] = [$turns[$other], $turns[$one]];
                    break;
                case 1:
                    array_splice($turns, $one, 1);
                    array_splice($turns, $other, 0, [[$kind, $number, $count, $parted]]);
                    break;
                case 2:
                    $turns[$one] = [$kind, $lays - 1 - $number, $count, $parted];
                    break;
                case 3:
                    $turns[$one] = [$kind, $number, $count, $parted === self::ROW ? self::COLUMN : self::ROW];
                    break;
                case 4:
                    if ($count > 1) {
                        $part = $dice->getInt(1, $count - 1);
                        $turns[$one] = [$kind, $number, $part, $parted];
                        array_splice($turns, $other, 0, [[$kind, $dice->getInt(0, $lays - 1), $count - $part, $parted]]);
                    }
                    break;
                default:
                    if ($one !== $other && $turns[$other][0] === $kind) {
                        $turns[$one] = [$kind, $number, $count + $turns[$other][2], $parted];
                        array_splice($turns, $other, 1);
                    }
            }
        }

        return $turns;
    }

    /**
     * @param  list<Turn>  $turns
     * @return list<Strip>
     */
    private function cut(array $turns): array
    {
        $width = $height = $places = $strips = [];
        foreach ($turns as [$kind, $number, $count, $parted]) {
            $lay = $this->lays[$kind][$number];
            while ($count > 0) {
                $place = $this->place($width, $height, $lay, $parted);
                if ($place === null) {
                    [$width[], $height[], $places[]] = [$this->width, $lay->height, $strips[] = new CutPlace($this->width, $lay->height)];
                    $place = (int) array_key_last($width);
                }
                $fit = min($count, $lay->fit($width[$place]));
                $count -= $fit;
                $run = Section::run($lay, $fit, $lay->height !== $this->pieces[$kind]->height);
                [$beside, $below] = $places[$place]->cut($run, $lay->height, $parted === self::ROW);
                if ($beside->width === 0) {
                    unset($width[$place], $height[$place], $places[$place]);
                } else {
                    [$width[$place], $height[$place], $places[$place]] = [$beside->width, $beside->height, $beside];
                }
                if ($below->height > 0 && $parted !== self::PLAIN) {
                    [$width[], $height[], $places[]] = [$below->width, $below->height, $below];
                }
            }
        }

        return array_map(fn (CutPlace $place): Strip => new Strip($place->height, $place->width, $place->sections()), $strips);
    }
}
