<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

/** One sheet of paper with templates at true size. Everything is in inches from the top left corner of its printable area. */
final readonly class TemplateSheet
{
    /**
     * @param  array<string, list<array{float, float, float, float}>>  $lines  straight pieces of line by what they are: `cut`, `later` (the
     *     edge once a spare allowance is trimmed off), `sew`, `notch`, `grain`, `mark` (registration marks)
     * @param  list<array{template: int, x: float, y: float, width: float, column: int, row: int, columns: int, rows: int}>  $labels  where
     *     the words of a template begin, and which part of it this is
     */
    public function __construct(
        public array $lines,
        public array $labels,
    ) {
    }
}
