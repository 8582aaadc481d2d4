<?php

declare(strict_types=1);

namespace Dew\Core\Document\Type;

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
        return new self(self::ID, 'an id of small letters, digits and hyphens');
    }

    public static function part(): self
    {
        return new self(self::PART, 'a part of the setting, such as "sashes" or "border:ID"');
    }

    public static function hash(): self
    {
        return new self(self::HASH, 'the SHA-256 hash of a picture');
    }

    public static function colour(): self
    {
        return new self(self::COLOUR, 'a colour such as "#1d2f4f"');
    }

    /** An address that people may be led to: nothing but https, and no sign that could end an attribute. */
    public static function address(): self
    {
        return new self(self::ADDRESS, 'an address that begins with https');
    }

    public function accepts(mixed $value): bool
    {
        return is_string($value) && preg_match('/'.$this->pattern.'/D', $value) === 1;
    }

    public function resembles(mixed $value): bool
    {
        return is_string($value);
    }

    public function words(): string
    {
        return $this->words;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => $this->pattern];
    }
}
