<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/** What a step that presses says by the plan. */
final readonly class StepPress
{
    /**
     * @param  string  $code  `open`, `slot` (all to one fabric), `way` (all the same way), `rows` (row by row), `round` (all the same way round
     *     a point), `outwards` (each to the patch that was sewn on with it), or `flags` (as the drawing shows)
     * @param  string|null  $slot  id of the fabric
     * @param  array<int, string>  $ways  of all seams, or of the rows by their numbers from the top; see {@see PressFlag::way()}
     * @param  list<int>  $sets  where segments of the same strip set are pressed in several ways: how many of each in one unit
     */
    private function __construct(
        public string $code,
        public int $seams,
        public ?string $slot = null,
        public array $ways = [],
        public array $sets = [],
    ) {
    }

    /**
     * @param  list<array{int, int}>  $pairs  the seams of the step, by the numbers of patches or cells
     * @param  list<string>|null  $slots  fabrics of the patches, in order; null for the cells of a block
     * @param  bool  $fromSets  whether its rows are segments of strip sets
     * @param  bool  $inOrder  whether its patches are sewn on one after the other, in the order of their numbers
     * @return self|null null when the plan says nothing of one of the seams
     */
    public static function of(array $pairs, PressLook $look, ?array $slots, bool $fromSets = false, bool $inOrder = false): ?self
    {
        $flags = $targets = [];
        $outwards = true;
        foreach ($pairs as [$one, $other]) {
            $flag = $look->between($one, $other);
            if ($flag === null) {
                return null;
            }
            $flags[$flag->encode()] = $flag;
            $outwards = $outwards && $flag->towards($one, $other) === max($one, $other);
            $targets[] = $slots === null ? null : ($slots[$flag->towards($one, $other) ?? -1] ?? null);
        }
        if ($flags === []) {
            return null;
        }
        $flags = array_values($flags);
        $ways = array_values(array_unique(array_map(fn (PressFlag $flag): string => $flag->way(), $flags)));
        $slot = $targets[0];
        if (count($ways) === 1) {
            return $ways === ['open'] || $slot === null || array_unique($targets) !== [$slot] || self::isOnBothSides($pairs, $slots ?? [], $slot)
                ? new self($ways === ['open'] ? 'open' : 'way', count($flags), null, $ways)
                : new self('slot', count($flags), $slot, $ways);
        }
        if ($slot !== null && array_unique($targets) === [$slot] && ! self::isOnBothSides($pairs, $slots ?? [], $slot)) {
            return new self('slot', count($flags), $slot, $ways);
        }
        if ($inOrder && $outwards) {
            return new self('outwards', count($flags));
        }
        if (self::isRound($flags)) {
            return new self('round', count($flags));
        }
        $rows = self::rows($flags, $look);
        $sets = $fromSets && $slots !== null ? self::sets($flags, $slots) : [];

        return $rows === null
            ? new self('flags', count($flags), sets: $sets)
            : new self('rows', count($flags), ways: $rows, sets: $sets);
    }

    /**
     * Whether a fabric lies on both sides of one of the seams, so that its name does not say the way.
     *
     * @param  list<array{int, int}>  $pairs
     * @param  list<string>  $slots
     */
    private static function isOnBothSides(array $pairs, array $slots, string $slot): bool
    {
        return array_filter(
            $pairs, fn (array $pair): bool => ($slots[$pair[0]] ?? '') === $slot && ($slots[$pair[1]] ?? '') === $slot,
        ) !== [];
    }

    /**
     * Whether many seams meet in one point and are pressed the same way round it.
     *
     * @param  list<PressFlag>  $flags
     */
    private static function isRound(array $flags): bool
    {
        if (count($flags) < 4) {
            return false;
        }
        $ends = fn (PressFlag $flag): array => [[$flag->fromX, $flag->fromY], [$flag->toX, $flag->toY]];
        foreach ($ends($flags[0]) as [$x, $y]) {
            $turns = [];
            foreach ($flags as $flag) {
                $isFrom = hypot($flag->fromX - $x, $flag->fromY - $y) < PressModel::GRAIN;
                $isTo = hypot($flag->toX - $x, $flag->toY - $y) < PressModel::GRAIN;
                $turns[match (true) {
                    ! $isFrom && ! $isTo => 'elsewhere',
                    ($flag->pressed === Pressed::Right) === $isFrom => 'right',
                    default => 'left',
                }] = $flag->pressed !== Pressed::Open;
            }
            if (count($turns) === 1 && ! isset($turns['elsewhere']) && array_filter($turns) !== []) {
                return true;
            }
        }

        return false;
    }

    /**
     * The way of every row of upright seams by its number from the top, where all of one row go the same way. A row without a seam counts
     * too: level seams part the rows.
     *
     * @param  list<PressFlag>  $flags
     * @return array<int, string>|null
     */
    private static function rows(array $flags, PressLook $look): ?array
    {
        $between = [];
        foreach ($look->flags as $flag) {
            if (abs($flag->fromY - $flag->toY) < PressModel::GRAIN) {
                $between[sprintf('%.2f', $flag->fromY)] = $flag->fromY;
            }
        }
        $rows = [];
        foreach ($flags as $flag) {
            $middle = ($flag->fromY + $flag->toY) / 2;
            $row = 1 + count(array_filter($between, fn (float $level): bool => $level < $middle));
            if (abs($flag->fromX - $flag->toX) > PressModel::GRAIN || ($rows[$row] ?? $flag->way()) !== $flag->way()) {
                return null;
            }
            $rows[$row] = $flag->way();
        }
        ksort($rows);

        return count($rows) > 1 ? $rows : null;
    }

    /**
     * Rows that are segments of one strip set but are pressed in several ways. A segment may be turned round, which turns its seams round
     * too.
     *
     * @param  list<PressFlag>  $flags
     * @param  list<string>  $slots
     * @return list<int> how many rows lie each way, the most first; empty where one way does
     */
    private static function sets(array $flags, array $slots): array
    {
        $rows = [];
        foreach ($flags as $flag) {
            if (abs($flag->fromX - $flag->toX) > PressModel::GRAIN || $flag->between === []) {
                continue;
            }
            // Somebody who walks down has what lies further to the right at her left.
            [$right, $left] = $flag->toY > $flag->fromY ? $flag->between[0] : array_reverse($flag->between[0]);
            $rows[sprintf('%.3f', ($flag->fromY + $flag->toY) / 2)][sprintf('%09.3f', $flag->fromX)] = [
                $slots[$left] ?? '', $flag->way(), $slots[$right] ?? '',
            ];
        }
        $patterns = [];
        foreach ($rows as $row) {
            ksort($row);
            $row = array_values($row);
            $turned = array_map(
                fn (array $seam): array => [
                    $seam[2], ['left' => 'right', 'right' => 'left'][$seam[1]] ?? $seam[1], $seam[0],
                ], array_reverse($row),
            );
            [$first, $second] = [
                self::cloths($row).' '.implode('|', array_column($row, 1)),
                self::cloths($turned).' '.implode('|', array_column($turned, 1)),
            ];
            $pattern = min($first, $second);
            $set = min(self::cloths($row), self::cloths($turned));
            $patterns[$set][$pattern] = ($patterns[$set][$pattern] ?? 0) + 1;
        }
        $sets = [];
        foreach ($patterns as $ways) {
            if (count($ways) > 1) {
                rsort($ways);
                foreach ($ways as $number => $count) {
                    $sets[$number] = ($sets[$number] ?? 0) + $count;
                }
            }
        }

        return array_values($sets);
    }

    /** @param  non-empty-list<array{string, string, string}>  $seams  of one row: the fabric before, the way, the fabric behind */
    private static function cloths(array $seams): string
    {
        return implode('|', [...array_column($seams, 0), $seams[count($seams) - 1][2]]);
    }
}
