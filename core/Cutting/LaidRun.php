<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** Where a run of equal pieces lies on its piece of cloth, in marks. */
final readonly class LaidRun
{
    /**
     * @param  int  $across  from the edge of the cloth, across it
     * @param  int  $along  from its squared edge, along the bolt
     * @param  int  $width  of the whole run across the cloth
     * @param  int  $length  of the whole run along the bolt
     * @param  bool  $lengthwise  whether the pieces lie one beside the other along the bolt
     * @param  bool  $turned  whether they lie with their height along the strip
     */
    private function __construct(
        public string $piece,
        public int $count,
        public int $across,
        public int $along,
        public int $width,
        public int $length,
        public bool $lengthwise,
        public bool $turned,
    ) {
    }

    /** @return list<self> in the order of cutting */
    public static function of(SheetCut $sheet): array
    {
        $runs = [];
        $down = 0;
        foreach ($sheet->strips as $strip) {
            array_push($runs, ...self::ofStrip($sheet, $strip, 0, $down));
            $down += $strip->height;
        }

        return $runs;
    }

    /** @return list<self> */
    private static function ofStrip(SheetCut $sheet, Strip $strip, int $from, int $down): array
    {
        $runs = [];
        foreach ($strip->sections as $section) {
            if ($section->piece !== null) {
                [$across, $along] = $sheet->lengthwise ? [$down, $from] : [$from, $down];
                [$width, $length] = $sheet->lengthwise ? [$strip->height, $section->width] : [$section->width, $strip->height];
                $runs[] = new self(
                    $section->piece, $section->count, $sheet->across + $across, $sheet->along + $along, $width, $length,
                    $sheet->lengthwise, $section->turned,
                );
            }
            $lower = $down;
            foreach ($section->strips as $narrower) {
                array_push($runs, ...self::ofStrip($sheet, $narrower, $from, $lower));
                $lower += $narrower->height;
            }
            $from += $section->width;
        }

        return $runs;
    }
}
