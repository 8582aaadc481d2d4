<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property string $name
 * @property string $email always in small letters
 * @property string $password
 * @property CarbonImmutable|null $email_verified_at when she showed that she reads the address
 * @property string|null $two_factor_secret of her time codes
 * @property list<string>|null $two_factor_codes hashes of the codes for a lost device that are left
 * @property CarbonImmutable|null $two_factor_at since when she is asked for a time code
 * @property int|null $two_factor_step the code that was used last
 * @property-read Collection<int, Membership> $memberships
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    protected $fillable = ['name', 'email', 'password'];

    protected $attributes = [
        'email_verified_at' => null,
        'two_factor_secret' => null,
        'two_factor_codes' => null,
        'two_factor_at' => null,
        'two_factor_step' => null,
    ];

    protected $hidden = ['password', 'remember_token', 'two_factor_secret', 'two_factor_codes'];

    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'email_verified_at' => 'immutable_datetime',
            'two_factor_secret' => 'encrypted',
            'two_factor_codes' => 'encrypted:array',
            'two_factor_at' => 'immutable_datetime',
        ];
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

    public function roleIn(QuiltAlong $quiltAlong): ?Role
    {
        return $this->memberships->firstWhere('quilt_along_id', $quiltAlong->id)?->role;
    }

    /** Whether she may change the design of a quilt-along: its owner, and helpers to whom that is given. */
    public function mayEdit(QuiltAlong $quiltAlong): bool
    {
        $membership = $this->memberships->firstWhere('quilt_along_id', $quiltAlong->id);

        return $membership !== null && ($membership->role === Role::Owner || ($membership->role === Role::Helper && $membership->may_edit));
    }

    /** Whether she leaves remarks on clues before they open. */
    public function mayTest(QuiltAlong $quiltAlong): bool
    {
        $membership = $this->memberships->firstWhere('quilt_along_id', $quiltAlong->id);

        return $membership !== null && ($membership->role === Role::Owner || ($membership->role === Role::Helper && $membership->may_test));
    }

    /** Whether she owns or helps with any quilt-along. */
    public function isHost(): bool
    {
        return $this->memberships->contains(fn (Membership $membership): bool => $membership->role->isHostSide());
    }

    /** @return Attribute<string, string> */
    protected function email(): Attribute
    {
        return Attribute::make(set: fn (string $email): string => mb_strtolower(trim($email)));
    }
}
