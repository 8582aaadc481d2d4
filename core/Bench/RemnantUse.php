<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** What a piece of cloth that is left over can still become: the first thing in the list that fits, and how many of it. */
final readonly class RemnantUse
{
    /** Sides of squares that are kept for the next quilt, in inches, the largest first. */
    private const SQUARES = [10, 5];

    private const STRIP = [5, 2];

    /** A strip that is shorter than this is cut into squares rather than kept as a strip, in inches. */
    private const LEAST_STRIP = 20;

    /** A label is cut at least so large, in inches. */
    private const LABEL = [5, 4];

    /**
     * @param  string  $code  `back` (a part of a pieced back), `squares`, `strips`, `label`, `small-squares` or `scrap`
     * @param  Length|null  $side  of squares, or the width of strips
     */
    private function __construct(
        public string $code,
        public int $count = 0,
        public ?Length $side = null,
    ) {
    }

    public static function of(Size $piece): self
    {
        [$short, $long] = $piece->height->isLessThan($piece->width) ? [$piece->height, $piece->width] : [$piece->width, $piece->height];
        [$large, $charm] = array_map(Length::inches(...), self::SQUARES);
        $strip = Length::fraction(...self::STRIP);
        $squares = fn (Length $side): int => $short->countOf($side) * $long->countOf($side);

        return match (true) {
            // Half a yard and more of a usual width goes into a back.
            ! $short->isLessThan(Length::inches(18)) => new self('back'),
            $squares($large) > 0 => new self('squares', $squares($large), $large),
            ! $long->isLessThan(Length::inches(self::LEAST_STRIP)) && ! $short->isLessThan($strip) => new self(
                'strips', $short->countOf($strip), $strip,
            ),
            $squares($charm) > 0 => new self('squares', $squares($charm), $charm),
            ! $short->isLessThan(
                Length::inches(self::LABEL[1]),
            ) && ! $long->isLessThan(Length::inches(self::LABEL[0])) => new self('label', 1),
            $squares($strip) > 0 => new self('small-squares', $squares($strip), $strip),
            default => new self('scrap'),
        };
    }

    /** Its place in a list that begins with what can become most. */
    public function rank(): int
    {
        return (int) array_search($this->code, ['back', 'squares', 'strips', 'label', 'small-squares', 'scrap'], true);
    }
}
