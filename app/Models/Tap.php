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
 * @property string|null $undoes
 * @property-read Progress $progress
 */
final class Tap extends Model
{
    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = ['id', 'progress_id', 'project_id', 'kind', 'asked', 'applied', 'undoes'];

    protected function casts(): array
    {
        return ['kind' => TapKind::class];
    }

    /** @return BelongsTo<Progress, $this> */
    public function progress(): BelongsTo
    {
        return $this->belongsTo(Progress::class);
    }
}
