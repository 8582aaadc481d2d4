<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\KitRow;
use App\Models\QuiltAlong;
use Dew\Core\Kits\KitOrder;
use Dew\Core\Kits\KitPlan;

/** Keeps as many kits in reserve as the shop wants for what is ordered. What is packed already stays. */
final class KeepReserve
{
    public function __invoke(QuiltAlong $quiltAlong): void
    {
        $rows = $quiltAlong->kitRows()->get();
        $orders = $rows->where('origin', '!=', KitRow::RESERVE)->map(fn (KitRow $row): KitOrder => $row->order())->values()->all();
        $wanted = [];
        foreach (KitPlan::reserve(array_values($orders), $quiltAlong->kitSettings()->reserve) as $kit) {
            $wanted[$kit->number] = $kit;
        }
        foreach ($rows->where('origin', KitRow::RESERVE) as $row) {
            $count = max($row->packed, ($wanted[$row->number] ?? null)->count ?? 0);
            unset($wanted[$row->number]);
            $count === 0 ? $row->delete() : $row->update(['count' => $count]);
        }
        foreach ($wanted as $kit) {
            $quiltAlong->kitRows()->create([
                'number' => $kit->number, 'kind' => $kit->kind, 'part' => $kit->part, 'size_key' => $kit->size,
                'colourway_key' => $kit->colourway, 'count' => $kit->count, 'origin' => KitRow::RESERVE,
            ]);
        }
    }
}
