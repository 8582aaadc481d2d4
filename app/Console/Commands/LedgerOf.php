<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Split\Ledger;
use Dew\Core\Split\LedgerLine;
use Dew\Core\Split\LedgerProblem;
use Dew\Core\Split\LedgerUse;
use Dew\Core\Split\MakingGraph;
use Illuminate\Console\Command;

/** Prints what is made, used and waiting after each clue, at one size or at all; fails when something is needed before it is made. */
final class LedgerOf extends Command
{
    use PrintsData;
    use ReadsDesigns;

    protected $signature = 'dew:ledger
        {file : A design document}
        {--size= : The id of a size; all of them when it is left out}
        {--json : Print the ledger as data}';

    protected $description = 'Print what is made, used and waiting, clue by clue';

    public function handle(): int
    {
        return $this->withDesign(function (Design $design): int {
            $compilation = Compilation::of($design);
            $sizes = $this->text('size') === '' ? array_map(
                strval(...),
                array_keys($design->sizes),
            ) : [$design->size($this->text('size'))->id];
            $ledgers = array_map(fn (string $size): Ledger => Ledger::of($design, MakingGraph::of($compilation, $size)), $sizes);
            if ($this->option('json')) {
                $data = [];
                foreach ($ledgers as $ledger) {
                    $data[$ledger->size] = $this->data($ledger);
                }
                $this->printData((object) $data);
            } else {
                array_map($this->print(...), $ledgers);
            }

            return array_sum(array_map(fn (Ledger $ledger): int => count($ledger->problems), $ledgers)) > 0 ? self::FAILURE : self::SUCCESS;
        });
    }

    private function print(Ledger $ledger): void
    {
        $this->line($ledger->sizeName);
        $names = [];
        foreach ($ledger->lines as $line) {
            $names[$line->product] = $line->name;
        }
        $rows = array_map(fn (LedgerLine $line): array => [
            $line->name,
            $line->count,
            implode(
                ', ',
                array_map(fn ($make): string => __('split.made_in', ['count' => $make->count, 'number' => $make->clue + 1]), $line->makes),
            ),
            implode(', ', array_map(fn (LedgerUse $use): string => $use->clue >= $ledger->clues
                ? __('split.used_at_end', ['count' => $use->count])
                : __('split.used_in', ['count' => $use->count, 'number' => $use->clue + 1]), $line->uses)),
        ], $ledger->lines);
        $this->table([__('split.thing'), __('split.takes'), __('split.made'), __('split.used')], $rows);
        foreach ($ledger->problems as $problem) {
            $this->line(__('split.problems.'.$problem->code, [
                'thing' => $names[$problem->product] ?? $problem->product,
                'by' => $problem->by === null ? __('split.top') : ($names[$problem->by] ?? $problem->by),
                'number' => $problem->clue + 1,
                'needed' => $problem->needed + 1,
                'missing' => $problem->missing,
            ]));
        }
    }

    /** @return array<string, mixed> */
    private function data(Ledger $ledger): array
    {
        return [
            'lines' => array_map(fn (LedgerLine $line): array => [
                'product' => $line->product,
                'count' => $line->count,
                'makes' => array_map(
                    fn ($make): array => ['task' => $make->task, 'clue' => $make->clue + 1, 'count' => $make->count],
                    $line->makes,
                ),
                'uses' => array_map(fn (LedgerUse $use): array => [
                    'by' => $use->by, 'clue' => $use->clue >= $ledger->clues ? null : $use->clue + 1, 'count' => $use->count,
                ], $line->uses),
                'waiting' => array_map($line->waiting(...), range(0, max(0, $ledger->clues - 1))),
            ], $ledger->lines),
            'problems' => array_map(fn (LedgerProblem $problem): array => [
                'code' => $problem->code, 'product' => $problem->product, 'by' => $problem->by, 'clue' => $problem->clue + 1,
                'missing' => $problem->missing,
            ], $ledger->problems),
        ];
    }
}
