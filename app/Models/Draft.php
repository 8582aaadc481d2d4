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
}
