<?php

declare(strict_types=1);

namespace Dew\Core\Making;

use Dew\Core\Measure\Measurement;

/** One thing to do, as data: a code whose sentence the interface holds, what it is done to, and the numbers and fabrics that go into it. */
final readonly class Step
{
    /**
     * @param  array<string, Measurement>  $measures
     * @param  array<string, string>  $slots  ids of fabric slots
     * @param  array<string, int>  $counts
     * @param  list<On>  $on  what is marked, laid, sewn, cut, pressed, trimmed or measured, in that order
     * @param  array<string, string>  $names  words of the design itself, such as a pattern's letter for a piece
     */
    public function __construct(
        public StepKind $kind,
        public string $code,
        public array $measures = [],
        public array $slots = [],
        public array $counts = [],
        public ?Sewing $sewing = null,
        public array $on = [],
        public array $names = [],
    ) {
    }

    /** This step with one of its counts changed; a step that does not speak of that count stays as it is. */
    public function withCount(string $name, int $count): self
    {
        return isset($this->counts[$name])
            ? new self(
                $this->kind,
                $this->code,
                $this->measures,
                $this->slots,
                [...$this->counts, $name => $count],
                $this->sewing,
                $this->on,
                $this->names,
            )
            : $this;
    }

    /** This step with results that depend on a piece worked out for the piece cut at another size. */
    public function following(Measurement $before, Measurement $after): self
    {
        $measures = array_map(fn (Measurement $measure): Measurement => $measure->following($before, $after), $this->measures);

        return new self($this->kind, $this->code, $measures, $this->slots, $this->counts, $this->sewing, $this->on, $this->names);
    }

    /** The same step under another code. */
    public function as(string $code): self
    {
        return new self($this->kind, $code, $this->measures, $this->slots, $this->counts, $this->sewing, $this->on, $this->names);
    }

    /** @return list<On> those of its operands that are of one kind */
    public function operands(Operand $kind): array
    {
        return array_values(array_filter($this->on, fn (On $on): bool => $on->kind === $kind));
    }
}
