<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Presentation\Shared\CluePage;
use App\Presentation\Shared\CutLine;
use App\Presentation\Shared\CuttingList;
use App\Presentation\Shared\TaskView;
use App\Wording\Figure;
use App\Wording\TimeRange;
use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\Plan as CorePlan;
use Dew\Core\Design\Design;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;
use Dew\Core\Sheet\ClueSheet;
use Illuminate\Console\Command;

/** Prints what a design asks for at one size: everything a member would see, clue by clue. */
final class PlanDesign extends Command
{
    use ReadsDesigns, ReadsMethods;

    protected $signature = 'dew:plan
        {file : A design document}
        {--size= : The id of a size}
        {--clue= : The id of a clue, to print that alone}
        {--method=* : A method to use instead of a default, such as hst:eight}
        {--oversize=* : A kind of unit to cut larger and trim, such as hst}
        {--notation=in : in, decimal or cm}
        {--json : Print the compiled sheets}';

    protected $description = 'Print the plan of a design at one size';

    public function handle(): int
    {
        return $this->withDesign(function (Design $design): int {
            $methods = $this->methods($design);
            $notation = Notation::tryFrom($this->text('notation'));
            $clue = $this->text('clue');
            if ($methods === null || $notation === null) {
                return self::INVALID;
            }
            if ($clue !== '' && ! isset($design->clues[$clue])) {
                $this->error(__('console.no_clue', ['clue' => $clue, 'clues' => implode(', ', array_keys($design->clues))]));

                return self::INVALID;
            }
            $plan = Compiler::plan($design, $this->text('size'), $methods);
            if ($clue !== '') {
                $plan = new CorePlan($plan->quilt, [$clue => $plan->clues[$clue]]);
            }
            if ($this->option('json')) {
                $clues = implode(',', array_map(fn (ClueSheet $clue): string => $clue->write(), array_values($plan->clues)));
                $this->line('{"quilt":'.$plan->quilt->write().',"clues":['.$clues.']}');

                return self::SUCCESS;
            }
            $this->quilt($design, $plan, $notation);
            foreach ($plan->clues as $sheet) {
                $sheet = $sheet->readBy($notation);
                $this->newLine();
                $this->info(sprintf('%d. %s', $sheet->number, $sheet->title));
                $this->clue(CluePage::forPreview(
                    $sheet, Compiler::announcement($design), $notation, null, CuttingList::fromBolts($sheet, $notation),
                ));
            }

            return self::SUCCESS;
        });
    }

    private function quilt(Design $design, CorePlan $plan, Notation $notation): void
    {
        $text = fn (Length $length): string => Figure::text(Measurement::exact($length), $notation);
        $size = $design->size($this->text('size'));
        $this->info(
            sprintf(
                '%s, %s: %s x %s',
                $design->title,
                $size->name,
                $text($plan->quilt->finished->width),
                $text($plan->quilt->finished->height),
            ),
        );
        $this->line(__('console.effort', [
            'seams' => $plan->quilt->effort->seams,
            'length' => $text(Length::approximately($plan->quilt->effort->seamLength)),
            'time' => TimeRange::text($design->pace->minutes($plan->quilt->effort->seams + 1)),
            'around' => $text($plan->quilt->perimeter),
        ]));
        foreach ($plan->quilt->quilting as $what => $length) {
            $sides = $length instanceof Size ? $text($length->width).' x '.$text($length->height) : $text($length);
            $this->line(__('console.quilting.'.$what).': '.$sides);
        }
    }

    private function clue(CluePage $page): void
    {
        foreach ($page->fabrics() as $fabric) {
            foreach ($fabric->lines as $line) {
                $this->cutLine($fabric->letter.'  ', $line);
            }
            array_map($this->line(...), $page->cutting($fabric->slot)?->lines('       ') ?? []);
        }
        foreach ([__('cutting.segments') => $page->segments(), __('cutting.parts') => $page->parts()] as $title => $lines) {
            if ($lines !== []) {
                $this->line('  '.$title);
                foreach ($lines as $line) {
                    $this->cutLine('', $line);
                }
            }
        }
        foreach ($page->tasks() as $task) {
            $this->task($task);
        }
    }

    private function cutLine(string $before, CutLine $line): void
    {
        $size = $line->width->number.($line->length === null ? '' : ' x '.$line->length->number).' '.$line->width->unit;
        $this->line(sprintf('    %s%d %s, %s', $before, $line->count, $line->shape, $size));
        if ($line->note !== null) {
            $this->line('       '.$line->note);
        }
    }

    private function task(TaskView $task): void
    {
        $height = $task->unfinishedHeight === null ? '' : ' x '.$task->unfinishedHeight->number;
        $size = $task->unfinished->number.$height.' '.$task->unfinished->unit;
        $this->line(sprintf('  %s %s (%s): %s %s', $task->heading, $task->name, $task->method, __('measure.unfinished'), $size));
        foreach (array_filter([$task->fromBag, $task->spares, $task->byproduct, ...$task->quilting]) as $note) {
            $this->line('     '.$note);
        }
        foreach ($task->steps as $number => $step) {
            $this->line(sprintf('    %d. %s: %s', $number + 1, $step->label, $step->text));
        }
        foreach ($task->overhangs as $overhang) {
            $this->line('     '.$overhang);
        }
    }
}
