<?php

declare(strict_types=1);

namespace Dew\Core\Correction;

use Dew\Core\Measure\Measurement;

/** What a correction means for one kind of piece that somebody may have cut. */
final readonly class PieceCorrection
{
    /**
     * @param  string  $counter  by which it was counted off
     * @param  string|null  $piece  id of the piece that stands in its place now; null when none does
     * @param  int  $was  how many were to be cut
     * @param  int  $is  how many are
     * @param  Measurement|null  $width  of the piece that is cut now
     * @param  Measurement|null  $length  likewise; null for a strip
     * @param  list<string>  $slots  ids of the fabrics that it was cut from
     */
    public function __construct(
        public string $counter,
        public ?string $piece,
        public Fit $fit,
        public int $was,
        public int $is,
        public ?Measurement $width = null,
        public ?Measurement $length = null,
        public ?string $label = null,
        public array $slots = [],
    ) {
    }

    public function isChanged(): bool
    {
        return $this->fit !== Fit::Kept || $this->was !== $this->is;
    }

    /** @return array<string, mixed> plain data; see {@see fromData()} */
    public function toData(): array
    {
        return array_filter([
            'counter' => $this->counter,
            'piece' => $this->piece,
            'fit' => $this->fit->value,
            'was' => $this->was,
            'is' => $this->is,
            'width' => $this->width?->encode(),
            'length' => $this->length?->encode(),
            'label' => $this->label,
            'slots' => $this->slots,
        ], fn (mixed $value): bool => $value !== null);
    }

    /** @param  array<string, mixed>  $data  as {@see toData()} gave it */
    public static function fromData(array $data): self
    {
        /**
         * @var array{counter: string, piece?: string, fit: string, was: int, is: int, width?: string, length?: string, label?: string,
         *     slots?: list<string>} $data
         */
        return new self(
            $data['counter'],
            $data['piece'] ?? null,
            Fit::from($data['fit']),
            $data['was'],
            $data['is'],
            isset($data['width']) ? Measurement::decode($data['width']) : null,
            isset($data['length']) ? Measurement::decode($data['length']) : null,
            $data['label'] ?? null,
            $data['slots'] ?? [],
        );
    }
}
