<?php

declare(strict_types=1);

namespace Dew\Bench;

use App\Actions\Host\ChangeDraft;
use App\Models\Draft;
use App\Models\QuiltAlong;
use App\Models\User;
use App\Plans\Unreleased\Documents;
use App\Presentation\Host\Workshop\Page\Workshop;
use App\Presentation\Host\Workshop\ProofStudy;
use App\Presentation\Host\Workshop\View;
use Dew\Core\Design\DesignDocument;
use Dew\Core\Design\DesignReader;
use Dew\Core\Draft\Kind\EditLibrary;
use Dew\Core\Draft\Place;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Times what happens when a host edits a block: the edit itself with its writing to the database, the answer with the drawing and the
 * numbers of the block's page, and the proof that follows. Everything is taken back afterwards.
 */
final class BenchEdit extends Command
{
    private const BLOCKS = [5, 10, 20, 40];

    private const SIZES = [1, 2, 4, 8];

    /** The design for which limits are set. */
    private const HARD = [30, 6];

    protected $signature = 'dew:bench-edit
        {--edits=40 : How many edits to make in each design}';

    protected $description = 'Time edits of a draft';

    public function handle(ChangeDraft $change, Workshop $workshop): int
    {
        $this->line(__('console.bench_reference', ['time' => sprintf('%.1f ms', ReferenceLoop::milliseconds())]));
        $count = max(2, (int) (is_numeric($this->option('edits')) ? $this->option('edits') : 40));
        $rows = [];
        foreach ([...array_merge(...array_map(fn (int $blocks): array => array_map(
            fn (int $sizes): array => [$blocks, $sizes],
            self::SIZES,
        ), self::BLOCKS)), self::HARD] as [$blocks, $sizes]) {
            DB::beginTransaction();
            $rows[] = $this->row($change, $workshop, $blocks, $sizes, $count);
            DB::rollBack();
        }
        $this->table(array_map(
            fn (string $column): string => __('console.bench.'.$column),
            ['design', 'read', 'edit', 'answer', 'answered', 'proof', 'bytes'],
        ), $rows);

        DB::beginTransaction();
        $this->line(__('console.bench_move', $this->moves($change, $workshop, $count)));
        DB::rollBack();

        return self::SUCCESS;
    }

    /**
     * Cards of the board moved from one clue to the next, on the design for which limits are set.
     *
     * @return array{blocks: int, sizes: int, cards: int, median: string, slow: string, bytes: string}
     */
    private function moves(ChangeDraft $change, Workshop $workshop, int $count): array
    {
        [$draft, $host] = $this->draft(...self::HARD);
        $known = $this->known($workshop->view($draft, $host, 'clues', ''));
        $times = $bytes = [];
        $clues = Documents::draft($draft)->items(Place::of('clues'));
        $ids = array_map(Place::idOf(...), $clues);
        $cards = array_sum(array_map(fn (array $clue): int => count(is_array($clue['tasks'] ?? null) ? $clue['tasks'] : []), $clues));
        // The first one loads classes.
        for ($number = 0; $number <= $count; $number++) {
            gc_collect_cycles();
            [$from, $to] = [$ids[$number % (count($ids) - 1)], $ids[$number % (count($ids) - 1) + 1]];
            $tasks = Documents::draft($draft)->items(Place::of('clues', (string) $from, 'tasks'));
            $edit = EditLibrary::read(['kind' => 'move', 'place' => "clues/$from/tasks/".Place::idOf($tasks[0]), 'to' => "clues/$to/tasks"]);
            $began = hrtime(true);
            $draft = $change->edit($draft, $host, (string) Str::uuid(), 'move', $edit);
            $view = $workshop->view($draft, $host, 'clues', '');
            $panels = (string) json_encode($view?->changed($known) ?? []);
            $took = (hrtime(true) - $began) / 1e6;
            $known = $this->known($view);
            if ($number > 0) {
                $times[] = $took;
                $bytes[] = strlen((string) gzencode($panels)) / 1000;
            }
        }
        sort($times);

        return [
            'blocks' => self::HARD[0], 'sizes' => self::HARD[1], 'cards' => $cards,
            'median' => sprintf('%.0f', $times[intdiv(count($times), 2)]),
            'slow' => sprintf('%.0f', $times[min(count($times) - 1, (int) floor(0.95 * count($times)))]),
            'bytes' => sprintf('%.0f', max([0.0, ...$bytes])),
        ];
    }

    /** @return list<string> */
    private function row(ChangeDraft $change, Workshop $workshop, int $blocks, int $sizes, int $count): array
    {
        [$draft, $host] = $this->draft($blocks, $sizes);
        $began = hrtime(true);
        DesignReader::reading($draft->document);
        $read = (hrtime(true) - $began) / 1e6;
        $known = $this->known($workshop->view($draft, $host, 'block', 'b-0'));
        $edits = $answers = $both = $proofs = $bytes = [];
        // The first one loads classes.
        for ($number = 0; $number <= $count; $number++) {
            gc_collect_cycles();
            $times = [hrtime(true)];
            $edit = EditLibrary::read([
                'kind' => $number % 3 === 0 ? 'mirror' : 'turn', 'block' => 'b-0', 'column' => $number % 6 + 1,
                'row' => intdiv($number, 6) % 6 + 1,
            ] + ($number % 3 === 0 ? [] : ['by' => 90]));
            $draft = $change->edit($draft, $host, (string) Str::uuid(), 'turn', $edit);
            $times[] = hrtime(true);
            $view = $workshop->view($draft, $host, 'block', 'b-0');
            $panels = (string) json_encode($view?->changed($known) ?? []);
            $times[] = hrtime(true);
            ProofStudy::of(Documents::draft($draft), $draft->quiltAlong);
            $times[] = hrtime(true);
            $known = $this->known($view);
            if ($number > 0) {
                $edits[] = ($times[1] - $times[0]) / 1e6;
                $answers[] = ($times[2] - $times[1]) / 1e6;
                $both[] = ($times[2] - $times[0]) / 1e6;
                $proofs[] = ($times[3] - $times[2]) / 1e6;
                $bytes[] = strlen((string) gzencode($panels)) / 1000;
            }
        }
        $at = function (array $values, float $share): float {
            sort($values);

            return (float) $values[min(count($values) - 1, (int) floor($share * count($values)))];
        };

        return [
            __('console.bench.of', ['blocks' => $blocks, 'sizes' => $sizes]),
            sprintf('%.0f ms', $read),
            sprintf('%.1f ms', $at($edits, 0.5)),
            sprintf('%.1f ms', $at($answers, 0.5)),
            sprintf('%.0f ms', $at($both, 0.95)),
            sprintf('%.0f ms', $at($proofs, 0.95)),
            sprintf('%.1f kB', $at($bytes, 0.5)),
        ];
    }

    /** @return array{Draft, User} */
    private function draft(int $blocks, int $sizes): array
    {
        $host = User::query()->forceCreate([
            'name' => 'Bench', 'email' => Str::random(12).'@bench.example', 'password' => Str::random(40), 'email_verified_at' => now(),
        ]);
        $quiltAlong = QuiltAlong::query()->create([
            'slug' => 'bench-'.Str::lower(Str::random(12)), 'name' => 'Bench', 'host_name' => 'Bench', 'zone' => 'UTC',
        ])->refresh();
        $draft = $quiltAlong->draft()->create([
            'document' => DesignDocument::fromJson(GeneratedDesign::of($blocks, $sizes))->write(),
            'number' => 0,
        ]);
        $draft->setRelation('quiltAlong', $quiltAlong);

        return [$draft, $host];
    }

    /** What a browser that shows a page tells of it. */
    private function known(?View $view): string
    {
        $panels = $view === null ? [] : $view->panels;

        return implode(',', array_map(
            fn (string $name, string $html): string => $name.':'.View::hash($html),
            array_keys($panels),
            $panels,
        ));
    }
}
