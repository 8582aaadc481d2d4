<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Http\Controllers\Controller;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\KitRoom;
use App\Presentation\Host\KitTables;
use App\Support\OrderDesk;
use Dew\Core\Kits\KitKind;
use Dew\Core\Kits\KitOrder;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

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

    public function store(Request $request, QuiltAlong $quiltAlong, OrderDesk $desk, KitRoom $room): RedirectResponse
    {
        $tables = new KitTables($quiltAlong, $room);
        $given = $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'email' => ['nullable', 'string', 'email', 'max:254'],
            'kit' => ['required', Rule::in(array_keys($tables->kits()))],
            'size' => ['required', Rule::in(array_keys($tables->sizes()))],
            'colourway' => ['required', Rule::in(array_keys($tables->colourways()))],
            'count' => ['required', 'integer', 'between:1,99'],
        ], ['kit.*' => __('kits.desk_wrong'), 'size.*' => __('kits.desk_wrong'), 'colourway.*' => __('kits.desk_wrong'),
            'count.*' => __('kits.desk_wrong')]);
        [$kind, $part] = [...explode(':', $given['kit'], 2), ''];
        $desk->place($quiltAlong, new KitOrder(
            'till-'.Str::lower((string) Str::ulid()), trim((string) preg_replace('/\s+/u', ' ', $given['name'])),
            mb_strtolower($given['email'] ?? ''), KitKind::from($kind), $part, $given['size'], $given['colourway'], (int) $given['count'],
        ));

        return redirect()->route('host.orders', $quiltAlong)->with('status', __('kits.desk_placed'));
    }
}
