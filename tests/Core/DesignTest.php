<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\QuiltSheet;
use Dew\Core\Design\DesignReader;
use Dew\Core\Design\UnknownSize;
use Dew\Core\Document\DocumentException;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\Announcement;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\ReleasedPlan;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;

// Counted by hand on squared paper: a Pier Lantern has 8 beams and 8 wakes, a Slow Propeller 4 blades, 4 wakes and 8 squares.
it('counts every unit of every size as it was counted by hand', function (
    string $size,
    string $finished,
    int $lanterns,
    int $propellers,
): void {
    $plan = Compiler::plan(nightFerry(), $size, MethodChoices::defaults());
    $tasks = array_column(array_map(fn ($task): array => [$task->task, $task->count], $plan->clues['k-casting-off']->tasks), 1, 0);

    expect($plan->quilt->finished->encode())->toBe($finished)
        ->and($plan->quilt->blockCounts)->toBe(['b-lantern' => $lanterns, 'b-propeller' => $propellers])
        ->and($tasks)->toBe(['t-beam' => 8 * $lanterns, 't-blade' => 4 * $propellers, 't-wake' => 8 * $lanterns + 4 * $propellers])
        ->and($plan->quilt->unitCounts['u-deep'])->toBe(8 * $propellers);
})->with([['s-crib', '44 x 44', 5, 4], ['s-throw', '68 x 68', 13, 12], ['s-twin', '68 x 92', 18, 17], ['s-queen', '92 x 92', 25, 24]]);

it('covers the whole quilt with patches, borders and all', function (string $size): void {
    $sheet = Compiler::quiltSheet(nightFerry(), $size);
    expect(drawnArea($sheet))->toEqualWithDelta($sheet->finished->area(), 1e-6)
        ->and(array_sum($sheet->areas))->toEqualWithDelta($sheet->finished->area(), 1e-3);
})->with(['s-crib', 's-throw', 's-twin', 's-queen']);

it('changes the cutting with the method and nothing else', function (): void {
    $two = firstClue('s-throw')->task('t-beam');
    $eight = firstClue('s-throw', MethodChoices::defaults()->with(UnitLibrary::kind('hst'), new Method('hst:eight')))->task('t-beam');

    expect($two->counters())->toBe(['cut:hst:two:first' => 52, 'cut:hst:two:second' => 52, 'sewn' => 104, 'trimmed' => 104])
        ->and($eight->counters())->toBe(['cut:hst:eight:first' => 13, 'cut:hst:eight:second' => 13, 'sewn' => 104, 'trimmed' => 104])
        ->and(Notation::Fractions->print($eight->making->pieces[0]->width->in(Notation::Fractions)))->toBe('7¾')
        ->and($eight->digest)->toBe($two->digest)
        ->and($eight->counters(50))->toBe(['cut:hst:eight:first' => 7, 'cut:hst:eight:second' => 7, 'sewn' => 104, 'trimmed' => 104]);
});

it('gives the same unit the same digest at every size', function (): void {
    $digests = array_map(fn (string $size): string => firstClue($size)->task('t-wake')->digest, ['s-crib', 's-throw', 's-twin', 's-queen']);

    expect(array_unique($digests))->toHaveCount(1)
        ->and(firstClue('s-crib')->task('t-beam')->digest)->not->toBe($digests[0])
        ->and(firstClue('s-crib')->task('t-blade')->digest)->not->toBe(firstClue('s-crib')->task('t-beam')->digest);
});

it('writes the same bytes for the same input and reads them back whole', function (): void {
    foreach (['s-crib', 's-queen'] as $size) {
        $clue = firstClue($size)->write();
        $quilt = Compiler::quiltSheet(nightFerry(), $size)->write();

        expect(firstClue($size)->write())->toBe($clue)
            ->and(ClueSheet::read($clue)->write())->toBe($clue)
            ->and(QuiltSheet::read($quilt)->write())->toBe($quilt);
    }
    $announcement = Compiler::announcement(nightFerry())->write();
    expect(Announcement::read($announcement))->toEqual(Compiler::announcement(nightFerry()));
});

it('tells everybody no more than cloth, sizes and dates ahead', function (): void {
    $announcement = Compiler::announcement(nightFerry())->write();

    foreach (['Pier Lantern', 'Slow Propeller', 'Beam', 'Wake', 'Casting off', 'b-lantern', 'u-beam', 'k-casting-off', '104'] as $secret) {
        expect($announcement)->not->toContain($secret);
    }
});

it('names the tools a clue needs, with the ruler long enough', function (): void {
    $tools = [];
    foreach (firstClue('s-throw', MethodChoices::defaults()->with(UnitLibrary::kind('hst'), new Method('hst:eight')))->tools() as $tool) {
        $tools[$tool->code] = $tool->atLeast === null ? null : Notation::Fractions->print($tool->atLeast->in(Notation::Fractions));
    }

    expect($tools)->toBe(['cutter' => null, 'marker' => null, 'iron' => null, 'square' => '3½', 'ruler' => '7¾']);
});

it('sums over released clues alone', function (): void {
    $plan = Compiler::plan(nightFerry(), 's-throw', MethodChoices::defaults());
    $released = ReleasedPlan::of([$plan->clues['k-slack-water'], $plan->clues['k-casting-off']]);

    expect(array_map(fn (ClueSheet $clue): int => $clue->number, $released->clues))->toBe([1, 2])
        ->and($released->clue(3))->toBeNull()
        ->and($released->tasks())->toHaveCount(3)
        ->and(ReleasedPlan::of([])->tasks())->toBe([]);
});

it('knows every combination of methods', function (): void {
    $signatures = array_map(
        fn (MethodChoices $choices): string => $choices->signature(),
        MethodChoices::combinations([UnitLibrary::kind('hst'), UnitLibrary::kind('four-patch')]),
    );

    expect($signatures)->toHaveCount(12)
        ->and(array_unique($signatures))->toHaveCount(12)
        ->and($signatures[0])->toBe('')
        ->and(MethodChoices::defaults()->with(
            UnitLibrary::kind('hst'),
            new Method('hst:eight'),
        )->with(UnitLibrary::kind('hst'), new Method('hst:two'))->signature())->toBe('');
});

it('refuses a size that does not exist and says which do', function (): void {
    firstClue('s-king');
})->throws(UnknownSize::class, 's-crib, s-throw, s-twin, s-queen');

it('points at what is wrong in a document', function (array $path, mixed $value, string $pointer): void {
    try {
        DesignReader::read(nightFerryWith($path, $value));
    } catch (DocumentException $error) {
        expect($error->pointer)->toBe($pointer)->and(said($error->problem()))->not->toBeEmpty();

        return;
    }
    $this->fail('It was read.');
})->with([
    'a newer format' => [['dew'], 4, '/dew'],
    'no slot of that name' => [['units', 0, 'fabrics', 1], 'f-nowhere', '/units/0/fabrics/1'],
    'a length divided by zero' => [['units', 0, 'finished'], '3 1/0', '/units/0/finished'],
    'a length of nothing' => [['units', 0, 'finished'], '0', '/units/0/finished'],
    'a number where a length belongs' => [['units', 0, 'finished'], 3, '/units/0/finished'],
    'an unknown kind of unit' => [['units', 0, 'kind'], 'origami', '/units/0/kind'],
    'one fabric too many' => [['units', 0, 'fabrics'], ['f-lamp', 'f-deep', 'f-mist'], '/units/0'],
    'an id used twice' => [['units', 1, 'id'], 'u-beam', '/units/1/id'],
    'an id with capitals' => [['units', 1, 'id'], 'U-Beam', '/units/1/id'],
    'a cell outside the block' => [['blocks', 0, 'cells', 0, 'column'], 5, '/blocks/0/cells/0/column'],
    'a cell filled twice' => [['blocks', 0, 'cells', 1, 'column'], 1, '/blocks/0/cells/1'],
    'a crooked turn' => [['blocks', 0, 'cells', 1, 'turn'], 45, '/blocks/0/cells/1/turn'],
    'an empty cell' => [['blocks', 0, 'cells'], [], '/blocks/0/cells'],
    'a block of another size' => [['blocks', 1, 'columns', 0], '4', '/sizes/0'],
    'no repeats' => [['sizes', 0, 'columns'], 0, '/sizes/0/columns'],
    'a million repeats' => [['sizes', 0, 'rows'], 1_000_000, '/sizes/0/rows'],
    'a ragged pattern' => [['setting', 'pattern', 1], ['b-lantern'], '/setting/pattern/1'],
    'a task for a unit twice' => [['clues', 1, 'tasks'], [['id' => 't-again', 'unit' => 'u-beam']], '/clues/1/tasks/0'],
    'a colourway with a gap' => [['colourways', 0, 'cloth', 'f-deep'], null, '/colourways/0/cloth/f-deep'],
    'a colour that is none' => [['colourways', 0, 'cloth', 'f-deep', 'colour'], 'blue', '/colourways/0/cloth/f-deep/colour'],
    'a seam of three inches' => [['seam'], '3', '/seam'],
]);

it('says that a document is cut short, too large or too deep, in little time', function (string $json, string $words): void {
    $began = workedSeconds();
    try {
        DesignReader::read($json);
        $this->fail('It was read.');
    } catch (DocumentException $error) {
        expect(said($error))->toContain($words)
            ->and(workedSeconds() - $began)->toBeLessThan(1.0);
    }
})->with([
    'cut short' => fn (): array => [substr(nightFerryJson(), 0, 900), 'cut short'],
    '40 MB' => fn (): array => [str_repeat(' ', 40_000_000), 'the most is'],
    'a thousand deep' => fn (): array => [str_repeat('[', 1000).str_repeat(']', 1000), 'not JSON'],
    'a list' => fn (): array => ['[]', 'has no "dew"'],
    'nothing' => fn (): array => ['', 'not JSON'],
]);
