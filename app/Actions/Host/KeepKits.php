<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Actions\KeepReserve;
use App\Models\KitRow;
use App\Models\KitSettings;
use App\Models\QuiltAlong;
use App\Support\OrderDesk;
use Dew\Core\Kits\KitOrder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Takes orders of kits, keeps the reserve, and writes down what is packed and handed out. */
final readonly class KeepKits
{
    public function __construct(
        private OrderDesk $desk,
        private KeepReserve $reserve,
    ) {
    }

    /**
     * An order that is there already is changed while nothing of it is packed, and left alone after that.
     *
     * @param  list<KitOrder>  $orders
     * @param  string  $origin  `desk` or `file`
     * @return array{new: int, changed: int, late: list<string>} how many, and the numbers of those that could not be changed any more
     */
    public function take(QuiltAlong $quiltAlong, array $orders, string $origin): array
    {
        return DB::transaction(function () use ($quiltAlong, $orders, $origin): array {
            $held = $this->held($quiltAlong);
            $numbers = array_map(fn (KitOrder $order): string => $order->number, $orders);
            /** @var array<string, KitRow> $there */
            $there = $held->kitRows()->whereIn('number', $numbers)->get()->keyBy('number')->all();
            $quilts = $this->quilts($held, $orders);
            $outcome = ['new' => 0, 'changed' => 0, 'late' => []];
            foreach ($orders as $order) {
                $row = $there[$order->number] ?? new KitRow(['quilt_along_id' => $held->id, 'number' => $order->number, 'origin' => $origin]);
                $row->fill([
                    'name' => $order->name, 'email' => $order->email, 'kind' => $order->kind, 'part' => $order->part,
                    'size_key' => $order->size, 'colourway_key' => $order->colourway, 'count' => $order->count,
                    'project_id' => $row->project_id ?? $quilts[$order->email] ?? null,
                ]);
                if (! $row->exists) {
                    $outcome['new']++;
                } elseif ($row->isDirty() && ($row->packed > 0 || $row->origin === KitRow::RESERVE)) {
                    $outcome['late'][] = $order->number;

                    continue;
                } elseif ($row->isDirty()) {
                    $outcome['changed']++;
                }
                $row->save();
            }
            ($this->reserve)($held);

            return $outcome;
        });
    }

    /**
     * @param  list<int>  $ids
     * @param  string  $to  `ordered`, `packed` or `handed_out`
     * @return int how many orders changed
     */
    public function mark(QuiltAlong $quiltAlong, array $ids, string $to): int
    {
        $changed = DB::transaction(function () use ($quiltAlong, $ids, $to): array {
            $held = $this->held($quiltAlong);
            $changed = [];
            /** @var Collection<int, KitRow> $rows */
            $rows = $held->kitRows()->whereIn('id', $ids)->orderBy('id')->get();
            foreach ($rows as $row) {
                [$packed, $out] = match ($to) {
                    'packed' => [$row->count, 0],
                    'handed_out' => [$row->count, $row->count],
                    default => [0, 0],
                };
                $row->fill(['packed' => $packed, 'handed_out' => $out]);
                if ($row->isDirty()) {
                    $row->save();
                    $changed[] = $row;
                }
            }
            ($this->reserve)($held);

            return $changed;
        });
        foreach ($changed as $row) {
            if ($row->origin === 'desk') {
                $this->desk->report($quiltAlong, $row->number, $to);
            }
        }

        return count($changed);
    }

    public function settings(QuiltAlong $quiltAlong, KitSettings $settings): void
    {
        DB::transaction(function () use ($quiltAlong, $settings): void {
            $held = $this->held($quiltAlong);
            $held->update(['kits' => $settings->toArray()]);
            ($this->reserve)($held);
        });
        $quiltAlong->refresh();
    }

    private function held(QuiltAlong $quiltAlong): QuiltAlong
    {
        return QuiltAlong::query()->lockForUpdate()->findOrFail($quiltAlong->id);
    }

    /**
     * The quilts of those who ordered, by the address they ordered with: their first one, where they have several.
     *
     * @param  list<KitOrder>  $orders
     * @return array<string, string>
     */
    private function quilts(QuiltAlong $quiltAlong, array $orders): array
    {
        $addresses = array_values(array_filter(array_unique(array_map(fn (KitOrder $order): string => $order->email, $orders))));

        return DB::table('projects')->join('users', 'users.id', '=', 'projects.user_id')
            ->where('projects.quilt_along_id', $quiltAlong->id)->whereNull('projects.deleted_at')
            ->whereIn(DB::raw('lower(users.email)'), $addresses)
            ->orderByDesc('projects.id')
            ->selectRaw('lower(users.email) as address, projects.id')
            ->pluck('id', 'address')
            ->map(fn (mixed $id): string => (string) $id)
            ->all();
    }
}
