<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Jobs\MakePage;
use App\Models\MadePage;
use App\Models\QuiltAlong;
use App\Models\User;
use App\Plans\Weight;
use App\Support\MadeMark;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets a worker make what takes long: every print, and the pages of a large design that nobody has worked out yet. Whoever asks for it sees
 * that it is being made, and then what was made. A queue of `sync` has no workers, and it is made at once.
 */
final class MadeAside
{
    /** @param  string  $what  `print`, or `draft` or `published` for a page that works out that design */
    public function handle(Request $request, Closure $next, string $what): Response
    {
        $user = $request->user();
        if (MadeMark::isOn($request)) {
            MadeMark::name($request, $this->mark($request, $what));

            return $next($request);
        }
        if (! $user instanceof User || config('queue.connections.prints.driver') === 'sync' || $request->expectsJson()
            || ! $this->isLong($request, $what)) {
            return $next($request);
        }
        $page = MadePage::query()->firstOrNew(['user_id' => $user->id, 'address' => $request->getRequestUri(), 'state' => MadePage::WAITING]);
        if (! $page->exists || $page->created_at->diffInSeconds(now()) > MadePage::WAITING_SECONDS) {
            $page = MadePage::query()->create(['user_id' => $user->id, 'address' => $request->getRequestUri(), 'state' => MadePage::WAITING]);
            MakePage::dispatch($page->id);
        }

        // What was to be said on the page is said once it is there.
        session()->reflash();

        return response()->view('calculating', [
            'page' => $page, 'isPrint' => $what === 'print', 'back' => url()->previous(),
        ], Response::HTTP_ACCEPTED);
    }

    private function isLong(Request $request, string $what): bool
    {
        $quiltAlong = $request->route('quiltAlong');
        $mark = $this->mark($request, $what);

        return $mark === null || ($quiltAlong instanceof QuiltAlong && Weight::isHeavy($quiltAlong, $what) && ! MadeMark::isRemembered($mark));
    }

    /** What is remembered once a page is worked out; it changes with the design. Null for a print, which is made each time. */
    private function mark(Request $request, string $what): ?string
    {
        $quiltAlong = $request->route('quiltAlong');

        return $what === 'print' || ! $quiltAlong instanceof QuiltAlong ? null
            : $request->getRequestUri().' '.Weight::edition($quiltAlong, $what);
    }
}
