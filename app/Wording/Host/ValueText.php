<?php

declare(strict_types=1);

namespace App\Wording\Host;

use Dew\Core\Design\ProductKey;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;

/** A value of a design as people read it: things by their names, lists as lists. */
final class ValueText
{
    private const LISTS = ['units', 'blocks', 'fabrics', 'colourways', 'sizes', 'clues'];

    /** @param  DraftDocument  ...$documents  where names are looked for, one after the other */
    public static function of(Value $value, DraftDocument ...$documents): string
    {
        $text = self::plain($value, ...$documents);

        // Words are told apart from the sentence around them; numbers and lists are not words.
        return is_string($value->value) && $value->value !== '' && preg_match('/^[\d#]/', $value->value) !== 1 ? "“{$text}”" : $text;
    }

    /** The same without quotation marks. */
    public static function plain(Value $value, DraftDocument ...$documents): string
    {
        return $value->exists ? self::text($value->value, array_values($documents)) : __('compare.nothing');
    }

    /**
     * A sentence in which things are named by their ids in quotation marks, with their names instead.
     */
    public static function named(string $sentence, DraftDocument ...$documents): string
    {
        return preg_replace_callback('/"([a-z][a-z0-9-]{0,39}(?:[.:\/=][a-z0-9.:\/=-]{0,160})?)"/', function (array $found) use ($documents): string {
            $name = self::name($found[1], array_values($documents));

            return $name === null ? $found[0] : "“{$name}”";
        }, $sentence) ?? $sentence;
    }

    /** @param  list<DraftDocument>  $documents */
    private static function text(mixed $value, array $documents): string
    {
        return match (true) {
            is_string($value) => self::name($value, $documents) ?? ($value === '' ? __('compare.nothing') : $value),
            is_bool($value) => __($value ? 'compare.yes' : 'compare.no'),
            $value === null => __('compare.empty'),
            is_array($value) && array_is_list($value) && self::isFlat($value) => implode(', ', array_map(
                fn (mixed $inner): string => self::text($inner, $documents),
                $value,
            )),
            is_array($value) && self::isTable($value) => implode(
                ' / ',
                array_map(fn (mixed $row): string => self::text($row, $documents), $value),
            ),
            default => Value::of($value)->text(),
        };
    }

    /** @param  array<array-key, mixed>  $list */
    private static function isTable(array $list): bool
    {
        return array_is_list($list) && array_filter($list, fn (mixed $row): bool => ! is_array($row) || ! self::isFlat($row)) === [];
    }

    /** @param  array<array-key, mixed>  $list */
    private static function isFlat(array $list): bool
    {
        return array_is_list($list) && array_filter($list, is_array(...)) === [];
    }

    /** @param  list<DraftDocument>  $documents */
    private static function name(string $id, array $documents): ?string
    {
        if (str_contains($id, ':')) {
            $of = self::name(substr($id, strpos($id, ':') + 1), $documents);

            return $of === null ? null : PartName::of($id, $of);
        }
        $id = ProductKey::id($id);
        if (preg_match('/^[a-z]+-/', $id) !== 1) {
            return null;
        }
        foreach ($documents as $document) {
            $border = $document->at(Place::of('setting', 'borders', $id))->value;
            if (is_array($border)) {
                return is_string($border['name'] ?? null) ? $border['name'] : __('parts.unnamed_border');
            }
            foreach (self::LISTS as $list) {
                $thing = $document->at(Place::of($list, $id))->value;
                $name = is_array($thing) ? $thing['name'] ?? $thing['title'] ?? null : null;
                if (is_string($name)) {
                    return $name;
                }
            }
        }

        return null;
    }
}
