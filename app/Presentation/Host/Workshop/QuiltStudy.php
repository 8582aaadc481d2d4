<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Drawing\Host\QuiltPicture;
use App\Support\Kept;
use App\Wording\Figure;
use App\Wording\Problems;
use App\Wording\TimeRange;
use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\QuiltSheet;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignReader;
use Dew\Core\Design\Reading;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use InvalidArgumentException;

/**
 * The whole quilt of a draft at every size: its picture and its figures. Kept under all of the document that they depend on; what a clue
 * says is not among it.
 */
final readonly class QuiltStudy
{
    /** Signs of a picture up to which it stands in the page. */
    public const INLINE = 60_000;

    /**
     * @param  array<string, array{
     *     name: string, width: float, height: float, finished: string, blocks: int, pieces: int, seams: string, time: string, areas: array<string, string>,
     *     picture: string
     * }>  $sizes  by id; those that cannot be laid out are left out
     * @param  list<string>  $problems  why something cannot be laid out
     */
    private function __construct(
        public array $sizes,
        public array $problems,
    ) {
    }

    public static function of(DraftDocument $document, string $colourway, Notation $notation): self
    {
        $drawn = new DraftDocument(['clues' => [], 'title' => 'x'] + $document->value);
        $text = $drawn->document()->text;

        return Kept::Quilt->remember(
            [$text, $colourway, $notation->value], fn (): self => self::make(DesignReader::reading($text), $colourway, $notation),
        );
    }

    private static function make(Reading $reading, string $colourway, Notation $notation): self
    {
        $problems = [];
        foreach ($reading->complaints as $complaint) {
            if (! $complaint->unfinished && preg_match('#^/(setting|sizes)#', $complaint->pointer) === 1) {
                $problems[] = Problems::say($complaint->problem);
            }
        }
        $sizes = [];
        $widest = 0.0;
        $design = $reading->design;
        if ($design === null) {
            return new self([], array_values(array_unique($problems)));
        }
        $sheets = [];
        foreach ($design->sizes as $id => $size) {
            try {
                $sheets[(string) $id] = Compiler::quiltSheet($design, (string) $id);
                $widest = max($widest, $sheets[(string) $id]->finished->width->toFloat());
            } catch (InvalidArgumentException|MeasureException $error) {
                $problems[] = $size->name.': '.Problems::of($error);
            }
        }

        foreach ($sheets as $id => $sheet) {
            $sizes[$id] = self::figures($design, $sheet, $widest, $colourway, $notation);
        }

        return new self($sizes, array_values(array_unique($problems)));
    }

    /**
     * @param  float  $widest  inches: all sizes are drawn to the scale of the widest
     * @return array{
     *     name: string, width: float, height: float, finished: string, blocks: int, pieces: int, seams: string, time: string, areas: array<string, string>,
     *     picture: string
     * }
     */
    private static function figures(Design $design, QuiltSheet $sheet, float $widest, string $colourway, Notation $notation): array
    {
        $size = $sheet->size;
        $text = fn (Length $length): string => Figure::text(Measurement::exact($length), $notation);
        $cloths = $design->colourways[$colourway] ?? $design->colourways[(string) array_key_first($design->colourways)];

        return [
            'name' => $design->sizes[$size]->name,
            'width' => $sheet->finished->width->toFloat(),
            'height' => $sheet->finished->height->toFloat(),
            'finished' => $text($sheet->finished->width).' × '.$text($sheet->finished->height),
            'blocks' => array_sum($sheet->blockCounts),
            'pieces' => self::pieces($sheet),
            'seams' => $notation === Notation::Centimetres
                ? __('workshop.metres', ['length' => number_format($sheet->effort->seamLength * 0.0254, 0)])
                : __('workshop.yards', ['length' => number_format($sheet->effort->seamLength / 36, 0)]),
            'time' => TimeRange::text($design->pace->minutes(self::pieces($sheet))),
            'areas' => array_map(fn (float $area): string => Figure::area(round($area), $notation), $sheet->areas),
            'picture' => view('components.quilt-picture', [
                'picture' => QuiltPicture::of($sheet, $cloths, $size.'-'),
                'widest' => $widest,
                'label' => __('drawings.quilt', ['size' => $design->sizes[$size]->name]),
            ])->render(),
        ];
    }

    /** How many pieces of cloth the top is sewn from, its sashes and borders included. */
    private static function pieces(QuiltSheet $sheet): int
    {
        $in = [];
        $count = function (string $product) use (&$count, &$in, $sheet): int {
            return $in[$product] ??= isset($sheet->blocks[$product])
                ? array_sum(array_map(fn ($placement): int => $count($placement->product), $sheet->blocks[$product]))
                : count($sheet->units[$product] ?? []);
        };
        $pieces = count($sheet->frame);
        foreach ($sheet->blockCounts as $block => $number) {
            $pieces += $number * $count((string) $block);
        }

        return $pieces;
    }
}
