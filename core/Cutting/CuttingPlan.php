<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** From which pieces of cloth everything is cut, and what cannot be. */
final readonly class CuttingPlan
{
    /**
     * @param  list<Wanted>  $wanted
     * @param  list<StockCut>  $cuts  the pieces of cloth that are used, in the order of cutting
     * @param  list<StockPiece>  $untouched
     */
    public function __construct(
        public array $wanted,
        public array $cuts,
        public array $untouched,
    ) {
    }

    /** @return array<string, int> how many of each piece are not cut, by id; empty when all are */
    public function short(): array
    {
        $short = array_column(array_map(fn (Wanted $piece): array => [$piece->id, $piece->count], $this->wanted), 1, 0);
        foreach ($this->cuts as $cut) {
            foreach ($cut->pieces() as $id => $count) {
                $short[$id] -= $count;
            }
        }

        return array_filter($short, fn (int $count): bool => $count > 0);
    }

    /** Square marks of the pieces that are cut. */
    public function area(): int
    {
        $short = $this->short();
        $area = 0;
        foreach ($this->wanted as $piece) {
            $area += $piece->of($piece->count - ($short[$piece->id] ?? 0))->area();
        }

        return $area;
    }

    /** Square marks of cloth that is cut into: of yardage only as much as the strips take. */
    public function cloth(): int
    {
        $cloth = 0;
        foreach ($this->cuts as $cut) {
            foreach ($cut->sheets as $sheet) {
                $cloth += $cut->stock->kind !== StockKind::Yardage
                    ? $sheet->width * $sheet->length
                    : $sheet->used() * ($sheet->lengthwise ? $sheet->length : $sheet->width);
            }
        }

        return $cloth;
    }
}
