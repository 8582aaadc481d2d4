<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\QuiltAlongFactory;
use Dew\Core\Unit\Method;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $slug
 * @property string $name
 * @property string $host_name the shop or guild
 * @property QuiltAlongKind $kind
 * @property string $zone IANA name
 * @property int|null $published_version_id
 * @property array<string, string> $default_methods the methods the published design sets as defaults, by kind
 * @property-read DesignVersion|null $publishedVersion
 */
final class QuiltAlong extends Model
{
    /** @use HasFactory<QuiltAlongFactory> */
    use HasFactory;

    protected $fillable = ['slug', 'name', 'host_name', 'kind', 'zone'];

    protected function casts(): array
    {
        return ['kind' => QuiltAlongKind::class, 'default_methods' => 'array'];
    }

    /** @return array<string, Method> by kind; methods that this Dew does not know are left out */
    public function usualMethods(): array
    {
        return array_filter(array_map(Method::tryFrom(...), $this->default_methods ?? []));
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
