<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\QuiltSheet;
use Dew\Core\Design\Compilation;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Making\Rates;
use Dew\Core\Measure\Length;
use Dew\Core\Sheet\Effort;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\Seamwork;

/**
 * A setting put together at random, always one that comes out.
 *
 * @return array{array<string, mixed>, array<string, mixed>} setting, size
 */
function anySetting(): array
{
    $width = fn (): string => sprintf('%d %d/8', mt_rand(0, 3), mt_rand(1, 7));
    $fabric = fn (): string => ['f-a', 'f-b', 'f-c'][mt_rand(0, 2)];
    $size = ['id' => 's', 'name' => 'S', 'columns' => mt_rand(1, 6), 'rows' => mt_rand(1, 6)];
    $setting = ['kind' => 'straight', 'pattern' => [['b-one', 'b-two'], ['b-two', 'b-one']]];
    if (mt_rand(0, 2) === 0) {
        $setting = [
            'kind' => 'on-point',
            'pattern' => [['b-one']],
            'alternate' => 'b-two',
            'triangles' => ['side' => $fabric(), 'corner' => $fabric()],
        ] + (mt_rand(0, 2) === 0 ? ['sashing' => ['width' => $width(), 'fabric' => $fabric(), 'cornerstones' => $fabric()]] : []);
    } elseif (mt_rand(0, 1) === 1) {
        $setting['sashing'] = [
            'width' => $width(),
            'fabric' => $fabric(),
            'outside' => mt_rand(0, 1) === 1,
        ] + (mt_rand(0, 1) === 1 ? ['cornerstones' => $fabric()] : []);
    }
    foreach (range(1, mt_rand(1, 3)) as $index) {
        $setting['borders'][] = [
            'id' => "e-$index",
            'width' => $width(),
            'fabric' => $fabric(),
        ] + [['corner_fabric' => $fabric()], ['mitred' => true], []][mt_rand(0, 2)];
    }
    if (mt_rand(0, 1) === 1) {
        $size['scale'] = ['3/4', '5/4', '3/2', '2', '1/3'][mt_rand(0, 4)];
    }

    return [$setting, $size];
}

it('covers every quilt with its blocks and its frame exactly, whatever the setting', function (int $seed): void {
    mt_srand($seed);
    for ($round = 0; $round < 12; $round++) {
        [$setting, $size] = anySetting();
        $design = smallDesign([
            'blocks' => [
                blockOf('b-one', ['3', '3'], ['3', '3'], ['u-hst u-plain', 'u-plain u-hst/180']),
                blockOf('b-two', ['3', '3'], ['3', '3'], ['u-plain u-hst/90', 'u-hst u-plain']),
            ],
            'setting' => $setting,
            'sizes' => [$size],
        ]);
        $sheet = Compiler::quiltSheet($design, 's');
        $area = $sheet->finished->area();
        $sized = Compilation::of($design)->sized('s');

        expect(drawnArea($sheet))->toEqualWithDelta($area, 1e-6 * $area)
            ->and(array_sum($sheet->areas))->toEqualWithDelta($area, 1e-4 * $area)
            ->and($sheet->perimeter->equals($sheet->finished->width->plus($sheet->finished->height)->times(2)))->toBeTrue()
            // Every block has two triangle squares and two plain ones.
            ->and($sheet->unitCounts['u-hst'])->toBe(2 * array_sum($sheet->blockCounts))
            ->and($sheet->unitCounts['u-plain'])->toBe(2 * array_sum($sheet->blockCounts))
            ->and(count($sheet->placements))->toBe(array_sum($sheet->blockCounts));
        // Nothing of the frame stands outside the quilt.
        foreach ($sheet->frame as $patch) {
            foreach ($patch->outline->corners as $corner) {
                expect(
                    $corner->x->isNegative() || $corner->y->isNegative() || $corner->x->isGreaterThan(
                        $sheet->finished->width,
                    ) || $corner->y->isGreaterThan($sheet->finished->height),
                )->toBeFalse();
            }
        }
        // What is counted of a part covers what is drawn of it.
        $pieces = ['sashes', 'level-sashes', 'cornerstones', 'half-cornerstones', 'side-triangles', 'corner-triangles'];
        $counted = array_sum(array_map(fn (string $part): int => $sheet->unitCounts[$part] ?? 0, $pieces));
        $drawn = count($sheet->frame);
        $strips = array_filter(
            array_keys($sheet->unitCounts),
            fn (string $key): bool => str_starts_with($key, 'border:') || $key === 'row-sashes',
        );
        $corners = array_sum(
            array_map(
                fn (string $key): int => str_starts_with($key, 'border-corners:') ? $sheet->unitCounts[$key] : 0,
                array_keys($sheet->unitCounts),
            ),
        );
        $long = array_sum(array_map(fn (string $key): int => count($sized->products[$key]->patches()), $strips));
        expect($counted + $corners + $long)->toBe($drawn);
    }
})->with(range(1, 25));

it('scales blocks by two and doubles every finished length of the quilt that is not given', function (): void {
    foreach (['straight', 'on-point'] as $kind) {
        $setting = [
            'kind' => $kind,
            'pattern' => [['b-one']],
        ] + ($kind === 'on-point' ? ['alternate' => 'b-one', 'triangles' => ['side' => 'f-a']] : []);
        $design = smallDesign(['setting' => $setting, 'sizes' => [
            ['id' => 's', 'name' => 'S', 'columns' => 3, 'rows' => 4], [
                'id' => 's-two',
                'name' => 'T',
                'columns' => 3,
                'rows' => 4,
                'scale' => '2',
            ],
        ]]);
        [$one, $two] = [Compiler::quiltSheet($design, 's'), Compiler::quiltSheet($design, 's-two')];

        expect($two->finished->width->equals($one->finished->width->times(2)))->toBeTrue()
            ->and($two->finished->height->equals($one->finished->height->times(2)))->toBeTrue()
            ->and($two->perimeter->equals($one->perimeter->times(2)))->toBeTrue()
            ->and($two->unitCounts)->toBe($one->unitCounts)
            ->and(array_sum($two->areas))->toEqualWithDelta(4 * array_sum($one->areas), 1e-3)
            ->and($two->effort->seams)->toBe($one->effort->seams)
            ->and($two->effort->seamLength)->toEqualWithDelta(2 * $one->effort->seamLength, 1e-3);
        foreach ($one->placements as $index => $placement) {
            expect($two->placements[$index]->x->equals($placement->x->times(2)))->toBeTrue()
                ->and($two->placements[$index]->turn)->toBe($placement->turn);
        }
    }
});

it('estimates the time by its rates', function (): void {
    $making = hst('3', '1/4', new Method('hst:two'));
    // Ten units: five pairs of squares, ten to a strip, so one strip of each cloth; a seam of 3√2 in each.
    $perStrip = $making->perStrip(CuttingRoom::usual()->usableWidth);
    $effort = Effort::of($making, 10, new Seamwork(1, 3 * sqrt(2)), $perStrip, new Rates);
    $seconds = 10 * (25 + 20 + 3 * sqrt(2) * 3.75) + 2 * (5 * 20 + 150) + 10 * 50 + 5 * 20;

    expect($effort->seams)->toBe(10)
        ->and($effort->seamLength)->toEqualWithDelta(30 * sqrt(2), 1e-9)
        ->and($effort->minutes)->toBe((int) ceil($seconds / 60))
        ->and(Effort::of($making, 0, new Seamwork(1, 3.0), $perStrip, new Rates)->minutes)->toBe(0)
        ->and(Effort::of($making, 10, new Seamwork(1, 3.0), $perStrip, new Rates(seam: 600.0))->minutes)->toBeGreaterThan(100);
});

it('asks for more when there is more to make, for every method', function (): void {
    $task = fn (int $columns, string $method) => Compiler::clueSheet(
        smallDesign(['sizes' => [['id' => 's', 'name' => 'S', 'columns' => $columns, 'rows' => 2]]]),
        's', 'k', MethodChoices::defaults()->with(UnitLibrary::kind('hst'), UnitLibrary::method($method)),
    )->tasks[0];
    foreach (['hst:two', 'hst:eight', 'hst:four', 'hst:triangles', 'hst:strip', 'hst:grid'] as $method) {
        $last = 0;
        foreach ([1, 2, 4, 8, 16] as $columns) {
            $minutes = $task($columns, $method)->effort()->minutes;
            expect($minutes)->toBeGreaterThan($last);
            $last = $minutes;
        }
        expect($task(4, $method)->effort()->seams)->toBe($task(4, $method)->count);
    }
});

it('gives a size blocks, units and fabrics that no other has, and tasks for those alone', function (): void {
    $design = smallDesign([
        'blocks' => [
            blockOf('b-one', ['3', '3'], ['3', '3'], ['u-hst u-plain', 'u-plain u-hst/180']),
            blockOf('b-extra', ['3', '3'], ['6'], ['u-lean u-lean/180']),
        ],
        'sizes' => [
            ['id' => 's', 'name' => 'S', 'columns' => 2, 'rows' => 2],
            [
                'id' => 's-large',
                'name' => 'Large',
                'columns' => 3,
                'rows' => 2,
                'pattern' => [['b-one', 'b-extra', 'b-one'], ['b-extra', 'b-one', 'b-extra']],
            ],
        ],
        'clues' => [
            [
                'id' => 'k',
                'title' => 'K',
                'minutes' => 1,
                'tasks' => [
                    ['id' => 't-hst', 'unit' => 'u-hst'],
                    ['id' => 't-lean', 'unit' => 'u-lean'],
                    ['id' => 't-extra', 'block' => 'b-extra'],
                ],
            ],
        ],
    ]);
    $counts = fn (string $size): array => array_column(
        array_map(
            fn ($task): array => [$task->task, $task->count],
            Compiler::clueSheet($design, $size, 'k', MethodChoices::defaults())->tasks,
        ),
        1,
        0,
    );

    expect($counts('s'))->toBe(['t-hst' => 8])
        ->and($counts('s-large'))->toBe(['t-hst' => 6, 't-lean' => 6, 't-extra' => 3])
        ->and(Compiler::quiltSheet($design, 's')->areas['f-c'])->toEqualWithDelta(2 * 9 * 4, 1e-9);
});

it('tells the layers of a quilted block with the quilt', function (): void {
    $setting = ['kind' => 'straight', 'pattern' => [['b-one']], 'quilting' => ['join' => 'back-to-front', 'allowance' => '3/4']];
    $sheet = Compiler::quiltSheet(smallDesign(['setting' => $setting]), 's');
    $read = QuiltSheet::read($sheet->write());

    // A block of 6: front and batting 6½, the back ¾ more all round; the strip shows ¾ and the outer one half of that.
    expect(array_map(fn ($size): string => $size->encode(), $read->quilting))->toBe([
        'front' => '13/2 x 13/2', 'batting' => '13/2 x 13/2', 'back' => '8 x 8', 'trimmed' => '13/2 x 13/2',
        'shows' => '13/2 x 13/2', 'strip' => '3/4', 'outer' => '3/8', 'clear' => '3/8',
    ])->and(Compiler::quiltSheet(smallDesign(), 's')->quilting)->toBe([]);
});

it('leaves a quilt of a size without a border as it is', function (): void {
    $sizes = [
        ['id' => 's', 'name' => 'S', 'columns' => 1, 'rows' => 1],
        ['id' => 's-bare', 'name' => 'Bare', 'columns' => 1, 'rows' => 1, 'borders' => []],
    ];
    $design = smallDesign([
        'setting' => [
            'kind' => 'straight',
            'pattern' => [['b-one']],
            'borders' => [['id' => 'e', 'name' => 'Hedge', 'width' => '2', 'fabric' => 'f-a']],
        ],
        'sizes' => $sizes,
        'clues' => [
            [
                'id' => 'k',
                'title' => 'K',
                'minutes' => 1,
                'tasks' => [['id' => 't', 'part' => 'border:e'], ['id' => 't-hst', 'unit' => 'u-hst']],
            ],
        ],
    ]);
    $names = fn (string $size): array => array_map(
        fn ($task): string => $task->name,
        Compiler::clueSheet($design, $size, 'k', MethodChoices::defaults())->tasks,
    );

    expect($names('s'))->toBe(['Hedge', 'Triangle square'])
        ->and($names('s-bare'))->toBe(['Triangle square'])
        ->and(array_map(fn ($kind): string => $kind->value, Compiler::kinds($design, 'k')))->toBe(['long-strips', 'hst'])
        ->and(Compiler::quiltSheet($design, 's-bare')->finished->encode())->toBe('6 x 6')
        ->and(Length::parse('10')->equals(Compiler::quiltSheet($design, 's')->finished->width))->toBeTrue();
});
