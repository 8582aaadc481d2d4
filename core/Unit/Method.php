<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

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
    case HalfAndQuartersTriangles = 'half-and-quarters:triangles';
    case GeeseNoWaste = 'geese:no-waste';
    case GeeseFlip = 'geese:flip';
    case GeeseTriangles = 'geese:triangles';
    case CornersFlip = 'corners:flip';
    case SquareInSquareTriangles = 'square-in-square:triangles';
    case SquareInSquareFlip = 'square-in-square:flip';
    case RailStrips = 'rail:strips';
    case RailBars = 'rail:bars';
    case NinePatchStrips = 'nine-patch:strips';
    case NinePatchSquares = 'nine-patch:squares';
    case FourPatchStrips = 'four-patch:strips';
    case FourPatchSquares = 'four-patch:squares';
}
