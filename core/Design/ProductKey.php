<?php

declare(strict_types=1);

namespace Dew\Core\Design;

/**
 * Names a unit or block and the way it is used: `u-star`, `u-star.m` mirrored, `u-star.f-a=f-c` with another fabric in the place of f-a,
 * `u-star/x-ring` for a section of it.
 *
 * Ids hold neither dots, slashes nor equals signs, so a key is read back without doubt; fabrics are sorted, so the same use has one key.
 */
final class ProductKey
{
    /** @param  array<string, string>  $fabrics  ids of the fabrics taken instead, by the id of the fabric they replace */
    public static function of(string $id, array $fabrics, bool $mirrored): string
    {
        ksort($fabrics);
        $key = $id.($mirrored ? '.m' : '');
        foreach ($fabrics as $instead => $taken) {
            $key .= '.'.$instead.'='.$taken;
        }

        return $key;
    }

    /** The key of a section of a unit. */
    public static function section(string $unit, string $section): string
    {
        return $unit.'/'.$section;
    }

    /** The key of the unit that a section belongs to; null for what is no section. */
    public static function unitOfSection(string $key): ?string
    {
        $parts = explode('/', $key, 2);

        return isset($parts[1]) ? $parts[0] : null;
    }

    /** The key of the mirror image of a use that is not mirrored; null of one that is. */
    public static function mirrorOf(string $key): ?string
    {
        $id = self::id($key);
        $use = substr($key, strlen($id));

        return $use === '.m' || str_starts_with($use, '.m.') ? null : $id.'.m'.$use;
    }

    /** Whether it names strips or corner squares of a border. */
    public static function isBorder(string $key): bool
    {
        return str_starts_with($key, 'border:') || str_starts_with($key, 'border-corners:');
    }

    /** The id of what the document declares. */
    public static function id(string $key): string
    {
        return explode('.', explode('/', $key, 2)[0], 2)[0];
    }
}
