<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

use Dew\Core\Measure\Problem;

/** A text of a certain form, such as an id or a colour. */
final readonly class PatternType implements Type
{
    use Plain;

    /** Small letters, digits and hyphens; an id is given once and never used again. */
    public const ID = '^[a-z][a-z0-9-]{0,39}$';

    /** SHA-256, as it names a picture. */
    public const HASH = '^[0-9a-f]{64}$';

    /** What a task makes of the setting: `sashes`, or with the id of a border `border:e-outer`. */
    public const PART = '^[a-z][a-z-]{2,39}(:[a-z][a-z0-9-]{0,39})?$';

    public const COLOUR = '^#[0-9a-f]{6}$';

    public const ADDRESS = '^https:\/\/[^\s"<>\\\\]{3,380}$';

    private function __construct(
        private string $pattern,
        private string $words,
    ) {
    }

    public static function id(): self
    {
        return new self(self::ID, 'id');
    }

    public static function part(): self
    {
        return new self(self::PART, 'part');
    }

    public static function hash(): self
    {
        return new self(self::HASH, 'hash');
    }

    public static function colour(): self
    {
        return new self(self::COLOUR, 'colour');
    }

    /** An address that people may be led to: nothing but https, and no sign that could end an attribute. */
    public static function address(): self
    {
        return new self(self::ADDRESS, 'address');
    }

    public function accepts(mixed $value): bool
    {
        return is_string($value) && preg_match('/'.$this->pattern.'/D', $value) === 1;
    }

    public function resembles(mixed $value): bool
    {
        return is_string($value);
    }

    public function words(): Problem
    {
        return new Problem("type.$this->words");
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => $this->pattern];
    }
}
