<?php

declare(strict_types=1);

namespace Dew\Core\Document;

use Closure;
use WeakMap;

/**
 * What values are written with that a sheet is made of. Many sheets of a design share the same makings and patches: one writer turns
 * each of them into data once.
 */
final class Writer
{
    /** @var array<string, WeakMap<object, mixed>> by form */
    private array $data = [];

    /** @var WeakMap<Encoded, string> */
    private WeakMap $texts;

    public function __construct()
    {
        $this->texts = new WeakMap;
    }

    /**
     * The data of a value that many sheets share, made at its first use.
     *
     * @template T of array<array-key, mixed>
     *
     * @param  string  $form  which of the forms of the value it is
     * @param  Closure(): T  $make
     * @return T
     */
    public function once(object $value, string $form, Closure $make): array
    {
        $this->data[$form] ??= new WeakMap;

        /** @var T */
        return $this->data[$form][$value] ??= $make();
    }

    /**
     * @param  list<Encoded>  $values  that many sheets share
     * @return list<string> their texts
     */
    public function encoded(array $values): array
    {
        return array_map(fn (Encoded $value): string => $this->texts[$value] ??= $value->encode(), $values);
    }

    /** JSON on one line, with keys in the order of the data. */
    public static function json(mixed $data): string
    {
        return json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
