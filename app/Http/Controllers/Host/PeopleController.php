<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Http\Controllers\Controller;
use App\Models\Invitation;
use App\Models\QuiltAlong;
use App\Presentation\Host\ProgressGrid;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Who is in, and where each stands in each clue. */
final class PeopleController extends Controller
{
    public function __invoke(Request $request, QuiltAlong $quiltAlong): View
    {
        if ($quiltAlong->published_version_id === null) {
            return view('host.unpublished', ['quiltAlong' => $quiltAlong, 'place' => 'people', 'title' => __('people.title')]);
        }
        $search = $request->string('search')->trim()->limit(80, '')->value();

        return view('host.people', [
            'quiltAlong' => $quiltAlong,
            'grid' => ProgressGrid::of($quiltAlong, $search),
            'search' => $search,
            'invitation' => Invitation::query()->open()->whereBelongsTo($quiltAlong)->latest('id')->first(),
        ]);
    }
}
