<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Models\Clue;
use App\Models\CorrectionMark;
use App\Models\Project;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;

/** A member says that she has read a correction. */
final class CorrectionController extends Controller
{
    public function update(Project $project, int $correction): RedirectResponse
    {
        $mark = CorrectionMark::query()
            ->where('project_id', $project->id)
            ->whereKey($correction)
            ->whereHas('correction', fn (Builder $query) => $query->whereIn('clue_id', Clue::query()->released()->select('id')))
            ->firstOrFail();
        if ($mark->seen_at === null) {
            $mark->update(['seen_at' => now()]);
        }

        return redirect()->back(fallback: route('member.now', $project));
    }
}
