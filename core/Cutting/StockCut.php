<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** What is cut from one piece of cloth. */
final readonly class StockCut
{
    /** @param  non-empty-list<SheetCut>  $sheets  one; two where a corner is missing */
    public function __construct(
        public StockPiece $stock,
        public array $sheets,
    ) {
    }

    /** The same cuts from another piece of cloth of the same size. */
    public function from(StockPiece $stock): self
    {
        return new self($stock, $this->sheets);
    }

    /** Whether the same is cut from another piece of cloth of the same kind and size. */
    public function isLike(self $other): bool
    {
        return $this->stock->kind === $other->stock->kind && $this->stock->isRemnant() === $other->stock->isRemnant()
            && $this->stock->isAsLargeAs($other->stock) && $this->sheets == $other->sheets;
    }

    /** @return array<string, int> pieces that it gives, by id */
    public function pieces(): array
    {
        $pieces = [];
        foreach ($this->sheets as $sheet) {
            foreach ($sheet->pieces() as $id => $count) {
                $pieces[$id] = ($pieces[$id] ?? 0) + $count;
            }
        }

        return $pieces;
    }

    /** @return list<Remnant> what is left of it, the largest first */
    public function remnants(): array
    {
        $remnants = [];
        foreach ($this->sheets as $number => $sheet) {
            array_push($remnants, ...Remnant::of($sheet, $number));
        }
        usort($remnants, fn (Remnant $one, Remnant $other): int => $other->area() <=> $one->area());

        return $remnants;
    }
}
