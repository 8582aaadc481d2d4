<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;

/** Writes down that the database refused something without what it was asked to store: that may be a password hash or a letter. */
final class QuietQueryLog
{
    public static function write(QueryException $error): void
    {
        // PostgreSQL quotes the refused row after DETAIL, and the asked text after LINE.
        $problem = preg_split('/\s*(DETAIL|LINE \d+|CONTEXT|HINT):/', $error->getPrevious()?->getMessage() ?? '') ?: [''];
        Log::error('The database refused: '.$problem[0], [
            'sql' => $error->getSql(),
            'calls' => explode("\n", $error->getTraceAsString()),
        ]);
    }
}
