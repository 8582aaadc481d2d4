<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Something that touched the safety of an account. It is only ever added to.
 *
 * @property int $user_id
 * @property string $kind
 * @property string|null $ip
 * @property string|null $agent
 * @property CarbonImmutable $created_at
 */
final class SecurityEvent extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['user_id', 'kind', 'ip', 'agent'];

    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime'];
    }
}
