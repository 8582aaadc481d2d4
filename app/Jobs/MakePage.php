<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\MadePage;
use App\Support\MadeMark;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Throwable;

/**
 * Makes what somebody asked for by asking for it as that person, so that every rule of its address holds here too. A print is kept; of a
 * page, what it took to work out is in the cache then.
 */
final class MakePage implements ShouldQueue
{
    use Dispatchable;
    use Queueable;

    public int $tries = 1;

    public int $timeout = 150;

    public bool $failOnTimeout = true;

    public function __construct(private readonly string $page)
    {
        $this->onConnection('prints');
    }

    public function handle(Kernel $kernel): void
    {
        $page = MadePage::query()->with('user')->find($this->page);
        if ($page === null || $page->state !== MadePage::WAITING) {
            return;
        }
        // What is made here has no browser that would come back with this session.
        config(['session.driver' => 'array']);
        $request = Request::create(rtrim((string) config('app.url'), '/').$page->address);
        MadeMark::put($request);
        Auth::setUser($page->user);
        try {
            $response = $kernel->handle($request);
        } finally {
            Auth::forgetUser();
        }
        $type = (string) $response->headers->get('Content-Type');
        $isPage = $response->getStatusCode() === 200 && str_starts_with($type, 'text/html');
        $page->keep($isPage ? null : (string) $response->getContent(), $isPage ? null : array_filter([
            'status' => $response->getStatusCode(), 'Content-Type' => $type,
            'Content-Disposition' => (string) $response->headers->get('Content-Disposition'),
        ]));
        MadeMark::remember($request);
    }

    public function failed(?Throwable $error): void
    {
        MadePage::query()->whereKey($this->page)->where('state', MadePage::WAITING)
            ->update(['state' => MadePage::FAILED, 'finished_at' => now()]);
    }
}
