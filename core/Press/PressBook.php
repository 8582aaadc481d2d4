<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/** A pressing plan by unit and block: how the seams of each lie, and between which of its parts. */
final readonly class PressBook
{
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
                $plan->model->between($number),
                isset($clashing[$seam->of][$number]),
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
                if ($flag->liesAt($seam->fromX, $seam->fromY, $seam->toX, $seam->toY)) {
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
     * @param  list<list<array{float, float, float, float, ...}>>  $items  the edges of every part
     * @return list<array{int, int}>
     */
    public static function between(PressSeam $seam, array $items): array
    {
        return (new EdgeIndex($items))->beside($seam);
    }
}
