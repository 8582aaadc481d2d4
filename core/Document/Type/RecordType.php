<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Document\Complaints;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Problem;
use stdClass;

/** An object with named parts. Keys that the description does not have are complained of, and kept. */
final readonly class RecordType implements Type
{
    /**
     * @param  array<string, Type>  $parts  in the order in which they are written
     * @param  list<string>  $optional  names of the parts that may be left out
     * @param  bool  $isValue  whether its parts are one value, such as a width and a height, and not things that are drawn up bit by bit
     */
    public function __construct(
        private array $parts,
        private array $optional = [],
        private bool $isValue = false,
    ) {
    }

    public function check(mixed $value, string $pointer, Complaints $complaints): void
    {
        if (! $this->resembles($value)) {
            $complaints->add($pointer, new Problem('document.no_object', ['value' => Node::shown($value)]), misformed: true);

            return;
        }
        $given = is_array($value) ? $value : [];
        foreach ($this->parts as $name => $type) {
            if (array_key_exists($name, $given)) {
                $type->check($given[$name], $pointer.'/'.Node::escaped($name), $complaints);
            } elseif (! in_array($name, $this->optional, true)) {
                $complaints->add($pointer, new Problem('document.missing', ['name' => $name]), unfinished: ! $this->isValue, misformed: $this->isValue);
            }
        }
        foreach (array_diff_key($given, $this->parts) as $name => $unknown) {
            $complaints->add($pointer, new Problem('document.means_nothing', ['name' => $name]), harmless: true);
        }
    }

    public function resembles(mixed $value): bool
    {
        return $value instanceof stdClass || (is_array($value) && ! array_is_list($value));
    }

    public function inner(string $step): ?Type
    {
        return $this->parts[$step] ?? null;
    }

    public function words(): Problem
    {
        return new Problem('type.record', ['parts' => implode(
            ', ', array_map(fn (string $name): string => '"'.$name.'"', array_diff(array_keys($this->parts), $this->optional)),
        )]);
    }

    /** Whether one of its parts is there, which tells it apart from other objects. */
    public function sharesAPart(mixed $value): bool
    {
        return is_array($value) && array_intersect_key($this->parts, $value) !== [];
    }

    public function ordered(mixed $value): mixed
    {
        // In memory an object without keys may be an empty array.
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            return $value;
        }
        $ordered = [];
        foreach ($this->parts as $name => $type) {
            if (array_key_exists($name, $value)) {
                $ordered[$name] = $type->ordered($value[$name]);
            }
        }
        $unknown = array_diff_key($value, $this->parts);
        ksort($unknown);

        return $ordered + $unknown === [] ? new stdClass : $ordered + $unknown;
    }

    public function schema(): array
    {
        return [
            'type' => 'object',
            'required' => array_values(array_diff(array_keys($this->parts), $this->optional)),
            'properties' => array_map(fn (Type $part): array => $part->schema(), $this->parts),
            'additionalProperties' => false,
        ];
    }
}
