<?php

declare(strict_types=1);

use Dew\Core\Compile\ClothSheet;
use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\QuiltSheet;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Document\Reader;
use Dew\Core\Document\Writer;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Measure\Length;
use Dew\Core\Sheet\Announcement;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Unit\MethodChoices;

it('writes the same bytes with one writer for many sheets as with one for each', function (): void {
    $design = nightFerry();
    $writer = new Writer;
    foreach (array_map(strval(...), array_keys($design->sizes)) as $size) {
        foreach (array_map(strval(...), array_keys($design->clues)) as $clue) {
            $sheet = Compiler::clueSheet($design, $size, $clue, MethodChoices::defaults($design->methods));
            expect($sheet->write($writer))->toBe($sheet->write());
        }
        expect(Compiler::quiltSheet($design, $size)->write($writer))->toBe(Compiler::quiltSheet($design, $size)->write());
    }
});

it('turns what many sheets share into data once, each form by itself', function (): void {
    $writer = new Writer;
    $value = new stdClass;
    $made = 0;
    $make = function () use (&$made): array {
        return [++$made];
    };
    expect([$writer->once($value, 'whole', $make), $writer->once($value, 'whole', $make)])->toBe([[1], [1]])
        ->and($writer->once($value, 'bare', $make))->toBe([2])
        ->and($writer->once(new stdClass, 'whole', $make))->toBe([3]);
});

it('reads the same with one reader for many sheets as without one', function (): void {
    $design = nightFerry();
    $reader = new Reader;
    foreach (storedSheets($design) as $name => $text) {
        $class = ['announcement' => Announcement::class, 'cloth' => ClothSheet::class, 'quilt' => QuiltSheet::class, 'layout' => LayoutSheet::class][explode(' ', $name)[0]] ?? ClueSheet::class;
        expect($class::read($text, $reader))->toEqual($class::read($text));
    }
});

it('makes what is written alike into one value, each form by itself, and names the place of what cannot be read', function (): void {
    $node = Node::fromJson('{"one":["f-a|0,0 1,0 1,1"],"two":["f-a|0,0 1,0 1,1"],"three":["f-a|0,0 2,0 1,1"],"four":{"a/b":[7]}}', 1000, new Reader);
    $one = Patch::list($node->get('one'));

    expect(Patch::list($node->get('two'))[0])->toBe($one[0])
        ->and(Patch::list($node->get('three'))[0])->not->toEqual($one[0])
        ->and($node->get('two')->once('texts', fn (): array => $node->get('two')->texts()))->toBe(['f-a|0,0 1,0 1,1'])
        ->and(fn () => Patch::list($node->get('four')->get('a/b')))->toThrow(DocumentException::class, '/four/a~1b/0');
});

it('puts the tasks of a clue in as they were written, and reads it without its steps', function (): void {
    $sheet = firstClue('s-throw');
    $texts = array_map(fn ($task): string => $task->text(new Writer), $sheet->tasks);
    $counting = ClueSheet::read($sheet->write(), whole: false);

    expect($sheet->around($texts))->toBe($sheet->write())
        ->and(array_map(fn ($task): array => $task->counters(), $counting->tasks))->toBe(array_map(fn ($task): array => $task->counters(), $sheet->tasks))
        ->and($counting->tasks[0]->making->steps)->toBe([])
        ->and($counting->tasks[0]->ways)->toHaveCount(1);
});

it('refuses what is no sheet, and names the place', function (string $class, string $json, string $place): void {
    try {
        $class::read($json);
        $this->fail('It was read.');
    } catch (DocumentException $error) {
        expect(said($error))->toContain($place);
    }
})->with([
    [ClueSheet::class, '{', 'JSON'],
    [ClueSheet::class, '{"clue":"k","number":0}', '/number'],
    [Announcement::class, '{"title":"t","slots":3}', '/slots'],
    [LayoutSheet::class, '{"size":"s","kind":[]}', '/kind'],
    [ClothSheet::class, '{"exact":[1]}', '/exact'],
]);

it('writes a place as a short text and reads it back', function (): void {
    $placement = new Placement('b-one', Length::parse('1 1/2'), Length::inches(2)->timesRoot2(), 45);
    expect(Placement::decode($placement->encode()))->toEqual($placement)
        ->and(Placement::list(Node::of([$placement->encode(), 'u 0 0 0'])))->toHaveCount(2)
        ->and(Patch::list(Node::of(['f-a|0,0 1,0 1,1'])))->toEqual([Patch::decode('f-a|0,0 1,0 1,1')]);
});
