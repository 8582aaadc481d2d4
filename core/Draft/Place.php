<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

/**
 * An address in a design document, written such as `units/u-star/finished`: names of parts, and in lists the ids of what stands there. A
 * cell of a block has its column and row for an id: `blocks/b-one/cells/2,3`. Nothing is addressed by its position in a list, so an
 * address keeps its meaning whatever others add or remove.
 */
final readonly class Place
{
    private const DEEPEST = 12;

    /** @param  non-empty-list<string>  $steps */
    private function __construct(public array $steps)
    {
    }

    /** @throws EditRefused when the text is no address */
    public static function parse(string $text): self
    {
        $steps = explode('/', $text);
        if (count($steps) > self::DEEPEST || in_array('', $steps, true)) {
            throw new EditRefused('not_a_place', ['place' => mb_strimwidth($text, 0, 80, '…')]);
        }

        return new self($steps);
    }

    public static function of(string $first, string ...$more): self
    {
        return new self([$first, ...array_values($more)]);
    }

    public function within(string $step): self
    {
        return new self([...$this->steps, $step]);
    }

    public function cell(int $column, int $row): self
    {
        return $this->within('cells')->within("$column,$row");
    }

    public function text(): string
    {
        return implode('/', $this->steps);
    }

    /** The id of an item of a list: its own, or for a cell its column and row. Null for what has none. */
    public static function idOf(mixed $item): ?string
    {
        if (! is_array($item)) {
            return null;
        }
        if (isset($item['column'], $item['row']) && is_int($item['column']) && is_int($item['row'])) {
            return $item['column'].','.$item['row'];
        }

        return isset($item['id']) && is_string($item['id']) ? $item['id'] : null;
    }
}
