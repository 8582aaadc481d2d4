<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Project;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Where members have bought the pattern, numbers are shown once they have read a word in their own copy of it. */
final class OwnCopy
{
    private const OPEN = ['member.copy', 'member.copy.update', 'member.project.edit', 'member.project.update'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $project = $request->route('project');
        $asked = $project instanceof Project && $project->quiltAlong->asksForWord() && $project->own_copy_at === null;
        if (! $asked || in_array($request->route()?->getName(), self::OPEN, true)) {
            return $next($request);
        }

        return $request->expectsJson()
            ? response()->json(['message' => __('copy.first')], 403)
            : redirect()->route('member.copy', $project);
    }
}
