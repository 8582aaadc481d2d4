<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Design\ProductKey;
use Dew\Core\Document\Complaint;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Place;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Patch;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\BlockDrawing;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\MethodChoices;

/**
 * The block of the small design with its first triangle square turned by half in another way, and lying in the setting as asked.
 *
 * @param  array<string, mixed>  $block  more of the block
 * @param  array<string, mixed>  $change  more of the design
 * @return array<string, mixed>
 */
function pinwheelWays(array $block = [], array $change = []): array
{
    $one = json_decode(smallJson(), true)['blocks'][0];
    $one['cells'][0]['ways'] = ['w-wheel' => 180];
    $one['cells'][1]['ways'] = ['w-gone' => 90];

    return $change + [
        'blocks' => [$block + $one + ['ways' => [['id' => 'w-wheel', 'name' => 'Wheel'], ['id' => 'w-same', 'name' => 'Same']]]],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 10, 'tasks' => [
            ['id' => 't', 'unit' => 'u-hst'], ['id' => 'q', 'unit' => 'u-plain'], ['id' => 'b', 'block' => 'b-one'],
        ]]],
    ];
}

/** @param  array<string, mixed>  $change */
function sheetOf(array $change): ClueSheet
{
    return Compiler::clueSheet(smallDesign($change), 's', 'k', MethodChoices::defaults());
}

/**
 * @param  list<Patch>  $patches
 * @return list<string>
 */
function encoded(array $patches): array
{
    return array_map(fn (Patch $patch): string => $patch->encode(), $patches);
}

/** What a block of a sheet looks like. */
function drawingOf(ClueSheet $sheet, string $task = 'b'): BlockDrawing
{
    return $sheet->task($task)->drawing ?? throw new LogicException('It has no drawing.');
}

it('draws a block in its other way as if it had been designed so', function (array $block): void {
    $change = pinwheelWays($block);
    $turned = drawingOf(sheetOf($change)->turned(['b-one' => 'w-wheel']));
    $change['blocks'][0]['cells'][0]['turn'] = 180;
    unset($change['blocks'][0]['ways']);
    expect(encoded($turned->patches()))->toBe(encoded(drawingOf(sheetOf($change))->patches()))
        ->not->toBe(encoded(drawingOf(sheetOf(pinwheelWays($block)))->patches()));
})->with(['sewn' => [[]], 'trimmed' => [['trimmed' => '5']]]);

it('offers only ways that turn something, and passes over a way that was taken out', function (): void {
    $sheet = sheetOf(pinwheelWays());
    expect(drawingOf($sheet)->choices())->toBe(['b-one' => ['b-one', ['w-wheel' => 'Wheel']]])
        ->and($sheet->turned(['b-one' => 'w-gone', 'b-other' => 'w-wheel'])->task('b')?->patches())->toEqual(drawingOf($sheet)->patches())
        ->and($sheet->turned([]))->toBe($sheet)
        ->and(drawingOf($sheet->turned(['b-one' => 'w-wheel']))->choices())->toBe(drawingOf($sheet)->choices());
});

it('changes neither counts nor cutting nor digest, and is kept with the sheet', function (): void {
    $sheet = sheetOf(pinwheelWays());
    $without = pinwheelWays();
    unset($without['blocks'][0]['ways']);
    $plain = sheetOf($without);
    $stored = ClueSheet::read($sheet->write());
    foreach ($sheet->tasks as $index => $task) {
        expect($task->digest)->toBe($plain->tasks[$index]->digest)
            ->and($stored->turned(['b-one' => 'w-wheel'])->tasks[$index]->counters())->toBe($plain->tasks[$index]->counters());
    }
    expect(encoded(drawingOf($stored->turned(['b-one' => 'w-wheel']))->patches()))
        ->toBe(encoded(drawingOf($sheet->turned(['b-one' => 'w-wheel']))->patches()))
        ->and($stored->write())->toBe($sheet->write())
        ->and($plain->write())->not->toContain('"ways":{"b-one"');
    // On her cloth it stays turned.
    $onCloth = $sheet->turned(['b-one' => 'w-wheel'])->onCloth(Length::inches(20), Notation::Fractions);
    expect(encoded(drawingOf($onCloth)->patches()))->toBe(encoded(drawingOf($sheet->turned(['b-one' => 'w-wheel']))->patches()));
});

it('keeps a trimmed block in its other way with the sheet', function (): void {
    $sheet = sheetOf(pinwheelWays(['trimmed' => '5']));
    $stored = ClueSheet::read($sheet->write());
    expect(encoded(drawingOf($stored->turned(['b-one' => 'w-wheel']))->patches()))
        ->toBe(encoded(drawingOf($sheet->turned(['b-one' => 'w-wheel']))->patches()));
});

it('turns the mirror image of a block the other way round, and a block within others as well', function (): void {
    $block = blockOf('b-one', ['3', '3'], ['3', '3'], ['u-hst u-plain', 'u-hst/90 u-plain']);
    $block['cells'][0]['ways'] = ['w' => 90];
    $block['ways'] = [['id' => 'w', 'name' => 'W']];
    $outer = blockOf('b-two', ['6', '6'], ['6'], ['b-one b-one/0m']);
    $change = [
        'blocks' => [$block, $outer],
        'setting' => ['kind' => 'straight', 'pattern' => [['b-two']]],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 1, 'rows' => 1]],
        'clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 10, 'tasks' => [['id' => 'b', 'block' => 'b-two']]]],
    ];
    $turned = drawingOf(sheetOf($change)->turned(['b-one' => 'w']));
    $change['blocks'][0]['cells'][0]['turn'] = 90;
    unset($change['blocks'][0]['ways']);
    expect(encoded($turned->patches()))->toBe(encoded(drawingOf(sheetOf($change))->patches()))
        ->and(array_map(ProductKey::id(...), array_keys($turned->ways)))->toBe(['b-one', 'b-one'])
        ->and(array_keys($turned->choices()))->toBe(['b-one']);
});

it('turns triangles and diamonds where they lie, and says of other turns that they do not come out', function (): void {
    // A triangle of two fabrics shows how it is turned; a diamond of one is drawn the other way round.
    $block = sixtyBlock('b-one', 'triangle', 2, ['1,1 u-tri', '2,1 u-diamond', '2,3 u-other']);
    $block['ways'] = [['id' => 'w', 'name' => 'W']];
    $block['cells'][0]['ways'] = ['w' => 120];
    $block['cells'][1]['ways'] = ['w' => 180];
    $design = sixtyDesign([$block]);
    $unit = Compilation::of($design)->products(1, 1)['b-one'];
    $parts = $design->blocks['b-one'];
    $turned = $parts->inWay('w');
    expect($unit->ways())->toBe(['w' => 'W'])
        ->and(array_map(fn ($part): int => $part->spot->turn, $turned->parts))->toBe([2, 3, 0])
        ->and($unit->inWay('w')->placements()[0]->turn)->toBe(120);
    foreach ($turned->parts as $index => $part) {
        expect($parts->grid->covered($part->spot))->toBe($parts->grid->covered($parts->parts[$index]->spot));
    }
    coversExactly($unit->inWay('w')->patches(), $unit->outline());

    $block['cells'][0]['ways'] = ['w' => 180];
    $complaints = DesignReader::reading(json_encode(['blocks' => [$block]] + json_decode(smallJson([
        'units' => sixtyUnits(), 'setting' => ['kind' => 'sixty', 'pattern' => [['b-one']], 'triangles' => ['side' => 'f-b']],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 7, 'rows' => 4]], 'clues' => [],
    ]), true)))->complaints;
    expect(array_map(fn (Complaint $complaint): string => $complaint->pointer, $complaints))->toContain('/blocks/0/cells/0/ways/w');
});

it('turns a thing in another way by an edit that can be undone', function (): void {
    $draft = DraftDocument::of(Dew\Core\Design\DesignDocument::fromJson(smallJson()));
    $turn = ['kind' => 'turn', 'block' => 'b-one', 'column' => 1, 'row' => 1, 'by' => 90, 'way' => 'w'];
    $ways = fn (DraftDocument $draft, string $cell = '1,1'): mixed => $draft->at(Place::parse("blocks/b-one/cells/$cell/ways"))->value;
    $draft = changed($draft, ['kind' => 'add', 'to' => 'blocks/b-one/ways', 'item' => ['id' => 'w', 'name' => 'W']], $turn);
    expect($ways($draft))->toBe(['w' => 90]);
    $draft = changed($draft, ['by' => 180] + $turn);
    expect($ways($draft))->toBe(['w' => 270])
        // It moves with its cell, is turned further when that is turned, and goes the other way round in its mirror image.
        ->and($ways(
            changed($draft, ['kind' => 'add-column', 'block' => 'b-one', 'before' => 1, 'width' => '3']),
            '2,1',
        ))->toBe(['w' => 270])
        ->and($ways(changed($draft, ['kind' => 'turn', 'block' => 'b-one', 'column' => 1, 'row' => 1, 'by' => 90])))->toBe(['w' => 270])
        ->and($ways(changed($draft, ['kind' => 'mirror', 'block' => 'b-one', 'column' => 1, 'row' => 1])))->toBe(['w' => 90])
        ->and($ways(changed($draft, ['by' => 90] + $turn)))->toBeNull()
        ->and($ways(changed($draft, ['kind' => 'remove', 'place' => 'blocks/b-one/ways/w'])))->toBe(['w' => 270]);
    expect(fn () => changed($draft, ['way' => 'w-none'] + $turn))->toThrow(EditRefused::class, 'w-none');
});

it('turns on 60° axes to the next turn that covers the same places', function (): void {
    $block = sixtyBlock('b-one', 'triangle', 2, ['1,1 u-tri', '2,1 u-diamond', '2,3 u-other']);
    $block['ways'] = [['id' => 'w', 'name' => 'W']];
    $draft = DraftDocument::of(Dew\Core\Design\DesignDocument::fromJson(smallJson(['units' => sixtyUnits(), 'blocks' => [$block]])));
    $turn = fn (int $column, int $row, int $by): array => [
        'kind' => 'turn', 'block' => 'b-one', 'column' => $column, 'row' => $row, 'by' => $by, 'way' => 'w',
    ];
    $ways = fn (DraftDocument $draft, string $cell): mixed => $draft->at(Place::parse("blocks/b-one/cells/$cell/ways"))->value;
    expect($ways(changed($draft, $turn(1, 1, 90)), '1,1'))->toBe(['w' => 120])
        ->and($ways(changed($draft, $turn(1, 1, 270)), '1,1'))->toBe(['w' => 240])
        ->and($ways(changed($draft, $turn(1, 2, 90)), '1,2'))->toBe(['w' => 180])
        ->and($ways(changed($draft, $turn(1, 2, 90), $turn(1, 2, 90)), '1,2'))->toBeNull();
});

it('finds a rectangle that would not fill its cell in another way', function (): void {
    $block = blockOf('b-one', ['3', '3'], ['6'], ['u-lean u-lean']);
    $block['ways'] = [['id' => 'w', 'name' => 'Askew']];
    $block['cells'][0]['ways'] = ['w' => 180];
    $block['cells'][1]['ways'] = ['w' => 90];
    $found = marks(['blocks' => [$block]]);
    expect($found['way-differs']->place)->toBe('/blocks/0/cells/1')
        ->and($found['way-differs']->names)->toMatchArray(['way' => 'Askew']);
    $block['cells'][1]['ways'] = ['w' => 180];
    expect(marks(['blocks' => [$block]]))->not->toHaveKey('way-differs');
});

it('refuses two ways of one id, and a turn that is none', function (): void {
    $change = pinwheelWays();
    $change['blocks'][0]['ways'][1]['id'] = 'w-wheel';
    expect(said(refusal(smallJson($change))))->toContain('w-wheel');
    $change = pinwheelWays();
    $change['blocks'][0]['cells'][0]['ways'] = ['w-wheel' => 60];
    expect(said(refusal(smallJson($change))))->toContain('not a quarter turn');
});

it('joins a block in another way like the block itself', function (): void {
    $unit = Compilation::of(smallDesign(pinwheelWays()))->products(1, 1)['b-one'];
    $room = CuttingRoom::usual();
    $method = $unit->kind()->methods()[0];
    expect($unit->inWay('w-wheel')->making($method, $room))->toEqual($unit->making($method, $room))
        ->and($unit->inWay('w-wheel')->seamwork())->toEqual($unit->seamwork());
});
