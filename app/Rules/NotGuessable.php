<?php

declare(strict_types=1);

namespace App\Rules;

use App\Models\User;
use Closure;
use Illuminate\Contracts\Validation\DataAwareRule;
use Illuminate\Contracts\Validation\ValidationRule;

/** A password that is not among the first to be tried: see database/passwords/README.md. */
final class NotGuessable implements DataAwareRule, ValidationRule
{
    /** Shorter parts of a name or address say nothing. */
    private const SHORTEST_PART = 4;

    /** @var array<string, mixed> */
    private array $data = [];

    /** @param  User|null  $user  whose name and address a password must not be made of */
    public function __construct(private readonly ?User $user = null)
    {
    }

    /** @param  array<string, mixed>  $data */
    public function setData(array $data): static
    {
        $this->data = $data;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && $this->isGuessable(mb_strtolower($value))) {
            $fail(__('validation.guessable'));
        }
    }

    private function isGuessable(string $password): bool
    {
        // What is only added at the ends is tried too: figures and signs.
        $bare = preg_replace('/^[^a-z]+|[^a-z]+$/', '', $password) ?? '';
        $list = "\n".file_get_contents(database_path('passwords/common.txt'));
        foreach (array_unique([$password, $bare]) as $word) {
            if ($word !== '' && str_contains($list, "\n$word\n")) {
                return true;
            }
        }

        return $this->isOneUsualWord($password) || $this->isRepeated($password) || $this->isRow($password) || $this->isMadeOfOwn($password);
    }

    /** One or two of the words that come to mind first, with no more than figures, signs and a few letters beside them. */
    private function isOneUsualWord(string $password): bool
    {
        $words = file(database_path('passwords/words.txt'), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
        usort($words, fn (string $one, string $other): int => strlen($other) <=> strlen($one));
        $rest = preg_replace('/'.implode('|', array_map(preg_quote(...), $words)).'/', ' ', $password, 2, $found) ?? $password;

        return $found > 0 && mb_strlen(preg_replace('/[^\pL]+/u', '', $rest) ?? '') < self::SHORTEST_PART;
    }

    /** One short piece over and over, as in "abcabcabcabc". */
    private function isRepeated(string $password): bool
    {
        return preg_match('/^(.{1,4}?)\1+.{0,3}$/us', $password) === 1;
    }

    /** Neighbours in a row, as in "0123456789" and "zyxwvutsrq". */
    private function isRow(string $password): bool
    {
        $steps = [];
        for ($place = 1; $place < strlen($password); $place++) {
            $steps[] = ord($password[$place]) - ord($password[$place - 1]);
        }

        return count(array_filter($steps, fn (int $step): bool => abs($step) === 1)) >= count($steps) - 1;
    }

    /** Little more than her name or her address. */
    private function isMadeOfOwn(string $password): bool
    {
        foreach ([$this->user?->name, $this->user?->email, $this->data['name'] ?? '', $this->data['email'] ?? ''] as $words) {
            foreach (preg_split('/[^\pL\pN]+/u', mb_strtolower(is_string($words) ? $words : '')) ?: [] as $part) {
                if (mb_strlen($part) >= self::SHORTEST_PART) {
                    $password = str_replace($part, '', $password);
                }
            }
        }

        return mb_strlen($password) < self::SHORTEST_PART;
    }
}
