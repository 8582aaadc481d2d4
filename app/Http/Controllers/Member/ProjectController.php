<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\RemoveQuilt;
use App\Http\Controllers\Controller;
use App\Http\Requests\ProjectRequest;
use App\Models\Project;
use App\Plans\HeldVersion;
use App\Plans\RefreshTallies;
use App\Plans\ReleasedSheets;
use App\Wording\Figure;
use Dew\Core\Measure\Measurement;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** A member's choices for one quilt. */
final class ProjectController extends Controller
{
    public function edit(Project $project, ReleasedSheets $sheets): View
    {
        $announcement = $sheets->announcement($project);

        return view('member.quilt', [
            'project' => $project,
            'announcement' => $announcement,
            'maySizeStayOpen' => $sheets->maySizeStayOpen($project),
            'width' => $project->usable_width === null ? '' : Figure::text(Measurement::exact($project->usable_width), $project->notation),
            'usualWidth' => Figure::text(Measurement::exact($announcement->usableWidth), $project->notation),
        ]);
    }

    public function update(ProjectRequest $request, Project $project, RefreshTallies $refresh, HeldVersion $version): RedirectResponse
    {
        DB::transaction(function () use ($request, $project, $version, $refresh): void {
            $choices = $request->choices();
            if (isset($choices['size_key'])) {
                $version->mustOffer($project->quiltAlong, $choices['size_key'], 'size_key');
            }
            $project->update($choices);
            $refresh($project);
        });

        return redirect()->route('member.now', $project)->with('status', __('quilt.saved'));
    }

    /** They leave the quilt. */
    public function destroy(Request $request, Project $project, RemoveQuilt $remove): RedirectResponse
    {
        $remove($project, $this->person($request));

        return redirect()->route('home')->with('status', __('quilt.left', ['name' => $project->name]));
    }

    public function back(Project $project, RemoveQuilt $remove): RedirectResponse
    {
        $remove->back($project);

        return redirect()->route('member.now', $project)->with('status', __('quilt.is_back', ['name' => $project->name]));
    }
}
