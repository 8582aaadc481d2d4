<?php

declare(strict_types=1);

namespace App\Support;

use Dew\Core\Measure\Notation;
use Illuminate\Translation\Translator;

/**
 * The words of the screens, in which a clue is called what the quilt-along at hand calls it: `:clue` and `:clues` in a line stand for that
 * word. A line that names a length has it in inches and in centimetres, as in `{½ in; 1.3 cm}`, and shows the one that is read at hand.
 */
final class Words extends Translator
{
    public const USUAL = 'clue';

    /** Two ways to write one thing, for inches and for centimetres. */
    private const EITHER = '/\{([^{};]+); ([^{};]+)\}/u';

    private string $clue = self::USUAL;

    private Notation $notation = Notation::Fractions;

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

    /** Which of two lengths a line shows from now on. */
    public function measureIn(Notation $notation): void
    {
        $this->notation = $notation;
    }

    /** What the person measures in who reads the page at hand; inches where there is no quilt at hand. */
    public function notation(): Notation
    {
        return $this->notation;
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
        if (str_contains($line, '; ')) {
            $line = (string) preg_replace(self::EITHER, $this->notation === Notation::Centimetres ? '$2' : '$1', $line);
        }

        return parent::makeReplacements($line, stripos($line, ':clue') === false ? $replace : $replace + $this->of($this->clue));
    }
}
