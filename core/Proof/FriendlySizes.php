<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\Design;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Plan\SizedDesign;
use Dew\Core\Plan\UnitFacts;
use Dew\Core\Setting\QuiltSize;
use InvalidArgumentException;

/**
 * Whether every cut of a size that could lie on the cutting step (⅛ in, or 1 mm) does, and at which sizes of block it would.
 *
 * Only rational cuts are asked: those with √2 or √3 never lie on a mark, and their rule cut is trimmed or nearest. Cut sizes grow evenly with the
 * block, so two scales tell every other.
 */
final readonly class FriendlySizes
{
    /** How far to look for a better size of block, in quarters of an inch (or half centimetres), either way. */
    private const FAR = 24;

    /**
     * @param  Length  $block  finished side of the blocks at this size
     * @param  list<array{string, Length}>  $unfriendly  product key and exact cut
     * @param  list<array{Length, Length}>  $cuts  of each rational cut, what it is and what it grows by when the block doubles
     */
    private function __construct(
        public Length $block,
        public array $unfriendly,
        private array $cuts,
        private Length $step,
        private bool $metric,
    ) {
    }

    public static function of(Design $design, SizedDesign $sized): self
    {
        $step = $design->room->notation()->cuttingStep();
        $twice = new QuiltSize($sized->size->id, $sized->size->name, 1, 1, 2 * $sized->size->scale, $sized->size->scaleOver);
        $doubled = SizedDesign::products($design, $twice);
        $unfriendly = $cuts = [];
        foreach ($sized->counts as $key => $count) {
            if ($count < 1 || ! isset($design->units[$key])) {
                continue;
            }
            $unit = $sized->products[$key];
            $method = $unit->kind()->methods()[0];
            try {
                $larger = UnitFacts::of($doubled[$key], $design->room)->making($method)->pieces;
                $pieces = UnitFacts::of($unit, $design->room)->making($method)->pieces;
            } catch (InvalidArgumentException) {
                // Twice as large it cannot be made on this cloth: there is no telling how it grows.
                continue;
            }
            foreach (count($larger) === count($pieces) ? $pieces : [] as $index => $piece) {
                foreach (array_filter([$piece->width, $piece->length]) as $which => $measure) {
                    $other = $which === 0 ? $larger[$index]->width : $larger[$index]->length;
                    if ($measure->approximate || ! $measure->exact->isRational() || $other === null) {
                        continue;
                    }
                    $cuts[$measure->exact->encode().' '.$other->exact->encode()] = [$measure->exact, $other->exact->minus($measure->exact)];
                    if (! $measure->exact->isMultipleOf($step)) {
                        $unfriendly[$key.' '.$measure->exact->encode()] = [$key, $measure->exact];
                    }
                }
            }
        }
        $first = array_key_first($sized->layout->blockCounts);

        return new self($sized->products[(string) $first]->finished()->width, array_values($unfriendly), array_values($cuts), $step, $design->room->isMetric());
    }

    /** @return array{Length|null, Length|null} the nearest smaller and larger side of block at which every cut lies on the step */
    public function nearest(): array
    {
        if (! $this->block->isRational()) {
            return [null, null];
        }
        $grid = $this->metric ? Length::parse('5 mm') : Length::fraction(1, 4);
        $down = $this->block->floorTo($grid);
        $up = $this->block->ceilTo($grid);
        $lower = $higher = null;
        for ($tries = 0; $tries < self::FAR; $tries++) {
            $lower ??= $this->isFriendlyAt($down->minus($grid->times($tries))) ? $down->minus($grid->times($tries)) : null;
            $higher ??= $this->isFriendlyAt($up->plus($grid->times($tries))) ? $up->plus($grid->times($tries)) : null;
        }

        return [$lower, $higher];
    }

    private function isFriendlyAt(Length $side): bool
    {
        if (! $side->isPositive() || $side->equals($this->block)) {
            return false;
        }
        [$share, $of] = $side->over($this->block);
        try {
            foreach ($this->cuts as [$cut, $growth]) {
                if (! $cut->plus($growth->times($share - $of, $of))->isMultipleOf($this->step)) {
                    return false;
                }
            }
        } catch (MeasureException) {
            return false;
        }

        return true;
    }
}
