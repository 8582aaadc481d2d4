<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Geometry\Patch;
use Dew\Core\Making\Overhang;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\UnitKind;

/** Everything one task asks of a person at one size and by one method. */
final readonly class TaskSheet
{
    public const SEWN = 'sewn';

    public const TRIMMED = 'trimmed';

    /**
     * @param  string  $task  the task's id in the design; progress hangs on it
     * @param  string  $digest  of the specification (finished geometry, fabrics, unfinished size), neither of count nor of method
     * @param  int  $count  units to make
     * @param  list<Patch>  $patches  the unit upright, in finished inches; empty for a block, which has a drawing
     * @param  list<MethodOffer>  $offers  every method for this kind, the default first
     * @param  list<Overhang>  $overhangs  one for every slanted seam of the unit
     * @param  bool  $oversize  pieces are cut larger and trimmed
     * @param  float  $waste  square inches of cloth that one unit leaves over by this method, at the exact sizes
     */
    public function __construct(
        public string $task,
        public string $digest,
        public string $name,
        public UnitKind $kind,
        public int $count,
        public Size $finished,
        public Size $unfinished,
        public array $patches,
        public Making $making,
        public array $offers,
        public array $overhangs = [],
        public float $waste = 0.0,
        public Effort $effort = new Effort(0, 0.0, 0),
        public ?BlockDrawing $drawing = null,
        public bool $oversize = false,
    ) {
    }

    /** @return list<Patch> what it looks like, a block put together from its units */
    public function patches(): array
    {
        return $this->drawing?->patches() ?? $this->patches;
    }

    /** The unfinished size as numbers to trim to and check by: exact, never rounded up. */
    public function trimWidth(): Measurement
    {
        return Measurement::exact($this->unfinished->width);
    }

    public function trimHeight(): Measurement
    {
        return Measurement::exact($this->unfinished->height);
    }

    /**
     * What to cut when some units were already made another way.
     *
     * @param  int  $madeBefore  units made before this method was chosen; only the rest is cut for
     */
    public function quantity(Piece $piece, int $madeBefore = 0): int
    {
        return $piece->quantity($this->count - $madeBefore);
    }

    public function onCloth(Length $usableWidth, Notation $notation): self
    {
        $making = $this->making->onCloth($usableWidth, $notation);

        return $making === $this->making ? $this : new self(
            $this->task, $this->digest, $this->name, $this->kind, $this->count, $this->finished, $this->unfinished, $this->patches, $making, $this->offers, $this->overhangs, $this->waste, $this->effort, $this->drawing, $this->oversize,
        );
    }

    /**
     * What can be counted off, and up to how many: each cutting of this method, then units sewn, then units trimmed.
     *
     * Counters of cutting carry the method in their name and cover only what is still to be made by it; counters of units do not.
     *
     * @return array<string, int> totals by counter
     */
    public function counters(int $madeBefore = 0): array
    {
        if ($this->making->method === Method::Plain) {
            return [self::TRIMMED => $this->count];
        }
        $counters = [];
        foreach ($this->making->pieces as $piece) {
            if ($piece->shape !== PieceShape::Part) {
                $counters[$this->cuttingCounter($piece)] = $this->quantity($piece, $madeBefore);
            }
        }

        return $counters + ($this->isTrimmed() ? [self::SEWN => $this->count] : []) + [self::TRIMMED => $this->count];
    }

    /** Whether a unit is trimmed once it is sewn; else it is finished with its last seam or cut. */
    public function isTrimmed(): bool
    {
        return $this->making->method !== Method::Plain && ! $this->kind->isFree() && in_array($this->kind, UnitKind::library(), true);
    }

    public function cuttingCounter(Piece $piece): string
    {
        // What was cut larger is not what was cut exactly.
        return 'cut:'.$this->making->method->value.($this->oversize ? '-larger' : '').':'.$piece->id;
    }
}
