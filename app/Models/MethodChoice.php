<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\MethodCast;
use App\Casts\UnitKindCast;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\UnitKind;
use Illuminate\Database\Eloquent\Model;

/**
 * The way one member makes one kind of unit.
 *
 * @property string $project_id
 * @property UnitKind $kind
 * @property Method $method
 * @property bool $oversize whether she cuts larger and trims
 * @property array<string, int> $made_before units already sewn when it was chosen, by task; only the rest is cut for
 */
final class MethodChoice extends Model
{
    protected $fillable = ['project_id', 'kind', 'method', 'oversize', 'made_before'];

    protected function casts(): array
    {
        return ['kind' => UnitKindCast::class, 'method' => MethodCast::class, 'oversize' => 'boolean', 'made_before' => 'array'];
    }
}
