<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Measure\Length;

/** A way to make a kind of unit. The part before the colon is the kind it serves. */
enum Method: string
{
    case Plain = 'plain:cut';
    case HstTwo = 'hst:two';
    case HstFour = 'hst:four';
    case HstEight = 'hst:eight';
    case HstTriangles = 'hst:triangles';
    case HourglassSquares = 'hourglass:squares';
    case HourglassTriangles = 'hourglass:triangles';
    case HourglassStrip = 'hourglass:strip';
    case HourglassStripShort = 'hourglass:strip-short';
    case HalfAndQuartersTriangles = 'half-and-quarters:triangles';
    case HalfAndQuartersStrip = 'half-and-quarters:strip';
    case GeeseNoWaste = 'geese:no-waste';
    case GeeseFlip = 'geese:flip';
    case GeeseTriangles = 'geese:triangles';
    case GeeseStrip = 'geese:strip';
    case CornersFlip = 'corners:flip';
    case SquareInSquareTriangles = 'square-in-square:triangles';
    case SquareInSquareFlip = 'square-in-square:flip';
    case RailStrips = 'rail:strips';
    case RailBars = 'rail:bars';
    case NinePatchStrips = 'nine-patch:strips';
    case NinePatchSquares = 'nine-patch:squares';
    case FourPatchStrips = 'four-patch:strips';
    case FourPatchSquares = 'four-patch:squares';
    case HstStrip = 'hst:strip';
    case HstGrid = 'hst:grid';
    case HalfRectangleTriangles = 'half-rectangle:triangles';
    case KiteTemplate = 'kite:template';
    case PeakTemplate = 'peak:template';
    case QuarterCircleTemplates = 'quarter-circle:templates';
    case QuarterCircleSwap = 'quarter-circle:swap';
    case StripsSets = 'strips:sets';
    case StripsSingles = 'strips:singles';
    case UnevenNinePatchSets = 'uneven-nine-patch:sets';
    case UnevenNinePatchSingles = 'uneven-nine-patch:singles';
    case SixteenPatchSets = 'sixteen-patch:sets';
    case SixteenPatchSingles = 'sixteen-patch:singles';
    case PinwheelTwo = 'pinwheel:two';
    case PinwheelEight = 'pinwheel:eight';
    case PinwheelTriangles = 'pinwheel:triangles';
    case TurnedNinePatchCut = 'turned-nine-patch:cut';
    case LogCabinLogs = 'log-cabin:logs';
    case LogCabinStrips = 'log-cabin:strips';
    case EconomyTriangles = 'economy:triangles';
    case StripedHstSets = 'striped-hst:sets';
    case StripedHstHalves = 'striped-hst:halves';
    case StripParallelogramPlain = 'strip-parallelogram:plain';
    case StripParallelogramStaggered = 'strip-parallelogram:staggered';
    case Diamond45Strip = 'diamond-45:strip';
    case Parallelogram45Strip = 'parallelogram-45:strip';
    case Diamond60Strip = 'diamond-60:strip';
    case Triangle60Blunt = 'triangle-60:blunt';
    case Triangle60Pointed = 'triangle-60:pointed';
    case HalfTriangle60Blunt = 'half-triangle-60:blunt';
    case HalfTriangle60Pointed = 'half-triangle-60:pointed';
    case TriangleRowBlunt = 'triangle-row:blunt';
    case TriangleRowPointed = 'triangle-row:pointed';
    case StarSetIn = 'eight-point-star:set-in';
    case CustomPieces = 'custom:pieces';
    case BlockRows = 'block:rows';
    case SettingTriangleSquares = 'setting-triangle:squares';
    case LongStripsDiagonal = 'long-strips:diagonal';
    case LongStripsStraight = 'long-strips:straight';

    /** What is cut larger to be trimmed, in inches, for each unit that lies across a piece. */
    private const OVERSIZE = [1, 8];

    /**
     * Whether pieces are sewn along slanted edges with their tips on. Squares sewn before they are cut, flipped corners and blunted tips
     * meet level, strip sets are cut at a slant after they are sewn, and set-in seams are matched at their marks.
     */
    public function meetsAtSlants(): bool
    {
        return match ($this) {
            self::HstTriangles, self::HourglassTriangles, self::HalfAndQuartersTriangles, self::GeeseTriangles,
            self::SquareInSquareTriangles,
            self::EconomyTriangles, self::PinwheelTriangles, self::HalfRectangleTriangles, self::KiteTemplate, self::PeakTemplate,
            self::TriangleRowPointed, self::CustomPieces => true,
            default => false,
        };
    }

    /**
     * How much larger a piece is cut when its units are to be trimmed: ⅛ in for every unit across it. Four at a time have one across a
     * diagonal.
     */
    public function oversizeBy(): Length
    {
        $eighth = Length::fraction(...self::OVERSIZE);

        return match ($this) {
            self::HstEight, self::PinwheelEight => $eighth->times(2),
            self::HstFour => $eighth->timesRoot2(),
            self::HstGrid => $eighth->times(3),
            default => $eighth,
        };
    }
}
