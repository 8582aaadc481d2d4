<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Measure\Problem;

/** A text that is not empty, without signs that no page can show and no database keeps; it may have lines. */
final readonly class TextType implements Type
{
    use Plain;

    private const CONTROL = '/[\x00-\x08\x0b\x0c\x0e-\x1f\x7f]/';

    /** @param  int  $longest  characters */
    public function __construct(private int $longest)
    {
    }

    public function accepts(mixed $value): bool
    {
        return is_string($value) && $value !== '' && mb_strlen($value) <= $this->longest && preg_match(self::CONTROL, $value) === 0;
    }

    public function resembles(mixed $value): bool
    {
        return is_string($value);
    }

    public function words(): Problem
    {
        return new Problem('type.seen_text', ['most' => $this->longest]);
    }

    public function schema(): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => $this->longest];
    }
}
