<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use Dew\Core\Cutting\TemplateSheet;
use Dew\Core\Cutting\TemplateSheets;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\Announcement;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;

/** The templates of a clue on pages at true size, each with what it is, which cloth it is cut from, and how many. */
final readonly class TemplatePages
{
    /** Inches: the margin of the page, and the head of each page with its two test squares. */
    public const MARGIN = 0.5;

    public const HEAD = 1.2;

    private const PAPERS = ['letter' => [8.5, 11.0], 'a4' => [210 / 25.4, 297 / 25.4]];

    /**
     * @param  list<TemplateSheet>  $sheets
     * @param  list<array{name: string, cut: string, note: string}>  $labels  by template
     * @param  float  $width  of the printable area, in inches
     * @param  float  $height  likewise, the head included
     */
    private function __construct(
        public array $sheets,
        public array $labels,
        public float $width,
        public float $height,
    ) {
    }

    /** Whether a clue has any piece that is cut round a template. */
    public static function areIn(ClueSheet $sheet): bool
    {
        return self::pieces($sheet) !== [];
    }

    /** @param  string  $paper  `letter` or `a4` */
    public static function of(ClueSheet $sheet, Announcement $announcement, Notation $notation, string $paper): self
    {
        [$wide, $high] = self::PAPERS[$paper] ?? self::PAPERS['letter'];
        [$width, $height] = [$wide - 2 * self::MARGIN, $high - 2 * self::MARGIN];
        $labels = $pieces = [];
        foreach (self::pieces($sheet) as [$task, $piece]) {
            $slot = $announcement->slots[$piece->slots[0]];
            $pieces[] = $piece;
            $labels[] = [
                'name' => $piece->label === null ? $task->name : __('pieces.labelled', ['label' => $piece->label, 'task' => $task->name]),
                'cut' => __('templates.cut', ['count' => $task->quantity($piece), 'letter' => $slot->letter, 'fabric' => $slot->name]),
                'note' => implode(' ', array_filter([
                    $piece->lay->chiral && $piece->lay->mirrored ? __('templates.mirrored') : '',
                    $piece->lay->chiral && ! $piece->lay->mirrored ? __('templates.one_way') : '',
                    $piece->template?->later === null ? '' : __('templates.later'),
                ])),
            ];
        }

        return new self(TemplateSheets::of($pieces, $width, $height - self::HEAD), $labels, $width, $height);
    }

    /** What the style sheet of all prints does not know: how large a page is, and where its labels stand. */
    public function css(): string
    {
        $size = sprintf('width: %sin; height: %sin;', $this->width, $this->height - 0.05);

        $at = fn (string $id, float $left, float $top, float $width): string => sprintf(
            '#%s { left: %.4Fin; top: %.4Fin; width: %.4Fin; } ', $id, $left, $top, $width,
        );
        $places = '';
        foreach ($this->sheets as $number => $sheet) {
            $places .= $at("inch-$number", $this->width - 0.92, 0.42, 0.8).$at("centimetres-$number", $this->width - 1.27 - 2 / 2.54, 0.3, 2 / 2.54);
            foreach ($sheet->labels as $index => $label) {
                $places .= $at("label-$number-$index", $label['x'], $label['y'] + self::HEAD + 0.03, $label['width']);
            }
        }

        return $places.'@page { margin: '.self::MARGIN.'in; } .sheet { position: relative; '.$size.' } .sheet.next { page-break-before: always; } '
            .'.sheet img { position: absolute; left: 0; top: 0; '.$size.' } .sheet div { position: absolute; } '
            .'.words { left: 0; top: 0; width: '.($this->width - 2.4).'in; } .words h1 { font-size: 12pt; } '
            .'.label { font-size: 8pt; line-height: 1.15; } .side { font-size: 7pt; text-align: center; }';
    }

    /** @return list<array{\Dew\Core\Sheet\TaskSheet, Piece}> */
    private static function pieces(ClueSheet $sheet): array
    {
        $pieces = [];
        foreach ($sheet->tasks as $task) {
            foreach ($task->making->pieces as $piece) {
                if ($piece->shape === PieceShape::Template && $piece->lay->outline !== null) {
                    $pieces[] = [$task, $piece];
                }
            }
        }

        return $pieces;
    }
}
