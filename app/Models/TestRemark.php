<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a tester says of a step or a number of a clue, and what the host answers. It stands on the proof page until it is answered.
 *
 * @property int $id
 * @property int $quilt_along_id
 * @property int|null $user_id
 * @property string $clue_key
 * @property string|null $task_key
 * @property string $place the step or the number, in the words in which it stood there
 * @property string $size
 * @property string $words
 * @property bool $sewn whether it says that a task was sewn and came out as it says
 * @property string|null $answer
 * @property CarbonImmutable|null $answered_at
 * @property int|null $answered_by
 * @property CarbonImmutable $created_at
 * @property-read User|null $user
 */
final class TestRemark extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = [
        'quilt_along_id', 'user_id', 'clue_key', 'task_key', 'place', 'size', 'words', 'sewn', 'answer', 'answered_at', 'answered_by',
    ];

    protected function casts(): array
    {
        return ['sewn' => 'boolean', 'answered_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
