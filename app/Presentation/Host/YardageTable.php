<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Models\QuiltAlong;
use App\Plans\Unreleased\KitRoom;
use App\Support\Kept;
use App\Wording\Figure;
use Dew\Core\Cutting\ClothNeed;
use Dew\Core\Cutting\Precuts;
use Dew\Core\Cutting\QuiltCloth;
use Dew\Core\Cutting\Yardage;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;

/** The cloth that a design takes at one size. */
final readonly class YardageTable
{
    /**
     * @param  list<array{letter: string, name: string, by_clue: string, exact: string, allowed: string, buy: string, covers: string,
     *     announced: string, precuts: array<string, int|null>}>  $fabrics
     * @param  list<string>  $quilt  binding, back and batting, a sentence each
     */
    private function __construct(
        public string $size,
        public string $width,
        public array $fabrics,
        public array $quilt,
    ) {
    }

    public static function of(QuiltAlong $quiltAlong, KitRoom $room, string $size): self
    {
        $announcement = $room->announcement($quiltAlong);
        $sheet = $room->cloth($quiltAlong);
        $shop = KitRoom::shop($quiltAlong);
        $text = fn (Length $length): string => Figure::text(Measurement::setting($length), $quiltAlong->units);
        $atLeast = fn (Length $length): string => $text($length->ceilTo($quiltAlong->units->fineStep()));
        $sold = fn (Length $length): string => __('chart.sold.'.$shop->value, ['number' => $shop->number($length)]);
        $whole = $sheet->whole()[$size];
        $numbers = $quiltAlong->clues()->pluck('number', 'key')->all();
        $precuts = self::precuts($quiltAlong, $room, $size);
        $fabrics = [];
        foreach ($announcement->slots as $slot) {
            $exact = [];
            foreach ($sheet->exact[$size] as $clue => $slots) {
                if (isset($slots[$slot->id])) {
                    $exact[$clue] = $slots[$slot->id];
                }
            }
            if ($exact === []) {
                continue;
            }
            $allowed = Yardage::allowed(array_values($exact));
            $fabrics[] = [
                'letter' => $slot->letter,
                'name' => $slot->name,
                'by_clue' => implode(', ', array_map(
                    fn (string $clue, Length $length): string => ($numbers[$clue] ?? $clue).': '.$text($length), array_keys($exact), $exact,
                )),
                'exact' => $text(Length::sum(array_values($exact))),
                'allowed' => $atLeast($allowed),
                'buy' => $sold($shop->sold($allowed)),
                'covers' => $sold($shop->sold($whole[$slot->id])),
                'announced' => $sold($shop->sold($whole[$slot->id], $quiltAlong->secret)),
                'precuts' => $precuts[$slot->id] ?? [],
            ];
        }
        $quilt = QuiltCloth::of($announcement->sizes[$size]->finished, $sheet->perimeters[$size], $announcement->usableWidth);
        [$wide, $high] = [$atLeast($quilt->back->size->width), $atLeast($quilt->back->size->height)];

        return new self($size, $text($announcement->usableWidth), $fabrics, [
            __('yardage.binding', ['strips' => $quilt->binding->strips, 'length' => $atLeast($quilt->binding->length)]),
            trans_choice($quilt->back->upright ? 'yardage.back_upright' : 'yardage.back_level', $quilt->back->widths, [
                'width' => $wide, 'height' => $high, 'buy' => $shop->number($shop->sold($quilt->back->length)),
                'unit' => __('yardage.'.$shop->value),
            ]),
            __('yardage.batting', ['width' => $wide, 'height' => $high]),
        ]);
    }

    /** @return array<string, array<string, int|null>> how many pre-cuts of each kind would serve, by fabric; kept, since it takes a while */
    private static function precuts(QuiltAlong $quiltAlong, KitRoom $room, string $size): array
    {
        return Kept::Precuts->remember(
            [$room->edition($quiltAlong), $size, $quiltAlong->units->value],
            function () use ($quiltAlong, $room, $size): array {
                $needs = [];
                foreach ($room->clues($quiltAlong, $size) as $sheet) {
                    foreach (ClothNeed::of($sheet->tasks, $quiltAlong->units) as $slot => $need) {
                        $needs[$slot][] = $need;
                        $cuttingRoom = $sheet->tasks[0]->room;
                    }
                }
                $counts = [];
                foreach ($needs as $slot => $clues) {
                    foreach (array_keys(Precuts::KINDS) as $kind) {
                        $counts[$slot][$kind] = isset($cuttingRoom) ? Precuts::count($clues, $kind, $cuttingRoom, $quiltAlong->units) : null;
                    }
                }

                return $counts;
            },
        );
    }
}
