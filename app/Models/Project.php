<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\LengthCast;
use Carbon\CarbonImmutable;
use Dew\Core\Cutting\Aim;
use Dew\Core\Cutting\ClothRules;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\Announcement;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\UnitKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * One member's quilt.
 *
 * @property string $id
 * @property int $user_id
 * @property int $quilt_along_id
 * @property string $name
 * @property string $size_key
 * @property bool $size_later whether she has left the size open; until she chooses, her size is the first one, at which the open clues are
 *     the same as at any
 * @property string $colourway_key
 * @property Notation $notation
 * @property Length|null $usable_width of her cloth; null for the design's
 * @property array<string, list<string>> $pressed how she pressed what she made otherwise than planned: flags by product key
 * @property array<string, string> $turns ids of the ways in which she turns the parts of blocks, by the ids of the blocks
 * @property CarbonImmutable|null $own_copy_at when she read the word in her own copy of the pattern
 * @property array<string, array{directional?: bool, margin?: string, variety?: int}> $cloth how the cloth of each fabric wants to be
 *     cut, by slot; whether its print runs one way is said here only where it was said before each piece of cloth said it
 * @property array<string, array<string, int>> $cut_before what was cut when she last changed her cloth, by slot; see CutCounts
 * @property array<string, string> $set_widths what strip sets are made across where it is not the width of her cloth, by clue
 * @property array<string, array<string, string>> $bench what she measured at the bench, as she wrote it, by page and field
 * @property Aim $aim whether her plans take the least cloth or the fewest cuts
 * @property bool $left_handed
 * @property string|null $feed_key the secret part of the address of her calendar
 * @property string|null $begun_by id of the form it was begun by
 * @property CarbonImmutable|null $deleted_at when it was left or removed; deleted for good a day later
 * @property int|null $removed_by who left or removed it
 * @property-read QuiltAlong $quiltAlong
 * @property-read User $user
 * @property-read Collection<int, MethodChoice> $methodChoices
 * @property-read Collection<int, Swatch> $swatches
 * @property-read Collection<int, StockRow> $stock
 */
final class Project extends Model
{
    use HasUlids;
    use SoftDeletes;

    protected $fillable = [
        'user_id',
        'quilt_along_id',
        'name',
        'size_key',
        'colourway_key',
        'notation',
        'usable_width',
        'size_later',
        'begun_by',
        'own_copy_at',
        'turns',
        'pressed',
        'feed_key',
        'cloth',
        'cut_before',
        'set_widths',
        'bench',
        'aim',
        'left_handed',
    ];

    /** @var array<string, mixed> */
    protected $attributes = [
        'turns' => '{}',
        'pressed' => '{}',
        'cloth' => '{}',
        'cut_before' => '{}',
        'set_widths' => '{}',
        'bench' => '{}',
        'aim' => 'cloth',
        'notation' => 'in',
        'left_handed' => false,
    ];

    protected function casts(): array
    {
        return [
            'notation' => Notation::class,
            'usable_width' => LengthCast::class,
            'size_later' => 'boolean',
            'own_copy_at' => 'immutable_datetime',
            'deleted_at' => 'immutable_datetime',
            'turns' => 'array',
            'pressed' => 'array',
            'cloth' => 'array',
            'cut_before' => 'array',
            'set_widths' => 'array',
            'bench' => 'array',
            'aim' => Aim::class,
            'left_handed' => 'boolean',
        ];
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

    /** @return HasMany<Swatch, $this> every cloth of hers, those that stand beside the drawn ones among them */
    public function swatches(): HasMany
    {
        return $this->hasMany(Swatch::class);
    }

    /** @return HasMany<StockRow, $this> also what is gone */
    public function stock(): HasMany
    {
        return $this->hasMany(StockRow::class);
    }

    /** What the strip sets of a clue are made across, where she chose another width than that of her cloth. */
    public function setWidth(string $clue): ?Length
    {
        return isset($this->set_widths[$clue]) ? Length::decode($this->set_widths[$clue]) : null;
    }

    /** @return list<string> ids of fabrics of which some cloth has a print that runs one way */
    public function oneWayFabrics(): array
    {
        $listed = $this->stock->pluck('slot_key')->flip()->all();
        $before = array_filter($this->cloth, fn (array $rules): bool => $rules['directional'] ?? false);

        return array_map(strval(...), array_keys(
            $this->stock->where('directional', true)->pluck('slot_key')->flip()->all() + array_diff_key($before, $listed),
        ));
    }

    public function clothRules(string $slot): ClothRules
    {
        return ClothRules::kept($this->cloth[$slot] ?? []);
    }

    /** Her colourway, with her own cloth wherever she has some. */
    public function colourway(Announcement $announcement): Colourway
    {
        $colourway = $announcement->colourway($this->colourway_key);
        $own = $this->swatches->where('number', 0)->mapWithKeys(
            fn (Swatch $swatch): array => [$swatch->slot_key => $swatch->cloth()],
        )->all();

        return new Colourway($colourway->id, $colourway->name, [...$colourway->cloths, ...$own], $colourway->gaps);
    }

    /** Whether she has left open which cloth a fabric is made of, as the design allows. */
    public function isClothOpen(string $slot, Announcement $announcement): bool
    {
        return isset($announcement->fabricsNeededAt[$slot]) && ! $this->swatches->contains('slot_key', $slot);
    }

    public function methods(): MethodChoices
    {
        $choices = MethodChoices::defaults($this->quiltAlong->usualMethods());
        foreach ($this->methodChoices as $choice) {
            $choices = $choices->with($choice->kind, $choice->method)->withOversize($choice->kind, $choice->oversize);
        }

        return $choices;
    }

    /**
     * Units of a task that nothing is to be cut for, because they were made before she chose the method she uses now. What was to come out
     * of another task's bag, and did not because that task was made another way, is taken off: it may be below zero.
     */
    public function madeBefore(TaskSheet $task): int
    {
        $before = $this->methodChoices->firstWhere('kind', $task->kind)->made_before ?? [];
        $missing = $task->bagTask === null ? 0 : $task->missingFromBag($before[$task->bagTask] ?? 0);

        return ($before[$task->task] ?? 0) - $missing;
    }

    public function method(UnitKind $kind): Method
    {
        return $this->methods()->for($kind);
    }
}
