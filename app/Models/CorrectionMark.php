<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Dew\Core\Correction\Stage;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One quilt that a correction touches: how far it was when the correction was published, and when its maker marked it as read.
 *
 * @property int $id
 * @property int $correction_id
 * @property int $correction_effect_id
 * @property string $project_id
 * @property Stage $stage
 * @property array<string, int> $counts of the clue, as they stood then
 * @property CarbonImmutable|null $seen_at
 * @property-read Correction $correction
 * @property-read CorrectionEffect $effect
 */
final class CorrectionMark extends Model
{
    public $timestamps = false;

    protected $fillable = ['correction_id', 'correction_effect_id', 'project_id', 'stage', 'counts', 'seen_at'];

    protected function casts(): array
    {
        return ['stage' => Stage::class, 'counts' => 'array', 'seen_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Correction, $this> */
    public function correction(): BelongsTo
    {
        return $this->belongsTo(Correction::class);
    }

    /** @return BelongsTo<CorrectionEffect, $this> */
    public function effect(): BelongsTo
    {
        return $this->belongsTo(CorrectionEffect::class, 'correction_effect_id');
    }
}
