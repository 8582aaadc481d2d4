<?php

declare(strict_types=1);

namespace Dew\Core\Making;

/**
 * How long the people of a quilt-along take: minutes for every patch of cloth, all in, from cutting to the joined top. It is an assumption
 * and no measurement, so it is a range, and a host may choose another one.
 */
enum Pace: string
{
    case Quick = 'quick';

    /** One and a half to two and a half minutes, as for a home sewer who has sewn quilts before. */
    case Usual = 'usual';

    case Unhurried = 'unhurried';

    case Slow = 'slow';

    /** @return array{int, int} seconds for one patch, at least and at most */
    public function seconds(): array
    {
        return match ($this) {
            self::Quick => [60, 90],
            self::Usual => [90, 150],
            self::Unhurried => [120, 210],
            self::Slow => [180, 300],
        };
    }

    /**
     * How long so many patches take.
     *
     * @return array{int, int} minutes, at least and at most
     */
    public function minutes(int $patches): array
    {
        [$least, $most] = $this->seconds();

        return [(int) ceil($patches * $least / 60), (int) ceil($patches * $most / 60)];
    }

    /**
     * The range around an estimate that was made with {@see rates()}.
     *
     * @return array{int, int} minutes, at least and at most
     */
    public function around(int $minutes): array
    {
        [$least, $most] = $this->seconds();

        return [(int) round(2 * $minutes * $least / ($least + $most)), (int) round(2 * $minutes * $most / ($least + $most))];
    }

    /** What the parts of the work take at this pace: those of the usual pace, all longer or shorter alike. */
    public function rates(): Rates
    {
        return (new Rates)->times(array_sum($this->seconds()) / array_sum(self::Usual->seconds()));
    }
}
