<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Fabric\CuttingRoom;
use InvalidArgumentException;

/** All the cloth that somebody has at one time, by fabric slot, ready to be cut. */
final readonly class Shelf
{
    /** A remnant with a shorter side than this many marks (1 in) is no stock any more. */
    private const SMALLEST = 16;

    /**
     * @param  array<string, list<StockPiece>>  $pieces  by the id of the fabric slot
     * @param  array<string, true>  $directional  slots whose cloth must stay upright
     */
    private function __construct(
        public array $pieces,
        public array $directional,
    ) {
    }

    /**
     * @param  list<Stock>  $stock
     *
     * @throws InvalidArgumentException when nothing can be cut from one of them
     */
    public static function of(array $stock, Marks $marks, CuttingRoom $room): self
    {
        $pieces = $directional = [];
        foreach ($stock as $one) {
            $pieces[$one->slot] = [...$pieces[$one->slot] ?? [], ...$one->pieces($marks, $room)];
            if ($one->directional) {
                $directional[$one->slot] = true;
            }
        }

        return new self($pieces, $directional);
    }

    /** What is left once a clue is cut: cloth that was not touched, and remnants that are not too small. */
    public function after(ClueCutting $cutting): self
    {
        $pieces = $this->pieces;
        foreach ($cutting->slots as $slot => $plan) {
            $pieces[$slot] = [...$plan->plan->untouched, ...array_merge([], ...array_map(self::left(...), $plan->plan->cuts))];
        }

        return new self($pieces, $this->directional);
    }

    /** @return list<int> widths of cloth that was woven or cut so wide, the widest first */
    public function widths(): array
    {
        $widths = [];
        foreach ($this->pieces as $pieces) {
            foreach ($pieces as $piece) {
                if ($piece->kind !== StockKind::Square && $piece->kind !== StockKind::Scrap) {
                    $widths[$piece->width] = $piece->width;
                }
            }
        }
        rsort($widths);

        return $widths;
    }

    /** @return list<StockPiece> */
    private static function left(StockCut $cut): array
    {
        $pieces = [];
        foreach ($cut->remnants() as $number => $remnant) {
            if (min($remnant->width, $remnant->length) >= self::SMALLEST) {
                $isWhole = $remnant->width === $cut->stock->width;
                $pieces[] = new StockPiece(
                    $cut->stock->id.'/'.($number + 1), $isWhole ? $cut->stock->kind : StockKind::Scrap, $remnant->width, $remnant->length,
                );
            }
        }

        return $pieces;
    }
}
