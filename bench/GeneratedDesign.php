<?php

declare(strict_types=1);

namespace Dew\Bench;

/** Designs of any size, for measuring. */
final class GeneratedDesign
{
    /**
     * A design of 6 × 6 cells to a block and four kinds of unit, half of them with units of their own, so that nothing is shared that would
     * not be.
     */
    public static function of(int $blocks, int $sizes): string
    {
        $kinds = [['hst', 2], ['four-patch', 2], ['hourglass', 3], ['square-in-square', 2]];
        $fabrics = array_map(
            fn (int $n): array => [
                'id' => "f-$n",
                'letter' => chr(65 + $n),
                'name' => "Fabric $n",
                'value' => ['light', 'medium', 'dark'][$n % 3],
            ],
            range(0, 7),
        );
        $units = $made = $tasks = [];
        for ($block = 0; $block < $blocks; $block++) {
            $cells = [];
            foreach ($kinds as $index => [$kind, $count]) {
                $units[] = [
                    'id' => "u-$block-$index",
                    'name' => "Unit $block.$index",
                    'kind' => $kind,
                    'finished' => '2',
                    'fabrics' => array_map(fn (int $n): string => 'f-'.(($block + $index + $n) % 8), range(0, $count - 1)),
                ];
                $tasks[] = ['id' => "t-$block-$index", 'unit' => "u-$block-$index"];
            }
            $tasks[] = ['id' => "t-b-$block", 'block' => "b-$block"];
            for ($cell = 0; $cell < 36; $cell++) {
                $cells[] = [
                    'column' => $cell % 6 + 1,
                    'row' => intdiv($cell, 6) + 1,
                    'unit' => "u-$block-".($cell % 4),
                    'turn' => 90 * ($cell % 3),
                ];
            }
            $made[] = [
                'id' => "b-$block",
                'name' => "Block $block",
                'columns' => array_fill(0, 6, '2'),
                'rows' => array_fill(0, 6, '2'),
                'cells' => $cells,
            ];
        }

        return (string) json_encode([
            'dew' => 3, 'id' => 'bench', 'title' => 'Bench', 'fabrics' => $fabrics,
            'colourways' => [
                [
                    'id' => 'c',
                    'name' => 'C',
                    'cloth' => array_fill_keys(array_column($fabrics, 'id'), ['name' => 'cloth', 'colour' => '#808080']),
                ],
            ],
            'units' => $units, 'blocks' => $made,
            'setting' => ['kind' => 'straight', 'pattern' => self::rows(array_column($made, 'id'))],
            'sizes' => array_map(
                fn (int $n): array => ['id' => "s-$n", 'name' => "Size $n", 'columns' => 6 + $n, 'rows' => 5 + $n],
                range(0, $sizes - 1),
            ),
            'clues' => array_map(
                fn (int $n, array $part): array => ['id' => "k-$n", 'title' => "Clue $n", 'minutes' => 60, 'tasks' => $part],
                array_keys(array_chunk($tasks, 8)),
                array_chunk($tasks, 8),
            ),
        ]);
    }

    /**
     * Six in a row; the first ones over again where the last row is not full.
     *
     * @param  list<string>  $blocks
     * @return list<list<string>>
     */
    private static function rows(array $blocks): array
    {
        for ($more = 0; count($blocks) % 6 !== 0; $more++) {
            $blocks[] = $blocks[$more];
        }

        return array_chunk($blocks, 6);
    }
}
