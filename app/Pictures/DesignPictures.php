<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/**
 * Which pictures the design of a quilt-along may show: those that were put into it, came with its file or with the design it was copied
 * from. Pictures are named by their hash, and naming one is not enough to see it.
 */
final class DesignPictures
{
    private const TABLE = 'design_pictures';

    /** @param  list<string>  $hashes */
    public function allow(QuiltAlong $quiltAlong, array $hashes): void
    {
        DB::table(self::TABLE)->insertOrIgnore(array_map(
            fn (string $hash): array => ['quilt_along_id' => $quiltAlong->id, 'hash' => $hash], $hashes,
        ));
    }

    public function has(QuiltAlong $quiltAlong, string $hash): bool
    {
        return DB::table(self::TABLE)->where(['quilt_along_id' => $quiltAlong->id, 'hash' => $hash])->exists();
    }

    /** @return list<string> hashes */
    public function of(QuiltAlong $quiltAlong): array
    {
        return array_values(DB::table(self::TABLE)->where('quilt_along_id', $quiltAlong->id)->pluck('hash')->map(strval(...))->all());
    }

    /** @return list<string> hashes of the pictures in all designs on whose host side somebody stands */
    public function hostedBy(?User $person): array
    {
        return $person === null ? [] : array_values(DB::table(self::TABLE)
            ->join('memberships', 'memberships.quilt_along_id', '=', self::TABLE.'.quilt_along_id')
            ->where('memberships.user_id', $person->id)
            ->where('memberships.role', '!=', Role::Member->value)
            ->distinct()->pluck('hash')->map(strval(...))->all());
    }
}
