<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * How a member has laid out her blocks.
 *
 * @property int $id
 * @property string $project_id
 * @property string $other what the blocks make: empty for the quilt, else the id of something else that its design offers
 * @property string $size_key
 * @property string $name
 * @property list<string> $places the block at every place, and its turns
 * @property bool $chosen whether it is the one she works by
 * @property int $revision raised at every change, so that two devices do not undo each other's
 */
final class ArrangementRow extends Model
{
    protected $table = 'arrangements';

    protected $fillable = ['other', 'size_key', 'name', 'places', 'chosen', 'revision'];

    protected function casts(): array
    {
        return ['places' => 'array', 'chosen' => 'boolean', 'revision' => 'integer'];
    }
}
