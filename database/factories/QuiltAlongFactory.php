<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\QuiltAlong;
use App\Models\QuiltAlongKind;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<QuiltAlong> */
final class QuiltAlongFactory extends Factory
{
    protected $model = QuiltAlong::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'slug' => 'night-ferry-'.fake()->unique()->numberBetween(1, 1_000_000),
            'name' => 'Night Ferry',
            'host_name' => 'Saltbox Lane Quilt Room',
            'zone' => 'America/New_York',
            ...QuiltAlongKind::Mystery->switches(),
        ];
    }
}
