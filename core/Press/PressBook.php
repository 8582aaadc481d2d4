<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/** A pressing plan by unit and block: how the seams of each lie, and between which of its parts. */
final readonly class PressBook
{
    /** Inches by which two edges must overlap to be sewn together. */
    private const OVERLAP = 0.01;

    /** @param  array<string, PressLook>  $looks  by product key; the top's under the empty key */
    private function __construct(private array $looks)
    {
    }

    public static function of(PressPlan $plan): self
    {
        $clashing = [];
        foreach ($plan->left(School::Dark) as $crossing) {
            $clashing[$crossing->of][$crossing->first] = $clashing[$crossing->of][$crossing->second] = true;
        }
        $flags = $copies = [];
        foreach ($plan->model->seams as $number => $seam) {
            $copies[$seam->of] = $seam->copies;
            [$x1, $y1, $x2, $y2] = array_map(
                fn (float $inches): float => round($inches, 4) + 0.0, [$seam->fromX, $seam->fromY, $seam->toX, $seam->toY],
            );
            $flags[$seam->of][] = new PressFlag(
                $x1, $y1, $x2, $y2, $plan->pressed[$number],
                self::between($seam, $plan->model->items[$seam->of] ?? []),
                isset($clashing[$seam->of][$number]) && $plan->pressed[$number] !== Pressed::Open,
            );
        }
        $looks = [];
        foreach ($flags as $key => $own) {
            $key = (string) $key;
            if (! str_ends_with($key, "'")) {
                $looks[$key] = new PressLook($own, $flags[$key."'"] ?? [], $copies[$key."'"] ?? 0);
            } elseif (! isset($flags[rtrim($key, "'")])) {
                // All copies stand where the others would: they are the only ones.
                $looks[rtrim($key, "'")] = new PressLook($own);
            }
        }

        return new self($looks);
    }

    /**
     * Seams that are pressed already, found in a model by where they lie.
     *
     * @param  array<string, list<string>>  $pressed  flags by product key, as {@see PressFlag::encode()} writes them
     * @return array<string, Pressed> by the id of a seam; what is not in the model is passed over
     */
    public static function fixed(PressModel $model, array $pressed): array
    {
        $flags = array_map(fn (array $codes): array => array_map(PressFlag::decode(...), $codes), $pressed);
        $fixed = [];
        foreach ($model->seams as $seam) {
            foreach ($flags[rtrim($seam->of, "'")] ?? [] as $flag) {
                if (abs($flag->fromX - $seam->fromX) + abs($flag->fromY - $seam->fromY) + abs($flag->toX - $seam->toX)
                    + abs($flag->toY - $seam->toY) < self::OVERLAP) {
                    $fixed[$seam->id] = $flag->pressed;
                }
            }
        }

        return $fixed;
    }

    /** Null for what has no seams, and for what is no part of the top by itself. */
    public function look(string $product): ?PressLook
    {
        return $this->looks[$product] ?? null;
    }

    /** @return array<string, PressLook> */
    public function all(): array
    {
        return $this->looks;
    }

    /**
     * Pairs of parts that a seam joins: every part with an edge on it, with those across from it.
     *
     * @param  list<list<array{float, float, float, float, int}>>  $items  the edges of every part
     * @return list<array{int, int}>
     */
    public static function between(PressSeam $seam, array $items): array
    {
        $length = hypot($seam->toX - $seam->fromX, $seam->toY - $seam->fromY);
        if ($length < PressModel::GRAIN) {
            return [];
        }
        [$dx, $dy] = [($seam->toX - $seam->fromX) / $length, ($seam->toY - $seam->fromY) / $length];
        $sides = [[], []];
        foreach ($items as $number => $edges) {
            $middle = 0.0;
            $spans = [];
            foreach ($edges as [$x1, $y1, $x2, $y2]) {
                $off1 = $dx * ($y1 - $seam->fromY) - $dy * ($x1 - $seam->fromX);
                $off2 = $dx * ($y2 - $seam->fromY) - $dy * ($x2 - $seam->fromX);
                $middle += ($off1 + $off2) / (2 * count($edges));
                if (abs($off1) < PressModel::GRAIN && abs($off2) < PressModel::GRAIN) {
                    $a = $dx * ($x1 - $seam->fromX) + $dy * ($y1 - $seam->fromY);
                    $b = $dx * ($x2 - $seam->fromX) + $dy * ($y2 - $seam->fromY);
                    $spans[] = [max(0.0, min($a, $b)), min($length, max($a, $b))];
                }
            }
            foreach ($spans as $span) {
                // Where y grows downwards, what lies further down is on the right of somebody who walks to the right.
                $sides[$middle > 0 ? 1 : 0][] = [$number, ...$span];
            }
        }
        $pairs = [];
        foreach ($sides[0] as [$left, $from, $to]) {
            foreach ($sides[1] as [$right, $start, $end]) {
                if (min($to, $end) - max($from, $start) > self::OVERLAP) {
                    $pairs["$left-$right"] = [$left, $right];
                }
            }
        }

        return array_values($pairs);
    }
}
