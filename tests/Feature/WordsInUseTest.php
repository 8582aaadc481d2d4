<?php

declare(strict_types=1);

/** @return array<string, string> every text of lang/, by its file and key */
function everyText(): array
{
    $texts = [];
    $walk = function (array $lines, string $key) use (&$walk, &$texts): void {
        foreach ($lines as $name => $line) {
            is_array($line) ? $walk($line, "$key.$name") : $texts["$key.$name"] = (string) $line;
        }
    };
    foreach ([...glob(lang_path('en/*.php')) ?: [], ...glob(lang_path('en/kinds/*.php')) ?: []] as $file) {
        $walk(require $file, substr($file, strlen(lang_path('en/')), -4));
    }

    return $texts;
}

/** @return list<string> the first column of a table of docs/words.md */
function tableOfWords(int $number): array
{
    $tables = explode("| --- | --- |\n", (string) file_get_contents(base_path('docs/words.md')));
    preg_match_all('/^\| ([^|]+) \|/m', explode("\n\n", $tables[$number])[0], $found);

    return $found[1];
}

it('uses every word of the glossary on some screen', function (): void {
    $all = mb_strtolower(implode("\n", everyText()));
    $words = tableOfWords(1);
    expect(count($words))->toBeGreaterThan(20);
    foreach ($words as $word) {
        expect(preg_match('/\b:?'.preg_quote($word, '/').'(s|d|ed|es|ned|med)?\b/u', $all))->toBe(1, "No text says “{$word}”.");
    }
});

it('has no text with a word that the glossary replaces', function (): void {
    $words = tableOfWords(2);
    expect(count($words))->toBeGreaterThan(10);
    $pattern = '/\b('.implode('|', array_map(fn (string $word): string => preg_quote($word, '/'), $words)).')\b/iu';
    foreach (everyText() as $key => $text) {
        expect(preg_match($pattern, $text, $found))->toBe(0, "$key has “".($found[0] ?? '')."”: $text");
    }
});
