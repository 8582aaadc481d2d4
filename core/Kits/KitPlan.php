<?php

declare(strict_types=1);

namespace Dew\Core\Kits;

use Dew\Core\Cutting\ShopMeasure;
use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Measure\Length;

/** What a shop cuts for all kits that are still to be packed: the same cloth off the same bolts, whichever colourway and slot it is for. */
final readonly class KitPlan
{
    /**
     * @param  array<string, Cloth>  $cloths  by their keys
     * @param  array<string, BoltPlan>  $bolts  likewise
     * @param  array<string, array<string, int>>  $slots  how often a cloth stands for a slot, by the cloth's key and the slot's id
     */
    private function __construct(
        public array $cloths,
        public array $bolts,
        public array $slots,
    ) {
    }

    /**
     * @param  list<KitOrder>  $orders  kits that are still to be packed, the reserve among them
     * @param  array<string, KitContents>  $contents  by size
     * @param  array<string, Colourway>  $colourways
     * @param  array<string, list<Length>>  $hand  the bolts on hand, by the key of their cloth
     * @param  Length  $bolt  a new bolt
     */
    public static function of(array $orders, array $contents, array $colourways, array $hand, Length $bolt, ShopMeasure $shop): self
    {
        $step = $shop->step();
        $steps = fn (Length $length): int => $length->countOf($step);
        $cloths = $wanted = $slots = [];
        foreach ($orders as $order) {
            $colourway = $colourways[$order->colourway];
            foreach ($contents[$order->size]->of($order->kind, $order->part, array_flip($colourway->gaps)) as $slot => $length) {
                $cloth = $colourway->cloths[$slot];
                $key = self::key($cloth);
                $cloths[$key] = $cloth;
                $wanted[$key][$steps($length)] = ($wanted[$key][$steps($length)] ?? 0) + $order->count;
                $slots[$key][$slot] = ($slots[$key][$slot] ?? 0) + $order->count;
            }
        }
        ksort($cloths);
        $bolts = [];
        foreach (array_keys($cloths) as $key) {
            $bolts[$key] = BoltPlan::of($wanted[$key], array_map($steps, $hand[$key] ?? []), max(1, $steps($bolt)));
        }

        return new self($cloths, $bolts, $slots);
    }

    /** The same for the same cloth in any colourway. */
    public static function key(Cloth $cloth): string
    {
        return substr(hash('sha256', $cloth->name."\n".$cloth->colour), 0, 12);
    }

    /**
     * Kits to have besides those that are ordered: a share of each kind, rounded up.
     *
     * @param  list<KitOrder>  $orders
     * @param  int  $percent  of what is ordered
     * @return list<KitOrder> each with a number of its own
     */
    public static function reserve(array $orders, int $percent): array
    {
        $alike = $counts = [];
        foreach ($orders as $order) {
            $alike[$order->key()] = $order;
            $counts[$order->key()] = ($counts[$order->key()] ?? 0) + $order->count;
        }
        ksort($alike);
        $reserve = [];
        foreach ($percent > 0 ? $alike : [] as $key => $order) {
            $reserve[] = new KitOrder(
                'reserve '.$key, '', '', $order->kind, $order->part, $order->size, $order->colourway,
                intdiv($counts[$key] * $percent + 99, 100),
            );
        }

        return $reserve;
    }
}
