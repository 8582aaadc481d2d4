<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Http\Controllers\Controller;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\KitRoom;
use App\Presentation\Host\PressingPage;
use Dew\Core\Press\School;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Which way the seams of the published quilt are pressed, at any size and by any school. */
final class PressController extends Controller
{
    public function __invoke(Request $request, QuiltAlong $quiltAlong, KitRoom $room, PressingPage $pressing): View
    {
        if ($quiltAlong->published_version_id === null) {
            return view('host.unpublished', ['quiltAlong' => $quiltAlong, 'place' => 'design', 'title' => __('press.title')]);
        }
        $sizes = $room->announcement($quiltAlong)->sizes;
        $size = $request->string('size')->value();
        $size = isset($sizes[$size]) ? $size : (string) array_key_first($sizes);
        $school = School::tryFrom($request->string('school')->value());

        return view('host.pressing', [
            'quiltAlong' => $quiltAlong, 'sizes' => $sizes, 'size' => $size,
            ...$pressing->of($quiltAlong, $size, $school),
        ]);
    }
}
