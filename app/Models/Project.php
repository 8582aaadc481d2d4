<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\LengthCast;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\UnitKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One member's quilt.
 *
 * @property string $id
 * @property int $user_id
 * @property int $quilt_along_id
 * @property string $name
 * @property string $size_key
 * @property string $colourway_key
 * @property Notation $notation
 * @property Length|null $usable_width of her cloth; null for the design's
 * @property-read QuiltAlong $quiltAlong
 * @property-read User $user
 * @property-read Collection<int, MethodChoice> $methodChoices
 */
final class Project extends Model
{
    use HasUlids;

    protected $fillable = ['user_id', 'quilt_along_id', 'name', 'size_key', 'colourway_key', 'notation', 'usable_width'];

    protected function casts(): array
    {
        return ['notation' => Notation::class, 'usable_width' => LengthCast::class];
    }

    /** @return BelongsTo<QuiltAlong, $this> */
    public function quiltAlong(): BelongsTo
    {
        return $this->belongsTo(QuiltAlong::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<MethodChoice, $this> */
    public function methodChoices(): HasMany
    {
        return $this->hasMany(MethodChoice::class);
    }

    /** @return HasMany<Progress, $this> */
    public function progress(): HasMany
    {
        return $this->hasMany(Progress::class);
    }

    /** @return HasMany<ClueProgress, $this> */
    public function clueProgress(): HasMany
    {
        return $this->hasMany(ClueProgress::class);
    }

    public function methods(): MethodChoices
    {
        $choices = MethodChoices::defaults();
        foreach ($this->methodChoices as $choice) {
            $choices = $choices->with($choice->kind, $choice->method)->withOversize($choice->kind, $choice->oversize);
        }

        return $choices;
    }

    /** Units of a task that were made before she chose the method she uses now. */
    public function madeBefore(UnitKind $kind, string $task): int
    {
        return $this->methodChoices->firstWhere('kind', $kind)->made_before[$task] ?? 0;
    }

    public function method(UnitKind $kind): Method
    {
        return $this->methods()->for($kind);
    }
}
