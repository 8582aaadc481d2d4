<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use Dew\Core\Design\DesignDocument;
use stdClass;

/** A design document that is being edited: finds what stands at a place, and puts something else there. It never changes itself. */
final readonly class DraftDocument
{
    /** @param  array<array-key, mixed>  $value  as in DesignDocument */
    public function __construct(public array $value)
    {
    }

    public static function of(DesignDocument $document): self
    {
        return new self($document->value);
    }

    /** The same as a design document, with its canonical bytes. */
    public function document(): DesignDocument
    {
        return DesignDocument::of($this->value);
    }

    public function at(Place $place): Value
    {
        return self::found($this->value, $place->steps);
    }

    /** @param  list<string>  $steps */
    private static function found(mixed $node, array $steps): Value
    {
        if ($steps === []) {
            return Value::of($node);
        }
        $node = $node instanceof stdClass ? (array) $node : $node;
        $key = is_array($node) ? self::key($node, $steps[0]) : null;

        return is_array($node) && $key !== null && array_key_exists($key, $node)
            ? self::found($node[$key], array_slice($steps, 1))
            : Value::nothing();
    }

    /**
     * The items of a list.
     *
     * @return list<array<array-key, mixed>>
     */
    public function items(Place $place): array
    {
        return self::records($this->at($place)->value);
    }

    /**
     * The tasks of a clue.
     *
     * @param  array<array-key, mixed>  $clue  as `items` gives it
     * @return list<array<array-key, mixed>>
     */
    public static function tasks(array $clue): array
    {
        return self::records($clue['tasks'] ?? null);
    }

    /**
     * The cell of a block that a pointer (`/blocks/0/cells/3/turn`) leads to or into; null if it leads to none.
     *
     * @return array<array-key, mixed>|null
     */
    public function cell(string $pointer): ?array
    {
        if (preg_match('#^/blocks/(\d+)/cells/(\d+)#', $pointer, $found) !== 1) {
            return null;
        }
        $block = $this->items(Place::of('blocks'))[(int) $found[1]] ?? [];

        return self::records($block['cells'] ?? null)[(int) $found[2]] ?? null;
    }

    /** @return list<array<array-key, mixed>> */
    private static function records(mixed $list): array
    {
        return is_array($list) ? array_values(array_filter($list, is_array(...))) : [];
    }

    /** The id of the item that follows one of a list; null for the last, and for what is in no list. */
    public function follower(Place $place): ?string
    {
        $steps = $place->steps;
        $id = array_pop($steps);
        $list = $steps === [] ? null : $this->at(Place::of(...$steps))->value;
        $index = is_array($list) && array_is_list($list) ? self::key($list, $id) : null;

        return is_int($index) ? Place::idOf($list[$index + 1] ?? null) : null;
    }

    /**
     * The id of the item in front of one of a list.
     *
     * @param  string|null  $before  the id of an item that it would stand before, or null for the end, where it is not in the list yet or moves
     * @return string|null null for the first, and for what is in no list
     */
    public function leader(Place $place, ?string $before = null): ?string
    {
        $steps = $place->steps;
        $id = array_pop($steps);
        $list = $steps === [] ? null : $this->at(Place::of(...$steps))->value;
        if (! is_array($list) || ! array_is_list($list)) {
            return null;
        }
        $own = self::key($list, $id);
        $others = is_int($own) && func_num_args() > 1 ? array_values(array_diff_key($list, [$own => true])) : $list;
        $index = func_num_args() > 1 ? ($before === null ? count($others) : self::key($others, $before)) : $own;

        return is_int($index) && $index > 0 ? Place::idOf($others[$index - 1]) : null;
    }

    /**
     * @throws EditConflict when something else stands there than the change expects
     * @throws EditRefused when there is no such place
     */
    public function with(Change $change): self
    {
        $there = $this->at($change->place);
        if (! $there->equals($change->was)) {
            throw new EditConflict($change->place, $change->was, $there, $change->is);
        }
        $value = $this->changed($this->value, $change->place->steps, $change);

        return new self($value);
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  non-empty-list<string>  $steps
     * @return array<array-key, mixed>
     */
    private function changed(array $node, array $steps, Change $change): array
    {
        $step = array_shift($steps);
        $key = self::key($node, $step);
        if ($steps === []) {
            return array_is_list($node) && ($node !== [] || Place::idOf($change->is->value) === $step)
                ? $this->inList($node, $key, $change)
                : $this->inObject($node, $step, $change);
        }
        $inner = $key === null ? null : $node[$key] ?? null;
        $inner = $inner instanceof stdClass ? (array) $inner : $inner;
        if ($key === null || ! is_array($inner)) {
            throw new EditRefused('no_place', ['place' => $change->place->text()]);
        }
        $node[$key] = $this->changed($inner, $steps, $change);

        return $node;
    }

    /**
     * @param  array<array-key, mixed>  $list
     * @return list<mixed>
     */
    private function inList(array $list, int|string|null $index, Change $change): array
    {
        $id = $change->place->steps[count($change->place->steps) - 1];
        if ($change->is->exists && Place::idOf($change->is->value) !== $id) {
            throw new EditRefused('id_stays', ['place' => $change->place->text(), 'id' => $id]);
        }
        if (! is_int($index) && ! $change->is->exists) {
            return array_values($list);
        }
        $stays = is_int($index) && $change->is->exists && $change->stoodBefore === $change->standsBefore;
        if ($stays) {
            $list[$index] = $change->is->value;

            return array_values($list);
        }
        if (is_int($index)) {
            array_splice($list, $index, 1);
        }
        if ($change->is->exists) {
            $before = $change->standsBefore === null ? null : self::key($list, $change->standsBefore);
            $behind = $change->standsBehind === null ? null : self::key($list, $change->standsBehind);
            array_splice($list, match (true) {
                is_int($before) => $before,
                is_int($behind) => $behind + 1,
                default => count($list),
            }, 0, [$change->is->value]);
        }

        return array_values($list);
    }

    /**
     * @param  array<array-key, mixed>  $object
     * @return array<array-key, mixed>
     */
    private function inObject(array $object, string $name, Change $change): array
    {
        if ($object !== [] && array_is_list($object)) {
            throw new EditRefused('list_as_a_whole', ['place' => $change->place->text()]);
        }
        if ($change->is->exists) {
            $object[$name] = $change->is->value;
        } else {
            unset($object[$name]);
        }

        return $object;
    }

    /**
     * Where a step leads in an object or a list; null where it leads nowhere yet.
     *
     * @param  array<array-key, mixed>  $node
     */
    private static function key(array $node, string $step): int|string|null
    {
        if ($node === [] || ! array_is_list($node)) {
            return $step;
        }
        foreach ($node as $index => $item) {
            if (Place::idOf($item) === $step) {
                return $index;
            }
        }

        return null;
    }
}
