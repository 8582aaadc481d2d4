<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use stdClass;

/** What stands at a place of a document: any JSON value, or nothing at all. */
final readonly class Value
{
    private function __construct(
        public bool $exists,
        public mixed $value,
    ) {
    }

    public static function of(mixed $value): self
    {
        return new self(true, $value);
    }

    public static function nothing(): self
    {
        return new self(false, null);
    }

    /** Whether both say the same; the order of an object's keys means nothing. */
    public function equals(self $other): bool
    {
        return $this->exists === $other->exists && self::plain($this->value) === self::plain($other->value);
    }

    /** A short text that is the same for all values that say the same, and for no others. */
    public function digest(): string
    {
        return hash('sha256', ($this->exists ? 'is ' : 'nothing ').json_encode(self::plain($this->value), JSON_PARTIAL_OUTPUT_ON_ERROR));
    }

    /** The value as it is shown to somebody who has to choose between two. */
    public function text(): string
    {
        $flags = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR;

        return match (true) {
            ! $this->exists => 'nothing',
            is_string($this->value) => '"'.$this->value.'"',
            default => (string) json_encode($this->value, $flags),
        };
    }

    private static function plain(mixed $value): mixed
    {
        $value = $value instanceof stdClass ? (array) $value : $value;
        if (! is_array($value)) {
            return $value;
        }
        if (! array_is_list($value)) {
            ksort($value);
        }

        return array_map(self::plain(...), $value);
    }
}
