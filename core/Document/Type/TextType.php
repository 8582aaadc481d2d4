<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

/** A text that is not empty. */
final readonly class TextType implements Type
{
    use Plain;

    /** @param  int  $longest  characters */
    public function __construct(private int $longest)
    {
    }

    public function accepts(mixed $value): bool
    {
        return is_string($value) && $value !== '' && mb_strlen($value) <= $this->longest;
    }

    public function resembles(mixed $value): bool
    {
        return is_string($value);
    }

    public function words(): string
    {
        return sprintf('a text of 1 to %d characters', $this->longest);
    }

    public function schema(): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => $this->longest];
    }
}
