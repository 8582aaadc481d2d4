<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

/** One place of a block's grid: where it is drawn, and what lies there. Lengths in hundredths of an inch. */
final readonly class Spot
{
    /**
     * @param  array<array-key, mixed>|null  $cell  as the document has it; null when it is empty
     * @param  string  $label  what lies there, in words
     * @param  array{column: int, row: int, product: string, x: float, y: float, turn: int}|null  $drawn  null when it cannot be drawn
     */
    public function __construct(
        public int $column,
        public int $row,
        public int $across,
        public int $down,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public ?array $cell,
        public string $label,
        public ?array $drawn,
    ) {
    }

    /** What lies there as the document has it, for an edit to expect. */
    public function json(): string
    {
        return (string) json_encode($this->cell, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** The id of the unit or block that lies there. */
    public function holds(): string
    {
        $id = $this->cell['unit'] ?? $this->cell['block'] ?? '';

        return is_string($id) ? $id : '';
    }

    /** @return array<string, string> the fabrics taken instead of others there */
    public function fabrics(): array
    {
        $fabrics = $this->cell['fabrics'] ?? [];

        return is_array($fabrics) ? array_filter($fabrics, is_string(...)) : [];
    }
}
