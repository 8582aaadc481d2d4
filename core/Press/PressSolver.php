<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/**
 * Finds the plan with the fewest crossings that do not nest, then with the fewest seams against the school, then with the least bulk; ties go to
 * the side that comes first.
 *
 * Seams that cross make a graph. A part of it in which everything can nest has two plans, one the reverse of the other; where not everything can
 * nest, small parts are tried out completely, and larger ones are mended from both of those plans until no change of one seam, or of two
 * that cross, makes them better. Seams that are parts of one when they are pressed are decided as one, under the first of them.
 */
final class PressSolver
{
    /** Seams that do not nest weigh more than all seams against the school together, and those more than all bulk. */
    private const CROSSING = 1_000_000_000_000;

    private const SCHOOL = 1_000_000;

    /** Seams in a part that is tried out completely: 2 to this power plans. */
    private const TRIED = 14;

    /** @var list<list<array{int, bool, int}>> by seam: the other one, whether they must differ, and how often they cross */
    private array $beside = [];

    /** @var array<int, int> cost of pressing each seam to its left, without crossings */
    private array $left = [];

    /** @var array<int, int> likewise to its right */
    private array $right = [];

    /** @var array<int, bool> seams that are pressed already: whether to their right; open ones are left out */
    private array $fixed = [];

    /** @var array<int, true> */
    private array $open = [];

    /** @var array<int, array{int, bool}> for each part of a longer seam the first part, and whether its left is that one's right */
    private array $partOf = [];

    /** @param  array<string, Pressed>  $pressed  by the id of a seam: what is pressed already */
    private function __construct(private readonly PressModel $model, School $school, array $pressed)
    {
        foreach ($model->seams as $number => $seam) {
            $this->beside[] = [];
            $this->left[] = $seam->endsLeft * $seam->copies + ($this->isAgainst($seam, $school, false) ? self::SCHOOL * $seam->copies : 0);
            $this->right[] = $seam->endsRight * $seam->copies + ($this->isAgainst($seam, $school, true) ? self::SCHOOL * $seam->copies : 0);
            $way = self::said($seam, $pressed) ?? $seam->usual;
            if ($way === Pressed::Open) {
                $this->open[$number] = true;
            } elseif ($way !== null) {
                $this->fixed[$number] = $way === Pressed::Right;
            }
        }
        $this->makeOne();
        foreach ($model->crossings as $crossing) {
            [$first, $firstTurned] = $this->partOf[$crossing->first] ?? [$crossing->first, false];
            [$second, $secondTurned] = $this->partOf[$crossing->second] ?? [$crossing->second, false];
            // A crossing of an open seam nests whatever the other does; a seam that crosses its own copy, always or never.
            if ($first !== $second && ! isset($this->open[$first]) && ! isset($this->open[$second])) {
                $differ = $crossing->differ !== ($firstTurned !== $secondTurned);
                $this->beside[$first][] = [$second, $differ, $crossing->copies];
                $this->beside[$second][] = [$first, $differ, $crossing->copies];
            }
        }
    }

    /**
     * How a seam is pressed already; copies of a unit that are pressed otherwise lie as it does where nothing else is known of them.
     *
     * @param  array<string, Pressed>  $pressed
     */
    private static function said(PressSeam $seam, array $pressed): ?Pressed
    {
        return $pressed[$seam->id] ?? $pressed[$seam->usualId()] ?? null;
    }

    /** Finds the parts of every seam that is pressed in one go, and gives what is known of them, and what they cost, to the first of them. */
    private function makeOne(): void
    {
        $seams = [];
        foreach ($this->model->same as [$board, $one, $number, $right]) {
            $seams[($board === '' ? $this->model->seams[$number]->of : $board).' '.$one][$number] ??= $right;
        }
        foreach ($seams as $parts) {
            $first = (int) array_key_first($parts);
            foreach (array_slice($parts, 1, null, true) as $number => $right) {
                $turned = $right !== $parts[$first];
                $this->partOf[$number] = [$first, $turned];
                $this->left[$first] += $turned ? $this->right[$number] : $this->left[$number];
                $this->right[$first] += $turned ? $this->left[$number] : $this->right[$number];
                if (isset($this->open[$number])) {
                    $this->open[$first] = true;
                } elseif (isset($this->fixed[$number])) {
                    $this->fixed[$first] ??= $this->fixed[$number] !== $turned;
                }
            }
        }
        $this->fixed = array_diff_key($this->fixed, $this->open);
    }

    /** @param  array<string, Pressed>  $pressed  by the id of a seam: what is pressed already */
    public static function plan(PressModel $model, School $school, array $pressed = []): PressPlan
    {
        if ($school === School::Open) {
            return new PressPlan($model, array_map(
                fn (PressSeam $seam): Pressed => self::said($seam, $pressed) ?? match (true) {
                    // A curve does not lie flat when it is pressed open: it goes to the darker side.
                    $seam->curved => $seam->darker < 0 ? Pressed::Left : Pressed::Right,
                    default => Pressed::Open,
                }, $model->seams,
            ));
        }
        $solver = new self($model, $school, $pressed);
        $ways = [];
        foreach ($solver->parts() as $part) {
            $ways += $solver->solved($part);
        }

        return new PressPlan($model, array_map(function (int $number) use ($solver, $ways): Pressed {
            [$first, $turned] = $solver->partOf[$number] ?? [$number, false];

            return match (true) {
                isset($solver->open[$first]) => Pressed::Open,
                $ways[$first] !== $turned => Pressed::Right,
                default => Pressed::Left,
            };
        }, array_keys($model->seams)));
    }

    /**
     * What a plan costs, in the order of what matters: crossings that do not nest, seams against the school, bulk.
     *
     * @return array{int, int, int}
     */
    public static function cost(PressPlan $plan, School $school): array
    {
        $solver = new self($plan->model, $school, []);
        $rest = 0;
        foreach ($plan->pressed as $number => $way) {
            if (isset($solver->partOf[$number])) {
                continue;
            }
            $rest += $way === Pressed::Open ? 0 : ($way === Pressed::Right ? $solver->right[$number] : $solver->left[$number]);
        }

        return [$plan->leftInTop($school), intdiv($rest, self::SCHOOL), $rest % self::SCHOOL];
    }

    private function isAgainst(PressSeam $seam, School $school, bool $right): bool
    {
        return match ($school) {
            School::Dark => $right ? $seam->darker < -1e-6 : $seam->darker > 1e-6,
            School::Side => ! $right,
            School::Bulk => $right ? $seam->endsRight > $seam->endsLeft : $seam->endsLeft > $seam->endsRight,
            School::Open => true,
        };
    }

    /** @return list<non-empty-list<int>> seams that hang together by crossings, in the order of their numbers */
    private function parts(): array
    {
        $seen = [];
        $parts = [];
        foreach (array_keys($this->model->seams) as $start) {
            if (isset($seen[$start]) || isset($this->partOf[$start])) {
                continue;
            }
            $part = [$start];
            $seen[$start] = true;
            for ($index = 0; $index < count($part); $index++) {
                foreach ($this->beside[$part[$index]] as [$other]) {
                    if (! isset($seen[$other])) {
                        $seen[$other] = true;
                        $part[] = $other;
                    }
                }
            }
            $parts[] = $part;
        }

        return $parts;
    }

    /**
     * @param  non-empty-list<int>  $part
     * @return array<int, bool> whether each seam is pressed to its right
     */
    private function solved(array $part): array
    {
        $nested = $this->nested($part);
        if ($nested !== null) {
            return $nested;
        }
        $free = array_values(array_filter($part, fn (int $seam): bool => ! isset($this->fixed[$seam])));
        if (count($free) <= self::TRIED) {
            return $this->tried($part, $free);
        }
        $best = null;
        $least = PHP_INT_MAX;
        foreach ($this->beginnings($part) as $ways) {
            $ways = $this->mended($ways, $free);
            $cost = $this->costOf($part, $ways);
            if ($cost < $least) {
                [$best, $least] = [$ways, $cost];
            }
        }

        return $best ?? [];
    }

    /**
     * The better of the two plans of a part in which everything can nest, one the reverse of the other.
     *
     * @param  non-empty-list<int>  $part  in the order in which they hang together
     * @return array<int, bool>|null null where not everything can nest
     */
    private function nested(array $part): ?array
    {
        $ways = [$part[0] => false];
        foreach ($part as $seam) {
            foreach ($this->beside[$seam] as [$other, $differ]) {
                $way = $ways[$seam] !== $differ;
                $ways[$other] ??= $way;
                if ($ways[$other] !== $way) {
                    return null;
                }
            }
        }
        $keeps = $turns = true;
        $cost = $reversed = 0;
        foreach ($ways as $seam => $way) {
            $keeps = $keeps && ($this->fixed[$seam] ?? $way) === $way;
            $turns = $turns && ($this->fixed[$seam] ?? ! $way) !== $way;
            $cost += $way ? $this->right[$seam] : $this->left[$seam];
            $reversed += $way ? $this->left[$seam] : $this->right[$seam];
        }

        return match (true) {
            $keeps && (! $turns || $cost <= $reversed) => $ways,
            $turns => array_map(fn (bool $way): bool => ! $way, $ways),
            default => null,
        };
    }

    /**
     * Every plan of a small part, each but for one seam like the one before (by a Gray code).
     *
     * @param  list<int>  $part
     * @param  list<int>  $free
     * @return array<int, bool>
     */
    private function tried(array $part, array $free): array
    {
        $ways = [];
        foreach ($part as $seam) {
            $ways[$seam] = $this->fixed[$seam] ?? false;
        }
        $best = $ways;
        $cost = $least = $this->costOf($part, $ways);
        for ($step = 1; $step < 1 << count($free); $step++) {
            $bit = 0;
            while (($step >> $bit & 1) === 0) {
                $bit++;
            }
            $seam = $free[$bit];
            $cost += $this->gain($ways, $seam);
            $ways[$seam] = ! $ways[$seam];
            if ($cost < $least || ($cost === $least && $this->comesFirst($ways, $best))) {
                [$best, $least] = [$ways, $cost];
            }
        }

        return $best;
    }

    /**
     * Plans to begin with: the seams one after the other, each so that it nests with most of what lies beside it, once from each side.
     *
     * @param  non-empty-list<int>  $part
     * @return list<array<int, bool>>
     */
    private function beginnings(array $part): array
    {
        $plans = [];
        foreach ([false, true] as $first) {
            foreach ([$part, array_reverse($part)] as $order) {
                $ways = $this->fixedOf($part);
                foreach ($order as $seam) {
                    if (isset($ways[$seam])) {
                        continue;
                    }
                    $right = $known = 0;
                    foreach ($this->beside[$seam] as [$other, $differ, $copies]) {
                        if (isset($ways[$other])) {
                            $known += $copies;
                            $right += ($ways[$other] !== $differ) ? $copies : -$copies;
                        }
                    }
                    $ways[$seam] = $known === 0 ? $first : ($right === 0 ? $first : $right > 0);
                }
                $plans[] = $ways;
            }
        }

        return $plans;
    }

    /**
     * @param  list<int>  $part
     * @return array<int, bool>
     */
    private function fixedOf(array $part): array
    {
        return array_intersect_key($this->fixed, array_flip($part));
    }

    /**
     * A plan that no change of one seam, or of two that cross, and no reversal of all of it makes better.
     *
     * @param  array<int, bool>  $ways
     * @param  list<int>  $free
     * @return array<int, bool>
     */
    private function mended(array $ways, array $free): array
    {
        $part = array_keys($ways);
        $gains = $this->gains($ways, $free);
        do {
            $isBetter = false;
            foreach ($free as $seam) {
                if ($gains[$seam] < 0) {
                    $this->turn($ways, $gains, $seam);
                    $isBetter = true;

                    continue;
                }
                $other = $this->partner($ways, $gains, $seam);
                if ($other !== null) {
                    $this->turn($ways, $gains, $seam);
                    $this->turn($ways, $gains, $other);
                    $isBetter = true;
                }
            }
            // All of it reversed nests as well, and may suit the school better.
            $reversed = $ways;
            foreach ($free as $seam) {
                $reversed[$seam] = ! $ways[$seam];
            }
            if ($this->costOf($part, $reversed) < $this->costOf($part, $ways)) {
                $ways = $reversed;
                $gains = $this->gains($ways, $free);
                $isBetter = true;
            }
        } while ($isBetter);

        return $ways;
    }

    /**
     * The first seam that crosses another and with which together it is better turned; null when there is none.
     *
     * @param  array<int, bool>  $ways
     * @param  array<int, int>  $gains
     */
    private function partner(array $ways, array $gains, int $seam): ?int
    {
        $between = [];
        foreach ($this->beside[$seam] as [$other, $differ, $copies]) {
            // Two seams may cross more than once.
            $between[$other] = ($between[$other] ?? 0) + $this->change($ways, $seam, $other, $differ, $copies);
        }
        foreach ($between as $other => $change) {
            if (isset($gains[$other]) && $gains[$seam] + $gains[$other] + $change < 0) {
                return $other;
            }
        }

        return null;
    }

    /**
     * What turning each seam costs, less what it saves.
     *
     * @param  array<int, bool>  $ways
     * @param  list<int>  $free
     * @return array<int, int>
     */
    private function gains(array $ways, array $free): array
    {
        $gains = [];
        foreach ($free as $seam) {
            $gains[$seam] = $this->gain($ways, $seam);
        }

        return $gains;
    }

    /**
     * Turns a seam, and keeps the gains of those that cross it.
     *
     * @param  array<int, bool>  $ways
     * @param  array<int, int>  $gains
     */
    private function turn(array &$ways, array &$gains, int $seam): void
    {
        foreach ($this->beside[$seam] as [$other, $differ, $copies]) {
            if (isset($gains[$other])) {
                $gains[$other] += $this->change($ways, $seam, $other, $differ, $copies);
            }
        }
        $ways[$seam] = ! $ways[$seam];
        $gains[$seam] = -$gains[$seam];
    }

    /**
     * By how much turning one seam changes what turning another one gains at their crossing: where they nest, it would not part them any
     * more, and the other way round.
     *
     * @param  array<int, bool>  $ways
     */
    private function change(array $ways, int $seam, int $other, bool $differ, int $copies): int
    {
        return (($ways[$seam] !== $ways[$other]) === $differ ? -2 : 2) * self::CROSSING * $copies;
    }

    /** @param  array<int, bool>  $ways */
    private function gain(array $ways, int $seam): int
    {
        $gain = $ways[$seam] ? $this->left[$seam] - $this->right[$seam] : $this->right[$seam] - $this->left[$seam];
        foreach ($this->beside[$seam] as [$other, $differ, $copies]) {
            $gain += (($ways[$seam] !== $ways[$other]) === $differ ? 1 : -1) * self::CROSSING * $copies;
        }

        return $gain;
    }

    /**
     * @param  list<int>  $part
     * @param  array<int, bool>  $ways
     */
    private function costOf(array $part, array $ways): int
    {
        $cost = 0;
        foreach ($part as $seam) {
            $cost += $ways[$seam] ? $this->right[$seam] : $this->left[$seam];
            foreach ($this->beside[$seam] as [$other, $differ, $copies]) {
                // Each crossing stands beside both of its seams.
                $cost += $seam < $other && ($ways[$seam] !== $ways[$other]) !== $differ ? self::CROSSING * $copies : 0;
            }
        }

        return $cost;
    }

    /**
     * Whether a plan comes before another: at the first seam in which they differ it goes left.
     *
     * @param  array<int, bool>  $one
     * @param  array<int, bool>  $other
     */
    private function comesFirst(array $one, array $other): bool
    {
        ksort($one);
        foreach ($one as $seam => $right) {
            if ($right !== $other[$seam]) {
                return ! $right;
            }
        }

        return false;
    }
}
