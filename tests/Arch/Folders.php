<?php

declare(strict_types=1);

namespace Tests\Arch;

/** Which folders use which others, read from what their files name: classes, interfaces, traits and enums alike. */
final class Folders
{
    private const ROOTS = ['core' => 'Dew\\Core\\', 'app' => 'App\\'];

    /**
     * @param  string  $root  core or app
     * @param  int|null  $depth  how many parts of a folder's path count; null for all
     * @return array<string, array<string, string>> for each folder those it uses, with one file and class that show it
     */
    public static function uses(string $root, ?int $depth = null): array
    {
        $uses = [];
        $prefix = self::ROOTS[$root];
        $base = dirname(__DIR__, 2);
        foreach (Sources::in($root) as $file => $code) {
            $folder = self::folder($file, $depth);
            $uses[$folder] ??= [];
            foreach (Sources::classes($code) as $class) {
                $named = $root.'/'.str_replace('\\', '/', substr($class, strlen($prefix))).'.php';
                if (str_starts_with($class, $prefix) && is_file("$base/$named") && self::folder($named, $depth) !== $folder) {
                    $uses[$folder][self::folder($named, $depth)] ??= "$file names $class";
                }
            }
        }
        ksort($uses);

        return $uses;
    }

    /**
     * Groups of folders that use each other, be it by way of others.
     *
     * @param  array<string, array<string, string>>  $uses
     * @return list<list<string>>
     */
    public static function circles(array $uses): array
    {
        $reached = [];
        foreach (array_keys($uses) as $from) {
            $open = array_keys($uses[$from]);
            while (($next = array_pop($open)) !== null) {
                if (! isset($reached[$from][$next])) {
                    $reached[$from][$next] = true;
                    array_push($open, ...array_keys($uses[$next] ?? []));
                }
            }
        }
        $circles = [];
        foreach (array_keys($uses) as $folder) {
            if (isset($reached[$folder][$folder])) {
                $circle = array_values(array_filter(
                    array_keys($uses), fn (string $other): bool => isset($reached[$folder][$other], $reached[$other][$folder]),
                ));
                $circles[implode(' ', $circle)] = $circle;
            }
        }

        return array_values($circles);
    }

    private static function folder(string $file, ?int $depth): string
    {
        $parts = explode('/', dirname($file));

        return implode('/', $depth === null ? $parts : array_slice($parts, 0, $depth + 1));
    }
}
