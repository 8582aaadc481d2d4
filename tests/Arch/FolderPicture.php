<?php

declare(strict_types=1);

namespace Tests\Arch;

/** Draws folders and what they use: each stands above all that it uses, and a line that other lines make plain is left out. */
final class FolderPicture
{
    /** Pixels of a letter, about. */
    private const LETTER = 7.4;

    private const HIGH = 34;

    private const GAP = 26;

    private const RISE = 84;

    /** @param  array<string, array<string, string>>  $uses  without circles, as {@see Folders::uses()} gives them */
    public static function svg(array $uses, string $title): string
    {
        $levels = [];
        foreach (array_keys($uses) as $folder) {
            $levels[self::level($folder, $uses)][] = $folder;
        }
        krsort($levels);
        $most = max(array_map(count(...), $levels));
        $wide = (int) (self::LETTER * max(array_map(fn (string $folder): int => strlen(self::name($folder)), array_keys($uses)))) + 20;
        $width = $most * ($wide + self::GAP) + self::GAP;
        $height = count($levels) * self::RISE + 50;
        $places = self::places($levels, $uses, $width);
        $lines = $boxes = '';
        foreach (self::needed($uses) as [$from, $to]) {
            [$x, $y] = [$places[$from][0], $places[$from][1] + self::HIGH / 2];
            [$toX, $toY] = [$places[$to][0], $places[$to][1] - self::HIGH / 2];
            $bend = ($toY - $y) / 2;
            $lines .= sprintf("<path d=\"M%d %d C%d %d %d %d %d %d\"/>\n", $x, $y, $x, $y + $bend, $toX, $toY - $bend, $toX, $toY);
        }
        foreach ($places as $folder => [$x, $y]) {
            $boxes .= sprintf(
                "<rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"%d\" rx=\"4\"/><text x=\"%d\" y=\"%d\">%s</text>\n",
                $x - $wide / 2, $y - self::HIGH / 2, $wide, self::HIGH, $x, $y + 5, self::name($folder),
            );
        }

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" width="%d" height="%d" role="img" aria-label="%s">'."\n"
                .'<style>rect{fill:#f4f1ea;stroke:#3d5a6c}path{fill:none;stroke:#8a9aa5}text{font:13px sans-serif;text-anchor:middle;fill:#22303a}</style>'."\n"
                ."<rect width=\"%d\" height=\"%d\" style=\"fill:#fff;stroke:none\"/>\n%s%s</svg>\n",
            $width, $height, $width, $height, $title, $width, $height, $lines, $boxes,
        );
    }

    /**
     * @param  array<int, list<string>>  $levels  the highest first
     * @param  array<string, array<string, string>>  $uses
     * @return array<string, array{float, float}> the middle of each box, in pixels; a row is ordered by where lie the folders that use it
     */
    private static function places(array $levels, array $uses, int $width): array
    {
        $places = [];
        $row = 0;
        foreach ($levels as $folders) {
            $wish = [];
            foreach ($folders as $folder) {
                $above = array_filter(array_keys($places), fn (string $other): bool => isset($uses[$other][$folder]));
                $wish[$folder] = $above === [] ? $width / 2 : array_sum(array_map(fn (string $other): float => $places[$other][0], $above)) / count($above);
            }
            asort($wish);
            $step = $width / count($folders);
            foreach (array_keys($wish) as $index => $folder) {
                $places[$folder] = [$step * ($index + 0.5), 45.0 + $row * self::RISE];
            }
            $row++;
        }

        return $places;
    }

    private static function name(string $folder): string
    {
        return explode('/', $folder, 2)[1] ?? $folder;
    }

    /** @param  array<string, array<string, string>>  $uses */
    private static function level(string $folder, array $uses): int
    {
        $below = array_map(fn (string $other): int => self::level($other, $uses), array_keys($uses[$folder] ?? []));

        return $below === [] ? 0 : 1 + max($below);
    }

    /**
     * @param  array<string, array<string, string>>  $uses
     * @return list<array{string, string}> without what is reached by way of another folder
     */
    private static function needed(array $uses): array
    {
        $reach = function (string $from, string $to) use (&$reach, $uses): bool {
            foreach (array_keys($uses[$from] ?? []) as $next) {
                if ($next === $to || $reach($next, $to)) {
                    return true;
                }
            }

            return false;
        };
        $needed = [];
        foreach ($uses as $from => $others) {
            foreach (array_keys($others) as $to) {
                $byWay = array_filter(array_keys($others), fn (string $other): bool => $other !== $to && $reach($other, $to));
                if ($byWay === []) {
                    $needed[] = [$from, $to];
                }
            }
        }

        return $needed;
    }
}
