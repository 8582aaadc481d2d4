<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\DB;

/**
 * A draft on its way to being published: a few seconds in which its host can undo it, then a job that compiles it. While the job runs it
 * holds a lock of the database, which ends with it however it ends.
 *
 * @property int $id
 * @property int $quilt_along_id
 * @property int $user_id
 * @property string $document
 * @property array{name?: string|null, reason?: string|null, user_id?: int|null} $about
 * @property array<int, string> $corrections what was wrong, by the number of the clue
 * @property int $after id of the version that was the published one when its host looked, 0 for none
 * @property string $state one of the constants here
 * @property int $done sizes compiled so far
 * @property int $of how many there are
 * @property string|null $field the field of the form that its problem is about
 * @property string|null $problem why it was not published
 * @property CarbonImmutable $starts_at
 * @property CarbonImmutable|null $started_at
 * @property CarbonImmutable|null $finished_at
 * @property-read QuiltAlong $quiltAlong
 * @property-read User $user
 */
final class Publication extends Model
{
    public const WAITING = 'waiting';

    public const RUNNING = 'running';

    public const DONE = 'done';

    public const FAILED = 'failed';

    public const UNDONE = 'undone';

    /** Names the locks of publications among those of the database. */
    private const LOCKS = 20201;

    /** Between saying that it runs and taking the lock, at most. */
    private const GRACE_SECONDS = 5;

    protected $fillable = [
        'quilt_along_id', 'user_id', 'document', 'about', 'corrections', 'after', 'state', 'done', 'of', 'field', 'problem', 'starts_at',
        'started_at', 'finished_at',
    ];

    protected function casts(): array
    {
        return [
            'about' => 'array', 'corrections' => 'array', 'starts_at' => 'immutable_datetime', 'started_at' => 'immutable_datetime',
            'finished_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<QuiltAlong, $this> */
    public function quiltAlong(): BelongsTo
    {
        return $this->belongsTo(QuiltAlong::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** Whether it waits or runs. */
    public function isUnderWay(): bool
    {
        return in_array($this->state, [self::WAITING, self::RUNNING], true);
    }

    /** Seconds in which it can still be undone before it begins. */
    public function seconds(): int
    {
        return $this->state === self::WAITING ? max(0, (int) ceil(now()->diffInMilliseconds($this->starts_at) / 1000)) : 0;
    }

    /** Runs something while this publication is locked by this process. */
    public function locked(callable $work): void
    {
        DB::select('select pg_advisory_lock(?, ?)', [self::LOCKS, $this->lock()]);
        try {
            $work();
        } finally {
            DB::select('select pg_advisory_unlock(?, ?)', [self::LOCKS, $this->lock()]);
        }
    }

    /** Says of what was cut off whether it was published, as when a worker was killed. */
    public function settle(): self
    {
        if ($this->state !== self::RUNNING || $this->started_at?->addSeconds(self::GRACE_SECONDS)->isFuture()) {
            return $this;
        }
        $fresh = self::query()->findOrFail($this->id);
        if ($fresh->state === self::RUNNING && ! $fresh->isLocked()) {
            $isPublished = $this->quiltAlong->versions()->where('document', $this->document)->where('id', '>', $this->after)->exists();
            $fresh->end($isPublished ? self::DONE : self::FAILED, problem: $isPublished ? null : __('publish.cut_off'));
        }

        return $fresh;
    }

    /** Ends it, unless it has ended. */
    public function end(string $state, ?string $field = null, ?string $problem = null): void
    {
        self::query()->whereKey($this->id)->whereIn('state', [self::WAITING, self::RUNNING])->update([
            'state' => $state, 'field' => $field, 'problem' => $problem, 'finished_at' => now(),
        ]);
        $this->refresh();
    }

    private function isLocked(): bool
    {
        return DB::select(
            "select 1 from pg_locks where locktype = 'advisory' and classid = ? and objid = ? and granted limit 1",
            [self::LOCKS, $this->lock()],
        ) !== [];
    }

    /** Locks are named by numbers of 31 bits. */
    private function lock(): int
    {
        return $this->id % 2_147_483_647;
    }
}
