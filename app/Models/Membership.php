<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $user_id
 * @property int $quilt_along_id
 * @property Role $role
 * @property bool $may_edit whether a helper may change the design
 * @property bool $may_test whether a helper tests clues early and leaves remarks
 * @property-read QuiltAlong $quiltAlong
 * @property-read User $user
 */
final class Membership extends Model
{
    protected $fillable = ['user_id', 'quilt_along_id', 'role', 'may_edit', 'may_test'];

    protected function casts(): array
    {
        return ['role' => Role::class, 'may_edit' => 'boolean', 'may_test' => 'boolean'];
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
}
