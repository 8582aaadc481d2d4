<?php

declare(strict_types=1);

namespace Dew\Core\Document;

/**
 * What a document has declared of one sort, by id: fabrics, units, blocks.
 *
 * Something declared that could not be read was complained of where it stands; what names it is passed over without another complaint.
 *
 * @template T
 */
final class Known
{
    /** @var array<string, T> */
    private array $items = [];

    /** @var array<string, true> */
    private array $faulty = [];

    /** @param  string  $what  such as "fabric" */
    public function __construct(private readonly string $what)
    {
    }

    /** @param  T  $item */
    public function add(string $id, mixed $item): void
    {
        $this->items[$id] = $item;
    }

    /** Declared, but with faults. */
    public function addFaulty(string $id): void
    {
        $this->faulty[$id] = true;
    }

    /** Was read, but turned out to have faults. */
    public function spoil(string $id): void
    {
        unset($this->items[$id]);
        $this->faulty[$id] = true;
    }

    public function has(string $id): bool
    {
        return isset($this->items[$id]);
    }

    /**
     * What is known by the id that stands here.
     *
     * @return T
     *
     * @throws DocumentException when the document does not have it
     * @throws PassedOver when it has faults of its own
     */
    public function at(Node $node): mixed
    {
        return $this->named($node->id(), $node);
    }

    /**
     * What is known by an id; complaints are about the given place.
     *
     * @return T
     *
     * @throws DocumentException when the document does not have it
     * @throws PassedOver when it has faults of its own
     */
    public function named(string $id, Node $place): mixed
    {
        if (isset($this->items[$id])) {
            return $this->items[$id];
        }
        if (isset($this->faulty[$id])) {
            throw new PassedOver;
        }

        throw $place->fail('document.names_nothing', ['what' => $this->what, 'id' => $id]);
    }

    /** @return array<string, T> */
    public function all(): array
    {
        return $this->items;
    }

    /** @return array<string, true> every id that was declared, with faults or without */
    public function taken(): array
    {
        return $this->faulty + array_map(fn (): bool => true, $this->items);
    }
}
