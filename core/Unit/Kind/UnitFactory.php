<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Hand;
use Dew\Core\Unit\MirroredUnit;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

final class UnitFactory
{
    /**
     * @param  Size  $finished  as the kind counts it
     * @param  list<Slot>  $slots  as many as the kind asks for, in the order of its roles
     * @param  array<string, Unit>  $products  at least the units and blocks it is made of, by product key
     *
     * @throws InvalidArgumentException when size, fabrics or options do not fit the kind
     */
    public static function make(
        UnitKind $kind,
        Size $finished,
        array $slots,
        UnitOptions $options = new UnitOptions,
        array $products = [],
    ): Unit {
        [$least, $most] = $options->base === null ? $kind->fabrics() : [1, 4];
        if ($slots === [] || count($slots) < $least || count($slots) > $most) {
            throw new InvalidArgumentException(
                sprintf('A %s takes %s fabrics, not %d.', $kind->value, $least === $most ? $least : "$least to $most", count($slots)),
            );
        }
        if (! $finished->width->isPositive() || ! $finished->height->isPositive()) {
            throw new InvalidArgumentException('A unit needs a finished size above zero.');
        }
        $proportion = $kind->proportion();
        if ($proportion !== null && ! $finished->width->equals($finished->height->times($proportion))) {
            throw new InvalidArgumentException(
                sprintf(
                    $proportion === 1 ? 'A %s is as wide as it is high.' : 'A %s is %d times as wide as it is high.',
                    $kind->value,
                    $proportion,
                ),
            );
        }
        if (($options->corners === []) === ($kind === UnitKind::Corners)) {
            throw new InvalidArgumentException('Sewn-and-flipped corners need their legs, and no other unit has any.');
        }
        $first = $slots[0];
        $second = $slots[1] ?? $first;
        $third = $slots[2] ?? $second;
        $side = $finished->width;
        $unit = match ($kind) {
            UnitKind::Square, UnitKind::Rectangle => new PlainUnit($finished, $first),
            UnitKind::HalfSquareTriangle => new HalfSquareTriangle($side, $first, $second),
            UnitKind::FourPatch => new FourPatch($side, $first, $second),
            UnitKind::Hourglass => new Hourglass($side, $slots),
            UnitKind::HalfAndQuarters => new HalfAndQuarters($side, $first, $second, $third),
            UnitKind::Geese => new FlyingGeese($finished->height, $first, $second),
            UnitKind::Corners => $options->base === null
                ? new FlippedCorners($finished, $first, self::corners($options->corners, array_slice($slots, 1)))
                : new FlippedCorners(
                    $finished,
                    new Made($options->base, $products[$options->base]),
                    self::corners($options->corners, $slots),
                ),
            UnitKind::SquareInSquare => new SquareInSquare($side, $first, $second),
            UnitKind::Economy => new Economy($side, $first, $second, $third),
            UnitKind::Rail => new RailFence($side, $slots),
            UnitKind::Strips => StripGrid::strips($finished, self::widths($options, $kind), $slots),
            UnitKind::NinePatch => new NinePatch($side, $first, $second),
            UnitKind::UnevenNinePatch => StripGrid::unevenNinePatch($side, $options->edge ?? throw self::missing($kind, 'edge'), $slots),
            UnitKind::SixteenPatch => StripGrid::sixteenPatch($side, $slots),
            UnitKind::Pinwheel => new Pinwheel($side, $first, $second),
            UnitKind::TurnedNinePatch => new TurnedNinePatch(
                $side,
                $first,
                $second,
                $third,
                $options->seam ?? CuttingRoom::usual()->seam,
                $options->turns,
            ),
            UnitKind::LogCabin => new LogCabin(
                $side,
                $options->centre ?? throw self::missing($kind, 'centre'),
                $options->courses ?? throw self::missing($kind, 'courses'),
                $slots,
            ),
            UnitKind::HalfRectangle => new HalfRectangle($finished, $first, $second),
            UnitKind::Kite => PointedUnit::kite($side, $options->edge ?? $side->dividedBy(2), $slots),
            UnitKind::Peak => PointedUnit::peak($finished, $slots),
            UnitKind::QuarterCircle => new QuarterCircle($side, $options->radius ?? throw self::missing($kind, 'radius'), $first, $second),
            UnitKind::StripedHst => $options->twin
                ? (new StripedHalfSquare($side, self::widths($options, $kind), $slots))->otherHalf(
                    $options->seam ?? CuttingRoom::usual()->seam,
                )
                : new StripedHalfSquare($side, self::widths($options, $kind), $slots),
            UnitKind::EightPointStar => new EightPointStar($side, $first, $second, $third),
            UnitKind::TriangleRow => new TriangleRow($side, $options->count ?? throw self::missing($kind, 'count'), $slots),
            UnitKind::Custom => self::custom($finished, $options, $slots, $products),
            UnitKind::Diamond45 => SlantedUnit::diamond45($side, $first),
            UnitKind::Parallelogram45 => SlantedUnit::parallelogram45($side, $finished->height, $first),
            UnitKind::StripParallelogram => self::stripParallelogram($finished, $options, $slots),
            UnitKind::Diamond60 => SlantedUnit::diamond60($side, $first),
            UnitKind::Triangle60 => SixtyTriangle::whole($side, $first),
            UnitKind::HalfTriangle60 => SixtyTriangle::half($side, $first),
            UnitKind::Block, UnitKind::SettingTriangle, UnitKind::LongStrips => throw new InvalidArgumentException(
                sprintf('A %s is no unit: blocks and setting have their own places in a design.', $kind->value),
            ),
        };

        return $options->hand === Hand::Left ? new MirroredUnit($unit) : $unit;
    }

    /**
     * @param  non-empty-list<Slot>  $slots
     */
    private static function stripParallelogram(Size $finished, UnitOptions $options, array $slots): StripParallelogram
    {
        $widths = self::widths($options, UnitKind::StripParallelogram);
        $sum = Length::sum($widths);
        if (! $sum->equals($finished->height)) {
            throw new InvalidArgumentException(
                sprintf('The strips finish %s high together and the unit %s.', $sum->toDecimal(3), $finished->height->toDecimal(3)),
            );
        }

        return new StripParallelogram($finished->width, $widths, $slots);
    }

    /** @return non-empty-list<Length> */
    private static function widths(UnitOptions $options, UnitKind $kind): array
    {
        return $options->widths === [] ? throw self::missing($kind, 'widths') : $options->widths;
    }

    private static function missing(UnitKind $kind, string $option): InvalidArgumentException
    {
        return new InvalidArgumentException(sprintf('A %s needs "%s".', $kind->value, $option));
    }

    /**
     * @param  array<string, Length>  $legs
     * @param  list<Slot>  $slots  one for all, or one for each
     * @return non-empty-list<Corner>
     */
    private static function corners(array $legs, array $slots): array
    {
        if (count($slots) !== 1 && count($slots) !== count($legs)) {
            throw new InvalidArgumentException(
                sprintf('%d corners take one fabric for all or one for each, not %d.', count($legs), count($slots)),
            );
        }
        $corners = [];
        foreach ($legs as $place => $leg) {
            $where = CornerPlace::tryFrom($place) ?? throw new InvalidArgumentException(sprintf('There is no corner "%s".', $place));
            $corners[] = new Corner($where, $leg, $slots[count($corners)] ?? $slots[0]);
        }

        return $corners === [] ? throw new InvalidArgumentException('There are no corners.') : $corners;
    }

    /**
     * @param  list<Slot>  $slots
     * @param  array<string, Unit>  $products
     */
    private static function custom(Size $finished, UnitOptions $options, array $slots, array $products): Unit
    {
        if ($options->pieces === []) {
            throw self::missing(UnitKind::Custom, 'pieces');
        }
        foreach ($options->pieces as $piece) {
            if ($piece->outline === null && $piece->placed === null) {
                return new GivenUnit($finished, $slots, $options->pieces);
            }
        }

        return new CustomUnit($finished, $slots, $options->pieces, $products, $options->seams, $options->sections);
    }
}
