<?php

declare(strict_types=1);

namespace App\Models;

use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\FabricValue;
use Illuminate\Database\Eloquent\Model;

/**
 * A member's own cloth for one fabric of the design.
 *
 * @property string $project_id
 * @property string $slot_key
 * @property int $number 0 for the cloth that drawings show; others stand beside it
 * @property string $name
 * @property string $colour `#rrggbb`
 * @property string|null $photo hash of her photograph
 * @property string|null $picture hash of the part of it that she marked
 * @property array{x: int, y: int, width: int, height: int}|null $part that part, in thousandths of the photograph
 * @property FabricValue|null $judged the value that her own eye gives it, whatever the photograph says
 */
final class Swatch extends Model
{
    protected $fillable = ['slot_key', 'number', 'name', 'colour', 'photo', 'picture', 'part', 'judged'];

    protected $attributes = ['number' => 0];

    protected function casts(): array
    {
        return ['part' => 'array', 'judged' => FabricValue::class];
    }

    public function cloth(): Cloth
    {
        return new Cloth($this->name, $this->colour, $this->picture);
    }
}
