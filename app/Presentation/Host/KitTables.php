<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Models\KitRow;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\KitRoom;
use Dew\Core\Cutting\ShopMeasure;
use Dew\Core\Kits\KitContents;
use Dew\Core\Kits\KitKind;
use Dew\Core\Kits\KitOrder;
use Dew\Core\Kits\KitPlan;
use Dew\Core\Measure\Length;
use Dew\Core\Sheet\Announcement;
use Illuminate\Support\Collection;

/** The kits of a quilt-along in tables: what was ordered, what lies in each, what is cut from which bolt. */
final readonly class KitTables
{
    /** @var array<string, KitContents> */
    private array $contents;

    private Announcement $announcement;

    private ShopMeasure $shop;

    /** @var array<string, string> "3. Lanterns", by the key of the clue */
    private array $clues;

    public function __construct(private QuiltAlong $quiltAlong, private KitRoom $room)
    {
        $this->contents = $room->contents($quiltAlong);
        $this->announcement = $room->announcement($quiltAlong);
        $this->shop = KitRoom::shop($quiltAlong);
        $clues = [];
        foreach ($quiltAlong->clues()->orderBy('number')->get() as $clue) {
            $clues[$clue->key] = $clue->number.'. '.$clue->title;
        }
        $this->clues = $clues;
    }

    /** @return array<string, string> names of the sizes */
    public function sizes(): array
    {
        return array_map(fn ($size): string => $size->name, $this->announcement->sizes);
    }

    /** @return array<string, string> names of the colourways */
    public function colourways(): array
    {
        return array_map(fn ($colourway): string => $colourway->name, $this->announcement->colourways);
    }

    /** @return array<string, string> every kit there can be, by how it is written in a table of orders */
    public function kits(): array
    {
        $kits = ['whole' => __('kits.kinds.whole')];
        foreach ($this->clues as $key => $title) {
            // A pause has no kit, nor has what is sewn from bags alone.
            $takes = fn (KitContents $contents): bool => $contents->of(KitKind::Clue, (string) $key) !== [];
            if (array_filter($this->contents, $takes) !== []) {
                $kits["clue:$key"] = $title;
            }
        }
        foreach ($this->announcement->slots as $slot) {
            $kits["slot:$slot->id"] = $slot->letter.' '.$slot->name;
        }

        return $kits;
    }

    /**
     * Equal kits together.
     *
     * @param  Collection<int, KitRow>  $rows
     * @return list<array{name: string, size: string, colourway: string, ordered: int, reserve: int, packed: int, handed_out: int,
     *     to_pack: int, holds: string, known: bool}>
     */
    public function lines(Collection $rows): array
    {
        $lines = [];
        foreach ($rows->groupBy(fn (KitRow $row): string => $row->order()->key()) as $alike) {
            $order = $alike->firstOrFail()->order();
            $known = $this->room->isKnown($order, $this->contents, $this->announcement);
            $sum = fn (string $column): int => (int) array_sum($alike->pluck($column)->all());
            $reserve = (int) array_sum($alike->where('origin', KitRow::RESERVE)->pluck('count')->all());
            $lines[] = [
                'name' => $this->name($order),
                'size' => $this->announcement->sizes[$order->size]->name ?? $order->size,
                'colourway' => $this->announcement->colourways[$order->colourway]->name ?? $order->colourway,
                'ordered' => $sum('count') - $reserve,
                'reserve' => $reserve,
                'packed' => $sum('packed'),
                'handed_out' => $sum('handed_out'),
                'to_pack' => $sum('count') - $sum('packed'),
                'holds' => $known ? $this->holds($order) : __('kits.unknown'),
                'known' => $known,
            ];
        }
        usort($lines, fn (array $one, array $other): int => [$one['name'], $one['size'], $one['colourway']] <=> [
            $other['name'], $other['size'], $other['colourway'],
        ]);

        return $lines;
    }

    public function name(KitOrder $order): string
    {
        return match ($order->kind) {
            KitKind::Whole => __('kits.kinds.whole'),
            KitKind::Clue => $this->clues[$order->part] ?? $order->part,
            KitKind::Slot => isset($this->announcement->slots[$order->part])
                ? $this->announcement->slots[$order->part]->letter.' '.$this->announcement->slots[$order->part]->name
                : $order->part,
        };
    }

    /** "A 2¾ yd, B 1 yd": what lies in one kit. */
    public function holds(KitOrder $order): string
    {
        return implode(', ', array_map(
            fn (array $cloth): string => $cloth['letter'].' '.$cloth['length'],
            $this->cloths($order),
        ));
    }

    /** @return list<array{letter: string, slot: string, cloth: string, colour: string, length: string}> what lies in one kit */
    public function cloths(KitOrder $order): array
    {
        $colourway = $this->announcement->colourways[$order->colourway] ?? null;
        if ($colourway === null || ! isset($this->contents[$order->size])) {
            return [];
        }
        $cloths = [];
        $lengths = $this->contents[$order->size]->of($order->kind, $order->part, array_flip($colourway->gaps));
        foreach ($this->announcement->slots as $slot) {
            if (isset($lengths[$slot->id])) {
                $cloths[] = [
                    'letter' => $slot->letter, 'slot' => $slot->name, 'cloth' => $colourway->cloths[$slot->id]->name,
                    'colour' => $colourway->cloths[$slot->id]->colour, 'length' => $this->sold($lengths[$slot->id]),
                ];
            }
        }

        return $cloths;
    }

    /**
     * Cloth by cloth: what is on hand, what is to be ordered and in which order everything is cut.
     *
     * @return list<array{key: string, cloth: string, colour: string, for: string, wanted: string, hand: string, order: int, short: string,
     *     bolts: list<array{name: string, cuts: list<string>, left: string}>, too_long: string}>
     */
    public function bolts(KitPlan $plan): array
    {
        $settings = $this->quiltAlong->kitSettings();
        $tables = [];
        foreach ($plan->cloths as $key => $cloth) {
            $bolts = $plan->bolts[$key];
            $list = [];
            foreach ($bolts->bolts as $number => $bolt) {
                $list[] = [
                    'name' => __($bolt->isNew ? 'kits.new_bolt' : 'kits.hand_bolt', [
                        'number' => $number + 1, 'length' => $this->steps($bolt->length),
                    ]),
                    'cuts' => array_map(fn (int $length, int $count): string => trans_choice('kits.cut', $count, [
                        'length' => $this->steps($length),
                    ]), array_keys($bolt->cuts), $bolt->cuts),
                    'left' => $bolt->left() === 0 ? __('kits.nothing_left') : __('kits.left', ['length' => $this->steps($bolt->left())]),
                ];
            }
            $tables[] = [
                'key' => $key,
                'cloth' => $cloth->name,
                'colour' => $cloth->colour,
                'for' => implode(', ', array_map(
                    fn (string $slot): string => $this->announcement->slots[$slot]->letter, array_keys($plan->slots[$key]),
                )),
                'wanted' => $this->steps($bolts->total),
                'hand' => implode(', ', array_map(
                    $this->shop->number(...), $settings->hand[$key] ?? [],
                )),
                'order' => $bolts->toOrder(),
                'short' => $this->counted($bolts->short()),
                'bolts' => $list,
                'too_long' => $this->counted($bolts->tooLong),
            ];
        }
        usort($tables, fn (array $one, array $other): int => [$one['for'], $one['cloth']] <=> [$other['for'], $other['cloth']]);

        return $tables;
    }

    public function sold(Length $length): string
    {
        return __('chart.sold.'.$this->shop->value, ['number' => $this->shop->number($length)]);
    }

    /** @param  array<int, int>  $lengths */
    private function counted(array $lengths): string
    {
        return implode(', ', array_map(
            fn (int $length, int $count): string => trans_choice('kits.lengths', $count, ['length' => $this->steps($length)]),
            array_keys($lengths), $lengths,
        ));
    }

    private function steps(int $steps): string
    {
        return $this->sold($this->shop->step()->times($steps));
    }
}
