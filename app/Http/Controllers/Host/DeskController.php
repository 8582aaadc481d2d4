<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Http\Controllers\Controller;
use App\Models\Invitation;
use App\Models\QuiltAlong;
use App\Presentation\Host\ClueBoard;
use Illuminate\Contracts\View\View;

/** What is due, and where everybody stands. */
final class DeskController extends Controller
{
    public function __invoke(QuiltAlong $quiltAlong): View
    {
        if ($quiltAlong->published_version_id === null) {
            return view('host.unpublished', ['quiltAlong' => $quiltAlong, 'place' => 'desk', 'title' => __('desk.title')]);
        }

        return view('host.desk', [
            'quiltAlong' => $quiltAlong,
            'board' => ClueBoard::of($quiltAlong),
            'invitation' => Invitation::query()->open()->whereBelongsTo($quiltAlong)->latest('id')->first(),
        ]);
    }
}
