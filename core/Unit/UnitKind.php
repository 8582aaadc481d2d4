<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

/** The unit types the library knows, by the key they have in a design document. */
enum UnitKind: string
{
    case Square = 'square';
    case Rectangle = 'rectangle';
    case HalfSquareTriangle = 'hst';
    case FourPatch = 'four-patch';
    case Hourglass = 'hourglass';
    case HalfAndQuarters = 'half-and-quarters';
    case Geese = 'geese';
    case Corners = 'corners';
    case SquareInSquare = 'square-in-square';
    case Rail = 'rail';
    case NinePatch = 'nine-patch';

    /**
     * How many fabrics a unit of this kind is made of, at least and at most.
     *
     * @return array{int, int}
     */
    public function fabrics(): array
    {
        return match ($this) {
            self::Square, self::Rectangle => [1, 1],
            self::HalfSquareTriangle, self::FourPatch, self::Geese, self::SquareInSquare, self::NinePatch => [2, 2],
            self::HalfAndQuarters => [3, 3],
            self::Hourglass => [2, 4],
            self::Corners => [2, 5],
            self::Rail => [2, 8],
        };
    }

    /** Width over height, where the kind sets it; null when any size will do. */
    public function proportion(): ?int
    {
        return match ($this) {
            self::Rectangle, self::Corners => null,
            self::Geese => 2,
            default => 1,
        };
    }

    /**
     * The ways to make it, the default first.
     *
     * @return non-empty-list<Method>
     */
    public function methods(): array
    {
        return match ($this) {
            self::Square, self::Rectangle => [Method::Plain],
            self::HalfSquareTriangle => [Method::HstTwo, Method::HstEight, Method::HstFour, Method::HstTriangles],
            self::FourPatch => [Method::FourPatchStrips, Method::FourPatchSquares],
            self::Hourglass => [Method::HourglassSquares, Method::HourglassTriangles],
            self::HalfAndQuarters => [Method::HalfAndQuartersTriangles],
            self::Geese => [Method::GeeseNoWaste, Method::GeeseFlip, Method::GeeseTriangles],
            self::Corners => [Method::CornersFlip],
            self::SquareInSquare => [Method::SquareInSquareTriangles, Method::SquareInSquareFlip],
            self::Rail => [Method::RailStrips, Method::RailBars],
            self::NinePatch => [Method::NinePatchStrips, Method::NinePatchSquares],
        };
    }
}
