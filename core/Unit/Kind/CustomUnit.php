<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/** A unit the library does not know: its host says where each piece lies; Dew cuts round templates, or by the sizes the pattern gives. */
final readonly class CustomUnit implements Unit
{
    /**
     * @param  list<Slot>  $slots
     * @param  non-empty-list<CustomPiece>  $pieces
     *
     * @throws InvalidArgumentException when a piece names no fabric of the unit or stands out of it
     */
    public function __construct(
        private Size $finished,
        private array $slots,
        private array $pieces,
    ) {
        foreach ($pieces as $piece) {
            if (! isset($slots[$piece->fabric])) {
                throw new InvalidArgumentException(sprintf('Piece "%s" is cut from fabric %d, and the unit has %d.', $piece->id, $piece->fabric + 1, count($slots)));
            }
            if (count($piece->outline->corners) < 3 && $piece->outline->arcs === [] || $piece->outline->area() < 1e-6) {
                throw new InvalidArgumentException(sprintf('Piece "%s" has no area; give at least three corners that do not lie in one line.', $piece->id));
            }
            foreach ($piece->outline->corners as $corner) {
                if ($corner->x->isNegative() || $corner->y->isNegative() || $corner->x->isGreaterThan($finished->width) || $corner->y->isGreaterThan($finished->height)) {
                    throw new InvalidArgumentException(sprintf('Piece "%s" has a corner outside the unit, at %s by %s.', $piece->id, $corner->x->toDecimal(3), $corner->y->toDecimal(3)));
                }
            }
        }
    }

    public function kind(): UnitKind
    {
        return UnitKind::Custom;
    }

    public function finished(): Size
    {
        return $this->finished;
    }

    public function slots(): array
    {
        return $this->slots;
    }

    public function patches(): array
    {
        return array_map(fn (CustomPiece $piece): Patch => new Patch($this->slots[$piece->fabric]->id, $piece->outline), $this->pieces);
    }

    public function making(Method $method, CuttingRoom $room): Making
    {
        if ($method !== Method::CustomPieces) {
            throw new InvalidArgumentException(sprintf('A custom unit is not made by "%s".', $method->value));
        }
        $pieces = $round = [];
        foreach ($this->pieces as $piece) {
            $slot = $this->slots[$piece->fabric]->id;
            if ($piece->cut === null) {
                $round[] = new Patch($slot, $piece->outline);

                continue;
            }
            $pieces[] = new Piece($piece->id, $piece->cut->isSquare() ? PieceShape::Square : PieceShape::Rectangle, [$slot], Measurement::exact($piece->cut->height), Measurement::exact($piece->cut->width), max(1, $piece->yield));
        }
        $unfinished = $this->finished->outsetBy($room->seam);
        $all = $round === [] ? $pieces : [...$pieces, ...TemplateCut::pieces($round, $room)];

        return Making::of($method, $all === [] ? throw new InvalidArgumentException('A custom unit needs pieces.') : $all, [
            ...($round === [] ? [] : [new Step(StepKind::Cut, 'custom.cut_templates')]),
            ...($pieces === [] ? [] : [new Step(StepKind::Cut, 'custom.cut')]),
            new Step(StepKind::Sew, 'custom.sew', ['seam' => Measurement::setting($room->seam)]),
            new Step(StepKind::Trim, 'strip_grid.trim', ['width' => Measurement::exact($unfinished->width), 'unfinished' => Measurement::exact($unfinished->height)]),
        ], $room);
    }
}
