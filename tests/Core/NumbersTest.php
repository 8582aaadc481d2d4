<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;
use Dew\Core\Proof\Severity;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Kind\UnitOptions;
use Dew\Core\Unit\Kind\UnitSpec;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\UnitKind;

/** Seven half-square triangles in a row that finishes 12 in: each is to be trimmed to 12⁄7 + ½. */
function sevenInARow(): array
{
    $units = [['id' => 'u-hst', 'name' => 'Tooth', 'kind' => 'hst', 'finished' => '12/7', 'fabrics' => ['f-a', 'f-b']]];
    $block = blockOf('b-one', array_fill(0, 7, '12/7'), ['12/7'], [implode(' ', array_fill(0, 7, 'u-hst'))]);

    return ['units' => $units, 'blocks' => [$block]];
}

it('finds a trim size that is on no mark, and what it comes to over the block', function (): void {
    $finding = marks(sevenInARow())['trim-off-mark-block'];
    expect($finding->severity)->toBe(Severity::Warning)
        ->and($finding->lengths['exact']->toDecimal(4))->toBe('2.2143')
        ->and($finding->lengths['mark']->encode())->toBe('35/16')
        ->and($finding->lengths['comes_out']->encode())->toBe('197/16')
        ->and($finding->lengths['wanted']->encode())->toBe('25/2');
});

it('tells the member to check the size that comes out, and not the one that was drawn', function (): void {
    $design = smallDesign(
        [
            ...sevenInARow(),
            'clues' => [
                [
                    'id' => 'k',
                    'title' => 'K',
                    'minutes' => 1,
                    'tasks' => [['id' => 't', 'unit' => 'u-hst'], ['id' => 't-b', 'block' => 'b-one']],
                ],
            ],
        ],
    );
    $task = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults())->tasks[1];
    expect($task->trimWidth()->value(Notation::Fractions)->encode())->toBe('197/16')
        ->and($task->trimWidth()->exact->encode())->toBe('25/2')
        ->and($task->trimWidth()->in(Notation::Fractions)->encode())->toBe('197/16');
});

it('says nothing of trim sizes that are on the ruler', function (): void {
    expect(array_filter(array_keys(marks([])), fn (string $code): bool => str_contains($code, 'off-mark')))->toBe([]);
});

it('takes edges and neighbours that differ by a quarter for look-alikes no longer', function (string $width, bool $alike): void {
    $units = [
        [
            'id' => 'u-plain',
            'name' => 'Middle',
            'kind' => 'rectangle',
            'finished' => ['width' => '2', 'height' => '4'],
            'fabrics' => ['f-c'],
        ],
        [
            'id' => 'u-side',
            'name' => 'Side',
            'kind' => 'rectangle',
            'finished' => ['width' => $width, 'height' => '4'],
            'fabrics' => ['f-c'],
        ],
    ];
    $block = blockOf('b-one', ['2', $width], ['4'], ['u-plain u-side']);
    $clue = ['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't', 'block' => 'b-one']]];
    $codes = implode(' ', array_keys(marks(['units' => $units, 'blocks' => [$block], 'clues' => [$clue]])));
    expect(str_contains($codes, 'look-alike'))->toBe($alike);
})->with([['2 1/8', true], ['2 3/16', true], ['2 1/4', true], ['2 5/16', false]]);

it('cuts four and four opposite quarter circles from four stacked pairs', function (): void {
    $units = [
        ['id' => 'u-in', 'name' => 'Dusk', 'kind' => 'quarter-circle', 'finished' => '4', 'fabrics' => ['f-a', 'f-b'], 'radius' => '3'],
        ['id' => 'u-out', 'name' => 'Dawn', 'kind' => 'quarter-circle', 'finished' => '4', 'fabrics' => ['f-b', 'f-a'], 'radius' => '3'],
    ];
    $block = blockOf('b-one', ['4', '4'], ['4', '4'], ['u-in u-out', 'u-out u-in']);
    $clues = [
        [
            'id' => 'k',
            'title' => 'K',
            'minutes' => 1,
            'tasks' => [['id' => 't-in', 'unit' => 'u-in'], ['id' => 't-out', 'unit' => 'u-out']],
        ],
    ];
    $design = smallDesign(
        [
            'units' => $units,
            'blocks' => [$block],
            'clues' => $clues,
            'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 2, 'rows' => 1]],
        ],
    );
    $swap = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults()->with(UnitLibrary::kind('quarter-circle'), new Method('quarter-circle:swap')));
    [$in, $out] = $swap->tasks;
    $squares = fn ($task): int => array_sum(
        array_map(fn ($piece): int => $task->quantity($piece), array_filter($task->making->pieces, fn ($piece): bool => $piece->isCloth())),
    );
    expect([$in->count, $out->count])->toBe([4, 4])
        ->and($squares($in))->toBe(8)
        ->and($squares($out))->toBe(0)
        ->and($out->fromBag)->toBe(4)
        ->and($out->bagTask)->toBe('t-in')
        ->and($out->toMake())->toBe(0);

    // By templates nothing comes out besides, and both are cut for.
    [$in, $out] = Compiler::clueSheet(
        $design,
        's',
        'k',
        MethodChoices::defaults()->with(UnitLibrary::kind('quarter-circle'), new Method('quarter-circle:templates')),
    )->tasks;
    expect($in->byproduct)->toBeNull()->and($out->fromBag)->toBe(0)->and($squares($out))->toBe(8);
});

it('names and counts what comes out besides when only one kind is wanted', function (): void {
    $units = [
        ['id' => 'u-in', 'name' => 'Dusk', 'kind' => 'quarter-circle', 'finished' => '4', 'fabrics' => ['f-a', 'f-b'], 'radius' => '3'],
    ];
    $block = blockOf('b-one', ['4', '4'], ['4'], ['u-in u-in/90']);
    $clues = [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => [['id' => 't-in', 'unit' => 'u-in']]]];
    $design = smallDesign(['units' => $units, 'blocks' => [$block], 'clues' => $clues]);
    $task = Compiler::clueSheet(
        $design,
        's',
        'k',
        MethodChoices::defaults()->with(UnitLibrary::kind('quarter-circle'), new Method('quarter-circle:swap')),
    )->tasks[0];
    expect($task->byproduct?->count)->toBe($task->count)
        ->and($task->byproduct?->patches[0]->slot)->toBe('f-b')
        ->and($task->byproduct?->finished->width->encode())->toBe('4');
});

it('lets the curve of a quarter circle run into the corners', function (): void {
    $spec = new UnitSpec(UnitLibrary::kind('quarter-circle'), Size::square(Length::inches(4)), fabrics(2), new UnitOptions(radius: Length::inches(4)));
    $patches = $spec->make()->patches();
    expect(array_sum(array_map(fn ($patch): float => $patch->outline->area(), $patches)))->toEqualWithDelta(16.0, 1e-9)
        ->and($patches[0]->outline->area() + $patches[1]->outline->area())->toEqualWithDelta(16.0, 1e-9);
    foreach (UnitLibrary::kind('quarter-circle')->methods() as $method) {
        expect($spec->make()->making($method, roomOf('1/4'))->pieces)->not->toBe([]);
    }
    expect(
        fn () => new UnitSpec(
            UnitLibrary::kind('quarter-circle'),
            Size::square(Length::inches(4)),
            fabrics(2),
            new UnitOptions(radius: Length::inches(5)),
        ),
    )->not->toBeNull();
    expect(
        fn () => (new UnitSpec(
            UnitLibrary::kind('quarter-circle'),
            Size::square(Length::inches(4)),
            fabrics(2),
            new UnitOptions(radius: Length::inches(5)),
        ))->make(),
    )->toThrow(InvalidArgumentException::class);
});

it('tells recoloured and mirrored variants apart by name', function (): void {
    $lean = [
        'id' => 'u-lean',
        'name' => 'Leaning half',
        'kind' => 'half-rectangle',
        'finished' => ['width' => '3', 'height' => '6'],
        'fabrics' => ['f-a', 'f-b'],
    ];
    $block = blockOf('b-one', ['3', '3', '3'], ['6'], ['u-lean u-lean/0m u-lean']);
    $block['cells'][2]['fabrics'] = ['f-a' => 'f-c'];
    $design = smallDesign(
        ['units' => [$lean], 'blocks' => [$block], 'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => []]]],
    );
    expect(array_values(array_filter($design->names, fn (string $name): bool => str_starts_with($name, 'Leaning half'))))
        ->toBe(['Leaning half', 'Leaning half, mirrored', 'Leaning half in Rust, Moss']);

    // The document can give a variant a name of its own.
    $lean['variants'] = [['mirror' => true, 'name' => 'Falling half'], ['fabrics' => ['f-a' => 'f-c'], 'name' => 'Rusty half']];
    $design = smallDesign(
        ['units' => [$lean], 'blocks' => [$block], 'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 1, 'tasks' => []]]],
    );
    expect(array_values($design->names))->toContain('Leaning half', 'Falling half', 'Rusty half');
});

it('refuses two fabrics with one letter', function (): void {
    $fabrics = json_decode(smallJson(), true)['fabrics'];
    $fabrics[2]['letter'] = 'A';
    expect(said(refusal(smallJson(['fabrics' => $fabrics]))))->toContain('/fabrics/2/letter');
});

it('sums the areas of a striped square to the whole, also where its first strip is narrow', function (string $first, string $second): void {
    $options = new UnitOptions(widths: [Length::parse($first), Length::parse($second)]);
    foreach ([false, true] as $twin) {
        $spec = new UnitSpec(
            UnitLibrary::kind('striped-hst'),
            Size::square(Length::inches(2)),
            fabrics(3),
            new UnitOptions(widths: $options->widths, twin: $twin),
        );
        $patches = $spec->make()->patches();
        expect(array_sum(array_map(fn ($patch): float => $patch->outline->area(), $patches)))->toEqualWithDelta(4.0, 1e-9);
        foreach ($patches as $patch) {
            foreach ($patch->outline->corners as $corner) {
                expect($corner->x->toFloat())->toBeGreaterThanOrEqual(-1e-12)->toBeLessThanOrEqual(2 + 1e-12)
                    ->and($corner->y->toFloat())->toBeGreaterThanOrEqual(-1e-12)->toBeLessThanOrEqual(2 + 1e-12);
            }
        }
    }
})->with([['1/4', '1 3/4'], ['1/8', '1 7/8'], ['1', '1'], ['1/2', '1 1/2']]);

it('lets kites and peaks stand out as their blunted templates do', function (): void {
    $peak = new UnitSpec(UnitLibrary::kind('peak'), new Size(Length::inches(4), Length::inches(6)), fabrics(2), new UnitOptions);
    $overhangs = $peak->make()->overhangs(roomOf('1/4'));
    $ends = [];
    foreach ($overhangs as $overhang) {
        $ends[] = round(abs($overhang->start->exact->toFloat()), 3);
        $ends[] = round(abs($overhang->end->exact->toFloat()), 3);
    }
    expect($ends)->toContain(0.167)->toContain(1.5)->not->toContain(0.403)->not->toContain(1.194);
});

it('counts the cloth of an offered method piece by piece, each by its own yield', function (
    UnitKind $kind,
    Method $method,
    array $size,
    int $fabrics,
    float $cloth,
): void {
    $spec = UnitLibrary::example($kind, Length::inches($size[1]), fabrics($fabrics));
    $room = roomOf('1/4');
    expect($spec->finished->width->encode())->toBe((string) $size[0])
        ->and(round($spec->make()->making($method, $room)->cloth(1, $room->usableWidth), 1))->toBe($cloth);
})->with([
    'geese from triangles, 4 by 2' => [UnitLibrary::kind('geese'), new Method('geese:triangles'), [4, 2], 2, 35.3],
    'half and two different quarters, 6' => [UnitLibrary::kind('half-and-quarters'), new Method('half-and-quarters:triangles'), [6, 6], 3, 150.9],
    'nine-patch from strips, 6' => [UnitLibrary::kind('nine-patch'), new Method('nine-patch:strips'), [6, 6], 2, 600.0],
]);

it('prints the size of a centre that leads to the unit, with what is left beyond the points', function (): void {
    $making = unitOf(UnitLibrary::kind('square-in-square'), Length::inches(3), 2)->making(new Method('square-in-square:triangles'), roomOf('1/4'));
    $centre = pieceOf($making, 'centre');
    $beyond = null;
    foreach ($making->steps as $step) {
        $beyond = $step->measures['beyond'] ?? $beyond;
    }
    // Cut to the nearest sixteenth, 2⅝ for 2.6213, so that no more than ¼ and a sliver stays beyond the points.
    expect($centre->width->exact->toDecimal(4))->toBe('2.6213')
        ->and($centre->width->in(Notation::Fractions)->encode())->toBe('21/8')
        ->and(abs(($beyond?->value(Notation::Fractions)->toFloat() ?? 0) - 0.25))->toBeLessThan(0.02);
});

it('puts the fabrics of corners in the order of the document, so that other designs have other hashes', function (): void {
    $unit = fn (array $corners): array => [
        'units' => [
            [
                'id' => 'u-hst',
                'name' => 'Bowl',
                'kind' => 'corners',
                'finished' => ['width' => '3', 'height' => '3'],
                'fabrics' => ['f-c', 'f-a', 'f-b'],
                'corners' => $corners,
            ],
            json_decode(smallJson(), true)['units'][1],
        ],
    ];
    $one = smallJson($unit([['at' => 'top-left', 'leg' => '1'], ['at' => 'bottom-right', 'leg' => '1']]));
    $other = smallJson($unit([['at' => 'bottom-right', 'leg' => '1'], ['at' => 'top-left', 'leg' => '1']]));
    $written = fn (string $json): string => Dew\Core\Design\DesignReader::read($json)->document->write();
    expect($written($one))->not->toBe($written($other))
        ->and($written($written($one)))->toBe($written($one));
    $slotAt = function (string $json): string {
        foreach (Dew\Core\Design\Compilation::of(
            Dew\Core\Design\DesignReader::read($json),
        )->sized('s')->products['u-hst']->patches() as $patch) {
            foreach ($patch->outline->corners as $corner) {
                if ($corner->x->isZero() && $corner->y->isZero()) {
                    return $patch->slot;
                }
            }
        }

        return '';
    };
    expect($slotAt($one))->toBe('f-a')->and($slotAt($other))->toBe('f-b')->and($slotAt($written($other)))->toBe('f-b');
});
