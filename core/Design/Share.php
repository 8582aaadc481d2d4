<?php

declare(strict_types=1);

namespace Dew\Core\Design;

/**
 * Which of the copies of a thing one task makes: one of so many shares of all of them, or those that a given block needs, for all copies
 * of that block or for one share of them.
 */
final readonly class Share
{
    /**
     * @param  positive-int  $part  from 1
     * @param  positive-int  $of  how many shares there are
     * @param  string|null  $block  product key of the block they are for; the shares are of its copies then
     */
    private function __construct(
        public int $part,
        public int $of,
        public ?string $block,
    ) {
    }

    /**
     * @param  positive-int  $part
     * @param  positive-int  $of
     */
    public static function byNumber(int $part, int $of): self
    {
        return new self($part, $of, null);
    }

    /**
     * @param  string  $block  product key
     * @param  positive-int  $part
     * @param  positive-int  $of
     */
    public static function forBlock(string $block, int $part = 1, int $of = 1): self
    {
        return new self($part, $of, $block);
    }

    /** @return array<string, mixed> as a task of a design document gives it */
    public function data(): array
    {
        return [
            ...($this->block === null ? [] : ['for' => $this->block]),
            ...($this->isDivided() ? ['share' => ['part' => $this->part, 'of' => $this->of]] : []),
        ];
    }

    /** Whether this is one of several shares. */
    public function isDivided(): bool
    {
        return $this->of > 1;
    }

    /** Of so many copies at a size. Shares differ by one at most, and the first are the larger ones. */
    public function count(SizedDesign $sized, string $product): int
    {
        return $this->block === null ? $this->ofCopies($sized->count($product)) : $this->ofBlocks(
            $sized->product($this->block)?->contents()[$product] ?? 0,
            $sized->count($this->block),
        );
    }

    /** Those that go into its share of so many blocks with so many in each: blocks are never parted. */
    public function ofBlocks(int $each, int $blocks): int
    {
        return $each * $this->ofCopies($blocks);
    }

    /** Of so many copies in all, by the number of the share. */
    public function ofCopies(int $copies): int
    {
        return $this->upTo($copies) - $this->first($copies, $this->part - 1);
    }

    /** How many of so many copies there are once this share and all before it are made. */
    public function upTo(int $copies): int
    {
        return $this->first($copies, $this->part);
    }

    private function first(int $copies, int $parts): int
    {
        return intdiv($copies * $parts + $this->of - 1, $this->of);
    }

    /** Whether both can be shares of one thing: of different blocks, or of the same division and not the same share. */
    public function goesWith(self $other): bool
    {
        if ($this->block !== $other->block) {
            return $this->block !== null && $other->block !== null;
        }

        return $this->of === $other->of && $this->part !== $other->part;
    }
}
