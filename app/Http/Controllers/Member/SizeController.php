<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Http\Requests\SizeRequest;
use App\Models\Project;
use App\Plans\HeldVersion;
use App\Plans\RefreshTallies;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** Chooses the size of a quilt that was begun without one, when a clue needs it. */
final class SizeController extends Controller
{
    public function update(
        SizeRequest $request,
        Project $project,
        RefreshTallies $refresh,
        HeldVersion $version,
    ): RedirectResponse {
        $chosen = $request->validated();
        DB::transaction(function () use ($project, $chosen, $version, $refresh): void {
            $version->mustOffer($project->quiltAlong, $chosen['size']);
            $project->update(['size_key' => $chosen['size'], 'size_later' => false]);
            $refresh($project);
        });

        return redirect()->route('member.clues.index', $project)->with('status', __('quilt.saved'));
    }
}
