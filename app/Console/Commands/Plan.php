<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Presentation\CluePage;
use App\Presentation\Figure;
use Dew\Core\Design\Design;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;
use Dew\Core\Plan\Compiler;
use Dew\Core\Plan\SheetWriter;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\UnitKind;
use Illuminate\Console\Command;

/** Prints what a design asks for at one size. */
final class Plan extends Command
{
    use ReadsDesigns;

    protected $signature = 'dew:plan
        {file : A design document}
        {--size= : The id of a size}
        {--method=* : A method to use instead of a default, such as hst:eight}
        {--oversize=* : A kind of unit to cut larger and trim, such as hst}
        {--notation=in : in, decimal or cm}
        {--json : Print the compiled sheets}';

    protected $description = 'Print the plan of a design at one size';

    public function handle(): int
    {
        return $this->withDesign(function (Design $design): int {
            $methods = $this->methods();
            $notation = Notation::tryFrom($this->text('notation'));
            if ($methods === null || $notation === null) {
                return self::INVALID;
            }
            $size = $this->text('size');
            $plan = Compiler::plan($design, $size, $methods);
            if ($this->option('json')) {
                $this->line('{"quilt":'.SheetWriter::write($plan->quilt).',"clues":['.implode(',', array_map(SheetWriter::write(...), array_values($plan->clues))).']}');

                return self::SUCCESS;
            }
            $text = fn (Measurement $measure): string => Figure::text($measure, $notation);
            $this->info(sprintf('%s, %s: %s x %s', $design->title, $design->size($size)->name, $text(Measurement::exact($plan->quilt->finished->width)), $text(Measurement::exact($plan->quilt->finished->height))));
            $this->line(__('console.effort', ['seams' => $plan->quilt->effort->seams, 'length' => $text(Measurement::exact(Length::approximately($plan->quilt->effort->seamLength))), 'minutes' => $plan->quilt->effort->minutes, 'around' => $text(Measurement::exact($plan->quilt->perimeter))]));
            foreach ($plan->quilt->quilting as $what => $size) {
                $this->line(__('console.quilting.'.$what).': '.($size instanceof Size ? $text(Measurement::exact($size->width)).' x '.$text(Measurement::exact($size->height)) : $text(Measurement::exact($size))));
            }
            foreach ($plan->clues as $sheet) {
                $page = CluePage::forPreview($sheet, Compiler::announcement($design), $notation);
                $this->newLine();
                $this->info(sprintf('%d. %s', $sheet->number, $sheet->title));
                foreach ($page->tasks() as $task) {
                    $height = $task->unfinishedHeight === null ? '' : ' x '.$task->unfinishedHeight->number;
                    $this->line(sprintf('  %s %s (%s): %s %s%s %s', __('tasks.make', ['count' => $task->count]), $task->name, $task->method, __('measure.unfinished'), $task->unfinished->number, $height, $task->unfinished->unit));
                }
                foreach ($page->fabrics() as $fabric) {
                    foreach ($fabric->lines as $line) {
                        $this->line(sprintf('    %s  %d %s, %s%s %s', $fabric->letter, $line->count, $line->shape, $line->width->number, $line->length === null ? '' : ' x '.$line->length->number, $line->width->unit));
                    }
                }
            }

            return self::SUCCESS;
        });
    }

    private function methods(): ?MethodChoices
    {
        $choices = MethodChoices::defaults();
        foreach ((array) $this->option('method') as $name) {
            $method = Method::tryFrom((string) $name);
            $kinds = array_filter(UnitKind::cases(), fn (UnitKind $kind): bool => in_array($method, $kind->methods(), true));
            if ($method === null || $kinds === []) {
                $this->error(__('console.no_method', ['method' => $name, 'methods' => implode(', ', array_map(fn (Method $known): string => $known->value, Method::cases()))]));

                return null;
            }
            foreach ($kinds as $kind) {
                $choices = $choices->with($kind, $method);
            }
        }

        foreach ((array) $this->option('oversize') as $name) {
            $kind = UnitKind::tryFrom((string) $name);
            if ($kind === null) {
                $this->error(__('console.no_kind', ['kind' => $name, 'kinds' => implode(', ', array_map(fn (UnitKind $known): string => $known->value, UnitKind::library()))]));

                return null;
            }
            $choices = $choices->withOversize($kind);
        }

        return $choices;
    }
}
