<?php

declare(strict_types=1);

namespace Dew\Core\Making;

use Dew\Core\Measure\Measurement;

/** One thing to do, as data: a code whose sentence the interface holds, and the numbers and fabrics that go into it. */
final readonly class Step
{
    /**
     * @param  array<string, Measurement>  $measures
     * @param  array<string, string>  $slots  slot ids
     * @param  array<string, int>  $counts
     */
    public function __construct(
        public StepKind $kind,
        public string $code,
        public array $measures = [],
        public array $slots = [],
        public array $counts = [],
        public ?Sewing $sewing = null,
    ) {
    }

    /** This step with one of its counts changed; a step that does not speak of it stays as it is. */
    public function withCount(string $name, int $count): self
    {
        return isset($this->counts[$name]) ? new self($this->kind, $this->code, $this->measures, $this->slots, [...$this->counts, $name => $count], $this->sewing) : $this;
    }
}
