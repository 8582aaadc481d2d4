<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody asked by letter to help with a quilt-along. It is for one address and works once.
 *
 * @property int $id
 * @property int $quilt_along_id
 * @property string $email
 * @property bool $may_edit whether she may change the design
 * @property CarbonImmutable|null $accepted_at
 * @property-read QuiltAlong $quiltAlong
 */
final class HelperInvitation extends Model
{
    protected $fillable = ['quilt_along_id', 'email', 'may_edit', 'accepted_at'];

    protected function casts(): array
    {
        return ['may_edit' => 'boolean', 'accepted_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<QuiltAlong, $this> */
    public function quiltAlong(): BelongsTo
    {
        return $this->belongsTo(QuiltAlong::class);
    }

    /** @return Attribute<string, string> */
    protected function email(): Attribute
    {
        return Attribute::make(set: fn (string $email): string => mb_strtolower(trim($email)));
    }
}
