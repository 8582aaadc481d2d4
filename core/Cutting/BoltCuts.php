<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Cuts pieces from a bolt of one width in strips across it so that they take as short a length of it as can be found.
 *
 * Strips that recut nothing come first: what others try only counts where it is shorter. Then runs are cut in many orders
 * ({@see OrderedCuts}). Few pieces are solved by trying nearly everything ({@see SmallCuts}). Many are cut strip after strip, the highest
 * first, each filled by {@see StripFill}, several times, and pieces that lay in badly used strips are worth more the next time; at last the
 * pieces of a few strips together are solved again, wherever that is shorter. Everything ends where the lower bound is reached or after a
 * fixed amount of work, so that the same pieces are always cut the same way.
 */
final class BoltCuts
{
    /** Up to so many pieces a strip is a large part of the length, and more work is worth while. */
    private const FEW = 60;

    /** Places that the search for an order may look at, for few pieces and for many. */
    private const ORDERS = [30000, 3000];

    private const ROUNDS = 8;

    /** Work that all rounds may take together: kinds of piece times strips. */
    private const WORK = 20;

    /** Pairs of choices that the last pieces of a round may have. */
    private const LAST = 1000;

    /** Pairs of choices that strips may have to be mended together, one of these each time; for few pieces and for many. */
    private const TOGETHER = [[3000, 10000, 25000], [1000, 2000, 4000]];

    /** Pairs of rectangles that all mending may look at, for few pieces and for many. */
    private const MENDING = [400000, 10000];

    /** How often in a row mending may find nothing. */
    private const IDLE = 30;

    /** By how many parts in a thousand a strip may seem worse used than it is, so that now these are mended together and now those. */
    private const SEEMS = 500;

    /** Strips that may prove too many before no more are tried. */
    private const FAILED = 6;

    /** Rectangles that mending has looked at. */
    private int $looked = 0;

    /** @var array<string, list<Strip>|null> what was found for some of the pieces, by how many of each kind and the pairs there may be */
    private array $solved = [];

    /** @var array<string, int> */
    private array $kinds;

    /** @var list<float> square marks of one piece of each kind */
    private array $area;

    /** 0 for few pieces, 1 for many. */
    private int $many;

    /**
     * @param  list<Wanted>  $pieces
     * @param  list<non-empty-list<Wanted>>  $lays
     */
    private function __construct(
        private readonly array $pieces,
        private readonly array $lays,
        private readonly int $width,
    ) {
        $this->kinds = array_flip(array_map(fn (Wanted $piece): string => $piece->id, $pieces));
        $this->many = array_sum(array_map(fn (Wanted $piece): int => $piece->count, $pieces)) > self::FEW ? 1 : 0;
        $this->area = array_map(fn (Wanted $piece): float => (float) $piece->height * $piece->pitch / $piece->group, $pieces);
    }

    /**
     * @param  list<Wanted>  $pieces  each of which fits the cloth at least one way
     * @return list<Strip> the highest first
     */
    public static function strips(array $pieces, int $width): array
    {
        $pieces = array_values(array_filter($pieces, fn (Wanted $piece): bool => $piece->count > 0));
        if ($pieces === []) {
            return [];
        }
        $self = new self($pieces, array_map(fn (Wanted $piece): array => Lays::of($piece, $width), $pieces), $width);

        return Tidy::strips($self->best(LengthBound::of($pieces, $width)), $pieces);
    }

    /** @param  list<Strip>  $strips */
    public static function length(array $strips): int
    {
        return array_sum(array_map(fn (Strip $strip): int => $strip->height, $strips));
    }

    /** @return list<Strip> */
    private function best(int $enough): array
    {
        $best = PlainStrips::of($this->pieces, $this->width);
        if (self::length($best) <= $enough) {
            return $best;
        }
        $best = self::shorter($best, OrderedCuts::strips($this->pieces, $this->width, $enough, self::ORDERS[$this->many]));
        if (self::length($best) <= $enough) {
            return $best;
        }
        $small = SmallCuts::strips($this->pieces, $this->width);

        return $small !== null ? self::shorter($best, $small) : $this->mended($this->rounds($best, $enough), $enough);
    }

    /**
     * @param  list<Strip>  $one
     * @param  list<Strip>  $other
     * @return list<Strip> the first where they are equally long
     */
    private static function shorter(array $one, array $other): array
    {
        return self::length($other) < self::length($one) ? $other : $one;
    }

    /**
     * @param  list<Strip>  $best
     * @return list<Strip>
     */
    private function rounds(array $best, int $enough): array
    {
        $worth = $this->area;
        $work = 0;
        for ($round = 0; $round < self::ROUNDS && $work <= self::WORK && self::length($best) > $enough; $round++) {
            [$strips, $patterns] = $this->round($worth);
            $work += $patterns * count($this->pieces);
            $best = self::shorter($best, $strips);
            $worth = $this->valuedAgain($worth, $strips);
        }

        return $best;
    }

    /**
     * Cuts the pieces of some strips together in another way, mostly of the worst used ones, wherever that is shorter.
     *
     * @param  list<Strip>  $best
     * @return list<Strip>
     */
    private function mended(array $best, int $enough): array
    {
        $dice = new Randomizer(new Mt19937(count($best)));
        $strips = $best;
        $tried = [];
        for ($idle = 0; $idle < self::IDLE && $this->looked < self::MENDING[$this->many] && self::length($best) > $enough; $idle++) {
            $most = self::TOGETHER[$this->many][$dice->getInt(0, 2)];
            $together = $this->together($strips, $most, $dice);
            $counts = $this->countsOf(array_values($together));
            $length = self::length(array_values($together));
            $question = implode(' ', $counts);
            if ($together === [] || ($tried[$question] ?? PHP_INT_MAX) <= $length) {
                continue;
            }
            $found = $this->solved($counts, $most);
            if ($found === null) {
                continue;
            }
            $tried[$question] = self::length($found);
            // Others that are as long take their place too: they may be mended further.
            if ($tried[$question] <= $length) {
                $idle = $tried[$question] < $length ? -1 : $idle;
                $strips = [...array_values(array_diff_key($strips, $together)), ...$found];
                $best = self::shorter($best, $strips);
            }
        }

        return $best;
    }

    /**
     * @param  list<Strip>  $strips
     * @return array<int, Strip> as many of the worst used ones as may be solved together
     */
    private function together(array $strips, int $most, Randomizer $dice): array
    {
        $waste = array_map(fn (Strip $strip): float => 1000 * $this->waste($strip) + $dice->getInt(0, self::SEEMS), $strips);
        arsort($waste);
        $together = [];
        $counts = array_fill(0, count($this->pieces), 0);
        $failed = 0;
        foreach (array_keys($waste) as $number) {
            $more = $counts;
            foreach ($strips[$number]->pieces() as $id => $count) {
                $more[$this->kinds[$id]] += $count;
            }
            if (SmallCuts::pairs($more) <= $most) {
                $together[$number] = $strips[$number];
                $counts = $more;
            } elseif (++$failed === self::FAILED) {
                break;
            }
        }

        return $together;
    }

    private function waste(Strip $strip): float
    {
        $used = 0.0;
        foreach ($strip->pieces() as $id => $count) {
            $used += $this->area[$this->kinds[$id]] * $count;
        }

        return 1 - $used / ($strip->height * $strip->width);
    }

    /**
     * @param  list<Strip>  $strips
     * @return list<int> how many pieces of each kind they hold
     */
    private function countsOf(array $strips): array
    {
        $counts = array_fill(0, count($this->pieces), 0);
        foreach ($strips as $strip) {
            foreach ($strip->pieces() as $id => $count) {
                $counts[$this->kinds[$id]] += $count;
            }
        }

        return array_values($counts);
    }

    /**
     * Some of the pieces, cut as well as trying nearly everything can. Equal strips are looked at again and again: each question is answered
     * once.
     *
     * @param  list<int>  $counts  by kind
     * @param  int  $most  pairs of choices that there may be
     * @return list<Strip>|null null when there are too many to try everything
     */
    private function solved(array $counts, int $most): ?array
    {
        $question = implode(' ', $counts);
        if (! array_key_exists($question, $this->solved)) {
            $found = SmallCuts::counted($this->wanted($counts), $this->width, $most);
            if ($found === null) {
                return null;
            }
            $this->looked += $found[1];
            $this->solved[$question] = $found[0];
        }

        return $this->solved[$question];
    }

    /**
     * @param  list<float>  $worth
     * @return array{list<Strip>, int} the strips, and how many different ones
     */
    private function round(array $worth): array
    {
        $fill = new StripFill($this->pieces, $this->lays, $worth);
        $left = array_map(fn (Wanted $piece): int => $piece->count, $this->pieces);
        $strips = [];
        $patterns = 0;
        while (array_sum($left) > 0) {
            $last = $this->solved($left, self::LAST);
            if ($last !== null) {
                return [[...$strips, ...$last], $patterns + 1];
            }
            [$strip, $taken] = $this->next($fill, $left);
            $patterns++;
            $times = PHP_INT_MAX;
            foreach ($taken as $kind => $count) {
                $times = min($times, intdiv($left[$kind], $count));
            }
            $left = array_map(fn (int $kind): int => $left[$kind] - ($taken[$kind] ?? 0) * $times, array_keys($left));
            array_push($strips, ...array_fill(0, $times, $strip));
        }

        return [$strips, $patterns];
    }

    /**
     * The strip for the piece that needs the highest one, whichever way it lies, that is worth most for its length.
     *
     * @param  list<int>  $left
     * @return array{Strip, array<int, int>}
     */
    private function next(StripFill $fill, array $left): array
    {
        $hardest = null;
        $needs = 0;
        foreach ($this->lays as $kind => $lays) {
            $lowest = Lays::lowest($lays);
            if ($left[$kind] > 0 && $lowest > $needs) {
                [$hardest, $needs] = [$kind, $lowest];
            }
        }
        $best = null;
        foreach ($this->lays[(int) $hardest] as $lay) {
            $found = $fill->fill($this->width, $lay->height, $left);
            if (! isset($found[2][(int) $hardest])) {
                $found = $this->with((int) $hardest, $lay, $fill, $left);
            }
            if ($best === null || $best[1][0] * $lay->height < $found[0] * $best[0]->height) {
                $best = [new Strip($lay->height, $this->width, $found[1]), $found];
            }
        }

        return [$best[0], $best[1][2]];
    }

    /**
     * A strip that begins with one piece of a kind.
     *
     * @param  list<int>  $left
     * @return array{float, list<Section>, array<int, int>}
     */
    private function with(int $kind, Wanted $lay, StripFill $fill, array $left): array
    {
        $left[$kind]--;
        $run = Section::run($lay, 1, $lay->height !== $this->pieces[$kind]->height);
        [$value, $sections, $taken] = $fill->fill($this->width - $run->width, $lay->height, array_values($left));
        $taken[$kind] = ($taken[$kind] ?? 0) + 1;

        return [$value, [$run, ...$sections], $taken];
    }

    /**
     * @param  list<int>  $left
     * @return list<Wanted>
     */
    private function wanted(array $left): array
    {
        return array_map(fn (Wanted $piece, int $count): Wanted => $piece->of($count), $this->pieces, $left);
    }

    /**
     * A piece is worth its share of the length that its strips took.
     *
     * @param  list<float>  $worth
     * @param  list<Strip>  $strips
     * @return list<float>
     */
    private function valuedAgain(array $worth, array $strips): array
    {
        $cost = array_fill(0, count($this->area), 0.0);
        foreach ($strips as $strip) {
            $used = 1 - $this->waste($strip);
            foreach ($strip->pieces() as $id => $count) {
                $kind = $this->kinds[$id];
                $cost[$kind] += $this->area[$kind] * $count / $used;
            }
        }

        return array_map(fn (float $old, float $all, Wanted $piece): float => ($old + $all / $piece->count) / 2, $worth, $cost, $this->pieces);
    }
}
