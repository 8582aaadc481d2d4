<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\LengthCast;
use Carbon\CarbonImmutable;
use Dew\Core\Cutting\Stock;
use Dew\Core\Cutting\StockKind;
use Dew\Core\Cutting\ZigzagEdge;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Cloth that a member has for one fabric of her quilt: so many pieces of one size.
 *
 * @property string $id
 * @property string $project_id
 * @property string $slot_key
 * @property StockKind $kind
 * @property Length|null $width across the cloth; null for what is usual
 * @property Length|null $length along the bolt; null for what is usual
 * @property int $count
 * @property Length|null $corner_width
 * @property Length|null $corner_length
 * @property bool $squared
 * @property bool $directional whether its print must stay upright in every piece
 * @property ZigzagEdge|null $zigzag
 * @property string $name
 * @property string|null $left_of id of the cloth that it is left of
 * @property string|null $left_by id of the clue that was cut from that cloth
 * @property CarbonImmutable|null $gone_at when it was cut up or taken off the list
 */
final class StockRow extends Model
{
    use HasUlids;

    protected $table = 'stock';

    protected $fillable = [
        'slot_key', 'kind', 'width', 'length', 'count', 'corner_width', 'corner_length', 'squared', 'directional', 'zigzag', 'name',
        'left_of', 'left_by', 'gone_at',
    ];

    protected function casts(): array
    {
        return [
            'kind' => StockKind::class,
            'width' => LengthCast::class,
            'length' => LengthCast::class,
            'corner_width' => LengthCast::class,
            'corner_length' => LengthCast::class,
            'squared' => 'boolean',
            'directional' => 'boolean',
            'zigzag' => ZigzagEdge::class,
            'gone_at' => 'immutable_datetime',
        ];
    }

    /** @param  Length  $woven  usable width of cloth off the bolt that nobody measured */
    public function stock(Length $woven): Stock
    {
        return new Stock(
            $this->id, $this->slot_key, $this->kind, $this->width, $this->length, $this->count,
            $this->corner_width === null || $this->corner_length === null ? null : new Size($this->corner_width, $this->corner_length),
            $this->squared, (bool) $this->directional, $this->zigzag, $woven, $this->name,
        );
    }
}
