<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Translation\Translator;

/**
 * The words of the screens, in which a clue is called what the quilt-along at hand calls it: `:clue` and `:clues` in a line stand for that
 * word.
 */
final class Words extends Translator
{
    public const USUAL = 'clue';

    private string $clue = self::USUAL;

    /** @param  string  $clue  clue, month, week or part */
    public function call(string $clue): void
    {
        $this->clue = $clue;
    }

    /** What a clue is called at the moment: what is kept of a page depends on it. */
    public function called(): string
    {
        return $this->clue;
    }

    /**
     * The word for one and for several.
     *
     * @return array{clue: string, clues: string}
     */
    public function of(string $clue): array
    {
        $words = $this->get('words.'.$clue);

        return is_array($words) && is_string($words['one'] ?? null) && is_string($words['many'] ?? null)
            ? ['clue' => $words['one'], 'clues' => $words['many']]
            : ['clue' => $clue, 'clues' => $clue.'s'];
    }

    /**
     * @param  string  $line
     * @param  array<string, mixed>  $replace
     * @return string
     */
    protected function makeReplacements($line, array $replace)
    {
        return parent::makeReplacements($line, stripos($line, ':clue') === false ? $replace : $replace + $this->of($this->clue));
    }
}
