<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Refused;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/** The kinds of unit that there are, each with the class that defines it, in the order in which people see them. */
final class UnitLibrary
{
    /** @var array<string, class-string<LibraryUnit>> */
    private const CLASSES = [
        PlainUnit::SQUARE => PlainUnit::class,
        PlainUnit::RECTANGLE => PlainUnit::class,
        HalfSquareTriangle::KIND => HalfSquareTriangle::class,
        FourPatch::KIND => FourPatch::class,
        Hourglass::KIND => Hourglass::class,
        HalfAndQuarters::KIND => HalfAndQuarters::class,
        FlyingGeese::KIND => FlyingGeese::class,
        FlippedCorners::KIND => FlippedCorners::class,
        SquareInSquare::KIND => SquareInSquare::class,
        Economy::KIND => Economy::class,
        RailFence::KIND => RailFence::class,
        StripGrid::STRIPS => StripGrid::class,
        NinePatch::KIND => NinePatch::class,
        StripGrid::UNEVEN_NINE_PATCH => StripGrid::class,
        StripGrid::SIXTEEN_PATCH => StripGrid::class,
        Pinwheel::KIND => Pinwheel::class,
        TurnedNinePatch::KIND => TurnedNinePatch::class,
        LogCabin::KIND => LogCabin::class,
        HalfRectangle::KIND => HalfRectangle::class,
        PointedUnit::KITE => PointedUnit::class,
        PointedUnit::PEAK => PointedUnit::class,
        QuarterCircle::KIND => QuarterCircle::class,
        StripedHalfSquare::KIND => StripedHalfSquare::class,
        EightPointStar::KIND => EightPointStar::class,
        TriangleRow::KIND => TriangleRow::class,
        CustomUnit::KIND => CustomUnit::class,
        SlantedUnit::DIAMOND_45 => SlantedUnit::class,
        SlantedUnit::PARALLELOGRAM_45 => SlantedUnit::class,
        StripParallelogram::KIND => StripParallelogram::class,
        SlantedUnit::DIAMOND_60 => SlantedUnit::class,
        SixtyTriangle::TRIANGLE_60 => SixtyTriangle::class,
        SixtyTriangle::HALF_TRIANGLE_60 => SixtyTriangle::class,
    ];

    private const PUT_TOGETHER = [PutTogether::BLOCK, PutTogether::SETTING_TRIANGLE, PutTogether::LONG_STRIPS];

    /** @var array<string, class-string<LibraryUnit>> */
    private static array $classes = self::CLASSES;

    /** @var array<string, UnitKind> those that were asked for */
    private static array $known = [];

    /**
     * Adds a kind for as long as the process runs.
     *
     * @param  class-string<LibraryUnit>  $class
     */
    public static function add(string $kind, string $class): void
    {
        self::$classes[$kind] = $class;
        unset(self::$known[$kind]);
    }

    /** Takes a kind out again that was added. */
    public static function remove(string $kind): void
    {
        self::$classes = array_diff_key(self::$classes, array_diff_key([$kind => true], self::CLASSES));
        unset(self::$known[$kind]);
    }

    /** @return list<UnitKind> what a design may declare as a unit */
    public static function kinds(): array
    {
        return array_map(self::kind(...), self::keys());
    }

    /** @return list<UnitKind> those, and what else is made like a unit */
    public static function all(): array
    {
        return [...self::kinds(), ...array_map(self::kind(...), self::PUT_TOGETHER)];
    }

    public static function find(string $kind): ?UnitKind
    {
        if (! isset(self::$known[$kind])) {
            $found = match (true) {
                isset(self::$classes[$kind]) => self::$classes[$kind]::define($kind),
                in_array($kind, self::PUT_TOGETHER, true) => PutTogether::define($kind),
                default => null,
            };
            if ($found === null) {
                return null;
            }
            self::$known[$kind] = $found;
        }

        return self::$known[$kind];
    }

    /** @throws InvalidArgumentException when there is no such kind */
    public static function kind(string $kind): UnitKind
    {
        return self::find($kind) ?? throw new Refused('unit.no_kind', ['kind' => $kind]);
    }

    /** @return list<string> the keys of what a design may declare */
    public static function keys(): array
    {
        return array_map(strval(...), array_keys(self::$classes));
    }

    /** @return list<string> the keys of all methods there are */
    public static function methodKeys(): array
    {
        return array_map(fn (Method $method): string => $method->value, self::methods());
    }

    /** @return list<Method> of all kinds */
    public static function methods(): array
    {
        $methods = [];
        foreach (self::all() as $kind) {
            foreach ([...$kind->methods(), ...array_map(fn (string $besides): Method => new Method($besides), $kind->besides)] as $method) {
                $methods[$method->value] ??= $method;
            }
        }

        return array_values($methods);
    }

    public static function findMethod(string $method): ?Method
    {
        $kind = strstr($method, ':', true);
        $found = self::find($method === Method::PLAIN ? PlainUnit::SQUARE : (string) $kind);
        $asked = new Method($method);

        return $found !== null && ($found->isMadeBy($asked) || in_array($method, $found->besides, true)) ? $asked : null;
    }

    /** @throws InvalidArgumentException when nothing is made that way */
    public static function method(string $method): Method
    {
        return self::findMethod($method) ?? throw new Refused('unit.no_method', ['method' => $method]);
    }

    /** @throws DocumentException when there is no such kind */
    public static function kindAt(Node $node): UnitKind
    {
        return self::find($node->text()) ?? throw $node->fail('unit.is_no_kind');
    }

    /** @throws DocumentException when nothing is made that way */
    public static function methodAt(Node $node): Method
    {
        return self::findMethod($node->text()) ?? throw $node->fail('unit.is_no_method');
    }

    /**
     * A unit as a design says it, but for its hand and for being mirrored.
     *
     * @param  array<string, Unit>  $products  at least the units and blocks it is made of, by product key
     *
     * @throws InvalidArgumentException when size, fabrics or options do not fit the kind
     */
    public static function make(UnitSpec $spec, array $products = []): Unit
    {
        $class = self::$classes[$spec->kind->value] ?? throw new Refused('unit.not_declared', ['kind' => $spec->kind->value]);

        return $class::from($spec, $products);
    }

    /**
     * An example of a kind, of any size and number of fabrics it can have: for the contact sheet and for checking properties.
     *
     * @param  list<\Dew\Core\Fabric\Slot>  $slots  as many as the kind allows
     * @param  Length|null  $width  of a kind that may have any proportion; twice the height when left out
     */
    public static function example(UnitKind $kind, Length $height, array $slots, ?Length $width = null): UnitSpec
    {
        $width = $kind->proportion() === null && $width !== null ? $width : $height->times($kind->proportion() ?? 2);
        $size = new Size($width, $height);
        $slots = array_slice($slots, 0, $kind->fabricsAmong(count($slots)));

        return new UnitSpec($kind, $size, $slots, self::$classes[$kind->value]::example($kind->value, $size, count($slots)));
    }

    /**
     * The options that a new unit of a kind begins with, as a design document writes them.
     *
     * @param  non-empty-list<string>  $fabrics  ids
     * @return array<string, mixed>
     */
    public static function usual(UnitKind $kind, Size $size, array $fabrics): array
    {
        return self::$classes[$kind->value]::usual($kind->value, $size, $fabrics);
    }
}
