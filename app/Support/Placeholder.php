<?php

declare(strict_types=1);

namespace App\Support;

/**
 * A place in an edit that a field of the form fills in when it is sent. It begins with a sign that no text of a design may hold, so that
 * nobody's words are taken for it.
 */
final class Placeholder
{
    public const SIGN = "\u{1}";

    /**
     * @param  string  $field  its name; `id` stands for a new id
     * @param  string  $as  text, int, flag, json, list, size, shape, or optional or count for what may be left empty; of an id, the letter
     *     it begins with
     */
    public static function in(string $field, string $as = 'text'): string
    {
        return self::SIGN.$field.($as === 'text' ? '' : ':'.$as);
    }
}
