<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something a host did with a quilt-along, for people to read.
 *
 * @property int $id
 * @property int $quilt_along_id
 * @property int|null $user_id
 * @property string $what a key of the sentences in lang/en/history.php
 * @property array<string, mixed> $about what the sentence names
 * @property array<string, mixed>|null $before how it was, where it can be taken back
 * @property CarbonImmutable|null $undone_at
 * @property CarbonImmutable $created_at
 * @property-read User|null $user
 */
final class HistoryEntry extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'deeds';

    protected $fillable = ['quilt_along_id', 'user_id', 'what', 'about', 'before', 'undone_at'];

    protected function casts(): array
    {
        return ['about' => 'array', 'before' => 'array', 'undone_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** Within which what a host did can be undone before anybody notices. */
    public const SECONDS = 10;

    /** Deeds that take effect so many seconds after they are done. */
    public const PENDING = ['released', 'withdrawn'];

    /** Seconds until it takes effect; 0 when it has, and for what takes effect at once. */
    public function seconds(): int
    {
        $left = (int) ceil(now()->diffInMilliseconds($this->created_at->addSeconds(self::SECONDS)) / 1000);

        return in_array($this->what, self::PENDING, true) && $this->undone_at === null ? max(0, $left) : 0;
    }

    /** Whether it can still be taken back. */
    public function canBeUndone(): bool
    {
        return $this->before !== null && $this->undone_at === null;
    }
}
