<?php

declare(strict_types=1);

namespace App\Plans\Unreleased;

use App\Models\QuiltAlong;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Sheet\Announcement;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Top\Arrangement;
use Dew\Core\Top\JoinMethod;
use Dew\Core\Top\JoinPlan;

/** The quilt that a group sews together, for its host: its layout, and the parts it is shared out in. */
final readonly class HandRoom
{
    public function __construct(private SheetStore $sheets)
    {
    }

    public function announcement(QuiltAlong $quiltAlong): Announcement
    {
        return $this->sheets->announcement($quiltAlong->version());
    }

    public function colourway(QuiltAlong $quiltAlong): Colourway
    {
        return $this->announcement($quiltAlong)->colourway(null);
    }

    public function layout(QuiltAlong $quiltAlong, string $size): LayoutSheet
    {
        return $this->sheets->layout($quiltAlong->version(), $size);
    }

    /**
     * @return list<array<string, mixed>> columns of {@see \App\Models\HandPart}: every block, every row, the joining of rows, every border
     */
    public function parts(QuiltAlong $quiltAlong, string $size): array
    {
        $sheet = $this->layout($quiltAlong, $size);
        $arrangement = Arrangement::designed($sheet);
        $labels = $arrangement->labels();
        // What a ruler shows there: what is joined comes to what its parts as trimmed give.
        $shown = fn (?Measurement $measure): ?Length => $measure?->in($quiltAlong->units);
        $raw = $sheet->block->outsetBy($sheet->seam);
        $exact = [Measurement::exact($raw->width), Measurement::exact($raw->height)];
        $parts = [];
        foreach ($sheet->placements as $place => $placement) {
            $parts[] = [
                'key' => "place:$place", 'kind' => 'block', 'number' => $place + 1, 'product' => $placement->product,
                'label' => __('hands.block_label', ['place' => $labels[$place], 'block' => $sheet->names[$placement->product] ?? '']),
                'asked_width' => $shown(($sheet->joined[$placement->product] ?? $exact)[0]),
                'asked_height' => $shown(($sheet->joined[$placement->product] ?? $exact)[1]),
            ];
        }
        $depths = array_map(fn (Slot $slot): int => $slot->value->depth(), $this->announcement($quiltAlong)->slots);
        foreach (JoinPlan::of($sheet, $arrangement, JoinMethod::Rows, $depths)->stages as $stage) {
            foreach ($stage->parts as $part) {
                $kind = ['rows' => 'row', 'border' => 'border'][$stage->code] ?? 'join';
                $parts[] = [
                    'key' => $part->key, 'kind' => $kind, 'number' => $part->number, 'product' => null,
                    'label' => __('hands.'.$kind.'_label', [
                        'number' => $part->number, 'border' => $sheet->borders[$stage->border ?? ''] ?? '',
                    ]),
                    'asked_width' => $shown($part->measures[0] ?? null), 'asked_height' => $shown($part->measures[1] ?? null),
                ];
            }
        }

        return $parts;
    }

    /**
     * Ids of the clues of which one has to be open before a part may be dealt out.
     *
     * @return list<string>
     */
    public function opensWith(LayoutSheet $sheet, string $key, ?string $product): array
    {
        return match (true) {
            $product !== null => $sheet->madeIn[$product] ?? [],
            str_starts_with($key, 'border:') => [$sheet->opens[explode(':', $key)[1]] ?? $sheet->opens[LayoutSheet::CENTRE]],
            default => [$sheet->opens[LayoutSheet::CENTRE]],
        };
    }
}
