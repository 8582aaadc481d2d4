<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use stdClass;

/**
 * Who names what in a design document. The rules say for every key that holds ids which list those are of; everything else is walked
 * through. The same walk finds what is named, and puts another name in its place.
 */
final class References
{
    /** Keys whose text, or whose list of texts, names something; by the part of the document they stand in where that matters. */
    private const NAMES = [
        'unit' => 'units', 'block' => 'blocks', 'fabric' => 'fabrics', 'corner_fabric' => 'fabrics', 'corner_unit' => 'units',
        'instead' => 'fabrics', 'cornerstones' => 'fabrics', 'side' => 'fabrics', 'corner' => 'fabrics', 'alternate' => 'blocks',
        'pattern' => 'blocks', 'quilt' => 'blocks', 'size' => 'sizes', 'colourway' => 'colourways',
    ];

    /** @return array<string, Reference> every one, by its key */
    public static function in(DraftDocument $document): array
    {
        $found = [];
        self::walk($document->value, '', '', function (string $list, string $id, string $user) use (&$found): string {
            $reference = new Reference($list, $id, $user);
            $found[$reference->key()] = $reference;

            return $id;
        });

        return $found;
    }

    /** @return array<string, Reference> of what the document does not have */
    public static function dangling(DraftDocument $document): array
    {
        $ids = [
            'fabrics' => self::ids($document, Place::of('fabrics')), 'units' => self::ids($document, Place::of('units')),
            'blocks' => self::ids($document, Place::of('blocks')), 'borders' => self::ids($document, Place::of('setting', 'borders')),
            'sizes' => self::ids($document, Place::of('sizes')), 'colourways' => self::ids($document, Place::of('colourways')),
        ];

        return array_filter(self::in($document), fn (Reference $reference): bool => ! isset($ids[$reference->list][$reference->id]));
    }

    /**
     * A part of a document in which some things of a list are named instead of others.
     *
     * @param  array<array-key, mixed>  $part
     * @param  string  $name  of the part in the document, such as units
     * @param  array<string, string>  $ids  new ids by old ones
     * @return array<array-key, mixed>
     */
    public static function renamed(array $part, string $name, string $list, array $ids): array
    {
        $renamed = self::walk(
            [$name => $part],
            '',
            '',
            fn (string $of, string $id): string => $of === $list ? $ids[$id] ?? $id : $id,
        )[$name];

        return is_array($renamed) ? $renamed : $part;
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  string  $part  the key under which it stands
     * @param  string  $user  the place of the thing that is walked through
     * @param  callable(string, string, string): string  $name  told the list, the id and the user; gives the id to write
     * @return array<array-key, mixed>
     */
    private static function walk(array $node, string $part, string $user, callable $name): array
    {
        $walked = [];
        foreach ($node as $key => $value) {
            $value = $value instanceof stdClass && (array) $value !== [] ? (array) $value : $value;
            $list = self::listOf((string) $key, $part, $value);
            if ($list !== null && is_array($value)) {
                $walked[$key] = self::named($value, $list, $user, $name);
            } elseif ($list !== null && is_string($value)) {
                $walked[$key] = $name($list, $value, $user);
            } elseif (is_array($value) && self::isKeyedByFabric((string) $key, $part)) {
                $walked[$key] = self::keyed($value, (string) $key, $user, $name);
            } elseif (is_array($value)) {
                $walked[$key] = self::walk($value, is_int($key) ? $part : (string) $key, self::user($value, $key, $part, $user), $name);
            } else {
                $walked[$key] = $value;
            }
        }

        return $walked;
    }

    /** Which list the ids under a key are of; null when it holds no ids. */
    private static function listOf(string $key, string $part, mixed $value): ?string
    {
        return match (true) {
            // The fabrics of a unit or of what is left for later are a list of ids; those of the document are the fabrics themselves.
            $key === 'fabrics' => is_array($value) && array_is_list($value) && is_string($value[0] ?? null) ? 'fabrics' : null,
            // The borders a size takes; those of the setting are the borders themselves.
            $key === 'borders' => is_array($value) && is_string($value[0] ?? null) ? 'borders' : null,
            $key === 'corner' && $part !== 'triangles', $key === 'block' && $part === 'sizes' => null,
            default => self::NAMES[$key] ?? null,
        };
    }

    /** Replacements of fabrics in a cell, a variant or a task, and the cloths of a colourway. */
    private static function isKeyedByFabric(string $key, string $part): bool
    {
        return ($key === 'cloth' && $part === 'colourways') || ($key === 'fabrics' && in_array(
            $part,
            ['cells', 'variants', 'tasks'],
            true,
        ));
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @param  callable(string, string, string): string  $name
     * @return array<array-key, mixed>
     */
    private static function keyed(array $value, string $key, string $user, callable $name): array
    {
        $walked = [];
        foreach ($value as $fabric => $taken) {
            $walked[$name(
                'fabrics',
                (string) $fabric,
                $user,
            )] = $key === 'fabrics' && is_string($taken) ? $name('fabrics', $taken, $user) : $taken;
        }

        return $walked;
    }

    /**
     * @param  array<array-key, mixed>  $ids  and lists of ids
     * @param  callable(string, string, string): string  $name
     * @return array<array-key, mixed>
     */
    private static function named(array $ids, string $list, string $user, callable $name): array
    {
        return array_map(fn (mixed $id): mixed => match (true) {
            is_string($id) => $name($list, $id, $user),
            is_array($id) => self::named($id, $list, $user, $name),
            default => $id,
        }, $ids);
    }

    /** @param  array<array-key, mixed>  $value */
    private static function user(array $value, int|string $key, string $part, string $user): string
    {
        $id = is_int($key) ? Place::idOf($value) : null;

        return match (true) {
            $id !== null && in_array($part, ['units', 'blocks', 'sizes', 'clues', 'colourways'], true) => "$part/$id",
            $key === 'setting' => 'setting',
            default => $user,
        };
    }

    /** @return array<string, true> */
    private static function ids(DraftDocument $document, Place $list): array
    {
        $ids = [];
        foreach ($document->items($list) as $item) {
            $ids[(string) Place::idOf($item)] = true;
        }

        return $ids;
    }
}
