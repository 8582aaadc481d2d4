<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use stdClass;

/** What lies in one place of a block's grid, as the document writes it. Columns and rows count from one. */
final readonly class DraftCell
{
    /** @param  array<array-key, mixed>  $content  unit or block, turn, mirror, fabrics, and how it is turned in other ways of the block */
    private function __construct(
        public int $column,
        public int $row,
        public int $across,
        public int $down,
        public array $content,
    ) {
    }

    /** @param  array<array-key, mixed>  $data  as the document has it */
    public static function of(array $data): self
    {
        $number = fn (string $key): int => is_int($data[$key] ?? null) && $data[$key] > 0 ? $data[$key] : 1;

        return new self(
            $number('column'),
            $number('row'),
            $number('across'),
            $number('down'),
            array_diff_key($data, array_flip(['column', 'row', 'across', 'down'])),
        );
    }

    /** @return array<array-key, mixed> as the document has it; what is usual is left out */
    public function toArray(): array
    {
        $fabrics = $this->content['fabrics'] ?? [];
        $kept = array_filter($this->content, fn (mixed $value, int|string $key): bool => match ($key) {
            'turn' => $value !== 0,
            'mirror' => $value !== false,
            'fabrics' => $fabrics !== [] && ! ($fabrics instanceof stdClass),
            'ways' => $this->ways() !== [],
            default => true,
        }, ARRAY_FILTER_USE_BOTH);

        return ['column' => $this->column, 'row' => $this->row]
            + ($this->across === 1 ? [] : ['across' => $this->across])
            + ($this->down === 1 ? [] : ['down' => $this->down])
            + $kept;
    }

    public function id(): string
    {
        return "$this->column,$this->row";
    }

    public function covers(int $column, int $row): bool
    {
        return $column >= $this->column && $column < $this->column + $this->across && $row >= $this->row && $row < $this->row + $this->down;
    }

    /** @return list<string> every place it covers, as "column,row" */
    public function places(): array
    {
        $places = [];
        for ($row = $this->row; $row < $this->row + $this->down; $row++) {
            for ($column = $this->column; $column < $this->column + $this->across; $column++) {
                $places[] = "$column,$row";
            }
        }

        return $places;
    }

    public function at(int $column, int $row): self
    {
        return new self($column, $row, $this->across, $this->down, $this->content);
    }

    public function spanning(int $across, int $down): self
    {
        return new self($this->column, $this->row, $across, $down, $this->content);
    }

    /** @param  array<array-key, mixed>  $content */
    public function holding(array $content): self
    {
        return new self($this->column, $this->row, $this->across, $this->down, $content);
    }

    /** The same thing turned clockwise where it lies. */
    public function turned(int $degrees): self
    {
        return $this->holding(['turn' => (($this->turn() + $degrees) % 360 + 360) % 360] + $this->content);
    }

    /** The same thing flipped left to right where it lies: a turn clockwise becomes one the other way. */
    public function mirrored(): self
    {
        $reversed = $this->withWaysReversed();

        return $reversed->holding(
            ['turn' => (360 - $this->turn()) % 360, 'mirror' => ! ($this->content['mirror'] ?? false)] + $reversed->content,
        );
    }

    /** How many degrees clockwise it is turned further in another way of its block. */
    public function furtherIn(string $way): int
    {
        return $this->ways()[$way] ?? 0;
    }

    /** The same thing turned so much further in another way of its block; 0 for as in the block. */
    public function turnedFurther(string $way, int $degrees): self
    {
        $ways = array_filter([$way => $degrees] + $this->ways());
        ksort($ways);

        return $this->holding(['ways' => $ways] + $this->content);
    }

    /** Flipped left to right, what is turned further one way is turned further the other way. */
    public function withWaysReversed(): self
    {
        return $this->holding(['ways' => array_map(fn (int $degrees): int => 360 - $degrees, $this->ways())] + $this->content);
    }

    /** @return array<string, int> degrees by way */
    private function ways(): array
    {
        $ways = [];
        foreach (is_array($this->content['ways'] ?? null) ? $this->content['ways'] : [] as $way => $degrees) {
            if (is_int($degrees) && $degrees > 0) {
                $ways[(string) $way] = $degrees;
            }
        }

        return $ways;
    }

    private function turn(): int
    {
        return is_int($this->content['turn'] ?? null) ? $this->content['turn'] : 0;
    }
}
