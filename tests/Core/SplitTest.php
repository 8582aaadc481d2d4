<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignReader;
use Dew\Core\Design\Task;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Split\Ledger;
use Dew\Core\Split\LedgerLine;
use Dew\Core\Split\LedgerProblem;
use Dew\Core\Split\Load;
use Dew\Core\Split\MakingGraph;
use Dew\Core\Split\SplitBound;
use Dew\Core\Split\SplitCost;
use Dew\Core\Split\SplitItem;
use Dew\Core\Split\SplitJob;
use Dew\Core\Split\SplitProblem;
use Dew\Core\Split\Splitter;
use Dew\Core\Unit\MethodChoices;

pest()->group('slow');

/** @return array<string, MakingGraph> of every size of a design, by size id */
function graphsOf(Design $design): array
{
    $compilation = Compilation::of($design);
    $graphs = [];
    foreach (array_keys($design->sizes) as $size) {
        $graphs[(string) $size] = MakingGraph::of($compilation, (string) $size);
    }

    return $graphs;
}

/** Any work to share out: items that need others before them, at two sizes, some with techniques. */
function anySplitProblem(int $items, int $clues, bool $isMystery): SplitProblem
{
    $list = [];
    for ($number = 0; $number < $items; $number++) {
        $needs = array_values(array_filter(
            range(0, max(0, $number - 1)),
            fn (int $other): bool => $other < $number && mt_rand(1, 4) === 1,
        ));
        $minutes = mt_rand(5, 60);
        $list[] = new SplitItem(
            [new SplitJob("u-$number")],
            ['small' => $minutes, 'large' => $minutes + mt_rand(0, 60)],
            ['small' => mt_rand(1, 9) / 10 / $items, 'large' => mt_rand(1, 9) / 10 / $items],
            mt_rand(1, 3) === 1 ? [['hst', 'hourglass', 'log-cabin'][mt_rand(0, 2)]] : [],
            $needs,
        );
    }

    return new SplitProblem($list, $clues, ['small' => mt_rand(1, 20), 'large' => mt_rand(1, 20)], $isMystery);
}

/**
 * What the best of all splits costs, by trying every one.
 *
 * @return array{int, int, int}
 */
function bestByExhaustion(SplitProblem $problem): array
{
    $best = null;
    $count = count($problem->items);
    for ($number = 0; $number < $problem->clues ** $count; $number++) {
        $clueOf = [];
        for ($item = 0, $rest = $number; $item < $count; $item++) {
            $clueOf[] = $rest % $problem->clues;
            $rest = intdiv($rest, $problem->clues);
        }
        if (SplitCost::isAllowed($problem, $clueOf)) {
            $cost = SplitCost::of($problem, $clueOf);
            $best = $best === null || $cost < $best ? $cost : $best;
        }
    }

    return $best ?? throw new LogicException('There is no split at all.');
}

it('suggests the best split there is, as trying all of them finds', function (int $seed, bool $isMystery): void {
    mt_srand($seed);
    $problem = anySplitProblem(mt_rand(3, 7), mt_rand(2, 3), $isMystery);
    $split = Splitter::suggest($problem);
    expect(SplitCost::isAllowed($problem, $split->clueOf))->toBeTrue()
        ->and($split->cost)->toBe(bestByExhaustion($problem))
        ->and($split->isBest)->toBeTrue()
        ->and($split->bound)->toBeLessThanOrEqual($split->cost[0])
        ->and(Splitter::suggest($problem)->clueOf)->toBe($split->clueOf);
})->with(range(1, 25))->with([false, true]);

it('never states a bound above what some split reaches, and comes near it with many items', function (int $seed, bool $isMystery): void {
    mt_srand($seed);
    $problem = anySplitProblem(mt_rand(20, 60), mt_rand(4, 12), $isMystery);
    $began = workedSeconds();
    $split = Splitter::suggest($problem);
    expect(workedSeconds() - $began)->toBeLessThan(3.0)
        ->and(SplitCost::isAllowed($problem, $split->clueOf))->toBeTrue()
        ->and(SplitCost::of($problem, $split->clueOf))->toBe($split->cost)
        ->and($split->bound)->toBe(SplitBound::of($problem))->toBeLessThanOrEqual($split->cost[0]);
    if (! $isMystery) {
        expect($split->above())->toBeLessThanOrEqual(0.1);
    }
})->with(range(1, 12))->with([false, true]);

it('splits both demo designs within a tenth of the bound', function (string $name, int $clues): void {
    $design = DesignReader::read(designFile($name));
    foreach ([false, true] as $isMystery) {
        $split = Splitter::suggest(SplitProblem::of($design, graphsOf($design), $clues, [], $isMystery));
        expect($split->above())->toBeLessThanOrEqual(0.1)
            ->and(count($split->clues()))->toBe($clues);
    }
})->with([['night-ferry', 8], ['kitchen-garden', 12], ['kitchen-garden', 6]]);

it('keeps what is marked together in one clue, unless it would come before itself', function (): void {
    $design = DesignReader::read(designFile('kitchen-garden'));
    $graphs = graphsOf($design);
    $split = Splitter::suggest(SplitProblem::of($design, $graphs, 12, [], false, [['u-hour4', 'u-rail3', 'u-cabin']]));
    $products = array_map(fn (array $clue): array => array_map(fn (SplitJob $job): string => $job->product, $clue), $split->clues());
    $with = array_values(array_filter($products, fn (array $clue): bool => in_array('u-hour4', $clue, true)));
    expect($with[0])->toContain('u-rail3', 'u-cabin');
    // A block between two others that are marked together would be needed before and behind them.
    $apart = SplitProblem::of($design, $graphs, 12, [], false, [['u-hour4', 'b-seed-packet'], ['u-econ4', 'b-seed-packet']]);
    expect(SplitCost::isAllowed($apart, Splitter::suggest($apart)->clueOf))->toBeTrue();
});

it('weighs sizes by who makes them', function (): void {
    $items = [
        new SplitItem([new SplitJob('a')], ['s' => 100, 'l' => 10]), new SplitItem([new SplitJob('b')], ['s' => 100, 'l' => 10]),
        new SplitItem([new SplitJob('c')], ['s' => 10, 'l' => 100]), new SplitItem([new SplitJob('d')], ['s' => 10, 'l' => 100]),
    ];
    $small = Splitter::suggest(new SplitProblem($items, 2, ['s' => 1, 'l' => 0]));
    expect($small->clueOf[0])->not->toBe($small->clueOf[1])
        ->and($small->cost)->toBe([110, 110, 0])
        ->and($small->minutes())->toBe([['s' => 110, 'l' => 110], ['s' => 110, 'l' => 110]]);
});

it('refuses a split over no clues, or of things out of order', function (): void {
    expect(fn () => new SplitProblem([], 0, ['s' => 1]))->toThrow(InvalidArgumentException::class)
        ->and(fn () => new SplitProblem(
            [new SplitItem([new SplitJob('a')], ['s' => 1], needs: [0])],
            1,
            ['s' => 1],
        ))->toThrow(InvalidArgumentException::class)
        ->and(Splitter::suggest(new SplitProblem([], 3, ['s' => 1]))->clues())->toBe([[], [], []]);
});

/** A design of random units and blocks in blocks whose tasks stand in a random order. @return array<string, mixed> */
function anyWork(): array
{
    $units = [];
    foreach (range(1, mt_rand(2, 4)) as $number) {
        $units[] = [
            'id' => "u-$number", 'name' => "U$number", 'kind' => ['hst', 'four-patch'][mt_rand(0, 1)], 'finished' => '3',
            'fabrics' => ['f-a', 'f-b'],
        ];
    }
    $blocks = [];
    $pick = fn (array $from): string => $from[array_rand($from)]['id'];
    foreach (range(1, mt_rand(1, 2)) as $number) {
        $cells = [];
        foreach ([[1, 1], [2, 1], [1, 2], [2, 2]] as [$column, $row]) {
            $cells[] = ['column' => $column, 'row' => $row, 'unit' => $pick($units)];
        }
        $blocks[] = ['id' => "b-$number", 'name' => "B$number", 'columns' => ['3', '3'], 'rows' => ['3', '3'], 'cells' => $cells];
    }
    $outer = [];
    foreach ([[1, 1], [2, 1]] as [$column, $row]) {
        $outer[] = ['column' => $column, 'row' => $row, 'block' => $pick($blocks)];
    }
    $blocks[] = ['id' => 'b-outer', 'name' => 'Outer', 'columns' => ['6', '6'], 'rows' => ['6'], 'cells' => $outer];
    $tasks = [
        ...array_map(fn (array $unit): array => ['unit' => $unit['id']], $units),
        ...array_map(fn (array $block): array => ['block' => $block['id']], $blocks),
    ];
    shuffle($tasks);
    // Some things are left to no clue.
    $tasks = array_slice($tasks, 0, mt_rand(1, count($tasks)));
    $clues = [];
    foreach (array_chunk($tasks, mt_rand(1, 3)) as $number => $some) {
        $clues[] = ['id' => "k-$number", 'title' => "K$number", 'minutes' => 1, 'tasks' => array_map(
            fn (array $task, int $index): array => ['id' => "t-$number-$index"] + $task, $some, array_keys($some),
        )];
    }

    return [
        'units' => $units, 'blocks' => $blocks, 'clues' => $clues, 'setting' => ['kind' => 'straight', 'pattern' => [['b-outer']]],
        'sizes' => [['id' => 's', 'name' => 'S', 'columns' => mt_rand(1, 3), 'rows' => mt_rand(1, 3)]],
    ];
}

/**
 * How many of everything a quilt takes, counted straight from the document, place by place.
 *
 * @param  array<string, mixed>  $work
 * @return array<string, int>
 */
function countedByHand(array $work): array
{
    $cells = array_column($work['blocks'], 'cells', 'id');
    $counts = [];
    $lay = function (string $id) use (&$lay, &$counts, $cells): void {
        $counts[$id] = ($counts[$id] ?? 0) + 1;
        foreach ($cells[$id] ?? [] as $cell) {
            $lay($cell['unit'] ?? $cell['block']);
        }
    };
    for ($block = 0; $block < $work['sizes'][0]['columns'] * $work['sizes'][0]['rows']; $block++) {
        $lay('b-outer');
    }

    return $counts;
}

it('keeps a ledger that comes out, on a thousand designs', function (int $seed): void {
    mt_srand($seed);
    for ($round = 0; $round < 50; $round++) {
        $work = anyWork();
        $design = DesignReader::reading(smallJson($work))->design ?? throw new LogicException('It cannot be read.');
        $counts = countedByHand($work);
        $ledger = Ledger::of($design, MakingGraph::of(Compilation::of($design), 's'));
        $made = array_combine(
            array_map(fn (LedgerLine $line): string => $line->product, $ledger->lines),
            array_map(fn (LedgerLine $line): int => $line->count, $ledger->lines),
        );
        ksort($made);
        ksort($counts);
        expect($made)->toBe($counts);
        $clueOf = $placeOf = [];
        foreach ($work['clues'] as $clue => $of) {
            foreach ($of['tasks'] as $task) {
                $id = $task['unit'] ?? $task['block'];
                [$clueOf[$id], $placeOf[$id]] = [$clue, count($placeOf)];
            }
        }
        foreach ($ledger->lines as $line) {
            expect($line->used())->toBe($line->count)->and($line->makes[0]->clue ?? null)->toBe($clueOf[$line->product] ?? null)
                ->and($line->made())->toBe(isset($clueOf[$line->product]) ? $line->count : 0);
        }
        expect(array_keys($ledger->waiting($ledger->clues - 1)))->toBe(isset($clueOf['b-outer']) ? ['b-outer'] : array_keys(
            $ledger->waiting($ledger->clues - 1),
        ));
        // Late is exactly what stands in a block that is put together before it is made.
        $cells = array_intersect_key(array_column($work['blocks'], 'cells', 'id'), $counts);
        $late = [];
        $first = function (string $id) use (&$first, $placeOf, $cells): int {
            $uses = [PHP_INT_MAX];
            foreach ($cells as $block => $inside) {
                if (in_array($id, array_map(fn (array $cell): string => $cell['unit'] ?? $cell['block'], $inside), true)) {
                    $uses[] = $placeOf[$block] ?? $first($block);
                }
            }

            return min($uses);
        };
        foreach (array_keys($counts) as $id) {
            if (isset($placeOf[$id]) && $first($id) < $placeOf[$id]) {
                $late[$id] = true;
            }
        }
        $found = array_filter($ledger->problems, fn (LedgerProblem $problem): bool => $problem->code === LedgerProblem::LATE);
        $names = array_unique(array_map(fn (LedgerProblem $problem): string => $problem->product, $found));
        sort($names);
        expect($names)->toBe(array_keys($late));
    }
})->with(range(1, 20));

it('fails where clues make fewer of a thing than are used', function (): void {
    $short = function (int $of): array {
        $work = ['clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 10, 'tasks' => [
            ['id' => 't', 'unit' => 'u-hst', 'share' => ['part' => 1, 'of' => $of]],
        ]]]];
        $design = DesignReader::reading(smallJson($of === 1 ? ['clues' => [['id' => 'k', 'title' => 'K', 'minutes' => 10, 'tasks' => [
            ['id' => 't', 'unit' => 'u-hst'],
        ]]]] : $work))->design;
        $problems = Ledger::of($design, MakingGraph::of(Compilation::of($design), 's'))->problems;

        return array_values(array_map(
            fn (LedgerProblem $one): array => [$one->product, $one->missing],
            array_filter($problems, fn (LedgerProblem $one): bool => $one->code === LedgerProblem::SHORT),
        ));
    };
    // Six blocks take twelve half-squares; a half of them makes six, a third four.
    expect($short(1))->toBe([])->and($short(2))->toBe([['u-hst', 6]])->and($short(3))->toBe([['u-hst', 8]]);
});

it('says what each clue asks of each size', function (): void {
    $design = DesignReader::read(designFile('kitchen-garden'));
    $loads = Load::ofClues($design, graphsOf($design)['s-lap']);
    expect($loads)->toHaveCount(13)
        ->and($loads[0]->techniques)->toBe(['hourglass', 'economy'])
        ->and($loads[0]->seams)->toBeGreaterThan(0)
        ->and(
            array_map(fn (Load $load): float => $load->shown, $loads),
        )->toBe(array_map(fn (Load $load): float => $load->shown, array_values(
            (function () use ($loads): array {
                usort($loads, fn (Load $one, Load $other): int => $one->shown <=> $other->shown);

                return $loads;
            })(),
        )))
        ->and($loads[11]->shown)->toBeLessThan(1.0);
    $again = Load::ofClues($design, graphsOf($design)['s-bed']);
    expect($again[3]->minutes)->toBeGreaterThanOrEqual($loads[3]->minutes)
        ->and($again[3]->techniques)->toBe($loads[3]->techniques);
});

it('asks of a clue what its sheet asks', function (string $name): void {
    $design = DesignReader::read(designFile($name));
    foreach (graphsOf($design) as $size => $graph) {
        $loads = Load::ofClues($design, $graph);
        foreach (array_keys($design->clues) as $number => $clue) {
            $sheet = Compiler::clueSheet($design, $size, (string) $clue, MethodChoices::defaults($design->methods));
            $seams = array_sum(array_map(fn (TaskSheet $task): int => $task->effort()->seams, $sheet->tasks));
            $joined = array_sum(array_map(fn ($chore): int => $graph->joining($chore)->seams ?? 0, $design->clues[$clue]->chores));
            $minutes = array_map(fn (TaskSheet $task): int => $task->effort()->minutes, $sheet->tasks);
            expect($loads[$number]->seams)->toBe($seams + $joined, "$name, $size, $clue")
                ->and($loads[$number]->minutes)->toBe(array_sum($minutes) + array_sum(array_column($sheet->chores, 'minutes')));
        }
    }
})->with(['night-ferry', 'ready/two-tides', 'ready/salt-lattice', 'ready/harbour-sampler']);

it('shows the whole of the seams once everything is sewn, and never more', function (string $name): void {
    $design = DesignReader::read(designFile($name));
    foreach (graphsOf($design) as $graph) {
        $loads = Load::ofClues($design, $graph);
        $sewn = array_sum(array_map(fn (Load $load): float => $load->seamLength, $loads));
        $joins = array_filter($design->clues, fn ($clue): bool => array_filter($clue->chores, fn ($chore) => $chore->kind === 'rows') !== []);
        expect($sewn + ($joins === [] ? $graph->topSeams : 0.0))->toEqualWithDelta($graph->seamLength(), 1e-6)
            ->and($graph->topSeams)->toBeGreaterThan(0.0)
            ->and(max(array_map(fn (Load $load): float => $load->shown, $loads)))->toBeLessThanOrEqual(1.0);
    }
})->with(['night-ferry', 'kitchen-garden', 'ready/salt-lattice']);

it('keeps the picture of a mystery back, as far as its limit says', function (int $seed): void {
    mt_srand($seed);
    $problem = anySplitProblem(mt_rand(12, 30), mt_rand(4, 10), true);
    $split = Splitter::suggest($problem);
    foreach (['small', 'large'] as $size) {
        $sewn = 0.0;
        for ($clue = 0; $clue < $problem->clues; $clue++) {
            foreach ($problem->items as $number => $item) {
                $sewn += $split->clueOf[$number] === $clue ? $item->shown[$size] : 0.0;
            }
            expect($sewn)->toBeLessThanOrEqual($problem->limit($clue) + 1e-6);
        }
    }
})->with(range(1, 10));

it('divides what takes longer than a clue should, and joins shares that came to lie in one clue', function (): void {
    $design = DesignReader::read(designFile('night-ferry'));
    $graphs = graphsOf($design);
    $whole = Splitter::suggest(SplitProblem::of($design, $graphs, 8, divides: false));
    $divided = Splitter::suggest(SplitProblem::of($design, $graphs, 8));
    expect($divided->cost[0])->toBeLessThan(intdiv($whole->cost[0], 2));
    foreach ($divided->clues() as $jobs) {
        $shares = [];
        foreach ($jobs as $job) {
            if ($job->share !== null) {
                $shares[$job->product][] = $job->share->part;
                expect(count($shares[$job->product]))->toBeLessThan($job->share->of);
            }
        }
    }
    // Together they make all of it, and each task of the design is kept once.
    $made = $tasks = [];
    foreach (array_merge(...$divided->clues()) as $job) {
        $made[$job->product] = ($made[$job->product] ?? 0.0) + ($job->share === null ? 1.0 : 1 / $job->share->of);
        $tasks[] = $job->task;
    }
    expect(array_map(fn (float $share): float => round($share, 9), $made))->toBe(array_fill_keys(array_keys($made), 1.0));
    $kept = array_filter($tasks);
    sort($kept);
    $had = array_merge(...array_values(array_map(fn ($clue): array => array_column($clue->tasks, 'id'), $design->clues)));
    sort($had);
    expect($kept)->toBe($had);
});

it('makes no share of a block before the units that go into it, whatever the counts', function (int $columns, int $clues): void {
    $document = json_decode((string) file_get_contents(dirname(__DIR__).'/designs/faults/split-odd-counts.json'), true);
    $document['sizes'][0]['columns'] = $columns;
    $design = DesignReader::read((string) json_encode($document));
    $graphs = graphsOf($design);
    $made = ['u-hst' => 0, 'b-star' => 0];
    foreach (Splitter::suggest(SplitProblem::of($design, $graphs, $clues))->clues() as $jobs) {
        foreach (array_filter($jobs, fn (SplitJob $job): bool => $job->chore === null) as $job) {
            $count = array_values($graphs)[0]->works[$job->product]->count;
            $name = str_contains($job->product, 'star') ? 'b-star' : 'u-hst';
            $made[$name] += $job->share === null ? $count : $job->share->ofCopies($count);
            expect(4 * $made['b-star'])->toBeLessThanOrEqual($made['u-hst'], "$columns stars in $clues clues");
        }
    }
    expect($made)->toBe(['u-hst' => 4 * $columns, 'b-star' => $columns]);
})->with([3, 5, 7, 9, 11])->with([2, 3, 4, 5]);

it('gives nothing to an open clue, and counts what it shows', function (): void {
    $design = DesignReader::read(designFile('night-ferry'));
    $graphs = graphsOf($design);
    $open = [(string) array_key_first($design->clues)];
    $problem = SplitProblem::of($design, $graphs, 7, isMystery: true, open: $open);
    $products = array_merge(...array_map(
        fn (SplitItem $item): array => array_map(fn (SplitJob $job): string => $job->product, $item->jobs), $problem->items,
    ));
    foreach ($design->clues[$open[0]]->tasks as $task) {
        expect($products)->not->toContain($task->product);
    }
    expect($problem->limit(0))->toBeLessThan(SplitProblem::of($design, $graphs, 7, isMystery: true)->limit(1))
        ->and($problem->limit(6))->toBe(1.0);
});

it('leaves no clue empty where filling it costs nothing, and never costs more for it', function (int $seed): void {
    mt_srand($seed);
    $items = [];
    for ($number = 0; $number < 9; $number++) {
        $needs = $number === 0 ? [] : array_values(array_unique([mt_rand(0, $number - 1)]));
        $items[] = new SplitItem([], ['s' => $number === 3 ? 100 : mt_rand(5, 20)], ['s' => 0.1], [], mt_rand(0, 2) === 0 ? $needs : []);
    }
    $problem = new SplitProblem($items, 6, ['s' => 1]);
    $split = Splitter::suggest($problem);
    $used = count(array_unique($split->clueOf));

    expect($used)->toBe(6)
        ->and($split->cost[0])->toBe(max(100, $split->bound))
        ->and(SplitCost::isAllowed($problem, $split->clueOf))->toBeTrue();
})->with(range(1, 10));

it('divides work for one block, and makes no share of the block before what goes into it', function (int $columns, int $clues): void {
    $document = json_decode((string) file_get_contents(dirname(__DIR__).'/designs/faults/split-odd-counts.json'), true);
    $document['sizes'][0]['columns'] = $columns;
    foreach ($document['clues'] as $clue => $of) {
        foreach ($of['tasks'] as $task => $made) {
            $document['clues'][$clue]['tasks'][$task] += isset($made['unit']) ? ['for' => $document['blocks'][0]['id']] : [];
        }
    }
    $design = DesignReader::read((string) json_encode($document));
    $graph = graphsOf($design);
    $problem = SplitProblem::of($design, $graph, $clues);
    $made = ['u' => 0, 'b' => 0];
    $shares = 0;
    foreach (Splitter::suggest($problem)->clues() as $jobs) {
        foreach (array_filter($jobs, fn (SplitJob $job): bool => $job->chore === null) as $job) {
            $made[$job->product[0]] += array_values($graph)[0]->made(new Task('', $job->product, null, $job->share));
            $shares += $job->share?->block !== null && $job->isShare() ? 1 : 0;
            expect(4 * $made['b'])->toBeLessThanOrEqual($made['u'], "$columns stars in $clues clues");
        }
    }
    expect($made)->toBe(['u' => 4 * $columns, 'b' => $columns])->and($shares)->toBeGreaterThanOrEqual($clues < 4 ? 0 : 2);
})->with([3, 5, 7, 9, 11])->with([2, 3, 4, 5]);

it('begins with work, joins what is made, and sews borders on last', function (string $name, int $clues, bool $isMystery): void {
    $design = DesignReader::read(designFile($name));
    $made = Splitter::suggest(SplitProblem::of($design, graphsOf($design), $clues, [], $isMystery))->clues();
    $empty = array_keys(array_filter($made, fn (array $jobs): bool => $jobs === []));
    expect($made[0])->not->toBe([])->and($empty)->toBe($empty === [] ? [] : range($empty[0], $clues - 1));
    $ranks = array_map(fn (SplitJob $job): int => $job->rank(), array_merge(...$made));
    $last = array_values(array_filter($ranks, fn (int $rank): bool => $rank >= SplitJob::JOINS));
    $sorted = $last;
    sort($sorted);
    expect($last)->toBe($sorted)->and(array_slice($ranks, -count($last)))->toBe($last);
})->with(['night-ferry', 'kitchen-garden', 'warm-hands', 'ready/two-tides', 'ready/salt-lattice', 'ready/harbour-sampler'])
    ->with([2, 5, 8, 12, 20])->with([false, true]);
