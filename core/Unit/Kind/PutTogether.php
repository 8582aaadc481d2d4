<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Unit\UnitKind;

/** Not in the library but made like everything in it: a whole block, and what the setting takes besides. */
final class PutTogether
{
    public const BLOCK = UnitKind::BLOCK;

    public const SETTING_TRIANGLE = 'setting-triangle';

    public const LONG_STRIPS = 'long-strips';

    public const BLOCK_ROWS = 'block:rows';

    public const SETTING_TRIANGLE_SQUARES = 'setting-triangle:squares';

    public const LONG_STRIPS_DIAGONAL = 'long-strips:diagonal';

    public const LONG_STRIPS_STRAIGHT = 'long-strips:straight';

    public static function define(string $kind): UnitKind
    {
        return match ($kind) {
            self::BLOCK => new UnitKind($kind, [1, 40], [self::BLOCK_ROWS], null, isDeclared: false),
            self::SETTING_TRIANGLE => new UnitKind($kind, [1, 1], [self::SETTING_TRIANGLE_SQUARES], null, isDeclared: false),
            default => new UnitKind($kind, [1, 1], [self::LONG_STRIPS_DIAGONAL, self::LONG_STRIPS_STRAIGHT], null, isDeclared: false),
        };
    }
}
