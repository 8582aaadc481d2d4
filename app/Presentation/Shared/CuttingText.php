<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Wording\Figure;
use Dew\Core\Cutting\Aim;
use Dew\Core\Cutting\ClothNeed;
use Dew\Core\Cutting\Marks;
use Dew\Core\Cutting\Remnant;
use Dew\Core\Cutting\Section;
use Dew\Core\Cutting\SheetCut;
use Dew\Core\Cutting\SlotCutting;
use Dew\Core\Cutting\StockCut;
use Dew\Core\Cutting\Strip;
use Dew\Core\Cutting\Wanted;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\PieceShape;

/** A cutting plan in sentences, in the units and by the ruler of its reader. */
final readonly class CuttingText
{
    /** Remnants that are named one by one. */
    private const NAMED = 3;

    private Marks $marks;

    /** @var array<string, Wanted> */
    private array $wanted;

    public function __construct(private ClothNeed $need, private Notation $notation)
    {
        $this->marks = new Marks($notation);
        $wanted = [];
        foreach ($need->wanted as $piece) {
            $wanted[$piece->id] = $piece;
        }
        $this->wanted = $wanted;
    }

    public function length(int $marks): string
    {
        return Figure::text(Measurement::setting($this->marks->length($marks)), $this->notation);
    }

    public function by(int $height, int $length): string
    {
        return $height === $length ? $this->length($height) : __('cuts.by', [
            'height' => $this->length($height), 'length' => $this->length($length),
        ]);
    }

    /** @param  bool  $leftHanded  whether the drawing beside it is turned for the left hand */
    public function cloth(StockCut $cut, bool $leftHanded = false): string
    {
        $kind = match (true) {
            $cut->stock->id === SlotCutting::BOLT => 'bolt',
            $cut->stock->isRemnant() => 'rest',
            default => $cut->stock->kind->value,
        };

        $text = __('cuts.cloth.'.$kind, ['width' => $this->length($cut->stock->width), 'length' => $this->length($cut->stock->length)]);

        return $cut->stock->goneWidth === 0 ? $text : $text.__('cuts.corner.'.($leftHanded ? 'left' : 'right'), [
            'width' => $this->length($cut->stock->goneWidth), 'length' => $this->length($cut->stock->goneLength),
        ]);
    }

    /** @return list<CutText> equal strips together: how to cut them, and under that what comes off each */
    public function strips(SheetCut $sheet): array
    {
        return array_map(fn (array $alike): CutText => $this->step($alike[0], $alike[1], $sheet->lengthwise), Strip::alike($sheet->strips));
    }

    /**
     * @param  int  $count  how many strips are cut alike
     * @return CutText how to cut them, and under that what comes off each
     */
    public function step(Strip $strip, int $count, bool $lengthwise): CutText
    {
        return new CutText(trans_choice($lengthwise ? 'cuts.lengthwise' : 'cuts.strip', $count, [
            'height' => $this->length($strip->height), 'width' => $this->length($strip->width),
        ]), $this->sections($strip));
    }

    /** @return list<CutText> all strips of one height together, and under that what comes from which of them, in few words */
    public function summary(SheetCut $sheet): array
    {
        $heights = [];
        foreach ($sheet->strips as $strip) {
            $heights[$strip->height][] = $strip;
        }
        $summary = [];
        foreach ($heights as $height => $strips) {
            $summary[] = new CutText(
                trans_choice($sheet->lengthwise ? 'cuts.strips_along' : 'cuts.strips_across', count($strips), ['height' => $this->length($height)]),
                $this->fromStrips($strips),
            );
        }

        return $summary;
    }

    /**
     * @param  list<Strip>  $strips  all of one height
     * @return list<CutText>
     */
    private function fromStrips(array $strips): array
    {
        $lines = [];
        $first = 1;
        foreach (Strip::alike($strips) as [$strip, $count]) {
            if ($this->isWhole($strip)) {
                $first += $count;

                continue;
            }
            $from = match (true) {
                count($strips) === 1 => '',
                $count === count($strips) => __('cuts.from_each'),
                $count === 1 => __('cuts.from_one', ['number' => $first]),
                default => __($count === 2 ? 'cuts.from_two' : 'cuts.from_some', ['first' => $first, 'last' => $first + $count - 1]),
            };
            $first += $count;
            [$runs, $under] = $this->shortly($strip);
            $lines[] = new CutText(trim($from.' '.$runs), $under);
        }

        return $lines;
    }

    /** Whether it is a piece itself, and nothing is cut off it. */
    private function isWhole(Strip $strip): bool
    {
        $piece = $strip->sections[0]->piece ?? null;

        return count($strip->sections) === 1 && $piece !== null && $this->need->uses[$piece][0]->piece->length === null;
    }

    /** @return array{string, list<CutText>} what is cut off a strip as high as it is, and what else is cut from it */
    private function shortly(Strip $strip): array
    {
        $runs = array_filter($strip->sections, fn (Section $section): bool => $section->piece !== null);
        // A row of different pieces reads as their lengths alone: “11½ in, 10½ in, 9½ in”.
        $counted = count($runs) === 1 || max([0, ...array_map(fn (Section $section): int => $section->count, $runs)]) > 1;
        $texts = array_map(fn (Section $section): string => $this->shortRun($section, $strip, $counted), array_values($runs));
        $under = [];
        $room = $strip->width - array_sum(array_map(fn (Section $section): int => $section->width, $runs));
        foreach (array_diff_key($strip->sections, $runs) as $section) {
            $narrower = [];
            foreach (Strip::alike($section->strips) as [$one, $count]) {
                [$own, $deeper] = $this->shortly($one);
                $narrower[] = new CutText(
                    trim(trans_choice('cuts.narrow_strip', $count, ['height' => $this->length($one->height)]).': '.$own, ': '), $deeper,
                );
            }
            $under[] = new CutText(__(
                $section->width === $room ? 'cuts.narrower_end' : 'cuts.narrower', ['width' => $this->length($section->width)],
            ), $narrower);
            $room -= $section->width;
        }

        return [implode(', ', $texts), $under];
    }

    /** Plain rectangles by their length along the strip, other shapes by name. */
    private function shortRun(Section $section, Strip $strip, bool $counted): string
    {
        $piece = $this->wanted[(string) $section->piece];
        $use = $this->need->uses[$piece->id][0]->piece;
        if ($use->length === null || ! in_array($use->shape, [PieceShape::Square, PieceShape::Rectangle], true)) {
            return $this->run($section, $section->width === $strip->width);
        }

        $length = $this->length($section->turned ? $piece->height : $piece->length);

        return $counted ? __('cuts.short_run', ['count' => $section->count, 'length' => $length]) : $length;
    }

    public function run(Section $section, bool $whole): string
    {
        $piece = $this->wanted[(string) $section->piece];
        $isStrip = $this->need->uses[$piece->id][0]->piece->length === null;
        $text = $whole && $isStrip && $section->count === 1 ? __('cuts.whole') : $this->counted($piece, $section->count);

        return $section->turned ? $text.', '.__('cuts.turned') : $text;
    }

    /**
     * What is large enough to be of use, equal pieces together.
     *
     * @param  list<Remnant>  $remnants
     */
    public function left(array $remnants): string
    {
        $remnants = array_filter($remnants, fn (Remnant $one): bool => $one->isUseful());
        if ($remnants === []) {
            return __('cuts.nothing_left');
        }
        usort($remnants, fn (Remnant $one, Remnant $other): int => $other->usefulness() <=> $one->usefulness());
        $counts = array_count_values(array_map(fn (Remnant $one): string => $this->by($one->width, $one->length), $remnants));
        $named = array_slice($counts, 0, self::NAMED, true);
        $named = array_map(
            fn (string $size, int $count): string => $count === 1 ? $size : __('cuts.times_left', ['count' => $count, 'size' => $size]),
            array_map(strval(...), array_keys($named)), $named,
        );
        if (count($counts) > self::NAMED) {
            $named[] = __('cuts.more_left', ['count' => array_sum(array_slice($counts, self::NAMED))]);
        }

        return __('cuts.left', ['remnants' => implode(', ', $named)]);
    }

    /** What is short and how much cloth that takes; null when nothing is. */
    public function short(SlotCutting $slot): ?string
    {
        $short = $slot->short();
        if ($short === []) {
            return null;
        }
        if ($slot->missing() === 0) {
            return __('cuts.too_wide', ['pieces' => $this->pieces($short)]);
        }

        return __('cuts.short', [
            'pieces' => $this->pieces($short), 'length' => $this->length($slot->missing()), 'width' => $this->length($slot->bolt),
        ]);
    }

    public function bound(SlotCutting $slot): string
    {
        $length = $slot->length($slot->aim);

        return __($length === $slot->bound() ? 'cuts.shortest' : 'cuts.bound', [
            'length' => $this->length($length), 'bound' => $this->length($slot->bound()),
            'area' => $this->length($slot->areaBound()),
        ]);
    }

    public function aims(SlotCutting $slot): string
    {
        return __('cuts.aims', [
            'cloth' => $this->length($slot->length(Aim::Cloth)), 'cloth_settings' => trans_choice('cuts.times', $slot->settings(Aim::Cloth)),
            'cuts' => $this->length($slot->length(Aim::Cuts)), 'cuts_settings' => trans_choice('cuts.times', $slot->settings(Aim::Cuts)),
        ]);
    }

    /** @param  array<string, int>  $counts  by the id of what is wanted */
    public function pieces(array $counts): string
    {
        $pieces = [];
        foreach ($counts as $id => $count) {
            $pieces[] = $this->counted($this->wanted[$id], $count);
        }

        return implode('; ', $pieces);
    }

    private function counted(Wanted $piece, int $count): string
    {
        $use = $this->need->uses[$piece->id][0]->piece;

        return __('cuts.run', [
            'count' => $count,
            'shape' => trans_choice($use->length === null ? 'cuts.part' : 'pieces.many.'.$use->shape->value, $count),
            'size' => $this->by($piece->height, $piece->length),
        ]);
    }

    /** @return list<CutText> */
    private function sections(Strip $strip): array
    {
        $lines = [];
        $room = $strip->width;
        foreach ($strip->sections as $section) {
            $lines[] = $section->piece !== null
                ? new CutText($this->run($section, $section->width === $strip->width))
                : new CutText(
                    __($section->width === $room ? 'cuts.narrower_end' : 'cuts.narrower', ['width' => $this->length($section->width)]),
                    array_map(fn (array $alike): CutText => new CutText(
                        trans_choice('cuts.narrow_strip', $alike[1], ['height' => $this->length($alike[0]->height)]), $this->sections($alike[0]),
                    ), Strip::alike($section->strips)),
                );
            $room -= $section->width;
        }

        return $lines;
    }
}
