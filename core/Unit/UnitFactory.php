<?php

declare(strict_types=1);

namespace Dew\Core\Unit;

use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use InvalidArgumentException;

final class UnitFactory
{
    /**
     * @param  list<Slot>  $slots  as many as the kind asks for, in the order of its roles
     * @param  array<string, Length>  $corners  finished legs by place, for sewn-and-flipped corners, in the order of their fabrics
     *
     * @throws InvalidArgumentException when size, fabrics or corners do not fit the kind
     */
    public static function make(UnitKind $kind, Size $finished, array $slots, array $corners = []): Unit
    {
        [$least, $most] = $kind->fabrics();
        if ($slots === [] || count($slots) < $least || count($slots) > $most) {
            throw new InvalidArgumentException(sprintf('A %s takes %s fabrics, not %d.', $kind->value, $least === $most ? $least : "$least to $most", count($slots)));
        }
        if (! $finished->width->isPositive() || ! $finished->height->isPositive()) {
            throw new InvalidArgumentException('A unit needs a finished size above zero.');
        }
        $proportion = $kind->proportion();
        if ($proportion !== null && ! $finished->width->equals($finished->height->times($proportion))) {
            throw new InvalidArgumentException(sprintf($proportion === 1 ? 'A %s is as wide as it is high.' : 'A %s is %d times as wide as it is high.', $kind->value, $proportion));
        }
        if (($corners === []) === ($kind === UnitKind::Corners)) {
            throw new InvalidArgumentException('Sewn-and-flipped corners need their legs, and no other unit has any.');
        }
        $first = $slots[0];
        $second = $slots[1] ?? $first;

        return match ($kind) {
            UnitKind::Square, UnitKind::Rectangle => new PlainUnit($finished, $first),
            UnitKind::HalfSquareTriangle => new HalfSquareTriangle($finished->width, $first, $second),
            UnitKind::FourPatch => new FourPatch($finished->width, $first, $second),
            UnitKind::Hourglass => new Hourglass($finished->width, $slots),
            UnitKind::HalfAndQuarters => new HalfAndQuarters($finished->width, $first, $second, $slots[2] ?? $second),
            UnitKind::Geese => new FlyingGeese($finished->height, $first, $second),
            UnitKind::Corners => new FlippedCorners($finished, $first, self::corners($corners, array_slice($slots, 1))),
            UnitKind::SquareInSquare => new SquareInSquare($finished->width, $first, $second),
            UnitKind::Rail => new RailFence($finished->width, $slots),
            UnitKind::NinePatch => new NinePatch($finished->width, $first, $second),
        };
    }

    /**
     * @param  array<string, Length>  $legs
     * @param  list<Slot>  $slots  one for all, or one for each
     * @return non-empty-list<Corner>
     */
    private static function corners(array $legs, array $slots): array
    {
        if (count($slots) !== 1 && count($slots) !== count($legs)) {
            throw new InvalidArgumentException(sprintf('%d corners take one fabric for all or one for each, not %d.', count($legs), count($slots)));
        }
        $corners = [];
        foreach ($legs as $place => $leg) {
            $where = CornerPlace::tryFrom($place) ?? throw new InvalidArgumentException(sprintf('There is no corner "%s".', $place));
            $corners[] = new Corner($where, $leg, $slots[count($corners)] ?? $slots[0]);
        }

        return $corners === [] ? throw new InvalidArgumentException('There are no corners.') : $corners;
    }
}
