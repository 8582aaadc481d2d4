<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use stdClass;

/** The parts of an edit whose form was checked. */
final readonly class EditData
{
    /**
     * @param  array<string, mixed>  $data
     * @param  int  $depth  how many edits this one is within
     */
    public function __construct(
        private array $data,
        public int $depth = 0,
    ) {
    }

    public function text(string $key): string
    {
        return $this->textOrNull($key) ?? '';
    }

    public function textOrNull(string $key): ?string
    {
        return is_string($this->data[$key] ?? null) ? $this->data[$key] : null;
    }

    public function number(string $key): int
    {
        return $this->numberOrNull($key) ?? 1;
    }

    public function numberOrNull(string $key): ?int
    {
        return is_int($this->data[$key] ?? null) ? $this->data[$key] : null;
    }

    public function flag(string $key): bool
    {
        return ($this->data[$key] ?? false) === true;
    }

    /** @throws EditRefused when the text is no address */
    public function place(string $key): Place
    {
        return Place::parse($this->text($key));
    }

    /** @throws EditRefused when there is a text that is no address */
    public function placeOrNull(string $key): ?Place
    {
        return $this->textOrNull($key) === null ? null : $this->place($key);
    }

    /** What is to stand somewhere; nothing when the key is left out. */
    public function value(string $key): Value
    {
        return array_key_exists($key, $this->data) ? Value::of($this->data[$key]) : Value::nothing();
    }

    /** What somebody saw when she asked for the edit: null said outright means that nothing stood there. */
    public function expected(): ?Value
    {
        if (! array_key_exists('expect', $this->data)) {
            return null;
        }

        return $this->data['expect'] === null ? Value::nothing() : Value::of($this->data['expect']);
    }

    /** @return array<string, mixed> */
    public function map(string $key): array
    {
        return self::named($this->data[$key] ?? []);
    }

    /** @return array<string, string> */
    public function texts(string $key): array
    {
        return array_filter(self::named($this->data[$key] ?? []), is_string(...));
    }

    /** @return list<string> */
    public function list(string $key): array
    {
        return array_values(array_filter(is_array($this->data[$key] ?? null) ? $this->data[$key] : [], is_string(...)));
    }

    /**
     * @return list<array<string, mixed>> of a list of objects
     *
     * @throws EditRefused when one of them is none
     */
    public function maps(string $key): array
    {
        $maps = [];
        foreach (is_array($this->data[$key] ?? null) ? $this->data[$key] : [] as $map) {
            $maps[] = is_array($map) ? self::named($map) : throw new EditRefused('no_object');
        }

        return $maps;
    }

    /**
     * What is laid into a cell. An edit says `inner` for a block that lies in the block it edits.
     *
     * @return array<string, mixed>
     *
     * @throws EditRefused unless it is a unit or a block
     */
    public function content(): array
    {
        if (($this->textOrNull('unit') === null) === ($this->textOrNull('inner') === null)) {
            throw new EditRefused('unit_or_block');
        }

        return array_filter([
            'unit' => $this->textOrNull('unit'),
            'block' => $this->textOrNull('inner'),
            'turn' => $this->numberOrNull('turn'),
            'mirror' => $this->flag('mirror') ?: null,
            'fabrics' => $this->texts('fabrics') ?: null,
        ], fn (mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed> an object's values by name; nothing of what is no object */
    private static function named(mixed $value): array
    {
        $value = $value instanceof stdClass ? (array) $value : $value;
        $named = [];
        foreach (is_array($value) && ! array_is_list($value) ? $value : [] as $name => $inner) {
            $named[(string) $name] = $inner;
        }

        return $named;
    }
}
