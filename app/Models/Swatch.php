<?php

declare(strict_types=1);

namespace App\Models;

use Dew\Core\Fabric\Cloth;
use Illuminate\Database\Eloquent\Model;

/**
 * A member's own cloth for one fabric of the design.
 *
 * @property string $project_id
 * @property string $slot_key
 * @property string $name
 * @property string $colour `#rrggbb`
 */
final class Swatch extends Model
{
    protected $fillable = ['slot_key', 'name', 'colour'];

    public function cloth(): Cloth
    {
        return new Cloth($this->name, $this->colour);
    }
}
