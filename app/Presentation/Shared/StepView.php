<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Wording\Figure;

/** One step in words, and the number to check by when it has one. */
final readonly class StepView
{
    public function __construct(
        public string $kind,
        public string $label,
        public string $text,
        public ?Figure $figure,
    ) {
    }

    /** A step that the host adds in her own words. */
    public static function ofHost(string $text): self
    {
        return new self('own', __('clue.step.own'), $text, null);
    }

    /** The same step, and the number to check by, in the host's own words. */
    public function saying(string $text): self
    {
        return new self($this->kind, $this->label, $text, $this->figure);
    }

    /** The sentence after its label, which is not said twice. */
    public function rest(): string
    {
        return str_starts_with($this->text, $this->label.' ') ? substr($this->text, strlen($this->label) + 1) : $this->text;
    }
}
