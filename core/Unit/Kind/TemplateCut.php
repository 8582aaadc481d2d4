<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\CutShape;
use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Grain;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
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
            $found[$key] ??= ['shape' => $shape, 'slot' => $patch->slot, 'over' => $patch->slot.' '.$over, 'count' => 0];
            $found[$key]['count']++;
        }
        $pieces = [];
        foreach ($found as $key => $one) {
            $laid = $one['shape']->laidOnStrip();
            $pieces[] = new Piece(
                $prefix.'-'.(count($pieces) + 1),
                PieceShape::Template,
                [$one['slot']],
                Measurement::up(Length::approximately($laid->height()), true),
                Measurement::up(Length::approximately($laid->width()), true),
                each: max(1, $one['count']),
                outline: $laid->toOutline(),
                chiral: $key !== $one['over'],
                givenGrain: Grain::Drawn,
            );
        }

        return $pieces === [] ? throw new InvalidArgumentException('A unit needs pieces.') : $pieces;
    }

    /** @return array{string, string} of the shape however it is turned, and of its mirror image */
    private static function signatures(CutShape $shape): array
    {
        $count = count($shape->corners);
        $sides = [];
        foreach ($shape->corners as $index => [$x, $y]) {
            [$nextX, $nextY] = $shape->corners[($index + 1) % $count];
            [$beforeX, $beforeY] = $shape->corners[($index + $count - 1) % $count];
            $turn = atan2(($x - $beforeX) * ($nextY - $y) - ($y - $beforeY) * ($nextX - $x), ($x - $beforeX) * ($nextX - $x) + ($y - $beforeY) * ($nextY - $y));
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
