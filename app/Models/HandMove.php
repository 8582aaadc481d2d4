<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What happened to a part of a group quilt. Nothing is ever taken out of this list.
 *
 * @property int $id
 * @property int $hand_part_id
 * @property string $what dealt, handed_on, sent, accepted, remarked, withdrawn or cannot
 * @property int|null $by_id
 * @property int|null $from_id
 * @property int|null $to_id
 * @property string $words
 * @property CarbonImmutable $created_at
 * @property-read User|null $by
 * @property-read User|null $from
 * @property-read User|null $to
 */
final class HandMove extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['what', 'by_id', 'from_id', 'to_id', 'words'];

    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function by(): BelongsTo
    {
        return $this->belongsTo(User::class, 'by_id');
    }

    /** @return BelongsTo<User, $this> */
    public function from(): BelongsTo
    {
        return $this->belongsTo(User::class, 'from_id');
    }

    /** @return BelongsTo<User, $this> */
    public function to(): BelongsTo
    {
        return $this->belongsTo(User::class, 'to_id');
    }
}
