<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One counter of one project. Counters of units belong to the task's specification, counters of cutting also to the method.
 *
 * @property int $id
 * @property string $project_id
 * @property string $task_key
 * @property string $counter
 * @property string $digest of the specification the units were made to
 * @property int $done
 */
final class Progress extends Model
{
    protected $table = 'progress';

    protected $fillable = ['project_id', 'task_key', 'counter', 'digest', 'done'];

    /** @return HasMany<Tap, $this> */
    public function taps(): HasMany
    {
        return $this->hasMany(Tap::class);
    }
}
