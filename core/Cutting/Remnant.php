<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** A rectangle that is left over, in marks. */
final readonly class Remnant
{
    /** One with a shorter side than this many marks (1 in) is no stock any more. */
    private const SMALLEST = 16;

    /**
     * @param  int  $width  across the cloth
     * @param  int  $length  along the bolt
     * @param  int|null  $strip  of which strip of its sheet it is the end; null for what lies beyond all strips
     * @param  int  $sheet  the number of that sheet on its piece of cloth
     */
    public function __construct(
        public int $width,
        public int $length,
        public ?int $strip = null,
        public int $sheet = 0,
    ) {
    }

    /** @return list<self> all that is left of a rectangle of cloth and of its strips, without slivers of no size */
    public static function of(SheetCut $sheet, int $number = 0): array
    {
        [$long, $high] = $sheet->lengthwise ? [$sheet->length, $sheet->width] : [$sheet->width, $sheet->length];
        $left = [[$long, $high - $sheet->used(), null]];
        foreach ($sheet->strips as $index => $strip) {
            foreach (self::ofStrip($strip) as [$along, $across]) {
                $left[] = [$along, $across, $index];
            }
        }
        $remnants = [];
        foreach ($left as [$along, $across, $strip]) {
            if ($along > 0 && $across > 0) {
                $remnants[] = $sheet->lengthwise
                    ? new self($across, $along, $strip, $number)
                    : new self($along, $across, $strip, $number);
            }
        }

        return $remnants;
    }

    public function area(): int
    {
        return $this->width * $this->length;
    }

    public function isUseful(): bool
    {
        return self::isUsable($this->width, $this->length);
    }

    /** Whether so much cloth is worth keeping. */
    public static function isUsable(int $width, int $length): bool
    {
        return min($width, $length) >= self::SMALLEST;
    }

    /** @return array{int, int} the shorter side says first what can be cut from it, then the area */
    public function usefulness(): array
    {
        return [min($this->width, $this->length), $this->area()];
    }

    /** @return list<array{int, int}> along the strip and square to it */
    private static function ofStrip(Strip $strip): array
    {
        $left = [[$strip->left(), $strip->height]];
        foreach ($strip->sections as $section) {
            if ($section->piece !== null) {
                continue;
            }
            $high = 0;
            foreach ($section->strips as $narrower) {
                $high += $narrower->height;
                array_push($left, ...self::ofStrip($narrower));
            }
            $left[] = [$section->width, $strip->height - $high];
        }

        return $left;
    }
}
