<?php

declare(strict_types=1);

namespace App\Models;

use Dew\Core\Sheet\TaskSheet;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;

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

    /** @return Collection<string, int> units of a quilt that are counted as made, by task and specification */
    public static function made(Project $project): Collection
    {
        return self::query()
            ->where(['project_id' => $project->id, 'counter' => TaskSheet::TRIMMED])
            ->toBase()
            ->get(['task_key', 'digest', 'done'])
            ->mapWithKeys(fn (object $row): array => [$row->task_key.' '.$row->digest => (int) $row->done]);
    }
}
