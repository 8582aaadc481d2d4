<?php

declare(strict_types=1);

namespace Dew\Core\Press;

use Dew\Core\Geometry\Placement;
use Dew\Core\Making\IroningBoard;
use Dew\Core\Measure\Length;

/** A pressing plan by unit and block: how the seams of each lie, and between which of its parts. */
final readonly class PressBook
{
    /** @param  array<string, PressLook>  $looks  by product key; the top's under the empty key */
    private function __construct(private array $looks)
    {
    }

    public static function of(PressPlan $plan): self
    {
        $flags = $plan->flags();
        $copies = array_column(array_map(fn (PressSeam $seam): array => [$seam->of, $seam->copies], $plan->model->seams), 1, 0);
        $looks = [];
        foreach ($flags as $key => $own) {
            $key = (string) $key;
            $board = $plan->model->board($key);
            if (! str_ends_with($key, "'")) {
                $looks[$key] = new PressLook($own, $flags[$key."'"] ?? [], $copies[$key."'"] ?? 0, $board, self::onBoard($board, $own));
            } elseif (! isset($flags[rtrim($key, "'")])) {
                // All copies stand where the others would: they are the only ones.
                $looks[rtrim($key, "'")] = new PressLook($own, board: $board, boardFlags: self::onBoard($board, $own));
            }
        }

        return new self($looks);
    }

    /**
     * The seams of what a unit's seams are pressed on, pressed as those are.
     *
     * @param  list<PressFlag>  $flags  of the unit
     * @return list<PressFlag>
     */
    private static function onBoard(?IroningBoard $board, array $flags): array
    {
        if ($board === null) {
            return [];
        }
        $unit = new PressLook($flags);
        $model = PressModel::of(new SewnTop(['board' => $board->patches], [], [], [new Placement('board', Length::zero(), Length::zero())]));
        $found = [];
        foreach ($model->seams as $number => $seam) {
            $between = $model->between($number);
            foreach ($board->seams as [, $first, $second, $one, $other]) {
                $isAlong = in_array([$first, $second], $between, true);
                $flag = $unit->between($one, $other);
                if ($flag !== null && ($isAlong || in_array([$second, $first], $between, true))) {
                    $found[] = $seam->flag(match ($flag->towards($one, $other)) {
                        null => Pressed::Open,
                        $other => $isAlong ? Pressed::Right : Pressed::Left,
                        default => $isAlong ? Pressed::Left : Pressed::Right,
                    })->lyingBetween($between);

                    break;
                }
            }
        }

        return $found;
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
                $first = $seam->spun ? $seam->half(false) : $seam;
                if ($flag->liesAt($first->fromX, $first->fromY, $first->toX, $first->toY)) {
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
