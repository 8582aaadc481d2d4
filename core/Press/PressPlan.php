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
}
