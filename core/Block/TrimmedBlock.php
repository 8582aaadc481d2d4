<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Clip;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\PutTogether;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Patchwork;
use Dew\Core\Unit\Seamwork;
use Dew\Core\Unit\UnitKind;

/**
 * A block that is sewn larger on purpose and then trimmed to a chosen size, as much from the left as from the right and from the top as
 * from the bottom. What is seen of its outermost patches is narrower; whatever it is sewn to meets the trimmed edge.
 */
final class TrimmedBlock implements Turnable
{
    use Patchwork;

    /** @var list<Patch>|null */
    private ?array $patches = null;

    /** @param  Size  $trimmed  finished */
    public function __construct(
        private readonly BlockUnit $block,
        private readonly Size $trimmed,
    ) {
    }

    public function kind(): UnitKind
    {
        return UnitLibrary::kind(PutTogether::BLOCK);
    }

    public function finished(): Size
    {
        return $this->trimmed;
    }

    public function slots(): array
    {
        return $this->block->slots();
    }

    public function patches(): array
    {
        if ($this->patches !== null) {
            return $this->patches;
        }
        [$left, $top] = $this->off();
        $patches = [];
        foreach ($this->block->patches() as $patch) {
            $seen = Clip::within($patch->outline, $left, $top, $left->plus($this->trimmed->width), $top->plus($this->trimmed->height));
            if ($seen !== null && abs($seen->signedArea()) > 0.0) {
                $patches[] = new Patch($patch->slot, $seen->movedBy($left->negated(), $top->negated()));
            }
        }

        return $this->patches = $patches;
    }

    public function ways(): array
    {
        return $this->block->ways();
    }

    public function inWay(string $way): self
    {
        return new self($this->block->inWay($way), $this->trimmed);
    }

    /** Whether any point or slanted seam at its edge is cut off: what is trimmed is more than the sides of rectangles. */
    public function losesPoints(): bool
    {
        [$left, $top] = $this->off();
        [$right, $bottom] = [$left->plus($this->trimmed->width), $top->plus($this->trimmed->height)];
        foreach ($this->block->patches() as $patch) {
            $seen = Clip::within($patch->outline, $left, $top, $right, $bottom);
            if ($seen !== $patch->outline && $patch->outline->asRectangle() === null) {
                return true;
            }
        }

        return false;
    }

    public function outline(): Outline
    {
        return Outline::rectangle(Length::zero(), Length::zero(), $this->trimmed);
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        $making = $this->block->making($method, $room);
        $size = $this->trimmed->outsetBy($room->seam);
        $trimmed = [Measurement::exact($size->width), Measurement::exact($size->height)];
        // Half of what the sewn block is larger by, as it comes out.
        [$left, $top] = array_map(fn (Length $off, Measurement $to, ?Measurement $sewn): Measurement => Measurement::resulting(
            $off, [[Length::fraction(-1, 2), $to], ...$sewn === null ? [] : [[Length::fraction(1, 2), $sewn]]],
        ), $this->off(), $trimmed, $making->sewn ?? [null, null]);
        $trim = new Step(StepKind::Trim, 'block.trimmed', [
            'width' => $trimmed[0], 'unfinished' => $trimmed[1], 'side' => $left, 'end' => $top,
        ], on: [On::whole()]);

        // It is measured before it is trimmed, and not told to be left as it is.
        $steps = array_map(
            fn (Step $step): Step => $step->code === 'block.check' ? $step->as('block.check_before_trimming') : $step, $making->steps,
        );

        return new Making(
            $making->method,
            $making->pieces,
            [...$steps, $trim],
            sewn: $trimmed,
        );
    }

    public function seamwork(): Seamwork
    {
        return $this->block->seamwork();
    }

    public function cutArea(CuttingRoom $room): float
    {
        return $this->block->cutArea($room);
    }

    public function overhangs(CuttingRoom $room): array
    {
        return $this->block->overhangs($room);
    }

    public function digest(CuttingRoom $room): string
    {
        return substr(hash('sha256', $this->block->digest($room).' '.$this->trimmed->encode()), 0, 16);
    }

    public function contents(): array
    {
        return $this->block->contents();
    }

    /** @return array{Length, Length} how much comes off each side, and off top and bottom */
    private function off(): array
    {
        $whole = $this->block->finished();

        return [
            $whole->width->minus($this->trimmed->width)->dividedBy(2), $whole->height->minus($this->trimmed->height)->dividedBy(2),
        ];
    }
}
