<?php

declare(strict_types=1);

use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Making\Rates;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Split\Ledger;
use Dew\Core\Split\LedgerProblem;
use Dew\Core\Split\Load;
use Dew\Core\Split\MakingGraph;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Words\ClueKind;
use Dew\Core\Words\StepChange;

/** @param  array<string, mixed>  $clue  what is changed in the first clue of Night Ferry */
function ferryClue(array $clue): Dew\Core\Design\Design
{
    $document = json_decode(nightFerryJson(), true);
    $document['clues'][0] = [...$document['clues'][0], ...$clue];

    return DesignReader::read((string) json_encode($document));
}

const EVERYTHING = [
    'kind' => 'bonus',
    'recap' => 'Before.',
    'notes' => [['id' => 'n-a', 'size' => 's-throw', 'text' => 'Throw.'], ['id' => 'n-b', 'colourway' => 'c-last-boat', 'text' => 'Boat.']],
    'pictures' => [['id' => 'p-a', 'picture' => '0123456789abcdef0123456789abcdef0123456789abcdef0123456789abcdef', 'text' => 'A seam']],
    'link' => ['address' => 'https://saltbox.example/film', 'text' => 'Film'],
    'tools' => [['id' => 'o-a', 'name' => 'Roller', 'at_least' => '4 1/2'], ['id' => 'o-b', 'name' => 'Pins']],
    'machine' => [['id' => 'm-a', 'stage' => 'Piecing', 'needle' => '80/12', 'stitch' => '2.0 mm', 'foot' => '¼ in', 'thread' => '50']],
    'cautions' => ['spray', 'leads'],
    'closing' => 'After.',
    'steps' => [
        ['id' => 'x-a', 'task' => 't-beam', 'what' => 'say', 'step' => 'hst.two.mark', 'text' => 'Lightly.'],
        ['id' => 'x-b', 'task' => 't-beam', 'what' => 'add', 'text' => 'At the end.'],
    ],
];

it('carries everything a clue says into the sheet of a size, and reads it back the same', function (): void {
    $sheet = (new SizeCompiler(ferryClue(EVERYTHING), 's-throw'))->clue('k-casting-off', MethodChoices::defaults());
    $text = $sheet->write();
    $read = ClueSheet::read($text);

    expect($read->write())->toBe($text)
        ->and($read->words->kind)->toBe(ClueKind::Bonus)
        ->and($read->words->steps[0]->step)->toBe('hst.two.mark')
        ->and($read->words->steps[1]->step)->toBeNull()
        ->and(array_map(fn (StepChange $step): string => $step->text, $read->words->stepsOf('t-beam')))->toBe(['Lightly.', 'At the end.'])
        ->and($read->words->stepsOf('t-blade'))->toBe([])
        ->and($read->words->tools[0]->atLeast?->encode())->toBe('9/2')
        ->and($read->words->texts())->toBe(['Throw.', 'Boat.', 'A seam', 'Lightly.', 'At the end.', 'Before.', 'After.'])
        ->and($read->words->inColourway('c-other')->texts())->not->toContain('Boat.');
    $queen = (new SizeCompiler(ferryClue(EVERYTHING), 's-queen'))->clue('k-casting-off', MethodChoices::defaults());
    expect($queen->words->texts())->not->toContain('Throw.');
});

it('refuses words that lead nowhere, and names what to change', function (array $clue, string $problem): void {
    expect(fn () => ferryClue($clue))->toThrow(fn (DocumentException $error) => expect(said($error))->toContain($problem));
})->with([
    'a note for a size that is not there' => [
        ['notes' => [['id' => 'n-a', 'size' => 's-king', 'text' => 'King.']]], 'is no size of the document',
    ],
    'a note for a colourway that is not there' => [
        ['notes' => [['id' => 'n-a', 'colourway' => 'c-none', 'text' => 'x']]], 'is no colourway of the document',
    ],
    'a link that is not safe' => [['link' => ['address' => 'http://a.example', 'text' => 'x']], 'begins with https'],
    'a link that ends its attribute' => [['link' => ['address' => 'https://a.example/"><script>', 'text' => 'x']], 'begins with https'],
    'a step of another clue' => [
        ['steps' => [['id' => 'x-a', 'task' => 't-night', 'what' => 'add', 'text' => 'x']]], 'is not a task of this clue',
    ],
    'a step left out that is not named' => [
        ['steps' => [['id' => 'x-a', 'task' => 't-beam', 'what' => 'leave', 'text' => 'x']]], 'needs the "step"',
    ],
    'a task of one\'s own without minutes' => [['tasks' => [['id' => 't-a', 'own' => 'Sweep.']]], 'needs "minutes"'],
    'a task that makes a unit and is one\'s own' => [
        ['tasks' => [['id' => 't-a', 'unit' => 'u-beam', 'own' => 'Sweep.', 'minutes' => 5]]], 'makes nothing',
    ],
    'quilting of a block that is not there' => [['tasks' => [['id' => 't-a', 'quilt' => 'b-none', 'minutes' => 5]]], 'b-none'],
    'a share beyond all shares' => [
        [
            'tasks' => [['id' => 't-a', 'quilt' => 'b-lantern', 'minutes' => 5, 'share' => ['part' => 3, 'of' => 2]]],
        ], 'more than the 2 shares',
    ],
]);

it('adds chores to the load of their clue, joining by its seams and quilting by its copies', function (): void {
    $document = json_decode(nightFerryJson(), true);
    $document['clues'][4]['tasks'] = [
        ['id' => 't-rows', 'stage' => 'rows'], ['id' => 't-centre', 'stage' => 'centre'],
        ['id' => 't-half', 'quilt' => 'b-lantern', 'minutes' => 10, 'share' => ['part' => 1, 'of' => 2]],
        ['id' => 't-own', 'own' => 'Sweep.', 'minutes' => 7, 'count' => 3],
    ];
    $design = DesignReader::read((string) json_encode($document));
    $graph = MakingGraph::of(Compilation::of($design), 's-throw');
    $load = Load::ofClues($design, $graph)[4];
    [$rows, $centre] = array_map($graph->joining(...), array_slice($design->clues['k-midstream']->chores, 0, 2));

    // 25 blocks of 12 in and two borders of 4 sides each: 33 parts. Five rows: 4 seams of 68 in between them, the rest of the top within.
    expect($centre?->seams)->toBe(4)
        ->and($centre?->seamLength)->toEqualWithDelta(4 * 68.0, 1e-9)
        ->and($rows?->seams)->toBe(33 - 5)
        ->and(($rows->seamLength ?? 0.0) + ($centre->seamLength ?? 0.0))->toEqualWithDelta($graph->topSeams, 1e-9)
        // 13 lanterns in two shares are 7 and 6.
        ->and($load->minutes)->toBe(($rows?->minutes(new Rates) ?? 0) + ($centre?->minutes(new Rates) ?? 0) + 70 + 21)
        ->and($load->seams)->toBe(32)
        ->and(Load::ofClues($design, $graph)[7]->shown)->toEqualWithDelta(1.0, 1e-9);
});

it('finds chores that stand before what they need', function (int $clue, array $task, string $product): void {
    $document = json_decode(nightFerryJson(), true);
    $document['clues'][$clue]['tasks'][] = ['id' => 't-early'] + $task;
    $document['clues'][6]['tasks'][] = ['id' => 't-rows', 'stage' => 'rows'];
    $design = DesignReader::read((string) json_encode($document));
    $early = array_values(array_filter(
        Ledger::of($design, MakingGraph::of(Compilation::of($design), 's-throw'))->problems,
        fn (LedgerProblem $problem): bool => $problem->code === LedgerProblem::EARLY,
    ));

    expect(array_map(fn (LedgerProblem $problem): array => [$problem->product, $problem->by], $early))->toContain([$product, 't-early']);
})->with([
    'quilting before the block is made' => [1, ['quilt' => 'b-lantern', 'minutes' => 5], 'b-lantern'],
    'rows before all blocks are made' => [2, ['stage' => 'rows'], 'b-propeller'],
    'joining rows before they are sewn' => [5, ['stage' => 'centre'], 'rows'],
]);

it('answers from a record of its work as it does from the design', function (string $name): void {
    $design = DesignReader::read(designFile($name));
    $tasks = array_merge(...array_values(array_map(fn ($clue): array => $clue->tasks, $design->clues)));
    foreach (array_map(strval(...), array_keys($design->sizes)) as $size) {
        $graph = MakingGraph::of(Compilation::of($design), $size);
        $record = unserialize(serialize($graph->record($tasks)));

        expect($record)->toBeInstanceOf(MakingGraph::class)
            ->and(Load::ofClues($design, $record))->toEqual(Load::ofClues($design, $graph))
            ->and(Ledger::of($design, $record))->toEqual(Ledger::of($design, $graph));
    }
})->with(['night-ferry', 'kitchen-garden']);

it('answers for shares from a record too, and refuses one it does not hold', function (): void {
    $design = DesignReader::read((string) file_get_contents(dirname(__DIR__, 2).'/database/designs/night-ferry.json'));
    $tasks = array_merge(...array_values(array_map(fn ($clue): array => $clue->tasks, $design->clues)));
    $graph = MakingGraph::of(Compilation::of($design), 's-throw');
    $record = $graph->record($tasks);

    expect(Load::ofClues($design, $record))->toEqual(Load::ofClues($design, $graph))
        ->and(fn () => $graph->record([])->workOf($design->clues['k-slack-water']->tasks[0]))->toThrow(OutOfBoundsException::class);
});
