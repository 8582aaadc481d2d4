<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/**
 * Cuts a few pieces from cloth of one width so that hardly any other way of cutting it takes a shorter length.
 *
 * For every choice of pieces, the smaller first, it keeps the rectangles that hold them with little waste: one run, or two smaller
 * rectangles side by side or one below the other. Then it finds the strips, each with its choice of pieces, that take the least cloth
 * together. The number of pairs of a choice and a choice within it grows with the product of the counts, so it serves only a few pieces.
 */
final class SmallCuts
{
    /** More pairs of choices than this take too long. */
    public const MOST = 100000;

    private const FEW = 5000;

    private const SOME = 30000;

    /** The share of its cloth that a rectangle must use to be kept, and how many are kept for each choice: where pairs are few, some, many. */
    private const KEPT = [[0.6, 8], [0.7, 5], [0.8, 4]];

    /** The height of what the cloth is too narrow for. */
    private const TOO_WIDE = PHP_INT_MAX >> 2;

    private const RUN = 0;

    private const BESIDE = 1;

    private const BELOW = 2;

    /** @var list<int> how far one piece of each kind moves the number of a choice */
    private array $step = [];

    /** @var list<list<array{int, int, list<int>}>> width, height and cuts of the rectangles that are kept, by choice */
    private array $kept = [[]];

    /** @var list<array{int, int, list<int>}> the lowest rectangle that the cloth is wide enough for, by choice */
    private array $lowest = [[0, 0, []]];

    /** Pairs of rectangles that were looked at. */
    private int $looked = 0;

    /**
     * @param  list<Wanted>  $pieces  each of which fits the cloth
     * @param  list<non-empty-list<Wanted>>  $lays  the ways each piece can lie
     */
    private function __construct(
        private readonly array $pieces,
        private readonly array $lays,
        private readonly int $width,
    ) {
    }

    /**
     * @param  list<Wanted>  $pieces  each of which fits the cloth at least one way
     * @param  int  $width  of the cloth, in marks
     * @param  int  $most  pairs of choices that may be looked at
     * @return list<Strip>|null null when there are too many pieces to try everything
     */
    public static function strips(array $pieces, int $width, int $most = self::MOST): ?array
    {
        return self::counted($pieces, $width, $most)[0] ?? null;
    }

    /**
     * The same, with how much work it was.
     *
     * @param  list<Wanted>  $pieces
     * @return array{list<Strip>, int}|null
     */
    public static function counted(array $pieces, int $width, int $most = self::MOST): ?array
    {
        $pieces = array_values(array_filter($pieces, fn (Wanted $piece): bool => $piece->count > 0));
        if (self::pairs(array_map(fn (Wanted $piece): int => $piece->count, $pieces)) > $most) {
            return null;
        }
        $self = new self($pieces, array_map(fn (Wanted $piece): array => Lays::of($piece, $width), $pieces), $width);

        return [$self->solved(), $self->looked];
    }

    /**
     * Pairs of a choice and a choice within it.
     *
     * @param  array<int, int>  $counts  by kind
     */
    public static function pairs(array $counts): float
    {
        $pairs = 1.0;
        foreach ($counts as $count) {
            $pairs *= ($count + 1) * ($count + 2) / 2;
        }

        return $pairs;
    }

    /** @return list<Strip> */
    private function solved(): array
    {
        $all = 1;
        foreach ($this->pieces as $piece) {
            $this->step[] = $all;
            $all *= $piece->count + 1;
        }
        $pairs = self::pairs(array_map(fn (Wanted $piece): int => $piece->count, $this->pieces));
        [$used, $most] = self::KEPT[$pairs <= self::FEW ? 0 : ($pairs <= self::SOME ? 1 : 2)];
        $highest = 2 * max([0, ...array_map(fn (array $lays): int => max(array_map(fn (Wanted $lay): int => $lay->height, $lays)), $this->lays)]);
        $area = array_map(fn (Wanted $piece): float => $piece->height * $piece->pitch / $piece->group, $this->pieces);
        $least = $taken = $heights = [0];
        for ($choice = 1; $choice < $all; $choice++) {
            [$within, $cloth, $kind, $count] = $this->read($choice, $area);
            [$found, $low] = $this->rectangles($choice, $within, $kind, $count, $cloth <= $this->width * $highest, $highest, $cloth / $used);
            $this->kept[] = self::best($found, $most);
            $this->lowest[] = $low;
            $heights[] = $shortest = $low[1];
            $strip = $choice;
            foreach ($within as $one) {
                if ($shortest > $heights[$one] + $least[$choice - $one]) {
                    $shortest = $heights[$one] + $least[$choice - $one];
                    $strip = $one;
                }
            }
            $least[] = $shortest;
            $taken[] = $strip;
        }
        $strips = [];
        for ($choice = $all - 1; $choice > 0; $choice -= $taken[$choice]) {
            [, $height, $cut] = $this->lowest[$taken[$choice]];
            $strips[] = new Strip($height, $this->width, $this->sections($taken[$choice], $cut, $height));
        }

        return $strips;
    }

    /**
     * @param  list<float>  $area  of one piece of each kind
     * @return array{list<int>, float, int|null, int} the choices within a choice, neither empty nor all of it; the area of its pieces; the kind
     *     and its count when it is of one kind only
     */
    private function read(int $choice, array $area): array
    {
        $within = [0];
        $cloth = 0.0;
        $kinds = [];
        foreach ($this->pieces as $kind => $piece) {
            $most = intdiv($choice, $this->step[$kind]) % ($piece->count + 1);
            if ($most === 0) {
                continue;
            }
            $kinds[$kind] = $most;
            $cloth += $most * $area[$kind];
            $longer = $within;
            for ($count = 1; $count <= $most; $count++) {
                foreach ($within as $other) {
                    $longer[] = $other + $count * $this->step[$kind];
                }
            }
            $within = $longer;
        }
        $only = count($kinds) === 1 ? array_key_first($kinds) : null;

        return [array_slice($within, 1, -1), $cloth, $only, $only === null ? 0 : $kinds[$only]];
    }

    /**
     * @param  list<int>  $within
     * @param  int|null  $kind  when all pieces are of one
     * @param  bool  $joins  whether a strip could hold them all
     * @param  float  $room  square marks that a rectangle may take to be kept
     * @return array{array<int, array{int, list<int>}>, array{int, int, list<int>}} rectangles by width: height and cuts; and the lowest one
     */
    private function rectangles(int $choice, array $within, ?int $kind, int $count, bool $joins, int $highest, float $room): array
    {
        $found = [];
        $low = [0, self::TOO_WIDE, []];
        foreach ($kind === null ? [] : $this->lays[$kind] as $number => $lay) {
            $run = $lay->run($count);
            if ($run <= $this->width && $lay->height < ($found[$run][0] ?? self::TOO_WIDE)) {
                $found[$run] = [$lay->height, [self::RUN, (int) $kind, $number, $count]];
                $low = $lay->height < $low[1] ? [$run, ...$found[$run]] : $low;
            }
        }
        [$across, $lowest, $cut] = $low;
        [$kept, $most, $looked] = [$this->kept, $this->width, 0];
        foreach ($joins ? $within : [] as $one) {
            // The smaller choices come first: from the middle on, every pair was looked at.
            $other = $choice - $one;
            if ($one > $other) {
                break;
            }
            $looked++;
            foreach ($kept[$one] as $first => [$width, $height]) {
                foreach ($kept[$other] as $second => [$otherWidth, $otherHeight]) {
                    $looked++;
                    $long = $width + $otherWidth;
                    if ($long <= $most) {
                        $high = $height > $otherHeight ? $height : $otherHeight;
                        if ($high < $lowest) {
                            [$across, $lowest, $cut] = [$long, $high, [self::BESIDE, $one, $first, $second]];
                        }
                        if ($long * $high <= $room && (! isset($found[$long]) || $high < $found[$long][0])) {
                            $found[$long] = [$high, [self::BESIDE, $one, $first, $second]];
                        }
                    }
                    $high = $height + $otherHeight;
                    if ($high <= $highest) {
                        $long = $width > $otherWidth ? $width : $otherWidth;
                        if ($high < $lowest) {
                            [$across, $lowest, $cut] = [$long, $high, [self::BELOW, $one, $first, $second]];
                        }
                        if ($long * $high <= $room && (! isset($found[$long]) || $high < $found[$long][0])) {
                            $found[$long] = [$high, [self::BELOW, $one, $first, $second]];
                        }
                    }
                }
            }
        }

        $this->looked += $looked;

        return [$found, [$across, $lowest, $cut]];
    }

    /**
     * Those that no other is both shorter and lower than; of many, those with the least waste.
     *
     * @param  array<int, array{int, list<int>}>  $found
     * @return list<array{int, int, list<int>}>
     */
    private static function best(array $found, int $most): array
    {
        ksort($found);
        $best = [];
        $lowest = self::TOO_WIDE;
        foreach ($found as $width => [$height, $cut]) {
            if ($height < $lowest) {
                $lowest = $height;
                $best[] = [$width, $height, $cut];
            }
        }
        if (count($best) > $most) {
            usort($best, fn (array $one, array $other): int => $one[0] * $one[1] <=> $other[0] * $other[1]);
        }

        return array_slice($best, 0, $most);
    }

    /**
     * @param  list<int>  $cut
     * @param  int  $height  of the strip that is cut so
     * @return list<Section>
     */
    private function sections(int $choice, array $cut, int $height): array
    {
        if ($cut[0] === self::RUN) {
            $lay = $this->lays[$cut[1]][$cut[2]];
            $run = Section::run($lay, $cut[3], $lay->height !== $this->pieces[$cut[1]]->height);

            return $lay->height === $height ? [$run] : [Section::recut($run->width, [new Strip($lay->height, $run->width, [$run])])];
        }
        [$way, $one, $first, $second] = $cut;
        [$width, $high, $firstCut] = $this->kept[$one][$first];
        [$otherWidth, $otherHigh, $secondCut] = $this->kept[$choice - $one][$second];
        if ($way === self::BESIDE) {
            return [...$this->sections($one, $firstCut, $height), ...$this->sections($choice - $one, $secondCut, $height)];
        }
        $wide = max($width, $otherWidth);

        return [Section::recut($wide, [
            new Strip($high, $wide, $this->sections($one, $firstCut, $high)),
            new Strip($otherHigh, $wide, $this->sections($choice - $one, $secondCut, $otherHigh)),
        ])];
    }
}
