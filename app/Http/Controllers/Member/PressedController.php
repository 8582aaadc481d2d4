<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\RecordPressing;
use App\Http\Controllers\Controller;
use App\Http\Requests\PressedRequest;
use App\Models\Project;
use Dew\Core\Press\PressDone;
use Illuminate\Http\RedirectResponse;

/** Says how what a task made was really pressed: as planned, the other way, or open. */
final class PressedController extends Controller
{
    public function update(PressedRequest $request, Project $project, int $number, RecordPressing $say): RedirectResponse
    {
        $say($project, $request->task(), PressDone::from($request->validated()['done']));

        return redirect()->to(
            route('member.clues.show', [$project, $number]).'#'.$request->string('task')->slug()->value(),
        )->with('status', __('tasks.pressed.changed'));
    }
}
