<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

/** How one fabric of a clue is cut, in a few lines. */
final readonly class FabricCutting
{
    /**
     * @param  list<CutText>  $cloths  each piece of cloth, or several that are cut alike, with its strips
     * @param  bool  $isBolt  whether it is cut off a bolt, since nobody said what cloth there is
     * @param  bool  $isShort  whether the cloth that somebody has does not hold everything
     * @param  string|null  $tooWide  pieces that no cloth of this width gives, in words
     */
    public function __construct(
        public array $cloths,
        public bool $isBolt,
        public bool $isShort,
        public ?string $tooWide,
    ) {
    }

    /**
     * All of it as lines of plain text, each level further in.
     *
     * @return list<string>
     */
    public function lines(string $before = ''): array
    {
        $lines = array_merge([], ...array_map(fn (CutText $cloth): array => $cloth->lines($before), $this->cloths));

        return $this->tooWide === null ? $lines : [...$lines, $before.$this->tooWide];
    }
}
