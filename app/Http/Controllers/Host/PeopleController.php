<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\KeepHistory;
use App\Actions\RemoveQuilt;
use App\Http\Controllers\Controller;
use App\Models\Invitation;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Presentation\Host\ProgressGrid;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Http\RedirectResponse;
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
            'removed' => $this->removed($quiltAlong)->with('user')->latest('deleted_at')->get(),
            'invitation' => Invitation::query()->open()->whereBelongsTo($quiltAlong)->latest('id')->first(),
        ]);
    }

    /** Takes a quilt of a member out. */
    public function destroy(Request $request, QuiltAlong $quiltAlong, string $quilt, RemoveQuilt $remove): RedirectResponse
    {
        $project = Project::query()->with('user')->where('quilt_along_id', $quiltAlong->id)->findOrFail($quilt);
        $remove($project, $this->person($request));
        $about = ['quilt' => $project->name, 'name' => $project->user->name];
        KeepHistory::write($quiltAlong, $this->person($request), 'quilt_removed', $about);

        return redirect()->route('host.people', $quiltAlong)->with('status', __('people.removed', $about));
    }

    public function back(Request $request, QuiltAlong $quiltAlong, string $quilt, RemoveQuilt $remove): RedirectResponse
    {
        $project = $this->removed($quiltAlong)->with('user')->findOrFail($quilt);
        $remove->back($project);
        $about = ['quilt' => $project->name, 'name' => $project->user->name];
        KeepHistory::write($quiltAlong, $this->person($request), 'quilt_back', $about);

        return redirect()->route('host.people', $quiltAlong)->with('status', __('people.is_back', $about));
    }

    /** @return Builder<Project> what hosts removed in the last day; what its maker left is theirs to bring back */
    private function removed(QuiltAlong $quiltAlong): Builder
    {
        $all = Project::query()->withoutGlobalScope(SoftDeletingScope::class);
        $all->where('quilt_along_id', $quiltAlong->id)->whereColumn('removed_by', '!=', 'user_id')
            ->where('deleted_at', '>', now()->subHours(RemoveQuilt::UNDO_HOURS));

        return $all;
    }
}
