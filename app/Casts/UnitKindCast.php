<?php

declare(strict_types=1);

namespace App\Casts;

use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\UnitKind;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;

/**
 * A column that holds the key of a kind of unit.
 *
 * @implements CastsAttributes<UnitKind, UnitKind|string>
 */
final class UnitKindCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?UnitKind
    {
        return is_string($value) ? UnitLibrary::kind($value) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value === null => null,
            $value instanceof UnitKind => $value->value,
            is_string($value) => UnitLibrary::kind($value)->value,
            default => throw new InvalidArgumentException("$key takes a kind of unit."),
        };
    }
}
