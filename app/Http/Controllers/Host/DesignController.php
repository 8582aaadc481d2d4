<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Http\Controllers\Controller;
use App\Models\QuiltAlong;
use App\Plans\Whole\SheetStore;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The picture of the whole quilt and its counts, at any size. It stays on this side. */
final class DesignController extends Controller
{
    public function __invoke(Request $request, QuiltAlong $quiltAlong, SheetStore $sheets): View
    {
        $version = $quiltAlong->version();
        $announcement = $sheets->announcement($version);
        $size = $request->string('size')->value();
        $size = isset($announcement->sizes[$size]) ? $size : (string) array_key_first($announcement->sizes);

        return view('host.design', [
            'quiltAlong' => $quiltAlong,
            'announcement' => $announcement,
            'size' => $size,
            'sheet' => $sheets->quilt($version, $size),
            'colourway' => $announcement->colourway($request->string('colourway')->value()),
        ]);
    }
}
