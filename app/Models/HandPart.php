<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\LengthCast;
use Carbon\CarbonImmutable;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A block, a row or a border of a quilt that a group sews together.
 *
 * @property int $id
 * @property int $quilt_along_id
 * @property string $key `place:` and the number of its place, or the key of a part of joining
 * @property string $kind block, row, join or border
 * @property int $number its place or its number, from 1
 * @property string $label
 * @property string|null $product product key of the block
 * @property Length|null $asked_width raw edge to raw edge
 * @property Length|null $asked_height
 * @property HandState $state
 * @property int|null $holder_id
 * @property CarbonImmutable|null $held_since
 * @property CarbonImmutable|null $due_on
 * @property string $pack number or name of the pack of cloth that goes with it
 * @property Length|null $measured_width
 * @property Length|null $measured_height
 * @property string $remark what the host said when it came back
 * @property int $revision raised at every change, so that two hosts do not deal the same part
 * @property-read User|null $holder
 * @property-read QuiltAlong $quiltAlong
 */
final class HandPart extends Model
{
    protected $fillable = [
        'key', 'kind', 'number', 'label', 'product', 'asked_width', 'asked_height', 'state', 'holder_id', 'held_since', 'due_on', 'pack',
        'measured_width', 'measured_height', 'remark', 'revision',
    ];

    /** @var array<string, mixed> */
    protected $attributes = ['state' => 'free', 'pack' => '', 'remark' => '', 'revision' => 1];

    protected function casts(): array
    {
        return [
            'state' => HandState::class, 'held_since' => 'immutable_datetime', 'due_on' => 'immutable_date', 'revision' => 'integer',
            'asked_width' => LengthCast::class, 'asked_height' => LengthCast::class, 'measured_width' => LengthCast::class,
            'measured_height' => LengthCast::class,
        ];
    }

    /** Nobody has it any more: it can be dealt out anew, or taken. */
    public function freed(string $what, User $by, string $words = ''): void
    {
        $this->moves()->create(['what' => $what, 'by_id' => $by->id, 'from_id' => $this->holder_id, 'to_id' => null, 'words' => $words]);
        $this->update([
            'state' => HandState::Free, 'holder_id' => null, 'held_since' => null, 'due_on' => null, 'measured_width' => null,
            'measured_height' => null, 'revision' => $this->revision + 1,
        ]);
    }

    /** Whether somebody can take back what they did with it last. */
    public function canBeTakenBack(User $user, ?HandMove $last): bool
    {
        return $last !== null && $last->from_id === $user->id && match ($last->what) {
            'sent' => $this->state === HandState::Sent && $this->measured_width === null,
            'handed_on' => $this->state === HandState::Out && $this->holder_id === $last->to_id && $last->created_at->isAfter(now()->subDay()),
            default => false,
        };
    }

    /** Whether it came back too small, and nobody has decided what becomes of it. */
    public function isToDecide(): bool
    {
        return $this->state === HandState::Sent && $this->measured_width !== null;
    }

    public function asked(): ?Size
    {
        return $this->asked_width === null || $this->asked_height === null ? null : new Size($this->asked_width, $this->asked_height);
    }

    public function measured(): ?Size
    {
        return $this->measured_width === null || $this->measured_height === null ? null : new Size(
            $this->measured_width, $this->measured_height,
        );
    }

    public function isOverdue(): bool
    {
        return $this->state === HandState::Out && $this->due_on !== null && $this->due_on->isBefore(CarbonImmutable::today());
    }

    /** @return BelongsTo<User, $this> */
    public function holder(): BelongsTo
    {
        return $this->belongsTo(User::class, 'holder_id');
    }

    /** @return BelongsTo<QuiltAlong, $this> */
    public function quiltAlong(): BelongsTo
    {
        return $this->belongsTo(QuiltAlong::class);
    }

    /** @return HasMany<HandMove, $this> */
    public function moves(): HasMany
    {
        return $this->hasMany(HandMove::class);
    }
}
