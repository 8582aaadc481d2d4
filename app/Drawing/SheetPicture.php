<?php

declare(strict_types=1);

namespace App\Drawing;

use Dew\Core\Cutting\CutStep;
use Dew\Core\Cutting\CuttingPlan;
use Dew\Core\Cutting\LaidRun;
use Dew\Core\Cutting\Marks;
use Dew\Core\Cutting\Remnant;
use Dew\Core\Cutting\StockCut;
use Dew\Core\Cutting\StockPiece;
use Dew\Core\Measure\Notation;

/** Draws a piece of cloth with all that is cut from it: strips with the numbers of their steps, pieces, and what is left, paler. */
final readonly class SheetPicture
{
    /** Inches of what is left that are drawn beyond the last strip. */
    private const BEYOND = 4.0;

    /** Inches between two lines across what is left. */
    private const HATCH = 1.0;

    private float $inch;

    /**
     * @param  string  $colour  of the cloth, `#rrggbb`
     * @param  string  $fill  of the pieces: the colour, or a picture of the cloth
     * @param  bool  $leftHanded  whether strips are cut from the other end
     */
    public function __construct(
        private string $colour,
        private string $fill,
        Notation $notation,
        private bool $leftHanded,
    ) {
        $this->inch = (new Marks($notation))->length(1)->toFloat();
    }

    /** @param  int  $number  of the piece of cloth in the plan */
    public function of(CuttingPlan $plan, int $number, string $description): Picture
    {
        $cut = $plan->cuts[$number];
        $wide = $cut->stock->width * $this->inch;
        $long = $this->drawn($cut);
        $shapes = [new Shape($this->whole($cut->stock, $wide, $long), self::pale($this->colour))];
        $lines = [];
        foreach ($cut->remnants() as $rest) {
            $lines[] = new Line($this->hatched($rest, $wide, $long), LineKind::Hatch, Ink::on(self::pale($this->colour)));
        }
        foreach ($cut->sheets as $sheet) {
            foreach (LaidRun::of($sheet) as $run) {
                [$x, $y, $width, $height] = array_map(
                    fn (int $marks): float => $marks * $this->inch, [$run->across, $run->along, $run->width, $run->length],
                );
                $shapes[] = new Shape($this->box($x, $y, $width, $height, $wide), $this->fill);
                for ($piece = 1; $piece < $run->count; $piece++) {
                    $at = $piece / $run->count;
                    $lines[] = new Line($run->lengthwise
                        ? $this->line($x, $y + $at * $height, $x + $width, $y + $at * $height, $wide)
                        : $this->line($x + $at * $width, $y, $x + $at * $width, $y + $height, $wide), LineKind::Cut, Ink::on($this->colour));
                }
            }
        }
        $letters = [];
        $ink = Ink::on(self::pale($this->colour));
        foreach (CutStep::of($plan) as $index => $step) {
            if ($step->cut !== $number) {
                continue;
            }
            $sheet = $cut->sheets[$step->sheet];
            [$left, $top] = [$sheet->across * $this->inch, $sheet->along * $this->inch];
            for ($strip = 0; $strip < $step->count; $strip++) {
                $down = ($step->down + $strip * $step->strip->height) * $this->inch;
                $height = $step->strip->height * $this->inch;
                $end = $down + $height;
                $lines[] = new Line($sheet->lengthwise
                    ? $this->line($left + $end, $top, $left + $end, $top + $sheet->length * $this->inch, $wide)
                    : $this->line($left, $top + $end, $left + $sheet->width * $this->inch, $top + $end, $wide), LineKind::Cut, $ink);
            }
            $middle = ($step->down + $step->count * $step->strip->height / 2) * $this->inch;
            $size = min(2.2, max(1.1, $step->count * $step->strip->height * $this->inch * 0.8));
            [$x, $y] = $sheet->lengthwise ? [$left + $middle, $top - $size * 0.7] : [$left - $size * 0.75, $top + $middle];
            $letters[] = new Letter((string) ($index + 1), Shape::at($this->across($x, $wide)), Shape::at($y), Shape::at($size), '#5a6b66');
        }

        return new Picture($wide * Picture::PER_INCH, $long * Picture::PER_INCH, $shapes, $letters, $lines, $description);
    }

    /** The cloth as it lies there: a rectangle, without the corner that is missing at its far end. */
    private function whole(StockPiece $stock, float $wide, float $long): string
    {
        [$gone, $from] = [$stock->goneWidth * $this->inch, ($stock->length - $stock->goneLength) * $this->inch];
        if ($stock->goneWidth === 0 || $from >= $long) {
            return $this->box(0, 0, $wide, $long, $wide);
        }
        $corners = [[0, 0], [$wide, 0], [$wide, $from], [$wide - $gone, $from], [$wide - $gone, $long], [0, $long]];

        return 'M'.implode('L', array_map(
            fn (array $at): string => Shape::at($this->across($at[0], $wide)).' '.Shape::at($at[1]), $corners,
        )).'Z';
    }

    /** Inches along the bolt that are drawn: all of it, but of what is left of a long piece only a part. */
    private function drawn(StockCut $cut): float
    {
        $used = 0;
        foreach ($cut->sheets as $sheet) {
            $used = max($used, $sheet->along + ($sheet->lengthwise ? $sheet->length : $sheet->used()));
        }

        return min($cut->stock->length * $this->inch, $used * $this->inch + self::BEYOND);
    }

    /** Slanted lines across what is left, as far as it is drawn, so that it differs on cloth of any colour. */
    private function hatched(Remnant $rest, float $wide, float $long): string
    {
        [$x, $y, $width] = [$rest->across * $this->inch, $rest->along * $this->inch, $rest->width * $this->inch];
        $height = min($rest->length * $this->inch, $long - $y);
        $path = '';
        for ($at = self::HATCH / 2; $at < $width + $height; $at += self::HATCH) {
            $path .= $this->line(
                $x + max(0.0, $at - $height), $y + min($at, $height), $x + min($at, $width), $y + max(0.0, $at - $width), $wide,
            );
        }

        return $path;
    }

    private function box(float $x, float $y, float $width, float $height, float $wide): string
    {
        $left = $this->leftHanded ? $wide - $x - $width : $x;

        return sprintf('M%1$s %2$sh%3$sv%4$sh-%3$sZ', Shape::at($left), Shape::at($y), Shape::at($width), Shape::at($height));
    }

    private function line(float $x, float $y, float $toX, float $toY, float $wide): string
    {
        return sprintf(
            'M%s %sL%s %s', Shape::at($this->across($x, $wide)), Shape::at($y), Shape::at($this->across($toX, $wide)), Shape::at($toY),
        );
    }

    private function across(float $x, float $wide): float
    {
        return $this->leftHanded ? $wide - $x : $x;
    }

    /** The same colour as if seen through thin paper. */
    private static function pale(string $colour): string
    {
        $mixed = array_map(
            fn (string $pair): string => sprintf('%02x', (int) round(0.28 * hexdec($pair) + 0.72 * 0xF2)),
            str_split(substr($colour, 1), 2),
        );

        return '#'.implode('', $mixed);
    }
}
