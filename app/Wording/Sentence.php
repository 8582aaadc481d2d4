<?php

declare(strict_types=1);

namespace App\Wording;

/** Puts words together as a sentence takes them. */
final class Sentence
{
    /** @param  list<string>  $words  joined with commas, and with "and" before the last */
    public static function list(array $words): string
    {
        $last = array_pop($words);

        return $words === [] ? (string) $last : __('pages.list', ['first' => implode(', ', $words), 'last' => $last]);
    }
}
