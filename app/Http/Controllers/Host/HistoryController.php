<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\KeepHistory;
use App\Http\Controllers\Controller;
use App\Models\HistoryEntry;
use App\Models\QuiltAlong;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What was done with a quilt-along, newest first, and taking it back. */
final class HistoryController extends Controller
{
    private const AT_ONCE = 50;

    public function index(QuiltAlong $quiltAlong): View
    {
        return view('host.history', [
            'quiltAlong' => $quiltAlong,
            'deeds' => HistoryEntry::query()->where('quilt_along_id', $quiltAlong->id)->with('user')->orderByDesc('id')->paginate(self::AT_ONCE),
        ]);
    }

    public function destroy(Request $request, QuiltAlong $quiltAlong, int $deed): RedirectResponse
    {
        KeepHistory::undo($quiltAlong, $this->person($request), $deed);

        return redirect()->route($request->input('back') === 'clues' ? 'host.clues.index' : 'host.history', $quiltAlong)->with('status', __('history.undone'));
    }
}
