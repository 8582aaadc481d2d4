<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Database\Factories\QuiltAlongFactory;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * @property int $id
 * @property string $slug
 * @property string $name
 * @property string $host_name the shop or guild
 * @property bool $secret a mystery: what is to come is not shown
 * @property string $pace weekly, two-weekly, monthly or own
 * @property bool $quilted_by_block quilt as you go
 * @property string|null $hands_size the size that a group sews together; null while nothing is shared out
 * @property bool $many_hands one quilt that a group sews together
 * @property string $clue_word what a clue is called here: clue, month, week or part
 * @property array{offered?: list<string>, reserve?: int, bolt?: string, hand?: array<string, list<string>>} $kits see {@see KitSettings}
 * @property Notation $units what its host measures in
 * @property string|null $welcome what members read when they join
 * @property CarbonImmutable|null $may_share_at when its owner said that she may share this pattern
 * @property string|null $copy_question where in their own copy of the pattern members find the word
 * @property string|null $copy_word that word
 * @property string $zone IANA name
 * @property int|null $published_version_id
 * @property array<string, string> $default_methods the methods the published design sets as defaults, by kind
 * @property-read DesignVersion|null $publishedVersion
 * @property-read Draft|null $draft
 */
final class QuiltAlong extends Model
{
    /** @use HasFactory<QuiltAlongFactory> */
    use HasFactory;

    protected $fillable = [
        'slug', 'name', 'host_name', 'zone', 'secret', 'pace', 'quilted_by_block', 'many_hands', 'clue_word', 'units', 'welcome',
        'may_share_at', 'copy_question', 'copy_word', 'kits',
    ];

    /** @var array<string, mixed> */
    protected $attributes = ['kits' => '{}', 'units' => 'in'];

    protected function casts(): array
    {
        return [
            'default_methods' => 'array', 'kits' => 'array', 'secret' => 'boolean', 'quilted_by_block' => 'boolean', 'many_hands' => 'boolean',
            'units' => Notation::class, 'may_share_at' => 'immutable_datetime',
        ];
    }

    /** @return Collection<int, User> everybody who belongs to it, by name */
    public function people(): Collection
    {
        return User::query()->whereHas('memberships', fn (Builder $query) => $query->where('quilt_along_id', $this->id))->orderBy('name')->get();
    }

    /** @return HasMany<HandPart, $this> */
    public function handParts(): HasMany
    {
        return $this->hasMany(HandPart::class);
    }

    /** @return HasMany<KitRow, $this> */
    public function kitRows(): HasMany
    {
        return $this->hasMany(KitRow::class);
    }

    public function kitSettings(): KitSettings
    {
        return KitSettings::kept($this->kits, $this->units);
    }

    /** @return array<string, Method> by kind; methods that this Dew does not know are left out */
    public function usualMethods(): array
    {
        return array_filter(array_map(UnitLibrary::findMethod(...), $this->default_methods ?? []));
    }

    public function getRouteKeyName(): string
    {
        return 'slug';
    }

    /**
     * The id of the version that people work from.
     *
     * @throws ModelNotFoundException while nothing is published
     */
    public function version(): int
    {
        return $this->published_version_id ?? throw (new ModelNotFoundException)->setModel(DesignVersion::class);
    }

    /** @return Collection<int, self> those on whose host side somebody stands, by name */
    public static function hostedBy(?User $person): Collection
    {
        return self::query()
            ->whereHas('memberships', fn (Builder $query) => $query->where('user_id', $person?->id)->whereIn('role', Role::hostSide()))
            ->orderBy('name')
            ->get();
    }

    /** @return list<string> what sort of quilt-along it is: keys of words in lang/en/home.php */
    public function sorts(): array
    {
        return array_values(array_filter([
            $this->secret ? 'secret' : null,
            $this->pace === 'own' ? null : $this->pace,
            $this->quilted_by_block ? 'quilted_by_block' : null,
            $this->many_hands ? 'many_hands' : null,
        ]));
    }

    /** Whether members have to read a word in their own copy of the pattern before they see numbers. */
    public function asksForWord(): bool
    {
        return $this->copy_word !== null && $this->copy_question !== null;
    }

    /** Whether a word is the one: letters alone count, small or large. */
    public function isCopyWord(string $given): bool
    {
        $plain = fn (string $word): string => mb_strtolower(preg_replace('/[^\p{L}\p{N}]+/u', '', $word) ?? '');

        return $plain($given) !== '' && $plain($given) === $plain($this->copy_word ?? '');
    }

    /** @return HasOne<Draft, $this> */
    public function draft(): HasOne
    {
        return $this->hasOne(Draft::class);
    }

    /** @return BelongsTo<DesignVersion, $this> */
    public function publishedVersion(): BelongsTo
    {
        return $this->belongsTo(DesignVersion::class, 'published_version_id');
    }

    /** @return HasMany<DesignVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(DesignVersion::class);
    }

    /** @return HasMany<Clue, $this> */
    public function clues(): HasMany
    {
        $clues = $this->hasMany(Clue::class);
        $clues->orderBy('number');

        return $clues;
    }

    /** @return HasMany<Membership, $this> */
    public function memberships(): HasMany
    {
        return $this->hasMany(Membership::class);
    }

    /** @return HasMany<Project, $this> */
    public function projects(): HasMany
    {
        return $this->hasMany(Project::class);
    }

    /** @return HasMany<Invitation, $this> */
    public function invitations(): HasMany
    {
        return $this->hasMany(Invitation::class);
    }
}
