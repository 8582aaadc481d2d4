<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\MirroredUnit;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/** All that says what a unit is: from it the unit can be made anew at another scale, in other fabrics or mirrored. */
final readonly class UnitSpec
{
    /**
     * @param  Size  $finished  as the kind counts it: see {@see UnitKind}
     * @param  list<Slot>  $slots
     * @param  bool  $mirrored  the mirror image of what the rest describes
     * @param  array<string, string>  $mirroredKeys  product keys of what the mirror image is made of, by those of what the rest is made of
     */
    public function __construct(
        public UnitKind $kind,
        public Size $finished,
        public array $slots,
        public UnitOptions $options = new UnitOptions,
        public bool $mirrored = false,
        public array $mirroredKeys = [],
    ) {
    }

    /**
     * @param  array<string, Unit>  $products  at least the units and blocks it is made of, at the same scale, by product key
     *
     * @throws InvalidArgumentException when size, fabrics or options do not fit the kind
     */
    public function make(array $products = []): Unit
    {
        $unit = UnitFactory::make($this->kind, $this->finished, $this->slots, $this->options, $products);

        return $this->mirrored ? new MirroredUnit($unit, $this->mirroredKeys) : $unit;
    }

    public function scaled(int $numerator, int $denominator): self
    {
        return new self(
            $this->kind,
            new Size($this->finished->width->times($numerator, $denominator), $this->finished->height->times($numerator, $denominator)),
            $this->slots,
            $this->options->scaled($numerator, $denominator),
            $this->mirrored,
            $this->mirroredKeys,
        );
    }

    /** @param  array<string, Slot>  $fabrics  what takes whose place, by slot id */
    public function inFabrics(array $fabrics): self
    {
        return new self(
            $this->kind,
            $this->finished,
            array_map(fn (Slot $slot): Slot => $fabrics[$slot->id] ?? $slot, $this->slots),
            $this->options,
            $this->mirrored,
            $this->mirroredKeys,
        );
    }

    /** @param  array<string, string>  $keys  product keys of what the mirror image is made of, by those of what this is made of */
    public function mirror(array $keys = []): self
    {
        return new self($this->kind, $this->finished, $this->slots, $this->options, ! $this->mirrored, $keys);
    }

    /** The same where what is seen depends on the seam allowance. */
    public function withSeam(Length $seam): self
    {
        return $this->options->seam === null || $this->options->seam->equals($seam)
            ? $this
            : $this->withOptions($this->options->withSeam($seam));
    }

    public function withOptions(UnitOptions $options): self
    {
        return new self($this->kind, $this->finished, $this->slots, $options, $this->mirrored, $this->mirroredKeys);
    }
}
