<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

use Throwable;

/** What is wrong, as data: a code whose sentence the interface holds, and what goes into it. */
final readonly class Problem
{
    /** A sentence that was said already. */
    public const SAID = 'said';

    /** @param  array<string, string|int|self>  $values */
    public function __construct(
        public string $code,
        public array $values = [],
    ) {
    }

    /** A sentence that an interface says itself. */
    public static function said(string $text): self
    {
        return new self(self::SAID, ['text' => $text]);
    }

    /** Why something was thrown. */
    public static function of(Throwable $error): self
    {
        return match (true) {
            $error instanceof HasProblem => $error->problem(),
            default => self::said($error->getMessage()),
        };
    }

    /** For logs: the code and what goes into it, or what was said already. */
    public function __toString(): string
    {
        if ($this->code === self::SAID) {
            return (string) ($this->values['text'] ?? '');
        }
        $flags = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR;

        return $this->code.($this->values === [] ? '' : ' '.json_encode(array_map(
            fn (string|int|self $value): string => (string) $value, $this->values,
        ), $flags));
    }
}
