<?php

declare(strict_types=1);

namespace Tests\Arch;

use PhpToken;
use Symfony\Component\Finder\Finder;

/** What source files name: read from their tokens, so that nothing is overlooked for not having been loaded. */
final class Sources
{
    /**
     * @param  string  ...$places  folders or files below the root
     * @return array<string, string> contents by path
     */
    public static function in(string ...$places): array
    {
        $files = [];
        foreach ($places as $place) {
            $path = dirname(__DIR__, 2).'/'.$place;
            $found = is_file($path) ? [$path] : array_map(
                strval(...),
                array_keys(iterator_to_array(Finder::create()->files()->in($path)->name('*.php'))),
            );
            foreach ($found as $file) {
                $files[substr($file, strlen(dirname(__DIR__, 2)) + 1)] = (string) file_get_contents($file);
            }
        }

        return $files;
    }

    /** @return list<string> every class that is imported or written with its whole name */
    public static function classes(string $code): array
    {
        $names = [];
        foreach (PhpToken::tokenize($code) as $token) {
            if ($token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED])) {
                $names[] = ltrim($token->text, '\\');
            }
        }
        preg_match_all('/^use ([A-Z][A-Za-z]*)(?: as \w+)?;/m', $code, $plain);

        return array_values(array_unique([...$names, ...$plain[1]]));
    }

    /** @return list<string> every function that is called, in small letters */
    public static function functions(string $code): array
    {
        $tokens = array_values(array_filter(PhpToken::tokenize($code), fn (PhpToken $token): bool => ! $token->isIgnorable()));
        $called = [];
        foreach ($tokens as $index => $token) {
            $before = $tokens[$index - 1] ?? null;
            $member = $before?->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION, T_NEW]) ?? false;
            if (! $member && $token->is([T_STRING, T_NAME_FULLY_QUALIFIED]) && ($tokens[$index + 1] ?? null)?->text === '(') {
                $called[] = strtolower(ltrim($token->text, '\\'));
            }
        }

        return array_values(array_unique($called));
    }
}
