<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use stdClass;

/** What changed from one document to another. Things with ids are compared with their own kind, wherever they stand. */
final class Comparison
{
    /** @return list<Difference> in the order of the later document's parts; what is gone stands where it stood before */
    public static function of(DraftDocument $old, DraftDocument $new): array
    {
        return self::parts($old->value, $new->value, null);
    }

    /** @return list<Difference> */
    private static function values(mixed $was, mixed $is, Place $place): array
    {
        [$was, $is] = [self::plain($was), self::plain($is)];
        if (Value::of($was)->equals(Value::of($is))) {
            return [];
        }
        if (self::isListOfThings($was) && self::isListOfThings($is)) {
            return self::things($was, $is, $place);
        }

        return is_array($was) && is_array($is) && ! array_is_list($was) && ! array_is_list($is)
            ? self::parts($was, $is, $place)
            : [new Difference(Difference::CHANGED, $place, Value::of($was), Value::of($is))];
    }

    /**
     * @param  array<array-key, mixed>  $was
     * @param  array<array-key, mixed>  $is
     * @return list<Difference>
     */
    private static function parts(array $was, array $is, ?Place $within): array
    {
        $differences = [];
        foreach (array_keys($is + $was) as $name) {
            $place = $within === null ? Place::of((string) $name) : $within->within((string) $name);
            array_push($differences, ...match (true) {
                ! array_key_exists($name, $was) => [new Difference(Difference::CHANGED, $place, Value::nothing(), Value::of($is[$name]))],
                ! array_key_exists($name, $is) => [new Difference(Difference::CHANGED, $place, Value::of($was[$name]), Value::nothing())],
                default => self::values($was[$name], $is[$name], $place),
            });
        }

        return $differences;
    }

    /**
     * @param  array<array-key, mixed>  $was
     * @param  array<array-key, mixed>  $is
     * @return list<Difference>
     */
    private static function things(array $was, array $is, Place $place): array
    {
        [$before, $after] = [self::byId($was), self::byId($is)];
        $differences = [];
        foreach ($after as $id => $thing) {
            array_push($differences, ...array_key_exists($id, $before)
                ? self::values($before[$id], $thing, $place->within((string) $id))
                : [new Difference(Difference::ADDED, $place->within((string) $id), Value::nothing(), Value::of($thing))]);
        }
        foreach (array_diff_key($before, $after) as $id => $thing) {
            $differences[] = new Difference(Difference::REMOVED, $place->within((string) $id), Value::of($thing), Value::nothing());
        }
        $ids = fn (array $things, array $others): array => array_map(strval(...), array_keys(array_intersect_key($things, $others)));
        [$stood, $stand] = [$ids($before, $after), $ids($after, $before)];
        if ($stood !== $stand && ! str_contains($stood[0] ?? '', ',')) {
            // In which order the cells of a grid are written means nothing.
            $differences[] = new Difference(Difference::ORDER, $place, Value::of($stood), Value::of($stand));
        }

        return $differences;
    }

    /**
     * @param  array<array-key, mixed>  $list
     * @return array<array-key, mixed>
     */
    private static function byId(array $list): array
    {
        $things = [];
        foreach ($list as $thing) {
            $things[(string) Place::idOf($thing)] = $thing;
        }

        return $things;
    }

    /** @phpstan-assert-if-true =array<array-key, mixed> $value */
    private static function isListOfThings(mixed $value): bool
    {
        return is_array($value) && array_is_list($value)
            && array_filter($value, fn (mixed $thing): bool => Place::idOf($thing) === null) === [];
    }

    private static function plain(mixed $value): mixed
    {
        return $value instanceof stdClass ? (array) $value : $value;
    }
}
