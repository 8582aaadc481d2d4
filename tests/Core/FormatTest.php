<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\QuiltSheet;
use Dew\Core\Cutting\CutSheets;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignFormat;
use Dew\Core\Design\DesignReader;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;
use Dew\Core\Proof\Finding;
use Dew\Core\Proof\Proof;
use Dew\Core\Proof\Severity;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\UnitKind;

it('keeps the schema for other programs in step with its own', function (): void {
    $published = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/docs/design.schema.json'), true, flags: JSON_THROW_ON_ERROR);

    expect($published)->toBe(json_decode(json_encode(DesignFormat::schema(), JSON_THROW_ON_ERROR), true));
});

it('refuses keys that mean nothing, and says where', function (array $path, mixed $value, string $pointer, string $words): void {
    $document = json_decode(smallJson(), true);
    $place = &$document;
    foreach ($path as $key) {
        $place = &$place[$key];
    }
    $place = $value;
    $error = refusal(json_encode($document, JSON_THROW_ON_ERROR));

    expect($error->pointer)->toBe($pointer)->and(said($error->problem()))->toContain($words);
})->with([
    'a misspelt key of a cell' => [['blocks', 0, 'cells', 1, 'trun'], 90, '/blocks/0/cells/1', '"trun"'],
    'a key of nothing at the top' => [['colours'], [], '', '"colours"'],
    'a key of a unit' => [['units', 0, 'size'], '3', '/units/0', '"size"'],
    'an option for another kind' => [['units', 0, 'radius'], '1', '/units/0/radius', 'not for a unit of kind "hst"'],
    'a unit and a block in one cell' => [['blocks', 0, 'cells', 0, 'block'], 'b-one', '/blocks/0/cells/0', 'either'],
    'nothing in a cell' => [['blocks', 0, 'cells', 0], ['column' => 1, 'row' => 1], '/blocks/0/cells/0', 'either'],
    'a turn of 45' => [['blocks', 0, 'cells', 0, 'turn'], 45, '/blocks/0/cells/0/turn', '0, 60, 90, 120, 180, 240, 270, 300'],
    'a span out of the block' => [['blocks', 0, 'cells', 0, 'across'], 3, '/blocks/0/cells/0/across', '1 to 2'],
    'a task of two things' => [['clues', 0, 'tasks', 0, 'block'], 'b-one', '/clues/0/tasks/0', 'one thing'],
    'a task for a variant nobody uses' => [
        ['clues', 0, 'tasks', 0, 'fabrics'],
        ['f-a' => 'f-c'],
        '/clues/0/tasks/0',
        'in which no block uses it',
    ],
    'cloth for no fabric' => [
        ['colourways', 0, 'cloth', 'f-z'],
        ['name' => 'z', 'colour' => '#000000'],
        '/colourways/0/cloth/f-z',
        'does not have',
    ],
    'an unknown fabric to change to' => [
        ['blocks', 0, 'cells', 0, 'fabrics'],
        ['f-a' => 'f-z'],
        '/blocks/0/cells/0/fabrics/f-a',
        'names a fabric',
    ],
    'a curve too tight to sew' => [
        ['units', 1],
        [
            'id' => 'u-plain',
            'name' => 'Tight',
            'kind' => 'quarter-circle',
            'finished' => '3',
            'fabrics' => ['f-a', 'f-b'],
            'radius' => '3/8',
        ],
        '/units/1',
        'cannot be made at size "s": A quarter circle has a radius of two seam allowances',
    ],
    'arcs that meet' => [['units', 1], ['id' => 'u-plain', 'name' => 'Lens', 'kind' => 'custom', 'finished' => '3', 'fabrics' => ['f-a'], 'pieces' => [
        [
            'id' => 'p',
            'fabric' => 'f-a',
            'shape' => [
                ['x' => '0', 'y' => '0'],
                ['arc' => '3', 'clockwise' => true],
                ['x' => '3', 'y' => '3'],
                ['arc' => '3', 'clockwise' => true],
            ],
        ],
    ]], '/units/1', 'Two circular edges'],
    'an arc that does not reach' => [['units', 1], ['id' => 'u-plain', 'name' => 'Lens', 'kind' => 'custom', 'finished' => '3', 'fabrics' => ['f-a'], 'pieces' => [
        [
            'id' => 'p',
            'fabric' => 'f-a',
            'shape' => [['x' => '0', 'y' => '0'], ['arc' => '1', 'clockwise' => true], ['x' => '3', 'y' => '3'], ['x' => '0', 'y' => '3']],
        ],
    ]], '/units/1/pieces/0/shape', 'too small to reach'],
    'a custom piece that stands out' => [['units', 1], ['id' => 'u-plain', 'name' => 'Out', 'kind' => 'custom', 'finished' => '3', 'fabrics' => ['f-a'], 'pieces' => [
        ['id' => 'p', 'fabric' => 'f-a', 'shape' => [['x' => '0', 'y' => '0'], ['x' => '4', 'y' => '0'], ['x' => '0', 'y' => '3']]],
    ]], '/units/1', 'outside the unit'],
    'a negative size' => [['units', 0, 'finished'], '-3', '/units/0/finished', '-3'],
]);

it('reads every option of every kind, and writes the document as it was', function (): void {
    $units = [];
    foreach (['corners' => ['corners' => [['at' => 'top-left', 'leg' => '1']]], 'strips' => [
        'widths' => ['1', '2'],
    ], 'uneven-nine-patch' => ['edge' => '3/4'], 'quarter-circle' => ['radius' => '2'], 'log-cabin' => ['centre' => '1', 'courses' => 2],
        'turned-nine-patch' => ['turns' => [0, 90, 180, 270]], 'half-rectangle' => ['hand' => 'left'], 'triangle-row' => [
            'count' => 4,
        ], 'kite' => ['edge' => '1'], 'striped-hst' => ['widths' => ['1', '2']], 'parallelogram-45' => ['hand' => 'left'],
        'custom' => ['pieces' => [
            [
                'id' => 'p-curve',
                'fabric' => 'f-a',
                'shape' => [
                    ['x' => '0', 'y' => '0'],
                    ['x' => '3', 'y' => '0'],
                    ['arc' => '3', 'clockwise' => true],
                    ['x' => '0', 'y' => '3'],
                ],
            ],
            [
                'id' => 'p-rest',
                'fabric' => 'f-b',
                'shape' => [
                    ['x' => '3', 'y' => '0'],
                    ['x' => '3', 'y' => '3'],
                    ['x' => '0', 'y' => '3'],
                    ['arc' => '3', 'clockwise' => false],
                ],
                'cut' => ['width' => '3 1/2', 'height' => '3 1/2', 'yield' => 2],
            ],
        ]]] as $kind => $options) {
        [$least] = UnitLibrary::kind($kind)->fabrics();
        $units[] = [
            'id' => 'u-'.$kind,
            'name' => $kind,
            'kind' => $kind,
            'finished' => '3',
            'fabrics' => array_slice(
                ['f-a', 'f-b', 'f-c'],
                0,
                max($least, $kind === 'strips' ? 2 : ($kind === 'striped-hst' ? 3 : ($kind === 'custom' ? 2 : 1))),
            ),
        ] + $options;
    }
    $given = json_decode(smallJson(), true);
    $design = smallDesign(['units' => [...$given['units'], ...$units]]);
    $written = $design->document->write();
    $custom = $design->units['u-custom']->make()->making(new Method('custom:pieces'), roomOf('1/4'));

    expect(json_decode($written, true))->toEqual($design->document->value)
        ->and(DesignReader::read($written)->document->write())->toBe($written)
        ->and($design->units['u-half-rectangle']->make()->making(
            new Method('half-rectangle:triangles'),
            roomOf('1/4'),
        )->pieces[0]->lay->mirrored)->toBeTrue()
        ->and(array_map(fn ($piece): string => $piece->shape->value.' '.$piece->batch->yield, $custom->pieces))->toBe(
            ['square 2', 'template 1'],
        )
        ->and($custom->pieces[1]->lay->outline?->arcs)->toHaveCount(1);
});

it('writes one design in one way, however its keys were ordered', function (string $name): void {
    $design = DesignReader::read(designFile($name));
    $shuffled = function (mixed $value) use (&$shuffled): mixed {
        if (! is_array($value)) {
            return $value;
        }

        return array_is_list($value) ? array_map($shuffled, $value) : array_reverse(array_map($shuffled, $value), true);
    };
    $bytes = $design->document->write();

    expect(DesignReader::read(json_encode($shuffled($design->document->value), JSON_THROW_ON_ERROR))->document->write())->toBe($bytes)
        ->and(DesignReader::read($bytes)->document->write())->toBe($bytes)
        ->and($bytes)->toStartWith("{\n  \"dew\": 3,\n  \"id\":")->toEndWith("}\n");
})->with(['night-ferry', 'kitchen-garden', 'block-library']);

it('brings a document of format 1 up to date', function (): void {
    $old = json_decode(designFile('night-ferry'), true);
    $old['dew'] = 1;
    $old['setting']['borders'] = [];
    foreach ($old['clues'] as &$clue) {
        $clue['tasks'] = array_values(array_filter($clue['tasks'], fn (array $task): bool => isset($task['unit'])));
    }
    $design = DesignReader::read(json_encode($old, JSON_THROW_ON_ERROR));

    expect($design->document->value['dew'])->toBe(DesignFormat::VERSION)->and($design->setting->borders)->toBe([])
        ->and(DesignReader::read($design->document->write())->document->value)->toEqual($design->document->value)
        ->and(refusal(json_encode(['dew' => 0] + $old, JSON_THROW_ON_ERROR))->pointer)->toBe('/dew')
        ->and(said(refusal(json_encode(['dew' => 9] + $old, JSON_THROW_ON_ERROR))))->toContain('reads formats 1 to 3');
});

it('answers bad input at once and with little memory', function (string $json, string $words): void {
    $before = memory_get_peak_usage();
    $began = workedSeconds();
    expect(said(refusal($json)))->toContain($words)
        ->and(workedSeconds() - $began)->toBeLessThan(2.0)
        ->and(memory_get_peak_usage() - $before)->toBeLessThan(64_000_000);
})->with([
    'truncated' => [fn (): string => substr(designFile('night-ferry'), 0, 3000), 'Was it cut short?'],
    '40 MB' => [fn (): string => str_repeat(' ', 40_000_000), '40000000 bytes'],
    'an empty file' => ['', 'not JSON'],
    'a list' => ['[]', 'has no "dew"'],
    'a million repeats' => [
        fn (): string => smallJson(['sizes' => [['id' => 's', 'name' => 'S', 'columns' => 1_000_000, 'rows' => 1]]]),
        '1 to 60',
    ],
    'nesting that has no end' => [fn (): string => str_repeat('{"a":', 500).'1'.str_repeat('}', 500), 'not JSON'],
    'a thousand units' => [fn (): string => smallJson(['units' => array_fill(0, 1000, ['id' => 'u-a'])]), 'it takes 1 to 500'],
    'numbers beyond counting' => [
        fn (): string => smallJson(
            [
                'units' => [
                    ['id' => 'u-hst', 'name' => 'U', 'kind' => 'square', 'finished' => '999999999999999999999', 'fabrics' => ['f-a']],
                ],
            ],
        ),
        '/units/0/finished',
    ],
    'blocks that double and double' => [fn (): string => smallJson([
        'blocks' => array_map(
            fn (int $n): array => blockOf(
                'b-'.str_repeat('x', $n + 1),
                ['auto', 'auto'],
                ['auto', 'auto'],
                $n === 0 ? ['u-hst u-hst', 'u-hst u-hst'] : array_fill(0, 2, 'b-'.str_repeat('x', $n).' b-'.str_repeat('x', $n).'/90m'),
            ),
            range(0, 14),
        ),
        'setting' => ['kind' => 'straight', 'pattern' => [['b-x']]],
    ]), 'units, blocks within it counted'],
]);

it('holds the demo designs and the block library to their proof', function (string $name, int $blocks, int $sizes): void {
    $design = DesignReader::read(designFile($name));
    $findings = array_map(fn (Finding $finding): string => $finding->severity->value.' '.$finding->code, Proof::of($design));

    expect(array_filter($findings, fn (string $finding): bool => ! str_starts_with($finding, Severity::Note->value)))->toBe([])
        ->and(count($design->blocks))->toBe($blocks)->and($design->sizes)->toHaveCount($sizes);
    foreach (array_keys($design->sizes) as $size) {
        $sheet = Compiler::quiltSheet($design, $size);
        expect(drawnArea($sheet))->toEqualWithDelta($sheet->finished->area(), 1e-3)
            ->and(array_sum($sheet->areas))->toEqualWithDelta($sheet->finished->area(), 1e-2);
    }
})->with([['night-ferry', 2, 4], ['kitchen-garden', 12, 2], ['block-library', 27, 1]]);

it('makes every unit and every block of a design in some clue', function (string $name): void {
    $design = DesignReader::read(designFile($name));
    foreach (array_keys($design->sizes) as $size) {
        $made = [];
        foreach ($design->clues as $clue) {
            foreach ($clue->tasks as $task) {
                $made[$task->product] = true;
            }
        }
        $sized = Compilation::of($design)->sized($size);
        foreach ($sized->counts as $key => $count) {
            expect(isset($made[$key]) || $sized->products[$key]->kind()->methods()[0]->is('plain:cut'))->toBeTrue("$key is made nowhere");
        }
    }
})->with(['night-ferry', 'kitchen-garden', 'block-library']);

it('cuts the plain pieces of a block with it, unless they have a task of their own', function (): void {
    $tasks = fn (array $tasks): array => ['clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => $tasks]]];
    $shapes = fn (Design $design): array => array_map(
        fn ($piece): string => $piece->id.' '.$piece->shape->value.' '.$piece->batch->each,
        array_slice(Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults())->tasks, -1)[0]->making->pieces,
    );
    $block = ['id' => 't', 'block' => 'b-one'];
    $alone = smallDesign($tasks([$block]));
    $apart = smallDesign($tasks([['id' => 't-plain', 'unit' => 'u-plain'], $block]));

    $whole = smallDesign($tasks([['id' => 't', 'block' => 'b-one']]) + ['blocks' => [blockOf('b-one', ['3'], ['3'], ['u-hst'])]]);
    expect(
        array_map(
            fn ($step): string => $step->code,
            Compiler::clueSheet($whole, 's', 'k', MethodChoices::defaults())->tasks[0]->making->steps,
        ),
    )->toBe(['block.check']);
    expect($shapes($alone))->toBe(['u-hst part 2', 'u-plain square 2'])
        ->and($shapes($apart))->toBe(['u-hst part 2', 'u-plain part 2'])
        ->and(Compiler::clueSheet($alone, 's', 'k', MethodChoices::defaults())->tasks[0]->counters())->toBe(
            ['cut:block:rows:u-plain' => 12, 'trimmed' => 6],
        );
});

it('gives the same bytes for the same input, and reads its sheets back', function (string $name): void {
    $plan = fn () => Compiler::plan(
        DesignReader::read(designFile($name)),
        array_key_first(DesignReader::read(designFile($name))->sizes),
        MethodChoices::defaults(),
    );
    $first = $plan();
    $second = $plan();
    expect($first->quilt->write())->toBe($second->quilt->write())
        ->and(QuiltSheet::read($first->quilt->write())->write())->toBe($first->quilt->write());
    foreach ($first->clues as $key => $clue) {
        $bytes = $clue->write();
        expect($second->clues[$key]->write())->toBe($bytes)
            ->and(ClueSheet::read($bytes)->write())->toBe($bytes);
    }
})->with(['night-ferry', 'kitchen-garden', 'block-library']);

it('cuts larger where it is asked to, and only what is trimmed', function (): void {
    $choices = MethodChoices::defaults()->withOversize(UnitLibrary::kind('hst'));
    $cut = fn (MethodChoices $methods): string => byRule(
        Compiler::clueSheet(smallDesign(), 's', 'k', $methods)->tasks[0]->making->pieces[0],
    );

    // Finished 3: 3⅞ by rule, 4 oversize; eight at a time 7¾ and 8.
    expect($cut(MethodChoices::defaults()))->toBe('31/8')->and($cut($choices))->toBe('4')
        ->and($cut(MethodChoices::defaults()->with(UnitLibrary::kind('hst'), new Method('hst:eight'))))->toBe('31/4')
        ->and($cut($choices->with(UnitLibrary::kind('hst'), new Method('hst:eight'))))->toBe('8')
        ->and($cut($choices->withOversize(UnitLibrary::kind('hst'), false)))->toBe('31/8')
        ->and($choices->signature())->toBe('hst:+')
        ->and($choices->only(UnitLibrary::kind('four-patch'))->signature())->toBe('')
        ->and(unitOf(
            UnitLibrary::kind('four-patch'),
            Length::inches(3),
            2,
        )->making(new Method('four-patch:strips'), roomOf('1/4'))->canBeOversize())->toBeFalse()
        ->and(unitOf(
            UnitLibrary::kind('quarter-circle'),
            Length::inches(3),
            2,
        )->making(new Method('quarter-circle:templates'), roomOf('1/4'))->canBeOversize())->toBeFalse();

    // The template stays, the rectangles for the sides grow; of a striped square the strip at the tip and the square grow alike.
    $kite = unitOf(UnitLibrary::kind('kite'), Length::inches(5), 2)->making(new Method('kite:template'), roomOf('1/4'));
    $larger = $kite->oversize(Length::fraction(1, 8));
    expect($larger->pieces[0])->toEqual($kite->pieces[0])
        ->and($larger->pieces[1]->width->exact->minus($kite->pieces[1]->width->exact)->encode())->toBe('1/8');
    $striped = UnitLibrary::example(
        UnitLibrary::kind('striped-hst'),
        Length::inches(4),
        fabrics(3),
    )->make()->making(new Method('striped-hst:sets'), roomOf('1/4'))->oversize(Length::fraction(1, 8));
    $sewn = pieceOf($striped, 'strip-1')->width->exact->plus(pieceOf($striped, 'strip-2')->width->exact)->minus(Length::fraction(1, 2));
    expect($sewn->equals(pieceOf($striped, 'square')->width->exact))->toBeTrue();
});

it('computes a metric design by millimetres', function (): void {
    $document = json_decode(smallJson(['seam' => '0.75 cm']), true);
    foreach ($document['units'] as &$unit) {
        $unit['finished'] = is_array($unit['finished']) ? ['width' => '8 cm', 'height' => '16 cm'] : '8 cm';
    }
    $document['blocks'][0]['columns'] = $document['blocks'][0]['rows'] = ['8 cm', '8 cm'];
    $design = DesignReader::read(json_encode($document, JSON_THROW_ON_ERROR));
    $piece = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults())->tasks[0]->making->pieces[0];

    // 8 + 0.75 · (2 + √2) = 10.5607 cm, cut at 10.6; 4¼ in when it is read in inches.
    expect($design->room->isMetric())->toBeTrue()->and($design->room->notation())->toBe(Notation::Centimetres)
        ->and(Notation::Centimetres->print($piece->width->in(Notation::Centimetres)))->toBe('10.6')
        ->and(Notation::Fractions->print($piece->width->in(Notation::Fractions)))->toBe('4¼')
        ->and(array_filter(
            Proof::of($design),
            fn (Finding $finding): bool => in_array($finding->code, ['off-mark', 'unfriendly-size', 'unfriendly-size-near'], true),
        ))->toBe([]);
});

it('lays cut shapes on mats, none over another, none over the edge', function (UnitKind $kind): void {
    foreach ($kind->methods() as $method) {
        $making = UnitLibrary::example($kind, Length::inches(3), fabrics($kind->fabrics()[0]))->make()->making($method, roomOf('1/4'));
        $strips = array_filter($making->pieces, fn ($piece): bool => $piece->isCloth() && $piece->length === null);
        if ($strips !== []) {
            expect(
                fn () => CutSheets::of($making, 3, Size::square(Length::inches(24))),
            )->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('single pieces'));

            continue;
        }
        $sheets = CutSheets::of($making, 7, Size::square(Length::inches(24)));
        $shapes = 0;
        foreach ($sheets as $sheet) {
            $boxes = [];
            foreach ($sheet->shapes as $shape) {
                $x = array_map(fn ($corner): float => $corner->x->toFloat(), $shape->corners);
                $y = array_map(fn ($corner): float => $corner->y->toFloat(), $shape->corners);
                [$left, $top, $right, $bottom] = [min($x), min($y), max($x), max($y)];
                expect($left)->toBeGreaterThan(0)
                    ->and($top)->toBeGreaterThan(0)
                    ->and($right)->toBeLessThan(24)
                    ->and($bottom)->toBeLessThan(24);
                foreach ($boxes as [$l, $t, $r, $b]) {
                    expect($right <= $l || $left >= $r || $bottom <= $t || $top >= $b)->toBeTrue();
                }
                $boxes[] = [$left, $top, $right, $bottom];
            }
            $shapes += count($sheet->shapes);
        }
        expect($shapes)->toBe(
            array_sum(
                array_map(fn ($piece): int => $piece->quantity(7), array_filter($making->pieces, fn ($piece): bool => $piece->isCloth())),
            ),
        );
    }
})->with(UnitLibrary::kinds());

it('says when a piece is larger than the mat', function (): void {
    $making = hst('3', '1/4', new Method('hst:two'));
    expect(fn () => CutSheets::of($making, 1, Size::square(Length::inches(4))))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('does not fit a mat of 4.000 by 4.000'))
        ->and(fn () => CutSheets::of($making, 100_000, Size::square(Length::inches(12))))->toThrow(fn (InvalidArgumentException $error) => expect(said($error))->toContain('fewer units'));
});
