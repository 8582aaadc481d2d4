<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One entry of a draft's history: an edit, or that one was taken back or made again.
 *
 * @property int $id
 * @property int $draft_id
 * @property int $number its place in the history, from one
 * @property string $uuid made by the device
 * @property int|null $user_id
 * @property string $action edit, undo or redo
 * @property string $kind of the edit
 * @property string $about the name of what it changed
 * @property string $changes as JSON: what was and what is at each place
 * @property int|null $of_number the edit that was taken back or made again
 * @property int|null $undone_by the entry that took this edit back
 * @property CarbonImmutable $created_at
 * @property-read User|null $user
 */
final class DraftEdit extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['number', 'uuid', 'user_id', 'action', 'kind', 'about', 'changes', 'of_number', 'undone_by'];

    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
