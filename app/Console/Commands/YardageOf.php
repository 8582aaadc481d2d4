<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Wording\Figure;
use Dew\Core\Compile\Compiler;
use Dew\Core\Cutting\QuiltCloth;
use Dew\Core\Cutting\ShopMeasure;
use Dew\Core\Cutting\Yardage;
use Dew\Core\Design\Design;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Illuminate\Console\Command;

/** Prints how much cloth a design takes at each size, fabric by fabric and clue by clue, with binding, back and batting. */
final class YardageOf extends Command
{
    use PrintsData;
    use ReadsDesigns;

    protected $signature = 'dew:yardage
        {file : A design document}
        {--size= : The id of a size; all of them when it is left out}
        {--metres : Sell by 10 cm instead of by the eighth of a yard}
        {--json : Print it as data, lengths in inches}';

    protected $description = 'Print the cloth that a design takes';

    public function handle(): int
    {
        return $this->withDesign(function (Design $design): int {
            $sizes = $this->text('size') === ''
                ? array_map(strval(...), array_keys($design->sizes))
                : [$design->size($this->text('size'))->id];
            $shop = $this->option('metres') ? ShopMeasure::Metres : ShopMeasure::Yards;
            $announced = Compiler::announcement($design)->cloth;
            $data = [];
            foreach ($sizes as $size) {
                $yardage = Yardage::of(Compiler::tasks($design, $size), $design->room);
                $top = Compiler::quiltSheet($design, $size);
                $quilt = QuiltCloth::of($top->finished, $top->perimeter, $design->room->usableWidth);
                if ($this->option('json')) {
                    $data[$size] = $this->data($yardage, $announced[$size], $quilt, $shop);
                } else {
                    $this->print($design, $size, $yardage, $announced[$size], $quilt, $shop);
                }
            }
            if ($this->option('json')) {
                $this->printData((object) $data);
            }

            return self::SUCCESS;
        });
    }

    /**
     * @param  array<string, Yardage>  $yardage
     * @param  array<string, Length>  $announced
     */
    private function print(Design $design, string $size, array $yardage, array $announced, QuiltCloth $quilt, ShopMeasure $shop): void
    {
        $notation = $shop === ShopMeasure::Yards ? Notation::Fractions : Notation::Centimetres;
        $text = fn (Length $length): string => Figure::text(Measurement::setting($length), $notation);
        $this->info($design->sizes[$size]->name);
        $rows = [];
        foreach ($design->slots as $slot) {
            $need = $yardage[$slot->id] ?? null;
            if ($need !== null) {
                $rows[] = [
                    $slot->letter.'  '.$slot->name,
                    implode(', ', array_map(
                        fn (string $clue, Length $length): string => $clue.' '.$text($length), array_keys($need->need), $need->need,
                    )),
                    $text($need->exact()),
                    $text($need->withAllowance()->ceilTo($notation->fineStep())),
                    $shop->number($shop->sold($need->withAllowance())),
                    $shop->number($shop->sold($announced[$slot->id])),
                    $shop->number($shop->sold($announced[$slot->id], true)),
                ];
            }
        }
        $this->table(array_map(
            fn (string $column): string => __('yardage.'.$column, ['unit' => __('yardage.'.$shop->value)]),
            ['fabric', 'by_clue', 'exact', 'allowed', 'buy', 'covers', 'mystery'],
        ), $rows);
        $this->line(__('yardage.binding', ['strips' => $quilt->binding->strips, 'length' => $text($quilt->binding->length)]));
        $this->line(trans_choice($quilt->back->upright ? 'yardage.back_upright' : 'yardage.back_level', $quilt->back->widths, [
            'width' => $text($quilt->back->size->width), 'height' => $text($quilt->back->size->height),
            'buy' => $shop->number($shop->sold($quilt->back->length)), 'unit' => __('yardage.'.$shop->value),
        ]));
        $this->line(__('yardage.batting', [
            'width' => $text($quilt->back->size->width), 'height' => $text($quilt->back->size->height),
        ]));
    }

    /**
     * @param  array<string, Yardage>  $yardage
     * @param  array<string, Length>  $announced
     * @return array<string, mixed>
     */
    private function data(array $yardage, array $announced, QuiltCloth $quilt, ShopMeasure $shop): array
    {
        $inches = fn (Length $length): string => $length->toDecimal(4);
        $fabrics = [];
        foreach ($yardage as $slot => $need) {
            $fabrics[$slot] = [
                'by_clue' => (object) array_map($inches, $need->need),
                'exact' => $inches($need->exact()),
                'with_allowance' => $inches($need->withAllowance()),
                'buy' => $inches($shop->sold($need->withAllowance())),
                'covers_every_method' => $inches($shop->sold($announced[$slot])),
                'mystery' => $inches($shop->sold($announced[$slot], true)),
            ];
        }

        return [
            'fabrics' => (object) $fabrics,
            'binding' => ['strips' => $quilt->binding->strips, 'cloth' => $inches($quilt->binding->length)],
            'back' => [
                'width' => $inches($quilt->back->size->width), 'height' => $inches($quilt->back->size->height),
                'widths_of_cloth' => $quilt->back->widths, 'seams' => $quilt->back->upright ? 'upright' : 'level',
                'cloth' => $inches($quilt->back->length), 'buy' => $inches($shop->sold($quilt->back->length)),
            ],
            'batting' => ['width' => $inches($quilt->back->size->width), 'height' => $inches($quilt->back->size->height)],
        ];
    }
}
