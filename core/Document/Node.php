<?php

declare(strict_types=1);

namespace Dew\Core\Document;

use BackedEnum;
use Closure;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Problem;
use Dew\Core\Measure\Size;
use JsonException;
use stdClass;

/** A value somewhere in a JSON document, read as the type it must have; every complaint names its JSON pointer. */
final readonly class Node
{
    private const DEEPEST = 64;

    /** @param  Reader|null  $reader  for a document that repeats others */
    private function __construct(
        private mixed $value,
        private ?self $parent = null,
        private string|int $key = '',
        private ?Reader $reader = null,
    ) {
    }

    /**
     * @param  int  $limit  bytes
     *
     * @throws DocumentException
     */
    public static function fromJson(string $json, int $limit, ?Reader $reader = null): self
    {
        if (strlen($json) > $limit) {
            throw DocumentException::at('', 'document.too_large', ['bytes' => strlen($json), 'most' => $limit]);
        }
        try {
            return new self(json_decode($json, true, self::DEEPEST, JSON_THROW_ON_ERROR), reader: $reader);
        } catch (JsonException $error) {
            throw DocumentException::at('', 'document.no_json', ['problem' => Problem::of($error)]);
        }
    }

    public function has(string $key): bool
    {
        return is_array($this->value) && array_key_exists($key, $this->value);
    }

    /** @throws DocumentException */
    public function get(string|int $key): self
    {
        if (! is_array($this->value) || ! array_key_exists($key, $this->value)) {
            throw DocumentException::at($this->pointer(), 'document.missing', ['name' => $key]);
        }

        return new self($this->value[$key], $this, $key, $this->reader);
    }

    /** A key as it stands in a JSON pointer. */
    public static function escaped(string $key): string
    {
        return str_replace(['~', '/'], ['~0', '~1'], $key);
    }

    /** A value as a complaint shows it: shortened, and only the type of what has parts. */
    public static function shown(mixed $value): string
    {
        if (! is_scalar($value) && $value !== null) {
            return is_array($value) ? (array_is_list($value) ? 'a list' : 'an object') : 'an object';
        }
        $flags = JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_PARTIAL_OUTPUT_ON_ERROR;

        return mb_strimwidth((string) json_encode($value, $flags), 0, 60, '…');
    }

    /** The value as it stands here: arrays, texts, numbers, and an stdClass for an object without keys. */
    public function value(): mixed
    {
        return $this->value;
    }

    /** A whole document that was decoded before. */
    public static function of(mixed $value): self
    {
        return new self($value);
    }

    public function pointer(): string
    {
        return $this->parent === null ? '' : $this->parent->pointer().'/'.self::escaped((string) $this->key);
    }

    /**
     * What is written here as a value that does not change: made once for all that is written alike, where documents are read that repeat
     * one another.
     *
     * @template T
     *
     * @param  string  $form  which kind of value it is read as
     * @param  Closure(): T  $make
     * @return T
     */
    public function once(string $form, Closure $make): mixed
    {
        return $this->reader === null ? $make() : $this->reader->once($form, $this->value, $make);
    }

    public function isNull(): bool
    {
        return $this->value === null;
    }

    public function isText(string $text): bool
    {
        return $this->value === $text;
    }

    /** Another value in the same place. */
    public function with(mixed $value): self
    {
        return new self($value, $this->parent, $this->key, $this->reader);
    }

    /**
     * The whole object as it stands.
     *
     * @return array<string, mixed>
     *
     * @throws DocumentException
     */
    public function object(): array
    {
        $object = [];
        foreach ($this->entries() as $key => $node) {
            $object[$key] = $node->value;
        }

        return $object;
    }

    /**
     * The `id` within this object, which none of those already taken has.
     *
     * @param  array<string, mixed>  $taken  by id
     *
     * @throws DocumentException
     */
    public function freshId(array $taken): string
    {
        $node = $this->get('id');
        $id = $node->id();
        if (isset($taken[$id])) {
            throw $node->fail('document.id_twice', ['id' => $id]);
        }

        return $id;
    }

    /**
     * What is known by the id that stands here.
     *
     * @template T
     *
     * @param  array<string, T>  $known  by id
     * @return T
     *
     * @throws DocumentException
     */
    public function known(array $known, string $what): mixed
    {
        $id = $this->id();

        return $known[$id] ?? throw $this->fail('document.names_nothing', ['what' => $what, 'id' => $id]);
    }

    /**
     * @return list<self>
     *
     * @throws DocumentException
     */
    public function items(int $most = PHP_INT_MAX, int $least = 0): array
    {
        if (! is_array($this->value) || ! array_is_list($this->value)) {
            throw $this->wrong(new Problem('type.list'));
        }
        if (count($this->value) > $most || count($this->value) < $least) {
            throw DocumentException::at($this->pointer(), 'document.entries', ['count' => count($this->value), 'least' => $least, 'most' => $most]);
        }

        return array_map($this->get(...), array_keys($this->value));
    }

    /**
     * @return array<string, self>
     *
     * @throws DocumentException
     */
    public function entries(): array
    {
        if ($this->value instanceof stdClass) {
            return [];
        }
        if (! is_array($this->value) || ($this->value !== [] && array_is_list($this->value))) {
            throw $this->wrong(new Problem('type.object'));
        }
        $entries = [];
        foreach (array_keys($this->value) as $key) {
            $entries[(string) $key] = $this->get($key);
        }

        return $entries;
    }

    /** @throws DocumentException */
    public function string(int $longest = 200): string
    {
        if (! is_string($this->value) || $this->value === '' || mb_strlen($this->value) > $longest) {
            throw $this->wrong(new Problem('type.text_up_to', ['most' => $longest]));
        }

        return $this->value;
    }

    /**
     * A text of any length, also an empty one.
     *
     * @throws DocumentException
     */
    public function text(): string
    {
        return is_string($this->value) ? $this->value : throw $this->wrong(new Problem('type.text'));
    }

    /** A key that is minted once: small letters, digits and hyphens. */
    public function id(): string
    {
        if (! is_string($this->value) || preg_match('/^[a-z][a-z0-9-]{0,39}$/', $this->value) !== 1) {
            throw $this->wrong(new Problem('type.id'));
        }

        return $this->value;
    }

    /** @throws DocumentException */
    public function integer(int $least, int $most): int
    {
        if (! is_int($this->value) || $this->value < $least || $this->value > $most) {
            throw $this->wrong(new Problem('type.whole', ['least' => $least, 'most' => $most]));
        }

        return $this->value;
    }

    /**
     * A whole number without an upper limit.
     *
     * @throws DocumentException
     */
    public function count(int $least = 0): int
    {
        return $this->integer($least, PHP_INT_MAX);
    }

    /**
     * @return list<string> texts of any length
     *
     * @throws DocumentException
     */
    public function texts(): array
    {
        return array_map(fn (self $text): string => $text->text(), $this->items());
    }

    /**
     * @return array<string, string> texts of any length, by key
     *
     * @throws DocumentException
     */
    public function names(): array
    {
        return array_map(fn (self $name): string => $name->text(), $this->entries());
    }

    /**
     * @return array<string, int> whole numbers from 0, by key
     *
     * @throws DocumentException
     */
    public function counts(): array
    {
        return array_map(fn (self $count): int => $count->count(), $this->entries());
    }

    /**
     * @return array<string, mixed> an object as plain data
     *
     * @throws DocumentException
     */
    public function data(): array
    {
        $data = [];
        foreach ($this->object() as $key => $value) {
            $data[(string) $key] = $value;
        }

        return $data;
    }

    /** @throws DocumentException */
    public function boolean(): bool
    {
        return is_bool($this->value) ? $this->value : throw $this->wrong(new Problem('type.flag'));
    }

    /** @throws DocumentException */
    public function number(): float
    {
        return is_int($this->value) || is_float($this->value) ? (float) $this->value : throw $this->wrong(new Problem('type.number'));
    }

    /**
     * A length written as text, such as "4 5/8" or "11.5 cm", above zero.
     *
     * @throws DocumentException
     */
    public function length(): Length
    {
        $length = $this->parsed();
        if (! $length->isPositive()) {
            throw $this->fail('document.above_zero', ['value' => is_string($this->value) ? $this->value : '']);
        }

        return $length;
    }

    /** @throws DocumentException */
    private function parsed(): Length
    {
        if (! is_string($this->value)) {
            throw $this->wrong(new Problem('type.length'));
        }
        try {
            return Length::parse($this->value);
        } catch (MeasureException $error) {
            throw $this->fail(Problem::of($error));
        }
    }

    /**
     * A length that may also be nothing: where a corner lies.
     *
     * @throws DocumentException
     */
    public function lengthOrZero(): Length
    {
        if ($this->value === '0') {
            return Length::zero();
        }
        $length = $this->parsed();

        return $length->isNegative() ? throw $this->fail('document.zero_or_more', ['value' => Node::shown($this->value)]) : $length;
    }

    /**
     * A side of a square, or a width and a height.
     *
     * @throws DocumentException
     */
    public function size(): Size
    {
        return $this->has('width') || $this->has('height') ? new Size(
            $this->get('width')->length(),
            $this->get('height')->length(),
        ) : Size::square($this->length());
    }

    /** @throws DocumentException */
    public function colour(): string
    {
        if (! is_string($this->value) || preg_match('/^#[0-9a-f]{6}$/', $this->value) !== 1) {
            throw $this->wrong(new Problem('type.colour'));
        }

        return $this->value;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     *
     * @throws DocumentException
     */
    public function enum(string $enum): BackedEnum
    {
        return $this->oneOf($enum::cases());
    }

    /**
     * @template T of BackedEnum
     *
     * @param  list<T>  $cases
     * @return T
     *
     * @throws DocumentException
     */
    public function oneOf(array $cases): BackedEnum
    {
        foreach ($cases as $case) {
            if ($case->value === $this->value) {
                return $case;
            }
        }

        throw $this->wrong(new Problem('type.choice', [
            'choices' => implode(', ', array_map(fn (BackedEnum $case): string => (string) $case->value, $cases)),
        ]));
    }

    /**
     * @param  string|Problem  $problem  or its code
     * @param  array<string, string|int|Problem>  $values  what goes into the sentence of a code
     */
    public function fail(string|Problem $problem, array $values = []): DocumentException
    {
        return DocumentException::at($this->pointer(), $problem, $values);
    }

    private function wrong(Problem $wanted): DocumentException
    {
        return DocumentException::at($this->pointer(), 'document.wrong', ['value' => self::shown($this->value), 'wanted' => $wanted]);
    }
}
