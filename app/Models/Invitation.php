<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A join code that many may use until the host replaces it.
 *
 * @property int $id
 * @property int $quilt_along_id
 * @property string $code
 * @property CarbonImmutable|null $revoked_at
 * @property-read QuiltAlong $quiltAlong
 *
 * @method static Builder<self> open()
 */
final class Invitation extends Model
{
    /** Letters and digits that cannot be taken for one another when read aloud. */
    private const ALPHABET = 'ACDEFGHJKLMNPQRTUVWXY34679';

    private const LENGTH = 8;

    protected $fillable = ['code', 'revoked_at'];

    protected function casts(): array
    {
        return ['revoked_at' => 'immutable_datetime'];
    }

    public function getRouteKeyName(): string
    {
        return 'code';
    }

    public static function newCode(): string
    {
        $code = '';
        for ($place = 0; $place < self::LENGTH; $place++) {
            $code .= self::ALPHABET[random_int(0, strlen(self::ALPHABET) - 1)];
        }

        return $code;
    }

    /** A code as somebody may have typed it: small letters, spaces and hyphens do not matter. */
    public static function tidy(string $code): string
    {
        return mb_strtoupper(preg_replace('/[\s-]+/u', '', $code) ?? '');
    }

    /** In two groups, as it is printed and read aloud. */
    public function spaced(): string
    {
        return implode(' ', str_split($this->code, 4));
    }

    /** @return BelongsTo<QuiltAlong, $this> */
    public function quiltAlong(): BelongsTo
    {
        return $this->belongsTo(QuiltAlong::class);
    }

    /** @param  Builder<self>  $query */
    protected function scopeOpen(Builder $query): void
    {
        $query->whereNull('revoked_at');
    }
}
