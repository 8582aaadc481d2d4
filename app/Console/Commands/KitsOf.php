<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Wording\Problems;
use Dew\Core\Compile\Compiler;
use Dew\Core\Cutting\ShopMeasure;
use Dew\Core\Design\Design;
use Dew\Core\Document\DocumentException;
use Dew\Core\Kits\BoltPlan;
use Dew\Core\Kits\CutBolt;
use Dew\Core\Kits\KitContents;
use Dew\Core\Kits\KitOrder;
use Dew\Core\Kits\KitPlan;
use Dew\Core\Kits\OrderReader;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthUnit;
use Illuminate\Console\Command;

/** Prints what a shop cuts and packs for a table of orders: each kit, the bolts, and the order of cutting. */
final class KitsOf extends Command
{
    use PrintsData;
    use ReadsDesigns;

    /** Yards and metres of a bolt where nothing else is said. */
    private const BOLT = ['yards' => 12, 'metres' => 10];

    protected $signature = 'dew:kits
        {file : A design document}
        {--orders= : A table of orders (CSV), described in docs/kits.md}
        {--reserve=0 : Kits in reserve, for every 100 that are ordered}
        {--bolt= : How many yards (or metres) a bolt holds; 12 (or 10) when it is left out}
        {--mystery : Round whole kits as a mystery is announced}
        {--metres : Sell by 10 cm instead of by the eighth of a yard}
        {--json : Print it as data, lengths in inches}';

    protected $description = 'Print the kits, the bolts and the order of cutting for a table of orders';

    public function handle(): int
    {
        return $this->withDesign(function (Design $design): int {
            $file = $this->text('orders');
            if (! is_file($file) || ! is_readable($file)) {
                $this->error(__('console.no_file', ['file' => $file]));

                return self::INVALID;
            }
            $shop = $this->option('metres') ? ShopMeasure::Metres : ShopMeasure::Yards;
            $bolt = $this->text('bolt') === '' ? (string) self::BOLT[$shop->value] : $this->text('bolt');
            if (preg_match('/^\d{1,3}$/D', $bolt) !== 1 || (int) $bolt === 0 || preg_match('/^\d{1,3}$/D', $this->text('reserve')) !== 1) {
                $this->error(__('console.no_bolt'));

                return self::INVALID;
            }
            try {
                $orders = OrderReader::csv(
                    (string) file_get_contents($file), $design->sizes, $design->colourways, $design->clues, $design->slots,
                );
            } catch (DocumentException $error) {
                foreach ($error->complaints as $complaint) {
                    $this->error(Problems::complaint($complaint));
                }

                return self::INVALID;
            }
            $sheet = Compiler::clothSheet($design);
            $contents = [];
            foreach ($sheet->whole() as $size => $whole) {
                $contents[$size] = new KitContents($whole, $sheet->covering[$size], $shop, (bool) $this->option('mystery'));
            }
            $all = [...$orders, ...KitPlan::reserve($orders, (int) $this->text('reserve'))];
            $yard = $shop === ShopMeasure::Yards ? Length::inches(36) : LengthUnit::Centimetre->inInches()->times(100);
            $plan = KitPlan::of($all, $contents, $design->colourways, [], $yard->times((int) $bolt), $shop);
            $this->option('json')
                ? $this->data($all, $contents, $design, $plan, $shop)
                : $this->print($all, $contents, $design, $plan, $shop);

            return self::SUCCESS;
        });
    }

    /**
     * @param  list<KitOrder>  $orders
     * @param  array<string, KitContents>  $contents
     */
    private function print(array $orders, array $contents, Design $design, KitPlan $plan, ShopMeasure $shop): void
    {
        $sold = fn (Length $length): string => __('chart.sold.'.$shop->value, ['number' => $shop->number($length)]);
        $rows = $counts = [];
        foreach ($orders as $order) {
            $counts[$order->key()] = ($counts[$order->key()] ?? 0) + $order->count;
            $holds = $contents[$order->size]->of($order->kind, $order->part, array_flip($design->colourways[$order->colourway]->gaps));
            $rows[$order->key()] = [
                $order->kit(), $design->sizes[$order->size]->name, $design->colourways[$order->colourway]->name, 0,
                implode(', ', array_map(
                    fn (string $slot, Length $length): string => $design->slots[$slot]->letter.' '.$sold($length), array_keys($holds), $holds,
                )),
            ];
        }
        ksort($rows);
        foreach ($rows as $key => $row) {
            $rows[$key][3] = $counts[$key];
        }
        $this->table(array_map(fn (string $name): string => __('kits.'.$name), ['kit', 'size', 'colourway', 'count', 'holds']), $rows);
        foreach ($plan->cloths as $key => $cloth) {
            $bolts = $plan->bolts[$key];
            $this->info($cloth->name.': '.trans_choice('kits.bolt_count', $bolts->toOrder()));
            foreach ($bolts->bolts as $number => $bolt) {
                $this->line('  '.__('kits.new_bolt', ['number' => $number + 1, 'length' => $sold($shop->step()->times($bolt->length))]).': '
                    .implode(', ', array_map(fn (int $length, int $count): string => trans_choice('kits.cut', $count, [
                        'length' => $sold($shop->step()->times($length)),
                    ]), array_keys($bolt->cuts), $bolt->cuts)).'; '
                    .__('kits.left', ['length' => $sold($shop->step()->times($bolt->left()))]));
            }
            foreach ($bolts->tooLong as $length => $count) {
                $this->warn('  '.__('kits.too_long', ['lengths' => $count.' × '.$sold($shop->step()->times($length))]));
            }
        }
    }

    /**
     * @param  list<KitOrder>  $orders
     * @param  array<string, KitContents>  $contents
     */
    private function data(array $orders, array $contents, Design $design, KitPlan $plan, ShopMeasure $shop): void
    {
        $inches = fn (Length $length): string => $length->toDecimal(4);
        $steps = fn (int $steps): string => $inches($shop->step()->times($steps));
        $kits = [];
        foreach ($orders as $order) {
            $kits[$order->key()] ??= [
                'kit' => $order->kit(), 'size' => $order->size, 'colourway' => $order->colourway, 'count' => 0,
                'holds' => (object) array_map($inches, $contents[$order->size]->of(
                    $order->kind, $order->part, array_flip($design->colourways[$order->colourway]->gaps),
                )),
            ];
            $kits[$order->key()]['count'] += $order->count;
        }
        ksort($kits);
        $cloths = array_map(fn (BoltPlan $bolts, string $key): array => [
            'cloth' => $plan->cloths[$key]->name,
            'fabrics' => array_keys($plan->slots[$key]),
            'wanted' => $steps($bolts->total),
            'to_order' => $bolts->toOrder(),
            'bolts' => array_map(fn (CutBolt $bolt): array => [
                'length' => $steps($bolt->length),
                'cuts' => array_map(
                    fn (int $length, int $count): array => ['length' => $steps($length), 'count' => $count],
                    array_keys($bolt->cuts), $bolt->cuts,
                ),
                'left' => $steps($bolt->left()),
            ], $bolts->bolts),
            'too_long' => array_map(
                fn (int $length, int $count): array => ['length' => $steps($length), 'count' => $count],
                array_keys($bolts->tooLong), $bolts->tooLong,
            ),
        ], $plan->bolts, array_keys($plan->bolts));
        $this->printData(['kits' => array_values($kits), 'cloths' => $cloths]);
    }
}
