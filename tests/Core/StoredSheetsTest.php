<?php

declare(strict_types=1);

use Dew\Core\Compile\ClothSheet;
use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\QuiltSheet;
use Dew\Core\Design\DesignReader;
use Dew\Core\Measure\Length;
use Dew\Core\Sheet\Announcement;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\LayoutSheet;

/** A block of so many squares of 1 in, of two fabrics in turn. */
function chequers(int $columns, int $rows, array $change = []): string
{
    $cells = [];
    for ($cell = 0; $cell < $columns * $rows; $cell++) {
        [$column, $row] = [$cell % $columns, intdiv($cell, $columns)];
        $cells[] = ['column' => $column + 1, 'row' => $row + 1, 'unit' => ['u-light', 'u-dark'][($column + $row) % 2]];
    }
    $square = fn (string $id, string $fabric, string $side = '1'): array => [
        'id' => $id, 'name' => $id, 'kind' => 'square', 'finished' => $side, 'fabrics' => [$fabric],
    ];

    return smallJson($change + [
        'units' => [$square('u-light', 'f-a'), $square('u-dark', 'f-b'), $square('u-edge', 'f-c', '2')],
        'blocks' => [[
            'id' => 'b-one', 'name' => 'One', 'columns' => array_fill(0, $columns, '1'), 'rows' => array_fill(0, $rows, '1'),
            'cells' => $cells,
        ]],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 2, 'rows' => 2]],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 10, 'tasks' => [['id' => 't', 'block' => 'b-one']]]],
    ]);
}

it('reads back whatever it has written, however long its names and lists of flags are', function (string $json): void {
    foreach (storedSheets(DesignReader::read($json)) as $name => $text) {
        $read = match (explode(' ', $name)[0]) {
            'announcement' => Announcement::read($text),
            'cloth' => ClothSheet::read($text),
            'quilt' => QuiltSheet::read($text),
            'layout' => LayoutSheet::read($text),
            default => ClueSheet::read($text),
        };
        expect($read->write())->toBe($text);
    }
})->with([
    'a block of 24 by 7 squares' => fn (): string => chequers(24, 7),
    'a sashed quilt of 12 by 12 blocks' => fn (): string => chequers(2, 2, [
        'setting' => [
            'kind' => 'straight', 'pattern' => [['b-one']], 'sashing' => ['width' => '1', 'fabric' => 'f-c', 'cornerstones' => 'f-a'],
        ],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 12, 'rows' => 12]],
    ]),
    'a pieced border round 8 by 10 blocks' => fn (): string => chequers(2, 2, [
        'setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'borders' => [[
            'id' => 'e', 'name' => 'E', 'width' => '2', 'unit' => 'u-edge', 'corner_unit' => 'u-edge',
        ]]],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 8, 'rows' => 10]],
    ]),
    '14 by 14 blocks on point' => fn (): string => chequers(2, 2, [
        'setting' => ['kind' => 'on-point', 'pattern' => [['b-one']], 'alternate' => 'b-one', 'triangles' => ['side' => 'f-a', 'corner' => 'f-b']],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 14, 'rows' => 14]],
    ]),
    'a block in six fabrics of long names' => function (): string {
        $fabrics = $cloth = $cells = $instead = [];
        foreach (range(1, 12) as $number) {
            $id = "f-$number-".str_repeat('x', 30);
            $fabrics[] = [
                'id' => $id, 'letter' => "F$number", 'name' => "$number ".str_repeat('Weathered harbour wall ', 2), 'value' => 'light',
            ];
            $cloth[$id] = ['name' => 'cloth', 'colour' => '#808080'];
            $number <= 6 ? $cells[] = ['column' => $number, 'row' => 1, 'unit' => "u-$number"] : $instead[$fabrics[$number - 7]['id']] = $id;
        }

        return smallJson([
            'fabrics' => $fabrics, 'colourways' => [['id' => 'c', 'name' => 'C', 'cloth' => $cloth]],
            'units' => array_map(fn (int $number): array => [
                'id' => "u-$number", 'name' => "U $number", 'kind' => 'square', 'finished' => '2', 'fabrics' => [$fabrics[$number - 1]['id']],
            ], range(1, 6)),
            'blocks' => [
                ['id' => 'b-in', 'name' => 'In', 'columns' => array_fill(0, 6, '2'), 'rows' => ['2'], 'cells' => $cells],
                ['id' => 'b-one', 'name' => 'One', 'columns' => ['12'], 'rows' => ['2', '2'], 'cells' => [
                    ['column' => 1, 'row' => 1, 'block' => 'b-in'], ['column' => 1, 'row' => 2, 'block' => 'b-in', 'fabrics' => $instead],
                ]],
            ],
            'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 10, 'tasks' => [
                ['id' => 't', 'block' => 'b-in'], ['id' => 't-2', 'block' => 'b-in', 'fabrics' => $instead], ['id' => 't-3', 'block' => 'b-one'],
            ]]],
        ]);
    },
]);

it('reads back lengths up to the largest number there is', function (): void {
    $largest = Length::inches(PHP_INT_MAX);
    expect(Length::decode($largest->encode())->equals($largest))->toBeTrue()
        ->and(Length::decode($largest->negated()->encode())->equals($largest->negated()))->toBeTrue()
        ->and(fn () => Length::decode('9223372036854775808'))->toThrow(Dew\Core\Measure\MeasureException::class);
});

it('raises the revision of the compiler with every change of a sheet', function (): void {
    $hashes = [];
    foreach (glob(dirname(__DIR__, 2).'/database/designs/{*,ready/*}.json', GLOB_BRACE) ?: [] as $file) {
        foreach (storedSheets(DesignReader::read((string) file_get_contents($file))) as $sheet => $text) {
            $hashes[] = substr(hash('sha256', $text), 0, 16).' '.basename($file, '.json')." $sheet";
        }
    }
    $revision = 'revision '.Compiler::REVISION;
    $file = __DIR__.'/reference/sheets.txt';
    $kept = explode("\n", trim((string) @file_get_contents($file)));
    $isOfThis = $kept[0] === $revision;
    if (! $isOfThis && getenv('DEW_WRITE_REFERENCE') !== false) {
        file_put_contents($file, implode("\n", [$revision, ...$hashes])."\n");
        $kept = [$revision, ...$hashes];
    }
    // Differing sheets under the kept revision: raise Compiler::REVISION, then write the file again with DEW_WRITE_REFERENCE=1.
    expect(array_values(array_diff($hashes, $kept)))->toBe([])
        ->and($kept[0])->toBe($revision)
        ->and(count($kept))->toBe(count($hashes) + 1);
});
