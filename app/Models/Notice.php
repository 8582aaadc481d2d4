<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One event told to one person, once.
 *
 * @property int $user_id
 * @property int $clue_id
 * @property string $kind
 * @property CarbonImmutable $sent_at
 */
final class Notice extends Model
{
    public const RELEASED = 'released';

    public $timestamps = false;

    protected $fillable = ['user_id', 'clue_id', 'kind', 'sent_at'];

    protected function casts(): array
    {
        return ['sent_at' => 'immutable_datetime'];
    }
}
