<?php

declare(strict_types=1);

namespace App\Models;

use Dew\Core\Correction\ClueCorrection;
use Illuminate\Database\Eloquent\Model;

/**
 * What a correction changed at one size, by one choice of methods and in one unit of length.
 *
 * @property int $id
 * @property int $correction_id
 * @property string $size_key
 * @property string $methods
 * @property string $unit  of length, in or cm: what is sewn together can differ in one and not in the other
 * @property array<string, mixed> $body
 */
final class CorrectionEffect extends Model
{
    public $timestamps = false;

    protected $fillable = ['correction_id', 'size_key', 'methods', 'unit', 'body'];

    protected function casts(): array
    {
        return ['body' => 'array'];
    }

    public function correction(): ClueCorrection
    {
        return ClueCorrection::fromData($this->body);
    }
}
