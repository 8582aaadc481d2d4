<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\IpUtils;
use Symfony\Component\HttpFoundation\Response;

/** Lets a browser test move the clock with a header. Deaf everywhere but in the e2e environment on loopback. */
final class TestClock
{
    public const HEADER = 'X-Dew-Clock';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $moment = $request->headers->get(self::HEADER);
        $heard = app()->environment('e2e') && IpUtils::checkIp((string) $request->server->get('REMOTE_ADDR'), ['127.0.0.1', '::1']);
        if (! $heard || $moment === null) {
            return $next($request);
        }
        CarbonImmutable::setTestNow(CarbonImmutable::parse($moment));
        try {
            return $next($request);
        } finally {
            CarbonImmutable::setTestNow();
        }
    }
}
