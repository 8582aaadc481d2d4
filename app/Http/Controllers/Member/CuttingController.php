<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Http\Requests\CuttingRequest;
use App\Models\Project;
use Illuminate\Http\RedirectResponse;

/** How a member cuts: with which hand, and whether her plans spare cloth or cuts. */
final class CuttingController extends Controller
{
    public function update(CuttingRequest $request, Project $project): RedirectResponse
    {
        $given = $request->validated();
        $project->update(['aim' => $given['aim'], 'left_handed' => $given['hand'] === 'left']);
        $back = isset($given['from']) ? route('member.mat', [$project, $given['from']]) : route('member.fabrics', $project);

        return redirect()->to($back)->with('status', __('mat.settings_saved'));
    }
}
