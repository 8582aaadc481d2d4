<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Http\Request;

/** Marks a request that a worker makes for somebody, and remembers which pages were worked out that way. */
final class MadeMark
{
    private const ATTRIBUTE = 'made-aside';

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
            Kept::Page->put([$page], true);
        }
    }

    public static function isRemembered(string $page): bool
    {
        return Kept::Page->get([$page]) === true;
    }
}
