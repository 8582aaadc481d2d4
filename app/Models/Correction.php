<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What was put right in one clue that members had open, in the words of its host. It belongs to one clue, so that nobody reads of a clue
 * that is not open.
 *
 * @property int $id
 * @property int $quilt_along_id
 * @property int $clue_id
 * @property int $design_version_id the version that put it right
 * @property int|null $user_id who published it
 * @property string $words
 * @property int|null $revision the compiler that put it right; null for what a host put right
 * @property CarbonImmutable $created_at
 * @property-read int|null $marks_count
 * @property-read int|null $read_count of them marked as read
 * @property-read Clue $clue
 * @property-read User|null $user
 * @property-read DesignVersion $version
 */
final class Correction extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['quilt_along_id', 'clue_id', 'design_version_id', 'user_id', 'words', 'revision'];

    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Clue, $this> */
    public function clue(): BelongsTo
    {
        return $this->belongsTo(Clue::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<DesignVersion, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(DesignVersion::class, 'design_version_id');
    }

    /** @return HasMany<CorrectionEffect, $this> */
    public function effects(): HasMany
    {
        return $this->hasMany(CorrectionEffect::class);
    }

    /** @return HasMany<CorrectionMark, $this> */
    public function marks(): HasMany
    {
        return $this->hasMany(CorrectionMark::class);
    }
}
