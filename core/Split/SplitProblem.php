<?php

declare(strict_types=1);

namespace Dew\Core\Split;

use Dew\Core\Design\Design;
use InvalidArgumentException;

/** Work to be shared out over a number of clues. */
final readonly class SplitProblem
{
    /** Clues that a quilt-along could have: a year of weeks. */
    public const MOST_CLUES = 60;

    /** How far ahead of an even pace a mystery may show its picture, in clues. */
    private const AHEAD = 1;

    /** @var list<int> minutes of every item, each size as often as members make it */
    public array $weighted;

    /**
     * @param  list<SplitItem>  $items  each behind those it needs
     * @param  int  $clues  over how many clues
     * @param  array<string, int>  $weights  how many members make each size, by size id; at least one of them above zero
     * @param  bool  $isMystery  whether the picture must be kept back
     *
     * @throws InvalidArgumentException when there is no clue, or an item needs one that stands behind it
     */
    public function __construct(
        public array $items,
        public int $clues,
        public array $weights,
        public bool $isMystery = false,
    ) {
        if ($clues < 1 || $clues > self::MOST_CLUES) {
            throw new InvalidArgumentException(sprintf('A split has 1 to %d clues.', self::MOST_CLUES));
        }
        $weighted = [];
        foreach ($items as $number => $item) {
            foreach ($item->needs as $needed) {
                if ($needed >= $number || $needed < 0) {
                    throw new InvalidArgumentException('Every item stands behind those it needs.');
                }
            }
            $minutes = 0;
            foreach ($item->minutes as $size => $count) {
                $minutes += $count * ($weights[$size] ?? 0);
            }
            $weighted[] = $minutes;
        }
        $this->weighted = $weighted;
    }

    /**
     * The tasks of a design, or what would be its tasks where no clue makes something yet.
     *
     * @param  array<string, MakingGraph>  $graphs  of every size, by size id
     * @param  array<string, int>  $members  how many make each size; every size counts as one where nobody has chosen yet
     * @param  list<list<string>>  $together  product keys that stay in one clue
     */
    public static function of(Design $design, array $graphs, int $clues, array $members = [], bool $isMystery = false, array $together = []): self
    {
        $products = $needs = $group = [];
        foreach ($graphs as $graph) {
            foreach ($graph->works as $key => $work) {
                $products[$key] ??= count($products);
                $needs[$key] = array_merge($needs[$key] ?? [], array_map(strval(...), array_keys($work->needs)));
            }
        }
        foreach ($together as $number => $keys) {
            foreach ($keys as $key) {
                $group[$key] ??= "group $number";
            }
        }
        $sorted = self::sorted(array_map(strval(...), array_keys($products)), $needs, $group);
        $numberOf = [];
        foreach ($sorted as $number => $keys) {
            foreach ($keys as $key) {
                $numberOf[$key] = $number;
            }
        }
        $items = [];
        foreach ($sorted as $number => $keys) {
            $minutes = $shown = $techniques = $before = [];
            foreach ($graphs as $size => $graph) {
                $minutes[$size] = 0;
                $shown[$size] = 0.0;
                foreach ($keys as $key) {
                    $work = $graph->works[$key] ?? null;
                    $minutes[$size] += $work->minutes ?? 0;
                    $shown[$size] += ($work->seamLength ?? 0.0) / max(1e-9, $graph->seamLength());
                    if ($work?->technique !== null) {
                        $techniques[$work->technique] = true;
                    }
                }
            }
            foreach ($keys as $key) {
                foreach ($needs[$key] ?? [] as $inner) {
                    if ($numberOf[$inner] !== $number) {
                        $before[$numberOf[$inner]] = true;
                    }
                }
            }
            ksort($before);
            $items[] = new SplitItem($keys, $minutes, $shown, array_map(strval(...), array_keys($techniques)), array_keys($before));
        }
        $weights = array_intersect_key($members, $graphs);
        if (array_sum($weights) < 1) {
            $weights = array_fill_keys(array_keys($graphs), 1);
        }

        return new self($items, $clues, $weights, $isMystery);
    }

    /** How much of the picture may be sewn once a clue is done, as a share: everything, where it need not be kept back. */
    public function limit(int $clue): float
    {
        return $this->isMystery ? min(1.0, ($clue + 1 + self::AHEAD) / $this->clues) : 1.0;
    }

    /**
     * In the order of making, with what stays together in one place. Things that would have to come before and after each other stay apart.
     *
     * @param  list<string>  $keys
     * @param  array<string, list<string>>  $needs
     * @param  array<string, string>  $group
     * @return list<list<string>>
     */
    private static function sorted(array $keys, array $needs, array $group): array
    {
        $members = [];
        foreach ($keys as $key) {
            $members[$group[$key] ?? $key][] = $key;
        }
        $outer = [];
        foreach ($keys as $key) {
            foreach ($needs[$key] ?? [] as $inner) {
                if (($group[$inner] ?? $inner) !== ($group[$key] ?? $key)) {
                    $outer[$group[$key] ?? $key][$group[$inner] ?? $inner] = true;
                }
            }
        }
        $sorted = $done = [];
        while (count($done) < count($members)) {
            $free = array_filter(array_keys($members), fn (string|int $name): bool => ! isset($done[$name])
                && array_diff_key($outer[$name] ?? [], $done) === []);
            if ($free === []) {
                return self::sorted($keys, $needs, []);
            }
            $name = array_values($free)[0];
            $done[$name] = true;
            $sorted[] = $members[$name];
        }

        return $sorted;
    }
}
