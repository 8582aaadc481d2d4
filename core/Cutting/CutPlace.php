<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** A rectangle of a strip, in marks, and how it is cut: a run in its corner, and the places beside and below that. */
final class CutPlace
{
    private ?Section $run = null;

    private int $high = 0;

    private bool $inRow = false;

    private ?self $beside = null;

    private ?self $below = null;

    public function __construct(
        public readonly int $width,
        public readonly int $height,
    ) {
    }

    /**
     * Cuts a run from its corner.
     *
     * @param  int  $high  of the pieces
     * @param  bool  $inRow  whether the whole width is cut at that height first; otherwise the whole height is cut at the end of the run
     * @return array{self, self} the places beside and below it
     */
    public function cut(Section $run, int $high, bool $inRow): array
    {
        [$this->run, $this->high, $this->inRow] = [$run, $high, $inRow];
        $this->beside = new self($this->width - $run->width, $inRow ? $high : $this->height);
        $this->below = new self($inRow ? $this->width : $run->width, $this->height - $high);

        return [$this->beside, $this->below];
    }

    /** @return list<Section> what a strip as high as it is cut into */
    public function sections(): array
    {
        if ($this->run === null) {
            return [];
        }
        $beside = $this->beside?->sections() ?? [];
        if ($this->high === $this->height) {
            return [$this->run, ...$beside];
        }
        $below = $this->below?->sections() ?? [];
        $wide = $this->inRow ? $this->width : $this->run->width;
        $strips = [new Strip($this->high, $wide, $this->inRow ? [$this->run, ...$beside] : [$this->run])];
        if ($below !== []) {
            $strips[] = new Strip($this->height - $this->high, $wide, $below);
        }

        return [Section::recut($wide, $strips), ...$this->inRow ? [] : $beside];
    }
}
