<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Where a project stands in one clue, kept beside the counters so that the host's grid is one query. A row means "begun".
 *
 * @property int $id
 * @property string $project_id
 * @property int $clue_id
 * @property int $done units trimmed
 * @property int $total units to make
 */
final class ClueProgress extends Model
{
    protected $table = 'clue_progress';

    protected $fillable = ['project_id', 'clue_id', 'done', 'total'];
}
