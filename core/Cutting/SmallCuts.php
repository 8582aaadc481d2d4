<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/**
 * Cuts a few pieces from cloth of one width so that no other way of cutting strips takes a shorter length.
 *
 * For every choice of pieces, the smaller first, it finds the shortest part of a strip of each height that holds them: as one run, as two
 * parts side by side, or as two narrower strips one below the other. Then it finds the strips, each with its choice of pieces, that take
 * the least cloth together. The number of choices grows with the product of the counts, so it serves only a few.
 */
final class SmallCuts
{
    /** More steps than this take too long. */
    private const MOST = 60000;

    private const RUN = 0;

    private const BESIDE = 1;

    private const BELOW = 2;

    private const LOWER = 3;

    /** @var list<int> how far one piece of each kind moves the number of a choice */
    private array $step = [];

    /** @var list<list<int>> choices within each choice, without the empty one */
    private array $within = [];

    /** @var list<int> heights that strips and parts of them can have, the lowest first */
    private array $heights = [];

    /** @var list<list<int>> shortest part of a strip, by height and choice */
    private array $shortest = [];

    /** @var list<list<list<int>>> how it is cut: a kind of cut and its numbers */
    private array $cut = [];

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
     * @param  int  $most  steps that may be taken
     * @return list<Strip>|null null when there are too many pieces to try everything
     */
    public static function strips(array $pieces, int $width, int $most = self::MOST): ?array
    {
        $pieces = array_values(array_filter($pieces, fn (Wanted $piece): bool => $piece->count > 0));
        $lays = array_map(fn (Wanted $piece): array => Lays::of($piece, $width), $pieces);
        $steps = 1;
        foreach ($pieces as $piece) {
            $steps *= ($piece->count + 1) * ($piece->count + 2) / 2;
            if ($steps > $most) {
                return null;
            }
        }
        $heights = Lays::heights($lays);
        if ($steps * count($heights) > $most) {
            return null;
        }
        $self = new self($pieces, $lays, $width);
        $self->heights = $heights;

        return $self->solved();
    }

    /** @return list<Strip> */
    private function solved(): array
    {
        $all = 1;
        foreach ($this->pieces as $piece) {
            $this->step[] = $all;
            $all *= $piece->count + 1;
        }
        $this->listChoices($all);
        foreach (array_keys($this->heights) as $height) {
            $this->findParts($height, $all);
        }

        return $this->shared($all);
    }

    private function listChoices(int $all): void
    {
        $this->within = [[]];
        for ($choice = 1; $choice < $all; $choice++) {
            $within = [0];
            foreach ($this->pieces as $kind => $piece) {
                $most = intdiv($choice, $this->step[$kind]) % ($piece->count + 1);
                $longer = [];
                for ($count = 0; $count <= $most; $count++) {
                    foreach ($within as $other) {
                        $longer[] = $other + $count * $this->step[$kind];
                    }
                }
                $within = $longer;
            }
            $this->within[] = array_slice($within, 1);
        }
    }

    /** The shortest part of a strip of one height for every choice, those of lower strips being known. */
    private function findParts(int $height, int $all): void
    {
        $shortest = [0];
        $cuts = [[]];
        for ($choice = 1; $choice < $all; $choice++) {
            $best = $height > 0 ? $this->shortest[$height - 1][$choice] : PHP_INT_MAX;
            $cut = [self::LOWER];
            [$kind, $count] = $this->only($choice);
            foreach ($kind === null ? [] : $this->lays[$kind] as $number => $lay) {
                if ($lay->height <= $this->heights[$height] && $lay->run($count) < $best) {
                    [$best, $cut] = [$lay->run($count), [self::RUN, (int) $kind, $number, $count]];
                }
            }
            foreach ($this->within[$choice] as $one) {
                $other = $choice - $one;
                if ($one <= $other && $shortest[$one] < $best && $shortest[$other] < $best - $shortest[$one]) {
                    [$best, $cut] = [$shortest[$one] + $shortest[$other], [self::BESIDE, $one]];
                }
            }
            [$best, $cut] = $this->below($height, $choice, $best, $cut);
            $shortest[] = $best > $this->width ? PHP_INT_MAX : $best;
            $cuts[] = $cut;
        }
        $this->shortest[] = $shortest;
        $this->cut[] = $cuts;
    }

    /**
     * @param  list<int>  $cut
     * @return array{int, list<int>}
     */
    private function below(int $height, int $choice, int $best, array $cut): array
    {
        for ($upper = $height - 1; $upper >= 0; $upper--) {
            $lower = $this->highest($this->heights[$height] - $this->heights[$upper]);
            if ($lower === null || $lower > $upper) {
                continue;
            }
            foreach ($this->within[$choice] as $one) {
                $width = $this->shortest[$upper][$one];
                if ($width < $best && $this->shortest[$lower][$choice - $one] < $best && $one !== $choice) {
                    [$best, $cut] = [max($width, $this->shortest[$lower][$choice - $one]), [self::BELOW, $upper, $lower, $one]];
                }
            }
        }

        return [$best, $cut];
    }

    /** @return list<Strip> */
    private function shared(int $all): array
    {
        $least = [0];
        $strips = [[0, 0]];
        for ($choice = 1; $choice < $all; $choice++) {
            $least[] = PHP_INT_MAX;
            $strips[] = [0, $choice];
            foreach ($this->heights as $height => $marks) {
                foreach ($this->within[$choice] as $one) {
                    if ($this->shortest[$height][$one] <= $this->width && $least[$choice - $one] < $least[$choice] - $marks) {
                        $least[$choice] = $least[$choice - $one] + $marks;
                        $strips[$choice] = [$height, $one];
                    }
                }
            }
        }
        $found = [];
        $choice = $all - 1;
        while ($choice > 0) {
            [$height, $one] = $strips[$choice];
            $choice = max(0, $choice - $one);
            $found[] = new Strip($this->heights[$height], $this->width, $this->sections($height, $one));
        }

        return $found;
    }

    /** @return list<Section> of a strip of this height that holds these */
    private function sections(int $height, int $choice): array
    {
        if ($choice <= 0) {
            return [];
        }
        $cut = $this->cut[$height][$choice];
        $width = $this->shortest[$height][$choice];

        return match ($cut[0]) {
            self::RUN => $this->run($this->heights[$height], $cut[1], $cut[2], $cut[3]),
            self::BESIDE => [...$this->sections($height, $cut[1]), ...$this->sections($height, $choice - $cut[1])],
            self::BELOW => [Section::recut($width, [
                new Strip($this->heights[$cut[1]], $width, $this->sections($cut[1], $cut[3])),
                new Strip($this->heights[$cut[2]], $width, $this->sections($cut[2], $choice - $cut[3])),
            ])],
            default => [Section::recut($width, [new Strip($this->heights[$height - 1], $width, $this->sections($height - 1, $choice))])],
        };
    }

    /** @return list<Section> */
    private function run(int $height, int $kind, int $number, int $count): array
    {
        $lay = $this->lays[$kind][$number];
        $run = Section::run($lay, $count, $lay->height !== $this->pieces[$kind]->height);

        return $lay->height === $height ? [$run] : [Section::recut($run->width, [new Strip($lay->height, $run->width, [$run])])];
    }

    /** @return array{int|null, int} the kind and its count when a choice holds one kind only */
    private function only(int $choice): array
    {
        $only = [null, 0];
        foreach ($this->pieces as $kind => $piece) {
            $count = intdiv($choice, $this->step[$kind]) % ($piece->count + 1);
            if ($count > 0) {
                if ($only[0] !== null) {
                    return [null, 0];
                }
                $only = [$kind, $count];
            }
        }

        return $only;
    }

    /** The highest of the heights that is no more than this. */
    private function highest(int $marks): ?int
    {
        $found = null;
        foreach ($this->heights as $index => $height) {
            if ($height <= $marks) {
                $found = $index;
            }
        }

        return $found;
    }
}
