<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\Compilation;
use Dew\Core\Design\SizedDesign;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Unit\Unit;
use InvalidArgumentException;

/**
 * Whether every length of a size that could lie on the cutting step (⅛ in, or 1 mm) does, cut or trimmed, and at which sizes of block it
 * would.
 *
 * Only rational cuts are asked: those with √2 or √3 never lie on a mark, and their rule cut is trimmed or nearest. Cut sizes grow evenly
 * with the block, so two scales tell every other.
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

    public static function of(Compilation $compilation, SizedDesign $sized): self
    {
        $room = $compilation->room;
        $step = $room->notation()->cuttingStep();
        $doubled = $compilation->products(2 * $sized->size->scale, $sized->size->scaleOver);
        $unfriendly = $cuts = [];
        foreach ($sized->counts as $key => $count) {
            if ($count < 1 || ! isset($compilation->design->units[$key])) {
                continue;
            }
            foreach (self::measures($compilation, $sized->products[$key], $doubled[$key]) as [$exact, $larger]) {
                $cuts[$exact->encode().' '.$larger->encode()] = [$exact, $larger->minus($exact)];
                if (! $exact->isMultipleOf($step)) {
                    $unfriendly[$key.' '.$exact->encode()] = [(string) $key, $exact];
                }
            }
        }
        $first = array_key_first($sized->layout->blockCounts);
        $block = $sized->products[(string) $first]->finished()->width;

        return new self($block, array_values($unfriendly), array_values($cuts), $step, $room->isMetric());
    }

    /**
     * The rational lengths that a unit is cut and trimmed to, and what they are when it is twice as large. Nothing when it cannot be made
     * that large on this cloth: there is no telling then how it grows.
     *
     * @return list<array{Length, Length}>
     */
    private static function measures(Compilation $compilation, Unit $unit, Unit $doubled): array
    {
        try {
            $larger = $compilation->usualMaking($doubled)->pieces;
            $pieces = $compilation->usualMaking($unit)->pieces;
        } catch (InvalidArgumentException) {
            return [];
        }
        $measures = [];
        foreach (count($larger) === count($pieces) ? $pieces : [] as $index => $piece) {
            foreach ([[$piece->width, $larger[$index]->width], [$piece->length, $larger[$index]->length]] as [$measure, $other]) {
                if ($measure !== null && $other !== null && ! $measure->approximate) {
                    $measures[] = [$measure->exact, $other->exact];
                }
            }
        }
        if (! $unit->kind()->isFree()) {
            $size = $unit->finished()->outsetBy($compilation->room->seam);
            $twice = $doubled->finished()->outsetBy($compilation->room->seam);
            array_push($measures, [$size->width, $twice->width], [$size->height, $twice->height]);
        }

        return array_values(array_filter($measures, fn (array $pair): bool => $pair[0]->isRational() && $pair[1]->isRational()));
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
