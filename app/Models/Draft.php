<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * The design of a quilt-along as it is being drawn up: one for each, with every edit that made it.
 *
 * @property int $id
 * @property int $quilt_along_id
 * @property string $document the canonical bytes
 * @property int $number of the last edit
 * @property list<string>|null $faults what is of another type than the format has there; null for a sound draft
 * @property-read QuiltAlong $quiltAlong
 */
final class Draft extends Model
{
    protected $fillable = ['document', 'number'];

    protected function casts(): array
    {
        return ['faults' => 'array'];
    }

    /** @return BelongsTo<QuiltAlong, $this> */
    public function quiltAlong(): BelongsTo
    {
        return $this->belongsTo(QuiltAlong::class);
    }

    /** @return HasMany<DraftEdit, $this> */
    public function edits(): HasMany
    {
        return $this->hasMany(DraftEdit::class);
    }

    /** @return HasMany<DraftEdit, $this> the edits that were not undone */
    public function standing(): HasMany
    {
        return $this->edits()->where('action', 'edit')->whereNull('undone_by');
    }

    /** What undo would take back: the last edit of this person that was not undone. */
    public function lastStanding(User $user): ?DraftEdit
    {
        return $this->standing()->where('user_id', $user->id)->orderByDesc('number')->first();
    }

    /** What redo would make again: the edit that was undone last, unless another edit came after that. */
    public function lastUndone(User $user): ?DraftEdit
    {
        $last = (int) $this->standing()->where('user_id', $user->id)->max('number');

        return $this->edits()->where('user_id', $user->id)->where('action', 'edit')->where('undone_by', '>', $last)
            ->orderByDesc('undone_by')->first();
    }
}
