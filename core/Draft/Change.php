<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

/**
 * What an edit does at one place: what stood there, and what stands there after it. Items of lists also have a place in their order: the id
 * of the item they stand before, or null at the end, and that of the item behind which they stand, for when the other is gone or more was
 * put at the end meanwhile.
 */
final readonly class Change
{
    public function __construct(
        public Place $place,
        public Value $was,
        public Value $is,
        public ?string $stoodBefore = null,
        public ?string $standsBefore = null,
        public ?string $stoodBehind = null,
        public ?string $standsBehind = null,
    ) {
    }

    /** The same change in a document, with what stands in front of its item there and will stand in front of it then. */
    public function in(DraftDocument $document): self
    {
        $stood = $this->was->exists ? $document->leader($this->place) : null;

        return new self($this->place, $this->was, $this->is, $this->stoodBefore, $this->standsBefore, $stood, $this->standsBehind ?? match (true) {
            ! $this->is->exists => null,
            $this->was->exists && $this->stoodBefore === $this->standsBefore => $stood,
            default => $document->leader($this->place, $this->standsBefore),
        });
    }

    public function undone(): self
    {
        return new self(
            $this->place, $this->is, $this->was, $this->standsBefore, $this->stoodBefore, $this->standsBehind, $this->stoodBehind,
        );
    }

    /** @return array<string, mixed> plain data, as a file of edits has it */
    public function toArray(): array
    {
        return ['place' => $this->place->text()]
            + ($this->was->exists ? ['was' => $this->was->value] : [])
            + ($this->is->exists ? ['is' => $this->is->value] : [])
            + ($this->stoodBefore === null ? [] : ['stood_before' => $this->stoodBefore])
            + ($this->standsBefore === null ? [] : ['stands_before' => $this->standsBefore])
            + ($this->stoodBehind === null ? [] : ['stood_behind' => $this->stoodBehind])
            + ($this->standsBehind === null ? [] : ['stands_behind' => $this->standsBehind]);
    }

    /**
     * @param  array<string, mixed>  $data  as toArray() gave it
     *
     * @throws EditRefused when the place is none
     */
    public static function fromArray(array $data): self
    {
        $text = fn (string $key): ?string => isset($data[$key]) && is_string($data[$key]) ? $data[$key] : null;

        return new self(
            Place::parse($text('place') ?? ''),
            array_key_exists('was', $data) ? Value::of($data['was']) : Value::nothing(),
            array_key_exists('is', $data) ? Value::of($data['is']) : Value::nothing(),
            $text('stood_before'),
            $text('stands_before'),
            $text('stood_behind'),
            $text('stands_behind'),
        );
    }
}
