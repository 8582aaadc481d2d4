<?php

declare(strict_types=1);

namespace Dew\Core\Compile;

use Dew\Core\Block\TrimmedBlock;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignClue;
use Dew\Core\Design\SizedDesign;
use Dew\Core\Design\Task;
use Dew\Core\Design\UnknownSize;
use Dew\Core\Document\Writer;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Refused;
use Dew\Core\Sheet\ChoreSheet;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Split\MakingGraph;
use Dew\Core\Unit\MethodChoices;
use InvalidArgumentException;

/**
 * Works out the clues of one size for many combinations of methods. A task depends on the method of its own kind of unit alone, so each
 * is worked out and written once for each of those, however many combinations it stands in.
 */
final class SizeCompiler
{
    private readonly Compilation $compilation;

    private readonly SizedDesign $sized;

    private ?MakingGraph $graph = null;

    /** @var array<string, string> tasks as they are written, by task id, method and whether they are cut larger */
    private array $texts = [];

    /**
     * @param  bool  $pressed  whether tasks shall say how their seams are pressed, which takes a plan of the whole top
     *
     * @throws UnknownSize
     */
    public function __construct(
        private readonly Design $design,
        private readonly string $size,
        ?CuttingRoom $room = null,
        private readonly Writer $writer = new Writer,
        private readonly bool $pressed = true,
    ) {
        $this->compilation = Compilation::of($design, $room);
        $this->sized = $this->compilation->sized($size);
    }

    /** @throws InvalidArgumentException when the design has no such clue */
    public function clue(string $clue, MethodChoices $methods): ClueSheet
    {
        $compiler = $this->compiler($methods);

        return $this->sheet($clue, array_map(
            fn (Task $task): TaskSheet => $compiler->sheet($task, $this->blockOf($task, $clue)),
            $this->tasks($clue),
        ));
    }

    /**
     * The same as {@see clue()} writes, byte for byte.
     *
     * @throws InvalidArgumentException when the design has no such clue
     */
    public function clueText(string $clue, MethodChoices $methods): string
    {
        $compiler = $this->compiler($methods);
        $texts = [];
        foreach ($this->tasks($clue) as $task) {
            $kind = $this->sized->products[$task->product]->kind();
            $key = implode('|', [$task->id, $methods->chosen($kind)->value ?? '', $methods->isOversize($kind) ? '+' : '']);
            $texts[] = $this->texts[$key] ??= $compiler->sheet($task, $this->blockOf($task, $clue))->text($this->writer);
        }

        return $this->sheet($clue, [])->around($texts);
    }

    private function compiler(MethodChoices $methods): TaskCompiler
    {
        return new TaskCompiler(
            $this->compilation, $this->sized, $methods, $this->pressed ? Compiler::pressBook($this->design, $this->size) : null,
        );
    }

    /** @return list<Task> without those that only another size has, such as a border, and blocks that are made with their one unit */
    private function tasks(string $clue): array
    {
        $asked = $this->design->clues[$clue] ?? throw new Refused('design.no_clue', ['clue' => $clue]);
        $there = array_values(array_filter($asked->tasks, fn (Task $task): bool => $task->count($this->sized) > 0));
        $madeAlong = array_filter(array_map(fn (Task $task): ?string => $this->blockOf($task, $clue), $there));

        return array_values(array_filter($there, fn (Task $task): bool => ! in_array($task->product, $madeAlong, true)));
    }

    /**
     * The block of the same clue that is nothing but the unit a task makes, and as often needed: sewing it once is enough. A block that is
     * trimmed is a job of its own.
     */
    private function blockOf(Task $unit, string $clue): ?string
    {
        foreach ($this->design->clues[$clue]->tasks as $task) {
            if ($task->product !== $unit->product && $task->share === null && $unit->share === null
                && isset($this->design->blocks[$task->product], $this->design->units[$unit->product])
                && ! $this->sized->products[$task->product] instanceof TrimmedBlock
                && $this->sized->count($task->product) === $this->sized->count($unit->product)
                && $this->compilation->work($this->sized->products[$task->product])->contents() === [$unit->product => 1]) {
                return $task->product;
            }
        }

        return null;
    }

    /** @return list<ChoreSheet> without those that there is nothing of at this size */
    private function chores(DesignClue $clue): array
    {
        $sheets = [];
        foreach ($clue->chores as $chore) {
            $graph = $this->graph ??= MakingGraph::of($this->compilation, $this->size);
            if ($graph->times($chore) > 0) {
                $sheets[] = new ChoreSheet(
                    $chore->id, $chore->kind, $chore->name, $chore->text, $graph->times($chore), $graph->minutesOf($chore),
                    $chore->block === null ? null : $this->sized->names[$chore->block] ?? null,
                );
            }
        }

        return $sheets;
    }

    /** @param  list<TaskSheet>  $tasks */
    private function sheet(string $clue, array $tasks): ClueSheet
    {
        $asked = $this->design->clues[$clue];

        return new ClueSheet(
            clue: $clue,
            number: (int) array_search($clue, array_keys($this->design->clues), true) + 1,
            title: $asked->title,
            introduction: $asked->introduction,
            minutes: $asked->minutes,
            size: $this->size,
            tasks: $tasks,
            chores: $this->chores($asked),
            words: $asked->words->atSize($this->size),
        );
    }
}
