<?php

declare(strict_types=1);

namespace Dew\Core\Document;

use Closure;

/**
 * What sheets are read with that repeat one another, as those of all sizes of a design do: the counterpart of {@see Writer}. What is
 * written alike is made into a value once, which serves wherever it is written again.
 */
final class Reader
{
    /** @var array<string, mixed> by form and what is written */
    private array $known = [];

    /**
     * @template T
     *
     * @param  string  $form  which kind of value it is read as
     * @param  Closure(): T  $make
     * @return T
     */
    public function once(string $form, mixed $written, Closure $make): mixed
    {
        /** @var T */
        return $this->known[$form.hash('xxh128', serialize($written))] ??= $make();
    }
}
