<?php

declare(strict_types=1);

namespace App\Wording\Host;

use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;

/** What a place of a design is called, by the name of the thing it belongs to. */
final class PlaceName
{
    /**
     * @param  DraftDocument  ...$documents  where the thing is looked for, one after the other
     * @return array{string, string} the thing, such as “Block Star”, and the rest of the way
     */
    public static function of(Place $place, DraftDocument ...$documents): array
    {
        $steps = $place->steps;
        $list = array_shift($steps);
        $id = __('compare.lists.'.$list) === 'compare.lists.'.$list ? null : array_shift($steps);
        if ($id === null) {
            return [self::part($list), implode(', ', array_map(self::part(...), $steps))];
        }
        $name = $id;
        foreach ($documents as $document) {
            $value = $document->at(Place::of($list, $id))->value;
            if (is_array($value)) {
                $given = $value['name'] ?? $value['title'] ?? $id;
                $name = is_string($given) ? $given : $id;
                break;
            }
        }
        if (($steps[0] ?? '') === 'cells' && isset($steps[1])) {
            [$column, $row] = [...explode(',', $steps[1]), ''];
            array_splice($steps, 0, 2, [__('compare.cell', ['column' => $column, 'row' => $row])]);
        }

        return [__('compare.lists.'.$list, ['name' => $name]), implode(', ', array_map(self::part(...), $steps))];
    }

    /** A part of a document by the word that people read for it. */
    private static function part(string $name): string
    {
        $word = __('compare.parts.'.$name);

        return $word === 'compare.parts.'.$name ? $name : $word;
    }
}
