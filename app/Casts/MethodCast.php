<?php

declare(strict_types=1);

namespace App\Casts;

use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;

/**
 * A column that holds the key of a way to make a unit.
 *
 * @implements CastsAttributes<Method, Method|string>
 */
final class MethodCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Method
    {
        return is_string($value) ? new Method($value) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value === null => null,
            $value instanceof Method => $value->value,
            is_string($value) => UnitLibrary::method($value)->value,
            default => throw new InvalidArgumentException("$key takes a method."),
        };
    }
}
