<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Dew\Core\Kits\KitKind;
use Dew\Core\Kits\KitOrder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Kits that somebody has ordered, or that the shop keeps in reserve, and how far they are.
 *
 * @property int $id
 * @property int $quilt_along_id
 * @property string|null $project_id the quilt they are for, where it is known
 * @property string $number of the order
 * @property string $name
 * @property string $email
 * @property KitKind $kind
 * @property string $part the clue or the fabric slot; empty for a whole quilt
 * @property string $size_key
 * @property string $colourway_key
 * @property int $count
 * @property int $packed
 * @property int $handed_out
 * @property string $origin `member`, `desk`, `file` or `reserve`
 * @property CarbonImmutable|null $stocked_at when she put their cloth on her list
 * @property-read QuiltAlong $quiltAlong
 */
final class KitRow extends Model
{
    public const RESERVE = 'reserve';

    protected $table = 'kit_orders';

    protected $fillable = [
        'quilt_along_id', 'project_id', 'number', 'name', 'email', 'kind', 'part', 'size_key', 'colourway_key', 'count', 'packed',
        'handed_out', 'origin', 'stocked_at',
    ];

    protected $attributes = ['packed' => 0, 'handed_out' => 0];

    protected function casts(): array
    {
        return ['kind' => KitKind::class, 'stocked_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<QuiltAlong, $this> */
    public function quiltAlong(): BelongsTo
    {
        return $this->belongsTo(QuiltAlong::class);
    }

    /** @param  int|null  $count  how many of them; null for all */
    public function order(?int $count = null): KitOrder
    {
        return new KitOrder(
            $this->number, $this->name, $this->email, $this->kind, $this->part, $this->size_key, $this->colourway_key, $count ?? $this->count,
        );
    }
}
