<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Plans\HeldVersion;
use App\Plans\RefreshTallies;
use App\Plans\ReleasedSheets;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** Chooses the size of a quilt that was begun without one, when a clue needs it. */
final class SizeController extends Controller
{
    public function update(
        Request $request,
        Project $project,
        ReleasedSheets $sheets,
        RefreshTallies $refresh,
        HeldVersion $version,
    ): RedirectResponse {
        $chosen = $request->validate(
            ['size' => ['required', 'string', Rule::in(array_keys($sheets->announcement($project)->sizes))]],
            ['size.in' => __('join.unknown_size'), 'size.required' => __('join.choose_size')],
        );
        DB::transaction(function () use ($project, $chosen, $version, $refresh): void {
            $version->mustOffer($project->quiltAlong, $chosen['size']);
            $project->update(['size_key' => $chosen['size'], 'size_later' => false]);
            $refresh($project);
        });

        return redirect()->route('member.clues.index', $project)->with('status', __('quilt.saved'));
    }
}
