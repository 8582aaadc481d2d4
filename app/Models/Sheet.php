<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A compiled sheet, kept as the bytes the compiler gave.
 *
 * @property int $design_version_id
 * @property string $kind
 * @property string $size_key
 * @property string $clue_key
 * @property string $methods
 * @property int $revision of the compiler
 * @property string $body
 */
final class Sheet extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['design_version_id', 'kind', 'size_key', 'clue_key', 'methods', 'revision', 'body'];
}
