<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\ChooseTurn;
use App\Http\Controllers\Controller;
use App\Http\Requests\TurnRequest;
use App\Models\Project;
use Illuminate\Http\RedirectResponse;

/** Chooses how the parts of a block are turned, among the ways that its design offers. */
final class TurnController extends Controller
{
    public function update(TurnRequest $request, Project $project, int $number, ChooseTurn $choose): RedirectResponse
    {
        $given = $request->validated();
        $choose($project, $given['block'], $given['way'] ?? null);

        return redirect()->to(
            route('member.clues.show', [$project, $number]).'#'.$request->string('from')->slug()->value(),
        )->with('status', __('tasks.turns.changed'));
    }
}
