<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One entry in the log of counting. It is only ever added to; the id is made by the device, so that a repeat does nothing.
 *
 * @property string $id
 * @property int $progress_id
 * @property string $project_id
 * @property TapKind $kind
 * @property int $asked
 * @property int $applied
 * @property int|null $done where the counter stood after it
 * @property int|null $total what the counter went up to then
 * @property bool $accepted false of one that was refused, and answered so again
 * @property string|null $undoes
 * @property-read Progress $progress
 */
final class Tap extends Model
{
    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'progress_id', 'project_id', 'kind', 'asked', 'applied', 'undoes', 'done', 'total', 'accepted'];

    protected $attributes = ['accepted' => true];

    protected function casts(): array
    {
        return ['kind' => TapKind::class, 'accepted' => 'boolean'];
    }

    /** @return BelongsTo<Progress, $this> */
    public function progress(): BelongsTo
    {
        return $this->belongsTo(Progress::class);
    }
}
