<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Http\Controllers\Controller;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\SheetStore;
use App\Presentation\Host\DesignDrawing;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The picture of the whole quilt and its counts, at any size. It stays on this side. */
final class DesignController extends Controller
{
    public function __invoke(Request $request, QuiltAlong $quiltAlong, SheetStore $sheets, DesignDrawing $drawing): View
    {
        $version = $quiltAlong->version();
        $announcement = $sheets->announcement($version);
        $size = $request->string('size')->value();
        $size = isset($announcement->sizes[$size]) ? $size : (string) array_key_first($announcement->sizes);

        $colourway = $announcement->colourway($request->string('colourway')->value());

        return view('host.design', [
            'quiltAlong' => $quiltAlong,
            'announcement' => $announcement,
            'size' => $size,
            'colourway' => $colourway,
            'drawing' => $drawing->of($version, $announcement, $size, $colourway),
        ]);
    }
}
