<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use Dew\Core\Draft\Difference;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;

/** What a difference of two designs says to the host. */
final class DifferenceSentence
{
    public static function of(Difference $difference, DraftDocument $old, DraftDocument $new): string
    {
        [$what, $part] = self::thing($difference->place, $old, $new);

        return __('compare.'.($part === '' && $difference->kind === Difference::CHANGED ? 'changed_whole' : $difference->kind), [
            'what' => $what.($difference->kind === Difference::CHANGED || $part === '' ? '' : ", $part"),
            'part' => $part,
            'was' => $difference->was->text(),
            'is' => $difference->is->text(),
        ]);
    }

    /** @return array{string, string} what a place belongs to, by its name, and the rest of the way */
    private static function thing(Place $place, DraftDocument $old, DraftDocument $new): array
    {
        $steps = $place->steps;
        $list = array_shift($steps);
        $id = __('compare.lists.'.$list) === 'compare.lists.'.$list ? null : array_shift($steps);
        if ($id === null) {
            return [$list, implode(', ', $steps)];
        }
        $thing = Place::of($list, $id);
        $value = $new->at($thing)->exists ? $new->at($thing)->value : $old->at($thing)->value;
        $name = is_array($value) ? $value['name'] ?? $value['title'] ?? $id : $id;
        if (($steps[0] ?? '') === 'cells' && isset($steps[1])) {
            [$column, $row] = [...explode(',', $steps[1]), ''];
            array_splice($steps, 0, 2, [__('compare.cell', ['column' => $column, 'row' => $row])]);
        }

        return [__('compare.lists.'.$list, ['name' => is_string($name) ? $name : $id]), implode(', ', $steps)];
    }
}
