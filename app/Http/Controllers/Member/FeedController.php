<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Presentation\Member\Feed;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A calendar address of a member's own: whoever has it reads when clues open, and nothing else. */
final class FeedController extends Controller
{
    private const LENGTH = 40;

    public function show(string $feed): Response
    {
        $project = preg_match('/^[A-Za-z0-9]{40}$/', $feed) === 1 ? Project::query()->where('feed_key', $feed)->first() : null;
        if ($project === null) {
            abort(404);
        }

        return response(
            Feed::of($project),
            200,
            ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=900'],
        );
    }

    /** Makes an address; the one before it stops working. */
    public function store(Project $project): RedirectResponse
    {
        $project->update(['feed_key' => Str::random(self::LENGTH)]);

        return redirect()->to(route('member.project.edit', $project).'#feed')->with('status', __('quilt.feed.made'));
    }

    public function destroy(Project $project): RedirectResponse
    {
        $project->update(['feed_key' => null]);

        return redirect()->to(route('member.project.edit', $project).'#feed')->with('status', __('quilt.feed.gone'));
    }
}
