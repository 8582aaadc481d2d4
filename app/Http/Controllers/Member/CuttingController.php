<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Models\Project;
use Dew\Core\Cutting\Aim;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** How a member cuts: with which hand, and whether her plans spare cloth or cuts. */
final class CuttingController extends Controller
{
    public function update(Request $request, Project $project): RedirectResponse
    {
        $given = $request->validate([
            'aim' => ['required', Rule::enum(Aim::class)],
            'hand' => ['required', Rule::in(['right', 'left'])],
            'from' => ['nullable', 'regex:/^[1-9]\d{0,2}$/D'],
        ], ['*' => __('mat.settings_wrong')]);
        $project->update(['aim' => $given['aim'], 'left_handed' => $given['hand'] === 'left']);
        $back = isset($given['from']) ? route('member.mat', [$project, $given['from']]) : route('member.fabrics', $project);

        return redirect()->to($back)->with('status', __('mat.settings_saved'));
    }
}
