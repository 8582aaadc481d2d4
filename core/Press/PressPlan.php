<?php

declare(strict_types=1);

namespace Dew\Core\Press;

/** Which way every seam of a top is pressed, and where two do not nest. */
final readonly class PressPlan
{
    /** @param  list<Pressed>  $pressed  by the number of the seam */
    public function __construct(
        public PressModel $model,
        public array $pressed,
    ) {
    }

    /** @return list<Crossing> that do not nest; in a school that presses open nothing crosses, so there are none */
    public function left(School $school): array
    {
        return $school === School::Open ? [] : array_values(array_filter(
            $this->model->crossings,
            fn (Crossing $crossing): bool => ! $crossing->nests($this->pressed[$crossing->first], $this->pressed[$crossing->second]),
        ));
    }

    /** How many crossings of the whole top do not nest. */
    public function leftInTop(School $school): int
    {
        return array_sum(array_map(fn (Crossing $crossing): int => $crossing->copies, $this->left($school)));
    }

    /** How many crossings the whole top has. */
    public function crossingsInTop(): int
    {
        return array_sum(array_map(fn (Crossing $crossing): int => $crossing->copies, $this->model->crossings));
    }

    /**
     * Every seam with the way it is pressed, what lies beside it, and where two seams meet at it that lie the same way; a seam that is spun
     * in its middle as two.
     *
     * @return array<string, list<PressFlag>> by product key, with an apostrophe for the copies that are pressed otherwise
     */
    public function flags(): array
    {
        $clashing = [];
        foreach ($this->left(School::Dark) as $crossing) {
            $across = $this->model->seams[$crossing->across];
            $clashing[$crossing->across][] = round(hypot($crossing->x - $across->fromX, $crossing->y - $across->fromY), 4);
        }
        $flags = [];
        foreach ($this->model->seams as $number => $seam) {
            $flags[$seam->of] ??= [];
            $pressed = $this->pressed[$number];
            array_push($flags[$seam->of], ...$seam->spun ? [
                self::flag($seam->half(false), $pressed, $this->model->beside($seam->half(false))),
                self::flag($seam->half(true), $pressed->otherWay(), $this->model->beside($seam->half(true))),
            ] : [self::flag($seam, $pressed, $this->model->between($number), $clashing[$number] ?? [])]);
        }

        return $flags;
    }

    /**
     * @param  list<array{int, int}>  $between
     * @param  list<float>  $clashes
     */
    private static function flag(PressSeam $seam, Pressed $pressed, array $between, array $clashes = []): PressFlag
    {
        [$x1, $y1, $x2, $y2] = array_map(
            fn (float $inches): float => round($inches, 4) + 0.0, [$seam->fromX, $seam->fromY, $seam->toX, $seam->toY],
        );

        return new PressFlag($x1, $y1, $x2, $y2, $pressed, $between, $clashes);
    }
}
