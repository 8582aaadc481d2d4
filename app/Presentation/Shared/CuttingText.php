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

    /** @return list<array{string, list<string>}> equal strips together: how to cut them, and what comes off each */
    public function strips(SheetCut $sheet): array
    {
        return array_map(fn (array $alike): array => $this->step($alike[0], $alike[1], $sheet->lengthwise), Strip::alike($sheet->strips));
    }

    /**
     * @param  int  $count  how many strips are cut alike
     * @return array{string, list<string>} how to cut them, and what comes off each
     */
    public function step(Strip $strip, int $count, bool $lengthwise): array
    {
        return [
            trans_choice($lengthwise ? 'cuts.lengthwise' : 'cuts.strip', $count, [
                'height' => $this->length($strip->height), 'width' => $this->length($strip->width),
            ]),
            $this->sections($strip),
        ];
    }

    public function run(Section $section, bool $whole): string
    {
        $piece = $this->wanted[(string) $section->piece];
        $isStrip = $this->need->uses[$piece->id][0]->piece->length === null;
        $text = $whole && $isStrip && $section->count === 1 ? __('cuts.whole') : $this->counted($piece, $section->count);

        return $section->turned ? $text.', '.__('cuts.turned') : $text;
    }

    /** @param  list<Remnant>  $remnants  the largest first */
    public function left(array $remnants): string
    {
        if ($remnants === []) {
            return __('cuts.nothing_left');
        }
        $named = array_map(
            fn (Remnant $one): string => $this->by($one->width, $one->length),
            array_slice($remnants, 0, self::NAMED),
        );
        if (count($remnants) > self::NAMED) {
            $named[] = __('cuts.more_left', ['count' => count($remnants) - self::NAMED]);
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
        return __('cuts.bound', [
            'length' => $this->length($slot->length($slot->aim)), 'bound' => $this->length($slot->bound()),
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

    /** @return list<string> */
    private function sections(Strip $strip): array
    {
        $lines = [];
        $room = $strip->width;
        foreach ($strip->sections as $section) {
            if ($section->piece !== null) {
                $lines[] = $this->run($section, $section->width === $strip->width);
            } else {
                $lines[] = __($section->width === $room ? 'cuts.narrower_end' : 'cuts.narrower', ['width' => $this->length($section->width)]);
                foreach (Strip::alike($section->strips) as [$narrower, $count]) {
                    $lines[] = '– '.trans_choice('cuts.narrow_strip', $count, ['height' => $this->length($narrower->height)])
                        .': '.implode('; ', $this->sections($narrower));
                }
            }
            $room -= $section->width;
        }

        return $lines;
    }
}
