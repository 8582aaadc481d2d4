<?php

declare(strict_types=1);

namespace Dew\Core\Kits;

/** So many equal kits that somebody has ordered. */
final readonly class KitOrder
{
    /**
     * @param  string  $number  of the order, unlike every other's
     * @param  string  $part  id of the clue or of the fabric slot; empty for a whole quilt
     * @param  int  $count  at least one
     */
    public function __construct(
        public string $number,
        public string $name,
        public string $email,
        public KitKind $kind,
        public string $part,
        public string $size,
        public string $colourway,
        public int $count,
    ) {
    }

    /** The kit as it is written in a table: "whole", "clue:k-lanterns", "slot:f-deep". */
    public function kit(): string
    {
        return $this->part === '' ? $this->kind->value : $this->kind->value.':'.$this->part;
    }

    /** Orders of equal kits have the same. */
    public function key(): string
    {
        return implode(' ', [$this->kit(), $this->size, $this->colourway]);
    }
}
