<?php

declare(strict_types=1);

namespace Dew\Core\Press;

use WeakMap;

/** Sews the parts of one product together, and writes down its seams and crossings in the order of sewing. */
final class SeamOrder
{
    private const GRAIN = PressModel::GRAIN;

    private int $number = 0;

    /**
     * @param  int  $copies  how often the product comes in the top
     * @param  WeakMap<Assembly, list<int>>|null  $numbers  of its parts, where it shall be written down how they are sewn together
     */
    public function __construct(
        private readonly PressModel $model,
        private readonly string $product,
        private readonly int $copies,
        private readonly ?WeakMap $numbers = null,
    ) {
    }

    /**
     * Sews parts in rounds, and what is left in pieces then, together.
     *
     * @param  list<Assembly>  $parts
     * @param  list<list<array{int, int}>>  $rounds  pairs of parts that are sewn together, by their numbers
     */
    public function inRounds(array $parts, array $rounds): Assembly
    {
        // Which sewn piece every part is in, by the number of its first part.
        $in = array_keys($parts);
        $sewn = $parts;
        foreach ($rounds as $pairs) {
            $before = $in;
            foreach ($pairs as [$one, $other]) {
                [$first, $second] = [min($in[$one] ?? 0, $in[$other] ?? 0), max($in[$one] ?? 0, $in[$other] ?? 0)];
                $in = array_map(fn (int $piece): int => $piece === $second ? $first : $piece, $in);
            }
            foreach (array_unique($in) as $piece) {
                $joined = array_values(array_unique(array_map(fn (int $part): int => $before[$part], array_keys($in, $piece, true))));
                if (count($joined) > 1) {
                    $sewn[$piece] = $this->numbered(array_map(fn (int $one): Assembly => $sewn[$one], $joined));
                }
            }
        }

        return $this->together(array_map(fn (int $piece): Assembly => $sewn[$piece], array_values(array_unique($in))));
    }

    /** @param  list<Assembly>  $parts */
    private function numbered(array $parts): Assembly
    {
        $whole = $this->together($parts);
        if ($this->numbers !== null) {
            $this->numbers[$whole] = array_merge(...array_map(fn (Assembly $part): array => $this->numbers[$part] ?? [], $parts));
        }

        return $whole;
    }

    /** @param  list<Assembly>  $parts */
    public function together(array $parts): Assembly
    {
        if (count($parts) < 2) {
            return $parts[0] ?? new Assembly([], [], [], [], [], 0.0);
        }
        foreach ($this->directions($parts) as [$dx, $dy]) {
            $cuts = $this->cuts($parts, $dx, $dy);
            if ($cuts !== []) {
                return $this->strips($parts, $cuts, $dx, $dy);
            }
        }

        return $this->oneByOne($parts);
    }

    /**
     * Directions in which some part has an edge: level first, then upright, then the others by their slope.
     *
     * @param  list<Assembly>  $parts
     * @return list<array{float, float}> unit vectors that point to the right, or straight down
     */
    private function directions(array $parts): array
    {
        $directions = [];
        foreach ($parts as $part) {
            foreach ($part->straight as [$x1, $y1, $x2, $y2]) {
                $length = hypot($x2 - $x1, $y2 - $y1);
                if ($length < self::GRAIN) {
                    continue;
                }
                [$dx, $dy] = [($x2 - $x1) / $length, ($y2 - $y1) / $length];
                if ($dx < -1e-6 || (abs($dx) <= 1e-6 && $dy < 0)) {
                    [$dx, $dy] = [-$dx, -$dy];
                }
                $directions[(string) round(rad2deg(atan2($dy, $dx)), 1)] = [$dx, $dy];
            }
        }
        usort($directions, fn (array $one, array $other): int => self::rank($one[0], $one[1]) <=> self::rank($other[0], $other[1]));

        return $directions;
    }

    /** @return array{int, float} level, upright, then by slope */
    private static function rank(float $dx, float $dy): array
    {
        return [abs($dy) < 1e-6 ? 0 : (abs($dx) < 1e-6 ? 1 : 2), round(atan2($dy, $dx), 6)];
    }

    /**
     * Lines of one direction that part everything and go through nothing.
     *
     * @param  list<Assembly>  $parts
     * @return list<float> their distances from the corner, in order
     */
    private function cuts(array $parts, float $dx, float $dy): array
    {
        $spans = [];
        foreach ($parts as $part) {
            $distances = array_map(fn (array $corner): float => self::distance($corner[0], $corner[1], $dx, $dy), $part->corners);
            if ($distances !== []) {
                $spans[] = [min($distances), max($distances)];
            }
        }
        usort($spans, fn (array $one, array $other): int => $one <=> $other);
        $cuts = [];
        $reach = $spans[0][1] ?? 0.0;
        foreach (array_slice($spans, 1) as [$from, $to]) {
            if ($from > $reach - self::GRAIN) {
                $cuts[] = ($from + $reach) / 2;
            }
            $reach = max($reach, $to);
        }

        return $cuts;
    }

    /**
     * @param  list<Assembly>  $parts
     * @param  non-empty-list<float>  $cuts
     */
    private function strips(array $parts, array $cuts, float $dx, float $dy): Assembly
    {
        $strips = array_fill(0, count($cuts) + 1, []);
        foreach ($parts as $part) {
            $middle = 0.0;
            foreach ($part->corners as $corner) {
                $middle += self::distance($corner[0], $corner[1], $dx, $dy) / count($part->corners);
            }
            $index = 0;
            while ($index < count($cuts) && $middle > $cuts[$index]) {
                $index++;
            }
            $strips[$index][] = $part;
        }
        // Upright lines are numbered from the left, though their distances grow towards it.
        if (abs($dx) < 1e-6) {
            $strips = array_reverse($strips, true);
            $cuts = array_reverse($cuts, true);
        }
        $sewn = array_map($this->together(...), $strips);
        $seams = [];
        foreach ($cuts as $index => $cut) {
            $seam = $this->seam($sewn[$index], $sewn[$index + 1], $cut, $dx, $dy);
            if ($seam !== null) {
                $seams[] = $seam;
            }
        }

        if ($this->numbers !== null) {
            $numbers = $this->numbers;
            $this->model->groups[] = [$dx, $dy, array_values(array_map(
                fn (array $strip): array => array_merge(...array_map(fn (Assembly $part): array => $numbers[$part], $strip)), $strips,
            ))];
        }

        return Assembly::joined(array_values($sewn), $seams);
    }

    /**
     * The seam between two neighbours along a line. The first lies at its left: where y grows downwards, that is above a level line.
     *
     * @return array{int, float, float, float, float}|null null where they do not touch
     */
    private function seam(Assembly $before, Assembly $after, float $cut, float $dx, float $dy): ?array
    {
        $spans = [$this->along($before, $cut, $dx, $dy), $this->along($after, $cut, $dx, $dy)];
        [$from, $to] = [max($spans[0][0], $spans[1][0]), min($spans[0][1], $spans[1][1])];
        if ($to - $from < self::GRAIN) {
            return null;
        }
        $ends = [$this->ends($before, $cut, $from, $to, $dx, $dy), $this->ends($after, $cut, $from, $to, $dx, $dy)];
        $number = count($this->model->seams);
        $this->number++;
        [$x1, $y1] = self::point($from, $cut, $dx, $dy);
        [$x2, $y2] = self::point($to, $cut, $dx, $dy);
        $this->model->seams[] = new PressSeam(
            ($this->product === '' ? 'top' : $this->product).'/'.$this->number, $this->product, $x1, $y1, $x2, $y2, $this->copies,
            // Somebody who walks along a level line to the right, where y grows downwards, has what lies below it at her right.
            $this->depth($after, $cut, $from, $to, $dx, $dy) - $this->depth($before, $cut, $from, $to, $dx, $dy),
            count($ends[0]), count($ends[1]),
        );
        $this->cross($ends[0], $ends[1], $number, $dx, $dy);

        return [$number, $x1, $y1, $x2, $y2];
    }

    /** @return array{float, float} where a part lies on a line */
    private function along(Assembly $part, float $cut, float $dx, float $dy): array
    {
        $from = INF;
        $to = -INF;
        foreach ($part->edges as [$x1, $y1, $x2, $y2]) {
            if (self::isOn($x1, $y1, $cut, $dx, $dy) && self::isOn($x2, $y2, $cut, $dx, $dy)) {
                [$a, $b] = [$x1 * $dx + $y1 * $dy, $x2 * $dx + $y2 * $dy];
                [$from, $to] = [min($from, $a, $b), max($to, $a, $b)];
            }
        }

        return [$from, $to];
    }

    /** How dark a part is along a line, over its length. */
    private function depth(Assembly $part, float $cut, float $from, float $to, float $dx, float $dy): float
    {
        $depth = 0.0;
        foreach ($part->edges as [$x1, $y1, $x2, $y2, $dark]) {
            if (self::isOn($x1, $y1, $cut, $dx, $dy) && self::isOn($x2, $y2, $cut, $dx, $dy)) {
                [$a, $b] = [$x1 * $dx + $y1 * $dy, $x2 * $dx + $y2 * $dy];
                $depth += $dark * max(0.0, min($to, max($a, $b)) - max($from, min($a, $b)));
            }
        }

        return $depth;
    }

    /**
     * Seams of a part that end on a line, between two points of it.
     *
     * @return list<array{int, float, float, float, float}> number, place along the line, unit vector away from it, and on which side of its
     *     own way the line's direction lies: 1 for its right, −1 for its left
     */
    private function ends(Assembly $part, float $cut, float $from, float $to, float $dx, float $dy): array
    {
        $ends = [];
        foreach ($part->open as [$seam, $x1, $y1, $x2, $y2]) {
            [$off1, $off2] = [abs(-$dy * $x1 + $dx * $y1 - $cut), abs(-$dy * $x2 + $dx * $y2 - $cut)];
            // A seam ends there when one of its ends lies on the line and the other does not.
            if ($off1 <= self::GRAIN && $off2 >= self::GRAIN) {
                [$ax, $ay, $bx, $by] = [$x1, $y1, $x2, $y2];
            } elseif ($off2 <= self::GRAIN && $off1 >= self::GRAIN) {
                [$ax, $ay, $bx, $by] = [$x2, $y2, $x1, $y1];
            } else {
                continue;
            }
            $at = $ax * $dx + $ay * $dy;
            if ($at >= $from + self::GRAIN && $at <= $to - self::GRAIN) {
                $length = hypot($bx - $ax, $by - $ay);
                // Its right, by the way it was written down, and whether that is where the line runs to.
                $side = (-($y2 - $y1) * $dx + ($x2 - $x1) * $dy) > 0 ? 1.0 : -1.0;
                $ends[] = [$seam, $at, ($bx - $ax) / $length, ($by - $ay) / $length, $side];
            }
        }

        return $ends;
    }

    /**
     * @param  list<array{int, float, float, float, float}>  $before
     * @param  list<array{int, float, float, float, float}>  $after
     */
    private function cross(array $before, array $after, int $across, float $dx, float $dy): void
    {
        $points = $places = [];
        foreach ($before as $end) {
            $points[(string) round($end[1] / self::GRAIN / 4)][] = $end;
        }
        foreach ($after as $number => $end) {
            $places[(int) floor($end[1] / self::GRAIN / 4)][] = $number;
        }
        foreach ($points as $ends) {
            $opposite = $this->near($ends[0][1], $after, $places);
            if ($opposite === []) {
                continue;
            }
            foreach ($this->pairs($ends, $opposite, $dx, $dy) as [$one, $other]) {
                $line = $this->model->seams[$across];
                $cut = self::distance($line->fromX, $line->fromY, $dx, $dy);
                [$x, $y] = self::point($one[1], $cut, $dx, $dy);
                // They nest when one lies along the line and the other against it.
                $this->model->crossings[] = new Crossing(
                    $one[0], $other[0], $one[4] === $other[4], $across, $this->product, $x, $y, $this->copies,
                );
            }
        }
    }

    /**
     * The ends near a place along the line, in their order.
     *
     * @param  list<array{int, float, float, float, float}>  $ends
     * @param  array<int, list<int>>  $places  their numbers by where they are, in steps of four grains
     * @return list<array{int, float, float, float, float}>
     */
    private function near(float $at, array $ends, array $places): array
    {
        $step = (int) floor($at / self::GRAIN / 4);
        $found = [];
        foreach ([$step - 1, $step, $step + 1] as $place) {
            foreach ($places[$place] ?? [] as $number) {
                if (abs($ends[$number][1] - $at) < 4 * self::GRAIN) {
                    $found[$number] = $ends[$number];
                }
            }
        }
        ksort($found);

        return array_values($found);
    }

    /**
     * Which of the seams that end at one point belong together: those that go straight on, then those that are each other's mirror image,
     * then a last one on each side.
     *
     * @param  list<array{int, float, float, float, float}>  $before
     * @param  list<array{int, float, float, float, float}>  $after
     * @return list<array{array{int, float, float, float, float}, array{int, float, float, float, float}}>
     */
    private function pairs(array $before, array $after, float $dx, float $dy): array
    {
        $pairs = [];
        foreach ([false, true] as $isMirror) {
            foreach ($before as $i => $one) {
                $along = $isMirror ? $one[2] * $dx + $one[3] * $dy : 0.0;
                [$x, $y] = [2 * $along * $dx - $one[2], 2 * $along * $dy - $one[3]];
                foreach ($after as $j => $other) {
                    if (abs($other[2] - $x) < 0.01 && abs($other[3] - $y) < 0.01) {
                        $pairs[] = [$one, $other];
                        unset($before[$i], $after[$j]);

                        break;
                    }
                }
            }
        }
        if (count($before) === 1 && count($after) === 1) {
            $pairs[] = [array_values($before)[0], array_values($after)[0]];
        }

        return $pairs;
    }

    /**
     * Seams between parts that no straight line can part, each by itself.
     *
     * @param  non-empty-list<Assembly>  $parts
     */
    private function oneByOne(array $parts): Assembly
    {
        $seams = [];
        foreach ($parts as $i => $one) {
            foreach (array_slice($parts, $i + 1) as $other) {
                foreach ($one->edges as [$x1, $y1, $x2, $y2, $dark]) {
                    foreach ($other->edges as [$a1, $b1, $a2, $b2, $depth]) {
                        if (! $this->isSame([$x1, $y1, $x2, $y2], [$a1, $b1, $a2, $b2])) {
                            continue;
                        }
                        $this->number++;
                        $seams[] = [count($this->model->seams), $x1, $y1, $x2, $y2];
                        // Outlines run clockwise where y grows downwards, so a patch lies at the right of its own edge.
                        $this->model->seams[] = new PressSeam(
                            ($this->product === '' ? 'top' : $this->product).'/'.$this->number, $this->product, $x1, $y1, $x2, $y2,
                            $this->copies, ($dark - $depth) * hypot($x2 - $x1, $y2 - $y1), 0, 0,
                            ! $one->isStraight([$x1, $y1, $x2, $y2]),
                        );
                    }
                }
            }
        }

        return Assembly::joined($parts, $seams);
    }

    /**
     * Whether two edges lie on one another, in either direction.
     *
     * @param  array{float, float, float, float}  $one
     * @param  array{float, float, float, float}  $other
     */
    private function isSame(array $one, array $other): bool
    {
        $near = fn (float $ax, float $ay, float $bx, float $by): bool => abs($ax - $bx) < self::GRAIN && abs($ay - $by) < self::GRAIN;

        return ($near($one[0], $one[1], $other[2], $other[3]) && $near($one[2], $one[3], $other[0], $other[1]))
            || ($near($one[0], $one[1], $other[0], $other[1]) && $near($one[2], $one[3], $other[2], $other[3]));
    }

    /** Whether a point lies on a line. */
    private static function isOn(float $x, float $y, float $cut, float $dx, float $dy): bool
    {
        return abs(-$dy * $x + $dx * $y - $cut) < self::GRAIN;
    }

    /** How far a point lies to the right of a line through the corner, where y grows downwards. */
    private static function distance(float $x, float $y, float $dx, float $dy): float
    {
        return -$dy * $x + $dx * $y;
    }

    /** @return array{float, float} the point at a place along a line */
    private static function point(float $along, float $cut, float $dx, float $dy): array
    {
        return [$along * $dx - $cut * $dy, $along * $dy + $cut * $dx];
    }
}
