<?php

declare(strict_types=1);

namespace Dew\Bench;

use App\Actions\Host\PublishDesign;
use App\Models\QuiltAlong;
use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\Plan;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\Writer;
use Dew\Core\Unit\MethodChoices;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Times the computation on this machine: reading a document, compiling every sheet of every size and writing them, the median of several
 * runs.
 */
final class Bench extends Command
{
    protected $signature = 'dew:bench
        {what : core, publish, edit or cutting}
        {--runs=15 : How many runs to take the median of}
        {--most=30 : Blocks of the largest design that is made up for it}';

    protected $description = 'Time the core';

    public function handle(PublishDesign $publish): int
    {
        return match ($this->argument('what')) {
            'core' => $this->core(),
            'publish' => $this->publish($publish),
            'edit' => $this->call(BenchEdit::class),
            'cutting' => $this->call(BenchCutting::class),
            default => $this->unknown(),
        };
    }

    private function unknown(): int
    {
        $this->error(__('console.no_bench'));

        return self::INVALID;
    }

    /** Publishes each design to a quilt-along that is taken back afterwards. */
    private function publish(PublishDesign $publish): int
    {
        $rows = [];
        foreach ($this->documents() as $name => $document) {
            DB::beginTransaction();
            $quiltAlong = QuiltAlong::query()->create([
                'slug' => 'bench-'.Str::lower(Str::random(12)),
                'name' => 'Bench',
                'host_name' => 'Bench',
                'zone' => 'UTC',
            ]);
            gc_collect_cycles();
            memory_reset_peak_usage();
            $begun = hrtime(true);
            $publish($quiltAlong, $document);
            $took = (hrtime(true) - $begun) / 1e6;
            $sheets = DB::table('sheets')->where('design_version_id', $quiltAlong->version())
                ->selectRaw('count(*) as sheets, sum(octet_length(body)) as bytes')->first();
            $rows[] = [
                $name,
                sprintf('%.0f ms', $took),
                sprintf('%.1f MB', memory_get_peak_usage() / 1e6),
                (string) ($sheets->sheets ?? 0),
                sprintf('%.1f MB', ($sheets->bytes ?? 0) / 1e6),
            ];
            DB::rollBack();
        }
        $this->line(__('console.bench_reference', ['time' => sprintf('%.1f ms', ReferenceLoop::milliseconds())]));
        $this->table(array_map(
            fn (string $column): string => __('console.bench.'.$column),
            ['design', 'publish', 'peak', 'count', 'sheets'],
        ), $rows);

        return self::SUCCESS;
    }

    private function core(): int
    {
        $runs = max(1, (int) (is_numeric($this->option('runs')) ? $this->option('runs') : 15));
        $rows = [];
        foreach ($this->documents() as $name => $document) {
            $times = [];
            $bytes = $memory = 0;
            for ($run = 0; $run <= $runs; $run++) {
                // What the run before left behind is not this run's work.
                gc_collect_cycles();
                memory_reset_peak_usage();
                $held = memory_get_usage();
                [$took, $bytes] = $this->once($document);
                // The first run loads classes.
                if ($run > 0) {
                    $times[] = $took;
                }
                $memory = memory_get_peak_usage() - $held;
            }
            $columns = array_map(fn (int $column): array => $this->sorted(array_column($times, $column)), [0, 1, 2]);
            $rows[] = [
                $name,
                ...array_map(fn (array $sorted): string => sprintf('%.1f ms', $sorted[intdiv(count($sorted), 2)]), $columns),
                sprintf('%.1f – %.1f', $columns[1][0], $columns[1][count($columns[1]) - 1]),
                sprintf('%.1f MB', $memory / 1e6),
                sprintf('%d kB', intdiv($bytes, 1000)),
            ];
        }
        $this->line(__('console.bench_reference', ['time' => sprintf('%.1f ms', ReferenceLoop::milliseconds())]));
        $this->table(
            array_map(
                fn (string $column): string => __('console.bench.'.$column),
                ['design', 'read', 'compile', 'write', 'range', 'memory', 'sheets'],
            ),
            $rows,
        );

        return self::SUCCESS;
    }

    /**
     * Reads a document, compiles every sheet of every size from it, and writes them.
     *
     * @return array{array{float, float, float}, int} milliseconds of the three, and bytes written
     */
    private function once(string $document): array
    {
        $times = [hrtime(true)];
        $design = DesignReader::read($document);
        $times[] = hrtime(true);
        $plans = array_map(
            fn (int|string $size): Plan => Compiler::plan($design, (string) $size, MethodChoices::defaults()),
            array_keys($design->sizes),
        );
        $times[] = hrtime(true);
        $bytes = 0;
        $writer = new Writer;
        foreach ($plans as $plan) {
            $bytes += strlen($plan->quilt->write($writer));
            foreach ($plan->clues as $clue) {
                $bytes += strlen($clue->write($writer));
            }
        }
        $times[] = hrtime(true);

        return [[($times[1] - $times[0]) / 1e6, ($times[2] - $times[1]) / 1e6, ($times[3] - $times[2]) / 1e6], $bytes];
    }

    /**
     * @param  list<float>  $times
     * @return list<float>
     */
    private function sorted(array $times): array
    {
        sort($times);

        return $times;
    }

    /** @return array<string, string> by name */
    private function documents(): array
    {
        $generated = [];
        foreach ([[12, 2], [30, 6], [30, 12]] as [$blocks, $sizes]) {
            if ($blocks <= (int) $this->option('most')) {
                $generated["$blocks blocks, $sizes sizes"] = GeneratedDesign::of($blocks, $sizes);
            }
        }

        return [
            'Kitchen Garden, 12 clues, 2 sizes' => (string) file_get_contents(database_path('designs/kitchen-garden.json')),
            'Night Ferry, 8 clues, 4 sizes' => (string) file_get_contents(database_path('designs/night-ferry.json')),
            ...$generated,
        ];
    }
}
