<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;

/**
 * What a sewn top really measures, raw edge to raw edge: across and down, near both edges and through the middle, and its diagonals if
 * somebody measured them, since only they show a top that leans.
 */
final readonly class TopMeasure
{
    /** Inches by which measures of one direction may differ before somebody should look why. */
    private const APART = [1, 2];

    /** Inches that no quilt top is below. */
    private const LEAST = 6;

    /** Inches by which no two measures of one direction differ, and neither does a top from its pattern. */
    private const MOST_APART = 5;

    private const LARGEST = 200;

    /**
     * @param  non-empty-list<Length>  $widths  from the top edge to the bottom edge
     * @param  non-empty-list<Length>  $heights  from the left edge to the right edge
     * @param  array{Length, Length}|null  $diagonals  from the top left and from the top right
     * @param  Notation  $notation  on whose marks the averages lie, so that everything that is cut from them comes out
     *
     * @throws MeasureRefused when the measures cannot be true
     */
    public function __construct(
        public array $widths,
        public array $heights,
        public ?array $diagonals = null,
        private Notation $notation = Notation::Fractions,
    ) {
        foreach (['widths' => $widths, 'heights' => $heights] as $field => $measures) {
            foreach ($measures as $measure) {
                if ($measure->isLessThan(Length::inches(self::LEAST)) || $measure->isGreaterThan(Length::inches(self::LARGEST))) {
                    throw new MeasureRefused($field, $measure->isLessThan(Length::inches(self::LEAST)) ? 'too_small' : 'too_large');
                }
            }
            if (! self::spread($measures)->isLessThan(Length::inches(self::MOST_APART))) {
                throw new MeasureRefused($field, 'too_far_apart');
            }
        }
        if ($diagonals === null) {
            return;
        }
        // By the average sides; a top may lean, but its diagonals cannot both be shorter or longer than that allows.
        $right = hypot($this->width()->toFloat(), $this->height()->toFloat());
        foreach ($diagonals as $diagonal) {
            if (abs($diagonal->toFloat() - $right) > self::MOST_APART) {
                throw new MeasureRefused('diagonals', 'not_this_top');
            }
        }
    }

    /** The average across, at the nearest mark. */
    public function width(): Length
    {
        return $this->average($this->widths);
    }

    /** The average down, likewise. */
    public function height(): Length
    {
        return $this->average($this->heights);
    }

    /**
     * What to look at before a border goes on, each a key of the sentences in lang/en/benchwork.php.
     *
     * @return list<string> empty when the top is true
     */
    public function warnings(): array
    {
        $warnings = [];
        foreach (['widths' => $this->widths, 'heights' => $this->heights] as $field => $measures) {
            if (self::spread($measures)->isGreaterThan(Length::fraction(...self::APART))) {
                $warnings[] = $field.'_'.self::shape($measures);
            }
        }
        if ($this->diagonals !== null && $this->diagonals[0]->minus($this->diagonals[1])->absolute()->isGreaterThan(Length::fraction(...self::APART))) {
            $warnings[] = 'leans';
        }

        return $warnings;
    }

    /** Whether this cannot be a top that should measure so much, raw edge to raw edge: of another size, or without a row. */
    public function isFarFrom(Size $pattern): bool
    {
        $most = Length::inches(self::MOST_APART);

        return $this->width()->minus($pattern->width)->absolute()->isGreaterThan($most)
            || $this->height()->minus($pattern->height)->absolute()->isGreaterThan($most);
    }

    /**
     * How far the upper edge lies aside of the lower one, to the right: a parallelogram of width w and diagonals d, e has
     * d² − e² = 4·w·x for the diagonal from the lower left d. Zero without diagonals.
     *
     * @return float inches
     */
    public function lean(): float
    {
        if ($this->diagonals === null) {
            return 0.0;
        }
        [$fromLeft, $fromRight] = array_map(fn (Length $diagonal): float => $diagonal->toFloat(), $this->diagonals);

        return ($fromRight ** 2 - $fromLeft ** 2) / (4 * $this->width()->toFloat());
    }

    /** @param  non-empty-list<Length>  $measures */
    private function average(array $measures): Length
    {
        $average = Length::sum($measures)->dividedBy(count($measures));

        // What was read as one number stays as it was read.
        return count($measures) === 1 ? $average : $average->nearestTo($this->notation->fineStep());
    }

    /** @param  non-empty-list<Length>  $measures */
    private static function spread(array $measures): Length
    {
        $least = $most = $measures[0];
        foreach ($measures as $measure) {
            $least = $measure->isLessThan($least) ? $measure : $least;
            $most = $measure->isGreaterThan($most) ? $measure : $most;
        }

        return $most->minus($least);
    }

    /**
     * Where it differs: the edges are longer than the middle, the middle is longer than both, or one edge is longer than the other.
     *
     * @param  non-empty-list<Length>  $measures
     */
    private static function shape(array $measures): string
    {
        $first = $measures[0];
        $last = $measures[count($measures) - 1];
        $middle = Length::sum($measures)->dividedBy(count($measures));
        if (count($measures) > 2) {
            $inner = array_slice($measures, 1, -1);
            $middle = Length::sum($inner)->dividedBy(count($inner));
            if ($first->isGreaterThan($middle) && $last->isGreaterThan($middle)) {
                return 'wavy';
            }
            if ($first->isLessThan($middle) && $last->isLessThan($middle)) {
                return 'full';
            }
        }

        return 'tapers';
    }
}
