<?php

declare(strict_types=1);

namespace App\Models;

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
 */
final class DesignVersion extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['number', 'document', 'hash'];

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
