<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Http\Controllers\Controller;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\KitRoom;
use App\Presentation\Host\YardageTable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What every fabric takes at every size, with binding, back and batting, and which pre-cuts would serve. */
final class YardageController extends Controller
{
    public function __invoke(Request $request, QuiltAlong $quiltAlong, KitRoom $room): View
    {
        if ($quiltAlong->published_version_id === null) {
            return view('host.unpublished', ['quiltAlong' => $quiltAlong, 'place' => 'kits', 'title' => __('kits.yardage.title')]);
        }
        $sizes = $room->announcement($quiltAlong)->sizes;
        $size = $request->string('size')->value();

        return view('host.yardage', [
            'quiltAlong' => $quiltAlong,
            'sizes' => $sizes,
            'table' => YardageTable::of($quiltAlong, $room, isset($sizes[$size]) ? $size : (string) array_key_first($sizes)),
        ]);
    }
}
