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
     * @param  int  $across  where it begins on its piece of cloth, across the cloth
     * @param  int  $along  where it begins along the bolt
     */
    public function __construct(
        public int $width,
        public int $length,
        public ?int $strip = null,
        public int $sheet = 0,
        public int $across = 0,
        public int $along = 0,
    ) {
    }

    /** @return list<self> all that is left of a rectangle of cloth and of its strips, without slivers of no size */
    public static function of(SheetCut $sheet, int $number = 0): array
    {
        [$long, $high] = $sheet->lengthwise ? [$sheet->length, $sheet->width] : [$sheet->width, $sheet->length];
        $left = [[0, $sheet->used(), $long, $high - $sheet->used(), null]];
        $down = 0;
        foreach ($sheet->strips as $index => $strip) {
            foreach (self::ofStrip($strip, 0, $down) as $rest) {
                $left[] = [...$rest, $index];
            }
            $down += $strip->height;
        }
        $remnants = [];
        foreach ($left as [$from, $below, $wide, $tall, $strip]) {
            if ($wide > 0 && $tall > 0) {
                [$across, $along] = $sheet->lengthwise ? [$below, $from] : [$from, $below];
                [$width, $length] = $sheet->lengthwise ? [$tall, $wide] : [$wide, $tall];
                $remnants[] = new self($width, $length, $strip, $number, $sheet->across + $across, $sheet->along + $along);
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

    /**
     * @param  int  $from  where the strip begins, along it
     * @param  int  $down  and square to it
     * @return list<array{int, int, int, int}> where each rest begins, along the strips and square to them, and its sides likewise
     */
    private static function ofStrip(Strip $strip, int $from, int $down): array
    {
        $left = [[$from + $strip->width - $strip->left(), $down, $strip->left(), $strip->height]];
        foreach ($strip->sections as $section) {
            $high = 0;
            foreach ($section->strips as $narrower) {
                array_push($left, ...self::ofStrip($narrower, $from, $down + $high));
                $high += $narrower->height;
            }
            if ($section->piece === null) {
                $left[] = [$from, $down + $high, $section->width, $strip->height - $high];
            }
            $from += $section->width;
        }

        return $left;
    }
}
