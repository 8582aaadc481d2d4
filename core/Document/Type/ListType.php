<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Document\Complaints;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Problem;

/** A list of things of one type. */
final readonly class ListType implements Type
{
    public function __construct(
        private Type $items,
        private int $least,
        private int $most,
    ) {
    }

    public function check(mixed $value, string $pointer, Complaints $complaints): void
    {
        if (! is_array($value) || ! array_is_list($value)) {
            $complaints->add($pointer, new Problem('document.no_list', ['value' => Node::shown($value)]), misformed: true);

            return;
        }
        if (count($value) > $this->most || count($value) < $this->least) {
            $problem = new Problem('document.entries', ['count' => count($value), 'least' => $this->least, 'most' => $this->most]);
            $complaints->add($pointer, $problem, unfinished: count($value) < $this->least, misformed: count($value) > $this->most);
        }
        foreach (array_slice($value, 0, $this->most) as $index => $item) {
            $this->items->check($item, $pointer.'/'.$index, $complaints);
        }
    }

    public function resembles(mixed $value): bool
    {
        return is_array($value) && array_is_list($value);
    }

    public function inner(string $step): Type
    {
        return $this->items;
    }

    public function words(): Problem
    {
        return new Problem('type.list');
    }

    public function ordered(mixed $value): mixed
    {
        return is_array($value) && array_is_list($value) ? array_map($this->items->ordered(...), $value) : $value;
    }

    public function schema(): array
    {
        return ['type' => 'array', 'minItems' => $this->least, 'maxItems' => $this->most, 'items' => $this->items->schema()];
    }
}
