<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Document\Complaints;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Problem;
use stdClass;

/** An object whose keys are ids, or one of a few names; their order means nothing, so they are written sorted. */
final readonly class MapType implements Type
{
    /** @param  list<string>|null  $names  the only keys there may be; null for ids */
    public function __construct(
        private Type $values,
        private ?array $names = null,
    ) {
    }

    public function check(mixed $value, string $pointer, Complaints $complaints): void
    {
        if (! $this->resembles($value)) {
            $complaints->add($pointer, new Problem('document.no_object', ['value' => Node::shown($value)]), misformed: true);

            return;
        }
        foreach (is_array($value) ? $value : [] as $name => $item) {
            if (! $this->knows((string) $name)) {
                $complaints->add($pointer, new Problem('document.means_nothing', ['name' => $name]), harmless: true);
            } else {
                $this->values->check($item, $pointer.'/'.Node::escaped((string) $name), $complaints);
            }
        }
    }

    public function resembles(mixed $value): bool
    {
        return $value instanceof stdClass || (is_array($value) && ! array_is_list($value));
    }

    public function inner(string $step): ?Type
    {
        return $this->knows($step) ? $this->values : null;
    }

    public function words(): Problem
    {
        return new Problem('type.object');
    }

    public function ordered(mixed $value): mixed
    {
        // In memory an object without keys may be an empty array.
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            return $value;
        }
        ksort($value);

        return $value === [] ? new stdClass : array_map($this->values->ordered(...), $value);
    }

    public function schema(): array
    {
        $patterns = $this->names === null ? [PatternType::ID => $this->values->schema()] : [
            '^('.implode('|', $this->names).')$' => $this->values->schema(),
        ];

        return ['type' => 'object', 'patternProperties' => $patterns, 'additionalProperties' => false];
    }

    private function knows(string $name): bool
    {
        return $this->names === null ? preg_match('/'.PatternType::ID.'/D', $name) === 1 : in_array($name, $this->names, true);
    }
}
