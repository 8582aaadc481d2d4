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
     * @param  string|null  $points  corners of a place on 60° axes; null for a rectangle
     * @param  array<string, string>  $ways  there, how something of one division would be moved and turned to lie in it, by its shape
     * @param  array{float, float}|null  $middle  where words about it stand; null for the middle of its box
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
        public ?string $points = null,
        public array $ways = [],
        public ?array $middle = null,
    ) {
    }

    /**
     * Where a letter of what is drawn there stands, so that it is upright however the thing is turned.
     *
     * @return array{float, float}
     */
    public function letterAt(float $x, float $y): array
    {
        $turn = deg2rad($this->drawn['turn'] ?? 0);

        return [
            ($this->drawn['x'] ?? 0.0) + $x * cos($turn) - $y * sin($turn),
            ($this->drawn['y'] ?? 0.0) + $x * sin($turn) + $y * cos($turn),
        ];
    }

    /** @return array{float, float} */
    public function middle(): array
    {
        return $this->middle ?? [$this->x + $this->width / 2, $this->y + $this->height / 2];
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
