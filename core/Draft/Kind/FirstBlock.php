<?php

declare(strict_types=1);

namespace Dew\Core\Draft\Kind;

use Dew\Core\Draft\Change;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;

/** The first block of a design is laid into the quilt at once, so that there is something to see. */
final class FirstBlock
{
    /** @return list<Change> nothing where blocks lie in the pattern already */
    public static function laid(DraftDocument $document, string $block): array
    {
        $place = Place::of('setting', 'pattern');
        $there = $document->at($place);
        if (! is_array($there->value) || ! self::isEmpty($there->value)) {
            return [];
        }
        $filled = array_map(fn (mixed $row): array => array_map(fn (): string => $block, is_array($row) ? $row : []), $there->value);

        return [new Change($place, $there, Value::of($filled))];
    }

    /** @param  array<array-key, mixed>  $pattern */
    private static function isEmpty(array $pattern): bool
    {
        foreach ($pattern as $row) {
            foreach (is_array($row) ? $row : [] as $block) {
                if ($block !== null) {
                    return false;
                }
            }
        }

        return true;
    }
}
