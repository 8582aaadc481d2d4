<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Split\Ledger;
use Dew\Core\Split\LedgerLine;
use Dew\Core\Split\LedgerProblem;
use Dew\Core\Split\Load;
use Dew\Core\Split\MakingGraph;
use Dew\Core\Unit\MethodChoices;

/**
 * The small design, whose quilt takes 6 blocks with 2 triangle squares each, and these tasks, one clue for each list.
 *
 * @param  list<array<string, mixed>>  ...$clues
 */
function sharedJson(array ...$clues): string
{
    $number = 0;

    return smallJson(['clues' => array_map(function (array $tasks, int $clue) use (&$number): array {
        return ['id' => "k-$clue", 'title' => "K$clue", 'minutes' => 1, 'tasks' => array_map(
            function (array $task) use (&$number): array {
                return ['id' => 't-'.++$number] + $task;
            },
            $tasks,
        )];
    }, $clues, array_keys($clues))]);
}

/** @return array<string, mixed> */
function shareOf(int $part, int $of, string $unit = 'u-hst'): array
{
    return [$unit[0] === 'u' ? 'unit' : 'block' => $unit, 'share' => ['part' => $part, 'of' => $of]];
}

it('makes a share of a thing in each of several clues', function (): void {
    $design = DesignReader::read(sharedJson([shareOf(1, 5)], [shareOf(2, 5), shareOf(3, 5)], [shareOf(4, 5), shareOf(5, 5)]));
    $counts = [];
    foreach (['k-0', 'k-1', 'k-2'] as $clue) {
        foreach (Compiler::clueSheet($design, 's', $clue, MethodChoices::defaults())->tasks as $task) {
            $counts[$task->name] = $task->count;
        }
    }
    // 12 in 5 shares: they differ by one at most.
    expect($counts)->toBe([
        'Triangle square, part 1 of 5' => 3, 'Triangle square, part 2 of 5' => 2, 'Triangle square, part 3 of 5' => 3,
        'Triangle square, part 4 of 5' => 2, 'Triangle square, part 5 of 5' => 2,
    ]);
    $loads = Load::ofClues($design, MakingGraph::of(Compilation::of($design), 's'));
    $whole = Load::ofClues(DesignReader::read(sharedJson([['unit' => 'u-hst']])), MakingGraph::of(Compilation::of($design), 's'));
    expect(array_sum(array_map(fn (Load $load): int => $load->seams, $loads)))->toBe($whole[0]->seams)
        ->and($loads[0]->techniques)->toBe(['hst'])
        ->and($loads[1]->techniques)->toBe([]);
});

it('makes those that a given block needs', function (): void {
    $other = blockOf('b-two', ['3'], ['3'], ['u-hst']);
    $document = json_decode(
        sharedJson([['unit' => 'u-hst', 'for' => 'b-one']], [['unit' => 'u-hst', 'for' => 'b-two', 'name' => 'The rest']]),
        true,
    );
    $document['blocks'][] = ['columns' => ['6'], 'rows' => ['6'], 'cells' => [['column' => 1, 'row' => 1, 'block' => 'b-one']]] + $other;
    $document['blocks'][] = blockOf('b-three', ['3', '3'], ['6'], ['u-lean u-lean']);
    $document['blocks'][1]['columns'] = ['3', '3'];
    $document['blocks'][1]['rows'] = ['3', '3'];
    $document['blocks'][1]['cells'] = array_map(
        fn (array $at): array => ['column' => $at[0], 'row' => $at[1], 'unit' => 'u-hst'], [[1, 1], [2, 1], [1, 2], [2, 2]],
    );
    $document['setting']['pattern'] = [['b-one', 'b-two']];
    $design = DesignReader::read(json_encode($document));
    // Of 6 places 4 have the first block and 2 the other one, with 2 columns: three each.
    $sheet = fn (string $clue) => Compiler::clueSheet($design, 's', $clue, MethodChoices::defaults())->tasks[0];
    expect([$sheet('k-0')->name, $sheet('k-0')->count])->toBe(['Triangle square', 6])
        ->and([$sheet('k-1')->name, $sheet('k-1')->count])->toBe(['The rest', 12]);
});

it('keeps the ledger of shares, and finds a block that is sewn before enough is made', function (): void {
    $ledger = function (string $json): Ledger {
        $design = DesignReader::read($json);

        return Ledger::of($design, MakingGraph::of(Compilation::of($design), 's'));
    };
    $plain = ['unit' => 'u-plain'];
    $good = $ledger(sharedJson(
        [$plain, shareOf(1, 2)], [shareOf(1, 2, 'b-one')], [shareOf(2, 2), shareOf(2, 2, 'b-one')],
    ));
    $line = array_values(array_filter($good->lines, fn (LedgerLine $line): bool => $line->product === 'u-hst'))[0];
    expect($good->problems)->toBe([])
        ->and([$line->waiting(0), $line->waiting(1), $line->waiting(2)])->toBe([6, 0, 0])
        ->and($line->until())->toBe(2)
        ->and($good->waiting(1))->toBe(['u-plain' => 6, 'b-one' => 3])
        ->and($good->waiting(2))->toBe(['b-one' => 6]);
    $bad = $ledger(sharedJson([$plain, shareOf(1, 2)], [['block' => 'b-one']], [shareOf(2, 2)]));
    expect($bad->problems)->toHaveCount(1)
        ->and([$bad->problems[0]->code, $bad->problems[0]->product, $bad->problems[0]->by, $bad->problems[0]->needed])
        ->toBe([LedgerProblem::LATE, 'u-hst', 'b-one', 1]);
});

it('refuses shares that are none, or that overlap', function (array $clues, string $words): void {
    expect(said(refusal(sharedJson(...$clues))))->toContain($words);
})->with([
    'the same share twice' => [[[shareOf(1, 2), shareOf(1, 2)]], 'already made'],
    'all of it and a share' => [[[['unit' => 'u-hst'], shareOf(1, 2)]], 'already made'],
    'shares of another division' => [[[shareOf(1, 2), shareOf(3, 3)]], 'already made'],
    'for a block and by number' => [[[shareOf(1, 2), ['unit' => 'u-hst', 'for' => 'b-one']]], 'already made'],
    'all for a block and a share for it' => [
        [[['unit' => 'u-hst', 'for' => 'b-one'], shareOf(1, 2) + ['for' => 'b-one']]], 'already made',
    ],
    'shares for a block of another division' => [
        [[shareOf(1, 2) + ['for' => 'b-one'], shareOf(3, 3) + ['for' => 'b-one']]], 'already made',
    ],
    'the third of two' => [[[shareOf(3, 2)]], 'more than the 2 shares'],
    'for a block that is not there' => [[[['unit' => 'u-hst', 'for' => 'b-none']]], 'b-none'],
]);

it('finds shares that do not come to all of a thing', function (): void {
    $clues = json_decode(sharedJson([shareOf(1, 2)]), true)['clues'];
    $found = marks(['clues' => $clues])['unmade-share'];
    expect($found->counts)->toBe(['made' => 6, 'needed' => 12])
        ->and(marks(['clues' => json_decode(sharedJson([shareOf(1, 2)], [shareOf(2, 2)]), true)['clues']]))->not->toHaveKey('unmade-share');
});

it('makes shares of those that a given block needs, without parting a block', function (): void {
    $for = ['for' => 'b-one'];
    $plain = ['unit' => 'u-plain'];
    $design = DesignReader::read(sharedJson(
        [$plain, shareOf(1, 4) + $for], [shareOf(1, 4, 'b-one')],
        [shareOf(2, 4) + $for, shareOf(3, 4) + $for, shareOf(4, 4) + $for, shareOf(2, 4, 'b-one'), shareOf(3, 4, 'b-one'), shareOf(4, 4, 'b-one')],
    ));
    $graph = MakingGraph::of(Compilation::of($design), 's');
    $made = [];
    foreach ($design->clues as $clue) {
        foreach ($clue->tasks as $task) {
            $made[$task->product][] = $graph->made($task);
        }
    }
    // 6 blocks with 2 triangle squares each: 2, 1, 2, 1 blocks.
    expect($made)->toBe(['u-plain' => [12], 'u-hst' => [4, 2, 4, 2], 'b-one' => [2, 1, 2, 1]])
        ->and(Ledger::of($design, $graph)->problems)->toBe([])
        ->and(Compiler::clueSheet($design, 's', 'k-2', MethodChoices::defaults())->tasks[0]->name)
        ->toBe('Triangle square for One, part 2 of 4');
    $late = Ledger::of(DesignReader::read(sharedJson(
        [$plain, shareOf(1, 2) + $for], [['block' => 'b-one']], [shareOf(2, 2) + $for],
    )), $graph)->problems;
    expect($late)->toHaveCount(1)->and([$late[0]->code, $late[0]->product])->toBe([LedgerProblem::LATE, 'u-hst']);
});
