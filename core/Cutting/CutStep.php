<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** What somebody does in one go: neighbouring strips of one sheet that are cut alike, and all that comes off them. */
final readonly class CutStep
{
    /**
     * @param  string  $id  unlike every other's of the same plan
     * @param  int  $cut  the number of the piece of cloth in the plan
     * @param  int  $sheet  the number of the sheet on that piece
     * @param  int  $first  the number of the first of these strips on that sheet
     * @param  int  $count  how many strips are cut alike
     * @param  int  $down  marks of the sheet that the strips before it take
     */
    private function __construct(
        public string $id,
        public int $cut,
        public int $sheet,
        public int $first,
        public int $count,
        public int $down,
        public Strip $strip,
    ) {
    }

    /** @return list<self> in the order of cutting */
    public static function of(CuttingPlan $plan): array
    {
        $steps = [];
        foreach ($plan->cuts as $cut => $stock) {
            foreach ($stock->sheets as $sheet => $laid) {
                $first = $down = 0;
                foreach (Strip::alike($laid->strips) as [$strip, $count]) {
                    $steps[] = new self("$cut-$sheet-$first", $cut, $sheet, $first, $count, $down, $strip);
                    $first += $count;
                    $down += $count * $strip->height;
                }
            }
        }

        return $steps;
    }

    /**
     * Steps that nobody marked, but whose pieces are all counted as cut already.
     *
     * @param  array<string, array<string, int>>  $steps  pieces that each gives, by its id and theirs, in the order of cutting
     * @param  array<string, true>  $marked  those that are marked as cut, whose pieces are among the counted ones
     * @param  array<string, int>  $counted  how many are counted as cut, by the id of the piece
     * @return array<string, true>
     */
    public static function counted(array $steps, array $marked, array $counted): array
    {
        $found = [];
        // Those that are marked come first: their pieces are theirs.
        foreach (array_intersect_key($steps, $marked) + $steps as $id => $pieces) {
            $isCounted = true;
            foreach ($pieces as $piece => $count) {
                $isCounted = $isCounted && $count <= ($counted[$piece] ?? 0);
            }
            if (! $isCounted && ! isset($marked[$id])) {
                continue;
            }
            foreach ($pieces as $piece => $count) {
                $counted[$piece] = ($counted[$piece] ?? 0) - $count;
            }
            $found[$id] = true;
        }

        return array_diff_key($found, $marked);
    }

    /** @return array<string, int> pieces that it gives, by id */
    public function pieces(): array
    {
        return array_map(fn (int $count): int => $count * $this->count, $this->strip->pieces());
    }
}
