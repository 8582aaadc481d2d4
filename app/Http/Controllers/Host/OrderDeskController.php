<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Http\Controllers\Controller;
use App\Http\Requests\DeskOrderRequest;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\KitRoom;
use App\Presentation\Host\KitTables;
use App\Support\OrderDesk;
use Dew\Core\Kits\KitKind;
use Dew\Core\Kits\KitOrder;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;

/** The page of the simulated order desk, in demo mode. */
final class OrderDeskController extends Controller
{
    public function index(QuiltAlong $quiltAlong, OrderDesk $desk, KitRoom $room): View
    {
        return view('host.order-desk', [
            'quiltAlong' => $quiltAlong, 'orders' => $desk->orders($quiltAlong), 'told' => $desk->told($quiltAlong),
            'tables' => new KitTables($quiltAlong, $room),
        ]);
    }

    public function store(DeskOrderRequest $request, QuiltAlong $quiltAlong, OrderDesk $desk): RedirectResponse
    {
        $given = $request->validated();
        [$kind, $part] = [...explode(':', $given['kit'], 2), ''];
        $desk->place($quiltAlong, new KitOrder(
            'till-'.Str::lower((string) Str::ulid()), trim((string) preg_replace('/\s+/u', ' ', $given['name'])),
            mb_strtolower($given['email'] ?? ''), KitKind::from($kind), $part, $given['size'], $given['colourway'], (int) $given['count'],
        ));

        return redirect()->route('host.orders', $quiltAlong)->with('status', __('kits.desk_placed'));
    }
}
