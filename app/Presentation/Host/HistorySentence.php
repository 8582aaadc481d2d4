<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Models\HistoryEntry;

/** What a deed of a host reads like. */
final class HistorySentence
{
    public static function of(HistoryEntry $deed): string
    {
        return self::text($deed->what, $deed->about);
    }

    /** @param  array<string, mixed>  $about */
    private static function text(string $what, array $about): string
    {
        if ($what === 'undid') {
            $inner = is_array($about['about'] ?? null) ? $about['about'] : [];

            return __('history.deeds.undid', ['deed' => self::text(is_string($about['what'] ?? null) ? $about['what'] : '', $inner)]);
        }

        $values = array_map(fn (mixed $value): string => is_scalar($value) ? (string) $value : '', $about);

        return isset($about['count']) && is_int($about['count'])
            ? trans_choice('history.deeds.'.$what, $about['count'], $values) : __('history.deeds.'.$what, $values);
    }
}
