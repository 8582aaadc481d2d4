<?php

declare(strict_types=1);

namespace App\Wording;

use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;

/** Where the words of a kind of unit are: its name, its methods and its steps are in one file, `lang/../kinds/{kind}.php`. */
final class KindWords
{
    /** The name of a kind, by its key in a design. */
    public static function name(string $kind): string
    {
        return __("kinds/$kind.name");
    }

    /** @return array<string, string> names of all kinds that a design may declare, by key */
    public static function names(): array
    {
        $keys = UnitLibrary::keys();

        return array_combine($keys, array_map(self::name(...), $keys));
    }

    /** The name of a method, by its key. */
    public static function method(string $method): string
    {
        return __(self::methodKey($method).'.name');
    }

    /** The key of the words of a method. */
    public static function methodKey(string $method): string
    {
        [$kind, $way] = explode(':', $method === Method::PLAIN ? 'square:cut' : $method) + [1 => ''];

        return "kinds/$kind.methods.$way";
    }

    /** The key of the sentence of a step. Codes that several kinds share are in `steps.php`. */
    public static function stepKey(string $code): string
    {
        [$first, $rest] = explode('.', $code, 2) + [1 => ''];
        $kind = str_replace('_', '-', $first);

        return UnitLibrary::find($kind) === null ? "steps.$code" : "kinds/$kind.steps.$rest";
    }
}
