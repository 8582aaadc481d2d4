<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/**
 * Cuts pieces from a bolt of one width in strips across it so that they take as short a length of it as can be found.
 *
 * A few pieces are solved by trying everything ({@see SmallCuts}). Many are cut strip after strip, the highest first, each filled by
 * {@see StripFill}; this is done several times, and pieces that lay in badly used strips are worth more the next time. It ends when the
 * lower bound is reached or after a fixed number of rounds, so that the same pieces are always cut the same way.
 */
final class BoltCuts
{
    private const ROUNDS = 8;

    /** Work that all rounds may take together: kinds of piece times strips. */
    private const WORK = 200;

    /** Strips from which mending begins. */
    private const MENDED = 8;

    /** Strips that are looked at for being mended together. */
    private const REACH = 8;

    /** Steps that mending a few strips may take. */
    private const MENDING = 20000;

    /** Steps that the last pieces of a round may take. */
    private const LAST = 6000;

    /** @var array<string, list<Strip>|null> what trying everything has found, by how many of each kind and the steps it may take */
    private array $solved = [];

    /**
     * @param  list<Wanted>  $pieces
     * @param  list<non-empty-list<Wanted>>  $lays
     */
    private function __construct(
        private readonly array $pieces,
        private readonly array $lays,
        private readonly int $width,
    ) {
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
        $found = SmallCuts::strips($pieces, $width);
        if ($found === null) {
            $self = new self($pieces, array_map(fn (Wanted $piece): array => Lays::of($piece, $width), $pieces), $width);
            $found = $self->best(LengthBound::of($pieces, $width));
        }

        return Tidy::strips($found, $pieces);
    }

    /** @param  list<Strip>  $strips */
    public static function length(array $strips): int
    {
        return array_sum(array_map(fn (Strip $strip): int => $strip->height, $strips));
    }

    /** @return list<Strip> */
    private function best(int $bound): array
    {
        $area = array_map(fn (Wanted $piece): float => (float) $piece->height * $piece->pitch / $piece->group, $this->pieces);
        $worth = $area;
        $best = PlainStrips::of($this->pieces, $this->width);
        $work = 0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$strips, $patterns] = $this->round($worth);
            $work += $patterns * count($this->pieces);
            if (self::length($strips) < self::length($best)) {
                $best = $strips;
            }
            if (self::length($best) <= $bound || $work > self::WORK) {
                break;
            }
            $worth = $this->valuedAgain($worth, $area, $strips);
        }

        return self::length($best) > $bound ? $this->mended($best, $area, $bound) : $best;
    }

    /**
     * Cuts the pieces of some strips together anew, the worst used ones first, wherever trying everything finds a shorter way.
     *
     * @param  list<Strip>  $strips
     * @param  list<float>  $area
     * @return list<Strip>
     */
    private function mended(array $strips, array $area, int $bound): array
    {
        for ($tries = 0, $first = 0; $tries < self::MENDED && $first < count($strips) - 1 && self::length($strips) > $bound; $tries++) {
            usort($strips, fn (Strip $one, Strip $other): int => $this->waste($other, $area) <=> $this->waste($one, $area));
            $together = $anew = [];
            for ($last = $first; $last < min($first + self::REACH, count($strips)); $last++) {
                $together[$last] = $strips[$last];
                $found = count($together) < 2 ? null : $this->solved($this->countsOf(array_values($together)), self::MENDING);
                if (count($together) > 1 && $found === null) {
                    array_pop($together);

                    continue;
                }
                if ($found !== null && self::length($found) < self::length(array_values($together))) {
                    $anew = $found;
                    break;
                }
            }
            if ($anew === []) {
                $first++;

                continue;
            }
            $strips = [...array_values(array_diff_key($strips, $together)), ...$anew];
            $first = 0;
        }

        return $strips;
    }

    /** @param  list<float>  $area */
    private function waste(Strip $strip, array $area): float
    {
        $used = 0.0;
        foreach ($strip->pieces() as $id => $count) {
            $used += $area[$this->kindOf($id)] * $count;
        }

        return 1 - $used / ($strip->height * $strip->width);
    }

    private function kindOf(string $id): int
    {
        foreach ($this->pieces as $kind => $piece) {
            if ($piece->id === $id) {
                return $kind;
            }
        }

        return 0;
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
                $counts[$this->kindOf($id)] += $count;
            }
        }

        return array_values($counts);
    }

    /**
     * Some of the pieces, cut as well as trying everything can. Equal strips are looked at again and again: each question is answered once.
     *
     * @param  list<int>  $counts  by kind
     * @param  int  $most  steps that may be taken
     * @return list<Strip>|null null when there are too many to try everything
     */
    private function solved(array $counts, int $most): ?array
    {
        $question = $most.' '.implode(' ', $counts);
        if (! array_key_exists($question, $this->solved)) {
            $this->solved[$question] = SmallCuts::strips($this->wanted($counts), $this->width, $most);
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
     * @param  list<float>  $area
     * @param  list<Strip>  $strips
     * @return list<float>
     */
    private function valuedAgain(array $worth, array $area, array $strips): array
    {
        $kinds = array_flip(array_map(fn (Wanted $piece): string => $piece->id, $this->pieces));
        $cost = array_fill(0, count($area), 0.0);
        foreach ($strips as $strip) {
            $used = 0.0;
            foreach ($strip->pieces() as $id => $count) {
                $used += $area[$kinds[$id]] * $count;
            }
            foreach ($strip->pieces() as $id => $count) {
                $cost[$kinds[$id]] += $area[$kinds[$id]] * $count * $strip->height * $strip->width / $used;
            }
        }

        return array_map(
            fn (float $old, float $all, Wanted $piece): float => ($old + $all / $piece->count) / 2,
            $worth, $cost, $this->pieces,
        );
    }
}
