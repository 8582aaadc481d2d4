<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\CutShape;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Grain;
use Dew\Core\Unit\Lay;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Template;
use InvalidArgumentException;

/** Pieces cut round templates: each finished shape moved out by the seam, equal shapes of one fabric together, mirror images apart. */
final class TemplateCut
{
    /**
     * @param  list<Patch>  $patches
     * @param  Size|null  $blunt  finished size of the unit beyond whose raw edge sharp tips are blunted; null to leave them
     * @return non-empty-list<Piece>
     *
     * @throws InvalidArgumentException when a shape cannot be cut
     */
    public static function pieces(array $patches, CuttingRoom $room, ?Size $blunt = null, string $prefix = 'template'): array
    {
        $found = [];
        foreach ($patches as $patch) {
            $shape = CutShape::of($patch->outline, $room->seam);
            $shape = $blunt === null ? $shape : $shape->bluntedTo($blunt, $room->seam);
            [$as, $over] = self::signatures($shape);
            $key = $patch->slot.' '.$as;
            $found[$key] ??= [
                'shape' => $shape, 'slot' => $patch->slot, 'over' => $patch->slot.' '.$over, 'count' => 0, 'outline' => $patch->outline,
            ];
            $found[$key]['count']++;
        }
        $pieces = [];
        foreach ($found as $key => $one) {
            $lay = $one['shape']->strip($blunt === null ? [] : self::outside($one['outline'], $blunt));
            $laid = $one['shape']->laid($lay);
            $pieces[] = new Piece(
                $prefix.'-'.(count($pieces) + 1),
                PieceShape::Template,
                [$one['slot']],
                Measurement::up(Length::approximately($laid->height()), true),
                Measurement::up(Length::approximately($laid->width()), true),
                new Batch(each: max(1, $one['count'])),
                lay: new Lay($laid->toOutline(), chiral: $key !== $one['over'], grain: Grain::Drawn),
                template: new Template([], null, self::sewing($one['outline'], $lay)),
            );
        }

        return $pieces === [] ? throw new Refused('unit.no_pieces') : $pieces;
    }

    /**
     * Pieces of a custom unit that are cut round templates, with the pattern's letters, notches and spare allowances. Pieces are one only
     * when all of that is the same.
     *
     * @param  list<CustomPiece>  $pieces
     * @return array{list<Piece>, array<string, string>} and the ids in the cutting list by the ids of the pieces
     *
     * @throws InvalidArgumentException when a shape cannot be cut
     */
    public static function customPieces(array $pieces, CustomUnit $unit, CuttingRoom $room): array
    {
        $found = $idOf = [];
        foreach ($pieces as $piece) {
            $outline = $unit->outlineOf($unit->number($piece->id));
            $spare = $piece->spare === null ? [] : array_fill_keys($piece->spare->edges, $piece->spare->width->toFloat());
            $shape = CutShape::of($outline, $room->seam, $spare);
            [$as, $over] = self::signatures($shape);
            $slot = $unit->slots()[$piece->fabric]->id;
            $own = $piece->notches === [] && $spare === [] ? '' : ' '.$piece->id;
            $key = implode(' ', [$slot, $piece->letter ?? '', $as.$own]);
            $mirror = implode(' ', [$slot, $piece->letter ?? '', $over.$own]);
            $found[$key] ??= [
                'shape' => $shape,
                'slot' => $slot,
                'over' => $mirror,
                'count' => 0,
                'piece' => $piece,
                'outline' => $outline,
            ];
            $found[$key]['count']++;
            $idOf[$piece->id] = 'template-'.((int) array_search($key, array_keys($found), true) + 1);
        }
        $templates = [];
        foreach ($found as $key => $one) {
            $lay = $one['shape']->strip(self::outside($one['outline'], $unit->finished()));
            $laid = $one['shape']->laid($lay);
            $later = $one['piece']->spare === null ? null : CutShape::of($one['outline'], $room->seam)->laid($lay)->toOutline();
            $notches = array_map(
                fn (Notch $notch): Outline => Notch::line($one['shape']->besideEdge($notch->edge, $notch->share->toFloat(), $one['outline']), $lay),
                $one['piece']->notches,
            );
            $templates[] = new Piece(
                'template-'.(count($templates) + 1),
                PieceShape::Template,
                [$one['slot']],
                Measurement::up(Length::approximately($laid->height()), true),
                Measurement::up(Length::approximately($laid->width()), true),
                new Batch(each: max(1, $one['count'])),
                lay: new Lay($laid->toOutline(), chiral: $key !== $one['over'], grain: Grain::Drawn),
                label: $one['piece']->letter,
                template: new Template($notches, $later, self::sewing($one['outline'], $lay)),
            );
        }

        return [$templates, $idOf];
    }

    /** @param  array{float, float, float}  $lay */
    private static function sewing(Outline $finished, array $lay): Outline
    {
        return CutShape::of($finished, Length::zero())->laid($lay)->toOutline();
    }

    /**
     * Directions of the straight edges of a piece that lie on the outside of its unit: one of them goes along the grain.
     *
     * @return list<float> angles in radians
     */
    private static function outside(Outline $outline, Size $unit): array
    {
        $angles = [];
        foreach ($outline->corners as $index => $corner) {
            $next = $outline->corners[($index + 1) % count($outline->corners)];
            $isOutside = ! isset($outline->arcs[$index]) && array_filter([
                $corner->x->isZero() && $next->x->isZero(), $corner->y->isZero() && $next->y->isZero(),
                $corner->x->equals($unit->width) && $next->x->equals($unit->width),
                $corner->y->equals($unit->height) && $next->y->equals($unit->height),
            ]) !== [];
            if ($isOutside) {
                [$x, $y, $toX, $toY] = $outline->edge($index);
                $angles[] = atan2($toY - $y, $toX - $x);
            }
        }

        return $angles;
    }

    /** @return array{string, string} of the shape however it is turned, and of its mirror image */
    private static function signatures(CutShape $shape): array
    {
        $count = count($shape->corners);
        $sides = [];
        foreach ($shape->corners as $index => [$x, $y]) {
            [$nextX, $nextY] = $shape->corners[($index + 1) % $count];
            [$beforeX, $beforeY] = $shape->corners[($index + $count - 1) % $count];
            $turn = atan2(
                ($x - $beforeX) * ($nextY - $y) - ($y - $beforeY) * ($nextX - $x),
                ($x - $beforeX) * ($nextX - $x) + ($y - $beforeY) * ($nextY - $y),
            );
            [$radius, $clockwise] = $shape->arcs[$index] ?? [0.0, true];
            $sides[] = [round($turn, 5), round(hypot($nextX - $x, $nextY - $y), 5), round($clockwise ? $radius : -$radius, 5)];
        }
        $over = [];
        foreach (array_keys($sides) as $index) {
            // Walked backwards: the corner a side ends at comes first, and circular edges bend the other way; so does every turn, twice.
            $side = ($count - 1 - $index) % $count;
            $over[] = [$sides[($side + 1) % $count][0], $sides[$side][1], $sides[$side][2]];
        }

        return [self::smallest($sides), self::smallest($over)];
    }

    /** @param  list<array{float, float, float}>  $sides */
    private static function smallest(array $sides): string
    {
        $forms = [];
        foreach (array_keys($sides) as $first) {
            $forms[] = implode(';', array_map(
                fn (array $side): string => sprintf('%.4f,%.4f,%.4f', $side[0] + 0.0, $side[1], $side[2] + 0.0),
                [...array_slice($sides, $first), ...array_slice($sides, 0, $first)],
            ));
        }

        return $forms === [] ? '' : min($forms);
    }
}
