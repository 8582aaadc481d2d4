<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\LargerMakings;
use InvalidArgumentException;

/** How much of a bolt all that is wanted takes. Clues and sizes often want the same, in other fabrics: it is worked out once. */
final class BoltLengths
{
    /** @var array<string, array<string, int>> marks, by aim and by what is wanted */
    private array $known = [];

    public readonly Notation $notation;

    public readonly Marks $marks;

    public readonly PieceShapes $shapes;

    public readonly LargerMakings $larger;

    /** The usable width of the bolt, in marks. */
    private readonly int $width;

    public function __construct(CuttingRoom $room)
    {
        $this->notation = $room->isMetric() ? Notation::Centimetres : Notation::Fractions;
        $this->marks = new Marks($this->notation);
        $this->shapes = new PieceShapes($this->notation, $room);
        $this->larger = new LargerMakings;
        $this->width = $this->marks->down($room->usableWidth);
    }

    /**
     * @param  list<Wanted>  $wanted
     * @return int marks
     */
    public function of(array $wanted, Aim $aim): int
    {
        return $this->known[$aim->value][serialize($wanted)] ??= $this->cut($wanted, $aim);
    }

    /** @param  list<Wanted>  $wanted */
    private function cut(array $wanted, Aim $aim): int
    {
        $fitting = [];
        $joined = 0;
        foreach ($wanted as $piece) {
            try {
                Lays::of($piece, $this->width);
                $fitting[] = $piece;
            } catch (InvalidArgumentException) {
                // Longer than the cloth is wide: strips that are joined for it.
                $joined += intdiv($piece->count * $piece->length + $this->width - 1, $this->width) * $piece->height;
            }
        }
        // Plain strips are the longest that any plan takes, and quickly known.
        $strips = $aim === Aim::Cloth ? BoltCuts::strips($fitting, $this->width) : PlainStrips::of($fitting, $this->width);

        return $joined + BoltCuts::length($strips);
    }
}
