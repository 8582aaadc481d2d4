<?php

declare(strict_types=1);

namespace Dew\Core\Geometry;

use Dew\Core\Measure\Size;

/** Whether two drawn units are the same thing laid another way. Exact: corners are compared as exact points. */
final class Symmetry
{
    /**
     * The quarter turns after which a unit looks like its own mirror image; null when it never does, so that its mirror image is another
     * unit.
     *
     * @param  list<Patch>  $patches
     */
    public static function turnThatMirrors(array $patches, Size $size): ?int
    {
        $mirrored = self::form($patches, Orientation::of(0, true), $size);
        foreach ($size->isSquare() ? [0, 1, 2, 3] : [0, 2] as $turns) {
            if (self::form($patches, Orientation::of(90 * $turns), $size) === $mirrored) {
                return $turns;
            }
        }

        return null;
    }

    /**
     * A text that is the same for the same unit however it is turned, and for no other.
     *
     * @param  list<Patch>  $patches
     */
    public static function canonical(array $patches, Size $size): string
    {
        return min(array_map(fn (int $turns): string => self::form($patches, Orientation::of(90 * $turns), $size), [0, 1, 2, 3]));
    }

    /** @param  list<Patch>  $patches */
    private static function form(array $patches, Orientation $orientation, Size $size): string
    {
        $forms = [];
        foreach ($patches as $patch) {
            $turned = $patch->outline->oriented($orientation, $size);
            $corners = array_map(fn (Point $corner): string => $corner->encode(), $turned->corners);
            $arcs = [];
            foreach ($turned->arcs as $index => $arc) {
                // An arc is the same walked from its other end.
                $arcs[] = $arc->clockwise
                    ? $corners[$index].'@'.$arc->radius->encode()
                    : $corners[($index + 1) % count($corners)].'@'.$arc->radius->encode();
            }
            sort($corners);
            sort($arcs);
            $forms[] = $patch->slot.'|'.implode(' ', $corners).'|'.implode(' ', $arcs);
        }
        sort($forms);

        return implode("\n", $forms);
    }
}
