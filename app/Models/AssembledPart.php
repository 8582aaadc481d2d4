<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A row, a long seam, a quarter or a border that a member has sewn.
 *
 * @property int $id
 * @property string $project_id
 * @property string $part its key in the plan of joining
 * @property CarbonImmutable $created_at
 */
final class AssembledPart extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['part'];

    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime'];
    }
}
