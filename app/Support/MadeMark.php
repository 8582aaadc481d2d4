<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;

/** Marks a request that a worker makes for somebody, and remembers which pages were worked out that way. */
final class MadeMark
{
    private const ATTRIBUTE = 'made-aside';

    private const DAYS = 7;

    /** A worker makes this request. */
    public static function put(Request $request): void
    {
        $request->attributes->set(self::ATTRIBUTE, true);
    }

    public static function isOn(Request $request): bool
    {
        return $request->attributes->has(self::ATTRIBUTE);
    }

    /** @param  string|null  $page  what names the page and the design it shows; null where it is made each time */
    public static function name(Request $request, ?string $page): void
    {
        $request->attributes->set(self::ATTRIBUTE, $page ?? true);
    }

    /** Remembers that the page was worked out. */
    public static function remember(Request $request): void
    {
        $page = $request->attributes->get(self::ATTRIBUTE);
        if (is_string($page)) {
            Cache::put($page, true, now()->addDays(self::DAYS));
        }
    }

    public static function isRemembered(string $page): bool
    {
        return Cache::has($page);
    }
}
