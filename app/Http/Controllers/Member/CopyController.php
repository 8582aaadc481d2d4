<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Http\Requests\CopyWordRequest;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** The word that a member reads in her own copy of the pattern. */
final class CopyController extends Controller
{
    public function edit(Project $project): View|RedirectResponse
    {
        return ! $project->quiltAlong->asksForWord() || $project->own_copy_at !== null
            ? redirect()->route('member.now', $project)
            : view('member.copy', ['project' => $project]);
    }

    /** @throws ValidationException when it is another word */
    public function update(CopyWordRequest $request, Project $project): RedirectResponse
    {
        $word = $request->validated()['word'];
        if (! $project->quiltAlong->isCopyWord($word)) {
            throw ValidationException::withMessages(['word' => __('copy.another')]);
        }
        $project->update(['own_copy_at' => now()]);

        return redirect()->route('member.now', $project);
    }
}
