<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * An immutable published design.
 *
 * @property int $id
 * @property int $quilt_along_id
 * @property int $number
 * @property string $document the canonical bytes
 * @property string $hash SHA-256 of the document
 * @property string|null $name given by the host
 * @property string|null $reason why it was published in spite of warnings
 * @property int|null $user_id who published it
 * @property array<string, array<string, list<string>>> $pressed how what was open by then is pressed, as people were told: flags by size
 *     and product key
 * @property int|null $revision the compiler whose numbers members have been told of
 * @property CarbonImmutable $created_at
 * @property-read User|null $user
 */
final class DesignVersion extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['number', 'document', 'hash', 'name', 'reason', 'user_id', 'pressed', 'revision'];

    /** @var array<string, mixed> */
    protected $attributes = ['pressed' => '{}'];

    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime', 'pressed' => 'array', 'revision' => 'integer'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<QuiltAlong, $this> */
    public function quiltAlong(): BelongsTo
    {
        return $this->belongsTo(QuiltAlong::class);
    }

    /** @return HasMany<Sheet, $this> */
    public function sheets(): HasMany
    {
        return $this->hasMany(Sheet::class);
    }
}
