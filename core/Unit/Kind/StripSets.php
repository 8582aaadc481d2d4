<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Piece;
use InvalidArgumentException;

/**
 * A chequer of rectangles made from strip sets: every row is a segment cut across a set of its columns, and rows that are the same, or the
 * same turned round, come from one set.
 *
 * Strips are fᵢ + 2s wide and the segment g + 2s; both are cut exactly, since a surplus would move the seams.
 */
final class StripSets
{
    /**
     * @param  list<Length>  $columns  finished widths
     * @param  list<Length>  $rows  finished heights
     * @param  list<list<string>>  $slots  slot ids, row by row
     * @return non-empty-list<Piece> strips first, then segments
     *
     * @throws InvalidArgumentException when not one segment fits across the cloth
     */
    public static function pieces(array $columns, array $rows, array $slots, CuttingRoom $room): array
    {
        $both = $room->seam->times(2);
        $sets = [];
        foreach ($rows as $index => $height) {
            $strips = array_map(fn (Length $width, string $slot): string => $width->encode().' '.$slot, $columns, $slots[$index]);
            $name = min(implode('|', $strips), implode('|', array_reverse($strips))).'/'.$height->encode();
            $sets[$name] ??= ['row' => $index, 'count' => 0];
            $sets[$name]['count']++;
        }
        $pieces = $segments = [];
        $length = Measurement::sewn(Length::sum($columns)->plus($both), array_map($room->unfinished(...), $columns));
        foreach (array_values($sets) as $number => ['row' => $row, 'count' => $count]) {
            $id = count($sets) === 1 ? 'segment' : 'segment-'.chr(ord('a') + $number);
            $segment = Piece::segment(
                $id,
                self::atLeastOne($slots[$row]),
                Measurement::exact($rows[$row]->plus($both)),
                $length,
                new Batch(perUnit: max(1, $count)),
            );
            $perSet = $segment->perSet($room->usableWidth, $room->squaring);
            if ($perSet < 1) {
                throw new Refused('unit.no_segment');
            }
            $strips = [];
            foreach ($columns as $column => $width) {
                $strips[$slots[$row][$column].' '.$width->encode()][] = $width;
            }
            foreach (array_values($strips) as $index => $same) {
                $slot = explode(' ', array_keys($strips)[$index])[0];
                $batch = new Batch($perSet, max(1, $count), max(1, count($same)), $id);
                $pieces[] = Piece::strip($id.'-strip-'.($index + 1), $slot, Measurement::exact($same[0]->plus($both)), $batch);
            }
            $segments[] = $segment;
        }

        return [...$pieces, ...$segments] ?: throw new Refused('unit.no_strips');
    }

    /**
     * The same chequer from single squares and rectangles.
     *
     * @param  list<Length>  $columns
     * @param  list<Length>  $rows
     * @param  list<list<string>>  $slots
     * @return non-empty-list<Piece>
     */
    public static function singles(array $columns, array $rows, array $slots, CuttingRoom $room): array
    {
        $both = $room->seam->times(2);
        $found = [];
        foreach ($rows as $row => $height) {
            foreach ($columns as $column => $width) {
                // Laid with its shorter side as the height of the strip it is cut from.
                [$short, $long] = $width->isLessThan($height) ? [$width, $height] : [$height, $width];
                $key = $slots[$row][$column].' '.$short->encode().' '.$long->encode();
                $found[$key] ??= [$slots[$row][$column], $short->plus($both), $long->plus($both), 0];
                $found[$key][3]++;
            }
        }
        $pieces = [];
        foreach (array_values($found) as $index => [$slot, $short, $long, $count]) {
            $batch = new Batch(each: max(1, $count));
            $pieces[] = Piece::rectangle('patch-'.($index + 1), $slot, Measurement::exact($short), Measurement::exact($long), $batch);
        }

        return $pieces === [] ? throw new Refused('unit.no_patches') : $pieces;
    }

    /**
     * @param  list<string>  $slots
     * @return non-empty-list<string>
     */
    private static function atLeastOne(array $slots): array
    {
        return $slots === [] ? throw new Refused('unit.no_strips') : $slots;
    }
}
