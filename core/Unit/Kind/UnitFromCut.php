<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use InvalidArgumentException;

/**
 * The inverse question: from a square or strip of this size, which unit? At an exact cut this is the unit it was cut for; at a cut rounded
 * up, the size before trimming.
 *
 * Every cut grows evenly with its unit, w = a·k + b for a unit k times as large, so two scales tell every other: k = (cut − b)/a.
 */
final readonly class UnitFromCut
{
    /**
     * @param  Size  $finished  of the largest unit the cut gives; along its base and straight up from that where it fills no rectangle
     * @param  Size  $unfinished  the same with its seam allowances: the size before trimming
     * @param  bool  $exact  false when both are kept to 1⁄65536 in only
     */
    private function __construct(
        public Size $finished,
        public Size $unfinished,
        public bool $exact,
    ) {
    }

    /**
     * @param  UnitSpec  $spec  a unit of the same kind and proportions, of any size
     * @param  string  $piece  id of the piece that the cut is for
     * @param  Length  $cut  the side of a square, the width of a strip or of a rectangle
     * @param  array{Size, Size}|null  $along  how a person measures the given unit where it fills no rectangle, finished and unfinished
     * @return self|null null where the piece does not grow with the unit, or the cut is too small for any
     *
     * @throws InvalidArgumentException when the kind is not made that way, or has no such piece
     */
    public static function of(UnitSpec $spec, Method $method, string $piece, Length $cut, CuttingRoom $room, ?array $along = null): ?self
    {
        $width = self::width($spec, $method, $piece, $room) ?? throw self::noPiece($spec, $method, $piece, $room);
        $double = self::width($spec->scaled(2, 1), $method, $piece, $room);
        $half = $double === null ? self::width($spec->scaled(1, 2), $method, $piece, $room) : null;
        if ($double === null && $half === null) {
            return null;
        }
        $growth = $double !== null ? $double->minus($width) : $width->minus($half)->times(2);
        $over = $cut->minus($width->minus($growth));
        if (! $growth->isPositive() || ! $over->isPositive()) {
            return null;
        }
        $finished = $along[0] ?? $spec->make()->finished();
        $whole = $along[1] ?? $finished->outsetBy($room->seam);
        [$across, $exact] = self::grown($finished->width, $over, $growth);
        [$down, $exactDown] = self::grown($finished->height, $over, $growth);
        $size = new Size($across, $down);

        return new self($size, new Size(
            $size->width->plus($whole->width)->minus($finished->width), $size->height->plus($whole->height)->minus($finished->height),
        ), $exact && $exactDown);
    }

    /** The largest size on the cutting step that the unit can be trimmed to, unfinished. */
    public function trimTo(Length $step): Size
    {
        return new Size($this->unfinished->width->floorTo($step), $this->unfinished->height->floorTo($step));
    }

    /** @return array{Length, bool} */
    private static function grown(Length $side, Length $over, Length $growth): array
    {
        return $side->isRational() || $over->isRational() ? $side->timesRatio($over, $growth) : [
            Length::approximately($side->toFloat() * $over->toFloat() / $growth->toFloat()), false,
        ];
    }

    private static function width(UnitSpec $spec, Method $method, string $piece, CuttingRoom $room): ?Length
    {
        try {
            return $spec->make()->making($method, $room)->piece($piece)?->width->exact;
        } catch (InvalidArgumentException|MeasureException) {
            return null;
        }
    }

    private static function noPiece(UnitSpec $spec, Method $method, string $piece, CuttingRoom $room): InvalidArgumentException
    {
        $ids = array_map(fn (Piece $known): string => $known->id, $spec->make()->making($method, $room)->pieces);

        return new Refused('unit.no_piece', ['method' => $method->value, 'piece' => $piece, 'ids' => implode(', ', $ids)]);
    }
}
