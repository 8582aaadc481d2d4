<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Http\Controllers\Controller;
use App\Models\KitRow;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\KitRoom;
use App\Presentation\Host\KitTables;
use App\Support\Pdf;
use Dew\Core\Measure\Notation;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a shop prints for its kits: a label for each, and the order of cutting. */
final class KitPrintController extends Controller
{
    /** Labels in one print. */
    private const MOST = 600;

    /** A label for every kit that is not handed out yet. */
    public function labels(Request $request, QuiltAlong $quiltAlong, KitRoom $room): Response
    {
        $tables = new KitTables($quiltAlong, $room);
        $labels = [];
        /** @var Collection<int, KitRow> $rows */
        $rows = $quiltAlong->kitRows()->whereColumn('handed_out', '<', 'count')
            ->orderBy('size_key')->orderBy('name')->orderBy('id')->get();
        foreach ($rows as $row) {
            if ($tables->cloths($row->order()) === []) {
                // Nothing to pack, as for a clue that takes no cloth: no label for an empty bag.
                continue;
            }
            for ($kit = 1; $kit <= $row->count && count($labels) < self::MOST; $kit++) {
                $labels[] = [
                    'name' => $row->origin === KitRow::RESERVE ? __('kits.in_reserve') : ($row->name ?: $row->email ?: $row->number),
                    'number' => $row->origin === KitRow::RESERVE ? '' : $row->number,
                    'kit' => $tables->name($row->order()),
                    'size' => $tables->sizes()[$row->size_key] ?? $row->size_key,
                    'colourway' => $tables->colourways()[$row->colourway_key] ?? $row->colourway_key,
                    'of' => __('prints.of', ['number' => $kit, 'count' => $row->count]),
                    'cloths' => $tables->cloths($row->order()),
                ];
            }
        }

        return Pdf::response('print.kit-labels', [
            'title' => __('prints.labels', ['name' => $quiltAlong->name]), 'labels' => $labels,
        ], $quiltAlong->name.' labels', $this->paper($request, $quiltAlong));
    }

    public function cutting(Request $request, QuiltAlong $quiltAlong, KitRoom $room): Response
    {
        $tables = new KitTables($quiltAlong, $room);

        return Pdf::response('print.kit-cutting', [
            'title' => __('prints.kit_cutting', ['name' => $quiltAlong->name]),
            'bolts' => $tables->bolts($room->plan($quiltAlong, $quiltAlong->kitRows()->orderBy('id')->get())),
        ], $quiltAlong->name.' cutting', $this->paper($request, $quiltAlong));
    }

    private function paper(Request $request, QuiltAlong $quiltAlong): string
    {
        return Pdf::paper($request->string('paper')->value(), $quiltAlong->units === Notation::Centimetres);
    }
}
