<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\KeepsInstants;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Dew\Core\Calendar\ReleaseTime;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\UnitKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A clue's place in the calendar. What it says is in the design.
 *
 * @property int $id
 * @property int $quilt_along_id
 * @property string $key the clue's id in the design
 * @property int $number counted from 1; public
 * @property string $title secret until the release
 * @property list<string> $kinds kinds of unit it makes; its sheets depend on the methods of these alone
 * @property list<string>|null $sizes sizes at which it has something to make; null when that is not known
 * @property string|null $local_date YYYY-MM-DD
 * @property string|null $local_time HH:MM
 * @property string|null $zone IANA name
 * @property CarbonImmutable|null $release_at
 * @property string|null $about a date that is only roughly known, in the host's words; a clue with one opens by no clock
 * @property CarbonImmutable|null $about_date the day it is likely to be
 * @property CarbonImmutable|null $withdrawn_at a few seconds ahead while its host can still undo it
 * @property CarbonImmutable|null $announced_at when its release notices were handed out
 * @property-read QuiltAlong $quiltAlong
 *
 * @method static Builder<self> released()
 * @method static Builder<self> opened()
 */
final class Clue extends Model
{
    use KeepsInstants;

    protected $fillable = ['key', 'number', 'title', 'kinds', 'sizes'];

    protected function casts(): array
    {
        return [
            'kinds' => 'array',
            'sizes' => 'array',
            'release_at' => 'immutable_datetime',
            'withdrawn_at' => 'immutable_datetime',
            'announced_at' => 'immutable_datetime',
            'about_date' => 'immutable_date',
        ];
    }

    /** @return BelongsTo<QuiltAlong, $this> */
    public function quiltAlong(): BelongsTo
    {
        return $this->belongsTo(QuiltAlong::class);
    }

    /**
     * The one rule of what members may see, by the application's clock.
     *
     * @param  Builder<self>  $query
     */
    protected function scopeReleased(Builder $query): void
    {
        $query->where('release_at', '<=', now())->where(
            fn (Builder $there) => $there->whereNull('withdrawn_at')->orWhere('withdrawn_at', '>', now()),
        );
    }

    /**
     * Those that members have had before them, also when they are withdrawn now.
     *
     * @param  Builder<self>  $query
     */
    protected function scopeOpened(Builder $query): void
    {
        $query->where('release_at', '<=', now());
    }

    /** Whether there is anything to make and count in it at a size. */
    public function hasWorkAt(string $size): bool
    {
        return $this->sizes === null ? $this->kinds !== [] : in_array($size, $this->sizes, true);
    }

    /** The same rule for a clue already in hand. */
    public function isReleased(): bool
    {
        return $this->release_at !== null && $this->release_at <= now() && ! $this->isWithdrawn();
    }

    public function isWithdrawn(): bool
    {
        return $this->withdrawn_at !== null && $this->withdrawn_at <= now();
    }

    /** Whether its hour may still be set: it has none, or one that is to come. */
    public function isToCome(): bool
    {
        return $this->release_at === null || $this->release_at->isFuture();
    }

    public function state(): ClueState
    {
        return match (true) {
            $this->isWithdrawn() => ClueState::Withdrawn,
            $this->release_at === null => ClueState::Draft,
            $this->isReleased() => ClueState::Released,
            default => ClueState::Scheduled,
        };
    }

    /** @return list<UnitKind> */
    public function unitKinds(): array
    {
        return array_map(UnitLibrary::kind(...), $this->kinds);
    }

    public function releaseTime(): ?ReleaseTime
    {
        if ($this->release_at === null || $this->zone === null) {
            return null;
        }

        return ReleaseTime::at(DateTimeImmutable::createFromInterface($this->release_at), $this->zone);
    }

    public function setReleaseTime(ReleaseTime $time): void
    {
        $this->local_date = $time->date;
        $this->local_time = $time->time;
        $this->zone = $time->zone;
        $this->release_at = CarbonImmutable::instance($time->instant);
        $this->about = $this->about_date = null;
    }
}
