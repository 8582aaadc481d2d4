<?php

declare(strict_types=1);

namespace App\Casts;

use Dew\Core\Measure\Length;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;

/**
 * A column that holds an exact length in its encoded form.
 *
 * @implements CastsAttributes<Length, Length>
 */
final class LengthCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Length
    {
        return is_string($value) ? Length::decode($value) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value === null => null,
            $value instanceof Length => $value->encode(),
            default => throw new InvalidArgumentException("$key takes a Length."),
        };
    }
}
