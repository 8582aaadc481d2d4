<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * A mail in the simulated post tray.
 *
 * @property int $id
 * @property string $addressee
 * @property string $subject
 * @property string $html
 * @property string $text
 *
 * @method static Builder<self> addressedTo(string $email)
 */
final class Post extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['addressee', 'subject', 'html', 'text'];

    /** @param  Builder<self>  $query */
    protected function scopeAddressedTo(Builder $query, string $email): void
    {
        $query->where('addressee', mb_strtolower($email))->latest('id');
    }
}
