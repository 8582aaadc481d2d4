<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;

/**
 * What rectangles that are sewn together measure, raw edge to raw edge: what those come to that lie along the line through the middle, or
 * through the block next to it, each at the mark that it is cut or trimmed to.
 */
final class Joined
{
    /** @var non-empty-list<array{Length, Length, Length, Length}>|array{} left, top, right and bottom of each part */
    private array $boxes = [];

    /** @var list<array{Measurement, Measurement}|null> width and height of each as it is sewn in; null for the exact ones */
    private array $sides = [];

    /** @var array<int, true> which of them are blocks */
    private array $blocks = [];

    public function __construct(private readonly Length $seam)
    {
    }

    /**
     * A block or unit.
     *
     * @param  array{Measurement, Measurement}|null  $joined  see {@see \Dew\Core\Unit\Workings::joined()}; null for its exact size
     */
    public function place(Placement $place, Size $finished, ?array $joined): void
    {
        $this->blocks[count($this->boxes)] = true;
        $this->boxes[] = $place->rectangle($finished)->box();
        $this->sides[] = $joined === null || $place->turn % 90 !== 0 ? null : match ($place->turn % 180) {
            0 => $joined,
            default => [$joined[1], $joined[0]],
        };
    }

    /** A sash or a border, which is cut to the nearest mark. */
    public function strip(Outline $outline): void
    {
        $cut = $outline->asRectangle()?->outsetBy($this->seam);
        $this->boxes[] = $outline->box();
        $this->sides[] = $cut === null ? null : [Measurement::exact($cut->width), Measurement::exact($cut->height)];
    }

    /** What only counts at its exact size, such as a patch of a pieced border. */
    public function patch(Outline $outline): void
    {
        $this->boxes[] = $outline->box();
        $this->sides[] = null;
    }

    /** @return array{Measurement, Measurement} width and height */
    public function measures(): array
    {
        return [$this->measure(0, 1), $this->measure(1, 0)];
    }

    /**
     * @param  int<0, 1>  $axis  0 for the width and 1 for the height
     * @param  int<0, 1>  $other
     */
    private function measure(int $axis, int $other): Measurement
    {
        [$least, $most] = $this->reach($axis);
        $middle = $this->middle($other);
        $along = [];
        foreach ($this->boxes as $index => $box) {
            if (isset($this->sides[$index]) && ! $middle->isLessThan($box[$other]) && $middle->isLessThan($box[$other + 2])) {
                $along[] = $this->sides[$index][$axis];
            }
        }

        return Measurement::sewn($most->minus($least)->plus($this->seam->times(2)), $along);
    }

    /**
     * Where to measure: through the middle, or through the block that ends first beyond it, since a sash may lie in the middle.
     *
     * @param  int<0, 1>  $axis
     */
    private function middle(int $axis): Length
    {
        [$from, $to] = $this->reach($axis);
        $middle = $from->plus($to)->dividedBy(2);
        $next = null;
        foreach (array_keys($this->blocks) as $index) {
            $box = $this->boxes[$index];
            if ($middle->isLessThan($box[$axis + 2]) && ($next === null || $box[$axis + 2]->isLessThan($next[$axis + 2]))) {
                $next = $box;
            }
        }

        return $next === null ? $middle : $next[$axis]->plus($next[$axis + 2])->dividedBy(2);
    }

    /**
     * @param  int<0, 1>  $axis
     * @return array{Length, Length} where everything together begins and ends
     */
    private function reach(int $axis): array
    {
        $least = $most = null;
        foreach ($this->boxes as $box) {
            $least = $least === null || $box[$axis]->isLessThan($least) ? $box[$axis] : $least;
            $most = $most === null || $box[$axis + 2]->isGreaterThan($most) ? $box[$axis + 2] : $most;
        }

        return [$least ?? Length::zero(), $most ?? Length::zero()];
    }
}
