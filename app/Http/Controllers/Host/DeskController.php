<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Http\Controllers\Controller;
use App\Models\Correction;
use App\Models\Invitation;
use App\Models\KitRow;
use App\Models\QuiltAlong;
use App\Models\TestRemark;
use App\Presentation\Host\ClueBoard;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\DB;

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
            'remarks' => TestRemark::query()->where('quilt_along_id', $quiltAlong->id)->whereNull('answered_at')->count(),
            'corrections' => Correction::query()->where('quilt_along_id', $quiltAlong->id)->with('clue')
                ->withCount(['marks', 'marks as read_count' => fn ($query) => $query->whereNotNull('seen_at')])
                ->orderByDesc('id')->limit(3)->get(),
            'kits' => (int) KitRow::query()->where('quilt_along_id', $quiltAlong->id)->sum(DB::raw('count - packed')),
            'invitation' => Invitation::query()->open()->whereBelongsTo($quiltAlong)->latest('id')->first(),
        ]);
    }
}
