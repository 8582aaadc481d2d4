<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Hand;
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
        $this->check();
        $unit = UnitLibrary::make($this, $products);
        $unit = $this->options->hand === Hand::Left ? new MirroredUnit($unit) : $unit;

        return $this->mirrored ? new MirroredUnit($unit, $this->mirroredKeys) : $unit;
    }

    /** @throws InvalidArgumentException when size, fabrics or corners do not fit the kind */
    private function check(): void
    {
        $kind = $this->kind->value;
        [$least, $most] = $this->options->base === null ? $this->kind->fabrics() : [1, 4];
        if ($this->slots === [] || count($this->slots) < $least || count($this->slots) > $most) {
            throw new Refused(
                $least === $most ? 'unit.fabrics' : 'unit.fabrics_between',
                ['kind' => $kind, 'least' => $least, 'most' => $most, 'count' => count($this->slots)],
            );
        }
        if (! $this->finished->width->isPositive() || ! $this->finished->height->isPositive()) {
            throw new Refused('unit.needs_size');
        }
        $proportion = $this->kind->proportion();
        if ($proportion !== null && ! $this->finished->width->equals($this->finished->height->times($proportion))) {
            throw new Refused($proportion === 1 ? 'unit.square' : 'unit.proportion', ['kind' => $kind, 'times' => $proportion]);
        }
        if (($this->options->corners === []) === in_array('corners', $this->kind->options, true)) {
            throw new Refused('unit.legs');
        }
    }

    /**
     * @return non-empty-list<Slot> its fabrics
     *
     * @throws InvalidArgumentException when it has none
     */
    public function slots(): array
    {
        return $this->slots === [] ? throw new Refused('unit.needs_a_fabric') : $this->slots;
    }

    /**
     * @return non-empty-list<Length> finished widths of its strips
     *
     * @throws InvalidArgumentException when it has none
     */
    public function widths(): array
    {
        return $this->options->widths === [] ? throw $this->missing('widths') : $this->options->widths;
    }

    /** The complaint that an option is not said which the kind needs. */
    public function missing(string $option): InvalidArgumentException
    {
        return new Refused('unit.needs_option', ['kind' => $this->kind->value, 'option' => $option]);
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
