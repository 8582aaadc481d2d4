<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\QuiltAlong;
use Dew\Core\Document\Table;
use Dew\Core\Kits\KitOrder;
use Dew\Core\Kits\OrderReader;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Storage;

/**
 * Stands in for a shop's own system of orders, which this application does not replace: a table of orders in a file, and what it was told
 * of them. Payment and a till are not part of it.
 */
final class OrderDesk
{
    private const WAIT = 5;

    /** The orders as the shop's system would send them. */
    public function csv(QuiltAlong $quiltAlong): string
    {
        return $this->text($this->file($quiltAlong)) ?? implode(',', OrderReader::COLUMNS)."\r\n";
    }

    /** @return list<array<string, string>> */
    public function orders(QuiltAlong $quiltAlong): array
    {
        return array_values(Table::read($this->csv($quiltAlong), OrderReader::COLUMNS));
    }

    /** Somebody orders at the counter of the shop. */
    public function place(QuiltAlong $quiltAlong, KitOrder $order): void
    {
        Cache::lock('order-desk:'.$quiltAlong->id, self::WAIT * 2)->block(self::WAIT, function () use ($quiltAlong, $order): void {
            $rows = array_column($this->orders($quiltAlong), null, 'number');
            $rows[$order->number] = [
                'number' => $order->number, 'name' => $order->name, 'email' => $order->email, 'kit' => $order->kit(), 'size' => $order->size,
                'colourway' => $order->colourway, 'count' => (string) $order->count,
            ];
            Storage::disk('local')->put($this->file($quiltAlong), Table::write(OrderReader::COLUMNS, array_values($rows)));
        });
    }

    /** Forgets everything, so that the demo begins anew. */
    public function clear(QuiltAlong $quiltAlong): void
    {
        Storage::disk('local')->delete([$this->file($quiltAlong), $this->answers($quiltAlong)]);
    }

    /** Tells the shop's system how far an order is. */
    public function report(QuiltAlong $quiltAlong, string $number, string $state): void
    {
        Cache::lock('order-desk:'.$quiltAlong->id, self::WAIT * 2)->block(self::WAIT, function () use ($quiltAlong, $number, $state): void {
            $told = [$number => $state] + $this->told($quiltAlong);
            Storage::disk('local')->put($this->answers($quiltAlong), (string) json_encode($told));
        });
    }

    /** @return array<string, string> what it was told, by the number of the order */
    public function told(QuiltAlong $quiltAlong): array
    {
        $told = json_decode($this->text($this->answers($quiltAlong)) ?? '{}', true);

        return is_array($told) ? array_filter($told, is_string(...)) : [];
    }

    private function text(string $file): ?string
    {
        return Storage::disk('local')->exists($file) ? Storage::disk('local')->get($file) : null;
    }

    private function file(QuiltAlong $quiltAlong): string
    {
        return "order-desk/$quiltAlong->id.csv";
    }

    private function answers(QuiltAlong $quiltAlong): string
    {
        return "order-desk/$quiltAlong->id.json";
    }
}
