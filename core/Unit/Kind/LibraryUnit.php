<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Measure\Size;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/** A unit that designs may declare. Its class is all that says what its kinds are, how a unit of them is made and what a usual one is. */
interface LibraryUnit extends Unit
{
    /** @param  string  $kind  one of those that {@see UnitLibrary} lists for this class */
    public static function define(string $kind): UnitKind;

    /**
     * A unit as a design says it, but for its hand and for being mirrored. Its size, fabrics and corners fit its kind already.
     *
     * @param  array<string, Unit>  $products  at least the units and blocks it is made of, by product key
     *
     * @throws InvalidArgumentException when size, fabrics or options do not fit the kind
     */
    public static function from(UnitSpec $spec, array $products): Unit;

    /** Options of an example of any size and number of fabrics, with unequal parts: for the contact sheet and for checking properties. */
    public static function example(string $kind, Size $size, int $fabrics): UnitOptions;

    /**
     * The options that a new unit begins with, as a design document writes them.
     *
     * @param  non-empty-list<string>  $fabrics  ids
     * @return array<string, mixed>
     */
    public static function usual(string $kind, Size $size, array $fabrics): array;
}
