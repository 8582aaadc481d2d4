<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\DB;

/** Takes what has expired out of the database's cache. The framework does so only for what is asked for again, and kept pages are not. */
final class ExpiredCache
{
    /** @return int how many entries went */
    public static function forget(): int
    {
        if (config('cache.default') !== 'database') {
            return 0;
        }

        return DB::connection(config('cache.stores.database.connection'))
            ->table((string) config('cache.stores.database.table', 'cache'))
            ->where('expiration', '<', now()->getTimestamp())
            ->delete();
    }
}
