<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One release, or one correction, told to one person, once. It is written when the clue opens, or when it is corrected, and stands until
 * its mail has been sent.
 *
 * @property int $id
 * @property int $user_id
 * @property int $clue_id
 * @property string $kind
 * @property CarbonImmutable $release_at of the clue, as it was when it opened
 * @property CarbonImmutable|null $sent_at
 * @property CarbonImmutable|null $claimed_at when somebody last set about sending it
 * @property int $attempts
 * @property int|null $correction_id of a correction that is told of
 * @property-read Correction|null $correction
 * @property-read Clue $clue
 * @property-read User $user
 *
 * @method static Builder<self> waiting()
 */
final class Notice extends Model
{
    public const RELEASED = 'released';

    public const CORRECTED = 'corrected';

    /** After this many attempts a mail is not tried again. */
    public const MOST_ATTEMPTS = 5;

    /**
     * Whoever claimed a notice longer ago than this is taken to have died before sending it. With the minute that the scheduler may take to
     * look, mail waits two minutes at most. Somebody slow sends nothing twice: a notice is marked as sent before it goes out.
     */
    public const CLAIM_MINUTES = 1;

    public $timestamps = false;

    protected $fillable = ['user_id', 'clue_id', 'kind', 'release_at', 'sent_at'];

    protected function casts(): array
    {
        return ['release_at' => 'immutable_datetime', 'sent_at' => 'immutable_datetime', 'claimed_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Clue, $this> */
    public function clue(): BelongsTo
    {
        return $this->belongsTo(Clue::class);
    }

    /** @return BelongsTo<Correction, $this> */
    public function correction(): BelongsTo
    {
        return $this->belongsTo(Correction::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /**
     * Those to be sent now: their clue is still open, and nobody is sending them.
     *
     * @param  Builder<self>  $query
     */
    protected function scopeWaiting(Builder $query): void
    {
        $query->whereNull('sent_at')
            ->where('attempts', '<', self::MOST_ATTEMPTS)
            ->where(fn ($free) => $free->whereNull('claimed_at')->orWhere('claimed_at', '<', now()->subMinutes(self::CLAIM_MINUTES)))
            ->whereIn('clue_id', Clue::query()->released()->whereColumn('clues.release_at', 'notices.release_at')->select('clues.id'));
    }
}
