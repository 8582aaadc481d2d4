<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

/**
 * The unit types the library knows, by the key they have in a design document.
 *
 * A finished size is width by height, except: of a diamond or a 60° triangle it is the side; of a 45° parallelogram the side along the
 * strip by the height of the strip; of one cut from a strip set the width square to its slanted sides by the height of the set.
 */
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
    case Economy = 'economy';
    case Rail = 'rail';
    case Strips = 'strips';
    case NinePatch = 'nine-patch';
    case UnevenNinePatch = 'uneven-nine-patch';
    case SixteenPatch = 'sixteen-patch';
    case Pinwheel = 'pinwheel';
    case TurnedNinePatch = 'turned-nine-patch';
    case LogCabin = 'log-cabin';
    case HalfRectangle = 'half-rectangle';
    case Kite = 'kite';
    case Peak = 'peak';
    case QuarterCircle = 'quarter-circle';
    case StripedHst = 'striped-hst';
    case EightPointStar = 'eight-point-star';
    case TriangleRow = 'triangle-row';
    case Custom = 'custom';
    case Diamond45 = 'diamond-45';
    case Parallelogram45 = 'parallelogram-45';
    case StripParallelogram = 'strip-parallelogram';
    case Diamond60 = 'diamond-60';
    case Triangle60 = 'triangle-60';
    case HalfTriangle60 = 'half-triangle-60';

    /** Not in the library but made like everything in it: a whole block, and what the setting takes besides. */
    case Block = 'block';
    case SettingTriangle = 'setting-triangle';
    case LongStrips = 'long-strips';

    /** @return list<self> what a design may declare as a unit */
    public static function library(): array
    {
        return array_slice(self::cases(), 0, -3);
    }

    /**
     * How many fabrics a unit of this kind is made of, at least and at most.
     *
     * @return array{int, int}
     */
    public function fabrics(): array
    {
        return match ($this) {
            self::Square, self::Rectangle, self::Diamond45, self::Parallelogram45, self::Diamond60, self::Triangle60, self::HalfTriangle60,
            self::SettingTriangle, self::LongStrips => [1, 1],
            self::HalfSquareTriangle, self::FourPatch, self::Geese, self::SquareInSquare, self::NinePatch, self::SixteenPatch,
            self::Pinwheel, self::HalfRectangle, self::QuarterCircle => [2, 2],
            self::HalfAndQuarters, self::TurnedNinePatch, self::Economy, self::EightPointStar => [3, 3],
            self::UnevenNinePatch, self::Kite, self::Peak, self::TriangleRow => [2, 3],
            self::Hourglass => [2, 4],
            self::Corners => [2, 5],
            self::Rail => [2, 8],
            self::Strips => [1, 12],
            self::StripedHst => [2, 9],
            self::StripParallelogram => [1, 8],
            self::LogCabin => [3, 17],
            self::Custom, self::Block => [1, 40],
        };
    }

    /** Width over height, where the kind sets it; null when any size will do. */
    public function proportion(): ?int
    {
        return match ($this) {
            self::Rectangle, self::Corners, self::Strips, self::HalfRectangle, self::Peak, self::Parallelogram45, self::StripParallelogram,
            self::Custom, self::Block, self::SettingTriangle, self::LongStrips => null,
            self::Geese => 2,
            default => 1,
        };
    }

    /** Whether it is only cut and not sewn. */
    public function isPlain(): bool
    {
        return $this === self::Square || $this === self::Rectangle;
    }

    /** Whether it is cut in one piece and not sewn, in any shape that can lie in a block. */
    public function isCutOnly(): bool
    {
        return $this->isPlain() || in_array($this, [self::Diamond60, self::Triangle60, self::HalfTriangle60], true);
    }

    /** Whether it fills no rectangle, so that it cannot be laid into a block's grid by itself. */
    public function isFree(): bool
    {
        return in_array(
            $this,
            [self::Diamond45, self::Parallelogram45, self::StripParallelogram, self::Diamond60, self::Triangle60, self::HalfTriangle60],
            true,
        );
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
            self::HalfSquareTriangle => [
                Method::HstTwo,
                Method::HstEight,
                Method::HstFour,
                Method::HstTriangles,
                Method::HstStrip,
                Method::HstGrid,
            ],
            self::FourPatch => [Method::FourPatchStrips, Method::FourPatchSquares],
            self::Hourglass => [
                Method::HourglassSquares, Method::HourglassTriangles, Method::HourglassStrip, Method::HourglassStripShort,
            ],
            self::HalfAndQuarters => [Method::HalfAndQuartersTriangles, Method::HalfAndQuartersStrip],
            self::Geese => [Method::GeeseNoWaste, Method::GeeseFlip, Method::GeeseTriangles, Method::GeeseStrip],
            self::Corners => [Method::CornersFlip],
            self::SquareInSquare => [Method::SquareInSquareTriangles, Method::SquareInSquareFlip],
            self::Economy => [Method::EconomyTriangles],
            self::Rail => [Method::RailStrips, Method::RailBars],
            self::Strips => [Method::StripsSets, Method::StripsSingles],
            self::NinePatch => [Method::NinePatchStrips, Method::NinePatchSquares],
            self::UnevenNinePatch => [Method::UnevenNinePatchSets, Method::UnevenNinePatchSingles],
            self::SixteenPatch => [Method::SixteenPatchSets, Method::SixteenPatchSingles],
            self::Pinwheel => [Method::PinwheelTwo, Method::PinwheelEight, Method::PinwheelTriangles],
            self::TurnedNinePatch => [Method::TurnedNinePatchCut],
            self::LogCabin => [Method::LogCabinLogs, Method::LogCabinStrips],
            self::HalfRectangle => [Method::HalfRectangleTriangles],
            self::Kite => [Method::KiteTemplate],
            self::Peak => [Method::PeakTemplate],
            self::QuarterCircle => [Method::QuarterCircleTemplates, Method::QuarterCircleSwap],
            self::StripedHst => [Method::StripedHstSets],
            self::EightPointStar => [Method::StarSetIn],
            self::TriangleRow => [Method::TriangleRowBlunt, Method::TriangleRowPointed],
            self::Custom => [Method::CustomPieces],
            self::Diamond45 => [Method::Diamond45Strip],
            self::Parallelogram45 => [Method::Parallelogram45Strip],
            self::StripParallelogram => [Method::StripParallelogramPlain, Method::StripParallelogramStaggered],
            self::Diamond60 => [Method::Diamond60Strip],
            self::Triangle60 => [Method::Triangle60Blunt, Method::Triangle60Pointed],
            self::HalfTriangle60 => [Method::HalfTriangle60Blunt, Method::HalfTriangle60Pointed],
            self::Block => [Method::BlockRows],
            self::SettingTriangle => [Method::SettingTriangleSquares],
            self::LongStrips => [Method::LongStripsDiagonal, Method::LongStripsStraight],
        };
    }
}
