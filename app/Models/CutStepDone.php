<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A step of a cutting plan that a member has cut.
 *
 * @property string $project_id
 * @property string $clue_key
 * @property string $slot_key
 * @property string $plan which plan it is a step of
 * @property string $step
 * @property list<string> $taps ids of what was counted for it
 */
final class CutStepDone extends Model
{
    protected $table = 'cut_steps';

    protected $fillable = ['clue_key', 'slot_key', 'plan', 'step', 'taps'];

    protected function casts(): array
    {
        return ['taps' => 'array'];
    }
}
