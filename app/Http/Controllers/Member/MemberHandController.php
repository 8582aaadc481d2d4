<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\HandRefused;
use App\Actions\Member\HandOn;
use App\Http\Controllers\Controller;
use App\Http\Requests\HandOnRequest;
use App\Models\HandPart;
use App\Models\Project;
use App\Models\User;
use App\Presentation\Member\MemberHands;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** What a member sews of a quilt by many hands: hand it on, send it back, or say that she cannot. */
final class MemberHandController extends Controller
{
    public function show(Project $project, MemberHands $hands): View
    {
        abort_unless($project->quiltAlong->many_hands, 404);

        return view('member.hands', ['project' => $project] + $hands->of($project));
    }

    public function update(HandOnRequest $request, Project $project, int $part, HandOn $hand, MemberHands $hands): RedirectResponse
    {
        abort_unless($project->quiltAlong->many_hands, 404);
        $held = HandPart::query()->where('quilt_along_id', $project->quilt_along_id)->findOrFail($part);
        $asked = $request->validated();
        $user = $project->user;
        try {
            match ($asked['do']) {
                'hand_on' => $hand->to($held, $user, User::query()->find((int) ($asked['to'] ?? 0)) ?? throw new HandRefused('no_member')),
                'sent' => $hand->sent($held, $user),
                'take' => $hands->isOpen($project, $held) ? $hand->take($held, $user) : throw new HandRefused('not_open', ['part' => $held->label]),
                'undo' => $hand->undo($held, $user),
                default => $hand->cannot($held, $user, trim((string) ($asked['words'] ?? ''))),
            };
        } catch (HandRefused $refused) {
            throw ValidationException::withMessages(['hands' => $refused->sentence()]);
        }

        $to = $request->string('back')->value() === 'now' ? 'member.now' : 'member.hands';

        return redirect()->route($to, $project)->with('status', __('hands.done.'.$asked['do'], ['part' => $held->label]));
    }
}
