<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Http\Requests\SwatchRequest;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use Illuminate\Http\RedirectResponse;

/** A member's own cloth for a fabric: every drawing then shows it. */
final class SwatchController extends Controller
{
    public function update(SwatchRequest $request, Project $project, string $slot): RedirectResponse
    {
        $project->swatches()->updateOrCreate(['slot_key' => $slot], $request->cloth());

        return $this->back($project, $slot)->with('status', __('fabrics.own.saved'));
    }

    public function destroy(Project $project, string $slot, ReleasedSheets $sheets): RedirectResponse
    {
        abort_unless(isset($sheets->announcement($project)->slots[$slot]), 404);
        $project->swatches()->where('slot_key', $slot)->delete();

        return $this->back($project, $slot)->with('status', __('fabrics.own.removed'));
    }

    private function back(Project $project, string $slot): RedirectResponse
    {
        return redirect()->to(route('member.fabrics', $project).'#fabric-'.rawurlencode($slot));
    }
}
