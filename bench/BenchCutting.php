<?php

declare(strict_types=1);

namespace Dew\Bench;

use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Cutting\Aim;
use Dew\Core\Cutting\BoltCuts;
use Dew\Core\Cutting\ClueCutting;
use Dew\Core\Cutting\LengthBound;
use Dew\Core\Cutting\Wanted;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignReader;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\MethodChoices;
use Illuminate\Console\Command;

/** Times cutting plans, and says how far they lie above the lower bound: the demo designs, and many kinds of many pieces. */
final class BenchCutting extends Command
{
    private const DESIGNS = ['night-ferry', 'kitchen-garden'];

    /** Kinds of piece, pieces, and how many such lists. */
    private const LISTS = [[3, 12, 40], [5, 30, 40], [6, 60, 40], [8, 200, 20], [20, 1000, 10]];

    /** Usable width of 40 in, in sixteenths. */
    private const WIDTH = 640;

    protected $signature = 'dew:bench-cutting';

    protected $description = 'Time cutting plans';

    public function handle(): int
    {
        $this->line(__('console.bench_reference', ['time' => sprintf('%.1f ms', ReferenceLoop::milliseconds())]));
        $rows = [];
        foreach (self::DESIGNS as $name) {
            $design = DesignReader::stored((string) file_get_contents(database_path("designs/$name.json")));
            foreach (array_map(strval(...), array_keys($design->sizes)) as $size) {
                $rows[] = $this->design($design, $size);
            }
        }
        foreach (self::LISTS as [$kinds, $pieces, $lists]) {
            $rows[] = $this->lists($kinds, $pieces, $lists);
        }
        $this->table(array_map(
            fn (string $column): string => __('console.bench_cuts.'.$column),
            ['what', 'plans', 'length', 'bound', 'above', 'median', 'slow'],
        ), $rows);

        return self::SUCCESS;
    }

    /** @return list<string|int> */
    private function design(Design $design, string $size): array
    {
        $compiler = new SizeCompiler($design, $size, pressed: false);
        $sheets = array_map(
            fn (int|string $clue): ClueSheet => $compiler->clue((string) $clue, MethodChoices::defaults($design->methods)),
            array_keys($design->clues),
        );
        $times = [];
        $length = $bound = 0;
        foreach ($sheets as $sheet) {
            $began = hrtime(true);
            $plan = ClueCutting::fromBolts($sheet->tasks, $design->room, Notation::Fractions, Aim::Cloth);
            $times[] = (hrtime(true) - $began) / 1e6;
            foreach ($plan->slots as $slot) {
                $length += $slot->length(Aim::Cloth);
                $bound += $slot->bound();
            }
        }

        return $this->row($design->title.', '.$design->sizes[$size]->name, $times, $length, $bound);
    }

    /** @return list<string|int> */
    private function lists(int $kinds, int $pieces, int $lists): array
    {
        $state = $kinds;
        $next = function (int $least, int $most) use (&$state): int {
            $state = ($state * 1103515245 + 12345) % 2147483648;

            return $least + intdiv($state, 65536) % ($most - $least + 1);
        };
        $times = [];
        $length = $bound = 0;
        for ($list = 0; $list < $lists; $list++) {
            $wanted = [];
            for ($kind = 0; $kind < $kinds; $kind++) {
                $height = 2 * $next(12, 56);
                $count = (int) max(1, round($pieces / $kinds * $next(50, 150) / 100));
                $wanted[] = new Wanted('p'.$kind, $height, $next(0, 1) === 1 ? $height : 2 * $next(12, 100), $count);
            }
            $began = hrtime(true);
            $strips = BoltCuts::strips($wanted, self::WIDTH);
            $times[] = (hrtime(true) - $began) / 1e6;
            $length += BoltCuts::length($strips);
            $bound += LengthBound::of($wanted, self::WIDTH);
        }

        return $this->row(__('console.bench_cuts.list', ['kinds' => $kinds, 'pieces' => $pieces]), $times, $length, $bound);
    }

    /**
     * @param  list<float>  $times  milliseconds
     * @return list<string|int>
     */
    private function row(string $what, array $times, int $length, int $bound): array
    {
        sort($times);
        $at = fn (float $share): float => $times[(int) floor($share * (count($times) - 1))] ?? 0.0;

        return [
            $what, count($times), sprintf('%.1f in', $length / 16), sprintf('%.1f in', $bound / 16),
            sprintf('%.1f %%', $bound === 0 ? 0.0 : 100 * ($length / $bound - 1)),
            sprintf('%.1f ms', $at(0.5)), sprintf('%.1f ms', $at(0.95)),
        ];
    }
}
