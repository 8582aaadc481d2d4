<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Wording\Host\JobName;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Split\MakingGraph;
use Dew\Core\Split\Split;
use Dew\Core\Split\SplitJob;
use Dew\Core\Split\SplitProblem;
use Dew\Core\Split\Splitter;
use Illuminate\Console\Command;

/** Suggests how to share the work of a design out over a number of clues, and says how far that is from the best there could be. */
final class SplitOf extends Command
{
    use PrintsData;
    use ReadsDesigns;

    protected $signature = 'dew:split
        {file : A design document}
        {--clues= : Over how many clues}
        {--kind= : mystery, to keep the picture back}
        {--json : Print the split as data}';

    protected $description = 'Suggest a split of the work into clues';

    public function handle(): int
    {
        $clues = (int) $this->text('clues');
        if ($clues < 1 || $clues > SplitProblem::MOST_CLUES || (string) $clues !== $this->text('clues')) {
            $this->error(__('split.no_number', ['most' => SplitProblem::MOST_CLUES]));

            return self::INVALID;
        }
        if (! in_array($this->text('kind'), ['', 'mystery'], true)) {
            $this->error(__('split.no_kind'));

            return self::INVALID;
        }

        return $this->withDesign(function (Design $design) use ($clues): int {
            $compilation = Compilation::of($design);
            $graphs = [];
            foreach (array_map(strval(...), array_keys($design->sizes)) as $size) {
                $graphs[$size] = MakingGraph::of($compilation, $size);
            }
            $split = Splitter::suggest(SplitProblem::of(
                $design, $graphs, $clues, isMystery: $this->text('kind') === 'mystery', together: $design->together,
            ));
            $this->option('json') ? $this->printData($this->data($split)) : $this->print($split, $graphs);

            return self::SUCCESS;
        });
    }

    /** @param  array<string, MakingGraph>  $graphs */
    private function print(Split $split, array $graphs): void
    {
        $names = array_merge(...array_values(array_map(
            fn (MakingGraph $graph): array => array_map(fn ($work): string => $work->name, $graph->works), $graphs,
        )));
        $minutes = $split->minutes();
        $rows = [];
        foreach ($split->clues() as $number => $jobs) {
            $rows[] = [
                $number + 1,
                implode(', ', array_map(fn (SplitJob $job): string => JobName::of($job, $names), $jobs)),
                ...array_values($minutes[$number]),
            ];
        }
        $sizes = array_map(fn (MakingGraph $graph): string => __('split.minutes_at', ['size' => $graph->sizeName]), array_values($graphs));
        $this->table([__('split.clue'), __('split.makes'), ...$sizes], $rows);
        $this->line(__('split.summary', [
            'heaviest' => $split->cost[0], 'bound' => $split->bound, 'above' => number_format(100 * $split->above(), 1),
        ]));
    }

    /** @return array<string, mixed> */
    private function data(Split $split): array
    {
        $minutes = $split->minutes();

        return [
            'clues' => array_map(fn (array $jobs, int $number): array => [
                'tasks' => array_map(fn (SplitJob $job): array => [
                    'product' => $job->product,
                    ...($job->task === null ? [] : ['task' => $job->task]),
                    ...($job->share?->data() ?? []),
                ], $jobs),
                'minutes' => (object) $minutes[$number],
            ], $split->clues(), array_keys($split->clues())),
            'heaviest' => $split->cost[0],
            'heaviest_single' => $split->cost[1],
            'new_techniques' => $split->cost[2],
            'bound' => $split->bound,
            'is_best' => $split->isBest,
        ];
    }
}
