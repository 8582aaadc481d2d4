<?php

declare(strict_types=1);

namespace Dew\Core\Compile;

use Dew\Core\Design\Compilation;
use Dew\Core\Design\FreeSize;
use Dew\Core\Design\ProductKey;
use Dew\Core\Design\SizedDesign;
use Dew\Core\Design\Task;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Press\PressBook;
use Dew\Core\Sheet\BlockDrawing;
use Dew\Core\Sheet\Byproduct;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\Unit;

/** Works out the tasks of one size by the methods somebody has chosen. */
final readonly class TaskCompiler
{
    /**
     * @var array<string, array{string, int, int}> task ids, their places in the order of release and in that of the clues, by product key
     */
    private array $order;

    public function __construct(
        private Compilation $compilation,
        private SizedDesign $sized,
        private MethodChoices $methods,
        private ?PressBook $press = null,
    ) {
        $this->order = $compilation->taskOrder();
    }

    /** @param  string|null  $block  product key of a block that is nothing but this unit: it is made with it, and gives it its name */
    public function sheet(Task $task, ?string $block = null): TaskSheet
    {
        $unit = $this->sized->products[$task->product];
        $work = $this->compilation->work($unit);
        $room = $this->compilation->room;
        $count = $task->count($this->sized);
        $cutArea = round($work->cutArea(), 6);
        $making = $this->making($unit);
        $oversize = $this->methods->isOversize($unit->kind()) && $making->canBeOversize();
        $making = $this->pressedBothWays($task->product, $oversize ? $making->oversize($unit->kind()->oversizeBy($making->method)) : $making);
        [$fromBag, $bagTask, $bagGives] = $this->fromBag($task->product, $unit);

        return new TaskSheet(
            task: $task->id,
            digest: $work->digest(),
            name: $task->name ?? $this->named($task, $block ?? $task->product),
            kind: $unit->kind(),
            count: $count,
            finished: $unit->finished(),
            unfinished: $work->unfinished(),
            patches: $unit->kind()->isBlock() ? [] : $work->patches(),
            making: $making,
            ways: $work->ways(),
            overhangs: $unit->kind()->meetsAtSlants($making->method) ? $work->overhangs() : [],
            seamwork: $work->seamwork(),
            cutArea: $cutArea,
            room: $room,
            drawing: $this->drawing($task->product, $unit),
            oversize: $oversize,
            fromBag: $fromBag,
            bagTask: $bagTask,
            bagGives: $bagGives,
            byproduct: $this->byproduct($task->product, $unit, $making->method, $count - $fromBag),
            quilting: $this->quilting($block ?? $task->product, $unit),
            makes: $block === null ? [$task->product] : [$task->product, $block],
            along: FreeSize::of($unit, $room),
            picture: $this->compilation->design->pictures[ProductKey::id($task->product)] ?? null,
            press: $this->press?->look($task->product),
        );
    }

    /** What a task is called that has no name of its own: what it makes, and which of it. */
    private function named(Task $task, string $product): string
    {
        $name = $this->sized->names[$product];
        $block = $task->share?->block;
        if ($block !== null && $this->isKnown($block, $task)) {
            $name = sprintf('%s for %s', $name, $this->sized->names[$block] ?? $block);
        }

        return $task->share?->isDivided() === true ? sprintf('%s, part %d of %d', $name, $task->share->part, $task->share->of) : $name;
    }

    /** Whether a block is made in the clue of a task or before: until then not even its name is said. */
    private function isKnown(string $block, Task $task): bool
    {
        foreach ($this->compilation->design->clues as $clue) {
            foreach ($clue->tasks as $one) {
                if ($one->product === $block) {
                    return true;
                }
            }
            if (in_array($task->id, $clue->order, true)) {
                return false;
            }
        }

        return false;
    }

    private function making(Unit $unit): Making
    {
        $method = $this->methods->chosen($unit->kind()) ?? $this->compilation->design->defaultMethod($unit->kind());

        return $this->compilation->work($unit)->making($method);
    }

    /** What is put together from parts or made in sections is drawn with them, so that each part can be shown alone. */
    private function drawing(string $key, Unit $unit): ?BlockDrawing
    {
        $sections = $this->compilation->design->units[$key]->options->sections ?? [];
        if (! $unit->kind()->isBlock() && $sections === [] && $unit->contents() === []) {
            return null;
        }
        [$units, $blocks, $names, $ways] = $this->compilation->drawnContents($this->sized, $key);

        return new BlockDrawing($key, $units, $blocks, $names, $ways);
    }

    /**
     * Units of this task that another task, earlier in the order of release, gives besides its own.
     *
     * @return array{int, string|null, int} how many, the id of that task, and how many it gives
     */
    private function fromBag(string $key, Unit $unit): array
    {
        if ($this->compilation->isShared($key) || $unit->isMadeOfByproducts() || $unit->byproduct(
            $this->making($unit)->method, $this->compilation->room,
        ) === null) {
            return [0, null, 0];
        }
        foreach ($this->pairs($key, $unit) as $other) {
            if ($this->order[$other][1] < $this->order[$key][1]) {
                $gives = $this->sized->count($other);

                return [min($this->sized->count($key), $gives), $this->order[$other][0], $gives];
            }
        }

        return [0, null, 0];
    }

    /** What comes out besides; its name is said only when the task that makes it is not still to come. */
    private function byproduct(string $key, Unit $unit, Method $method, int $made): ?Byproduct
    {
        $other = $unit->byproduct($method, $this->compilation->room);
        if ($other === null || $made < 1) {
            return null;
        }
        $known = array_values(
            array_filter($this->pairs($key, $unit), fn (string $product): bool => $this->order[$product][1] < $this->order[$key][1]),
        );

        return new Byproduct(isset($known[0]) ? $this->sized->names[$known[0]] : null, $made, $other->patches(), $other->finished());
    }

    /** @return list<string> product keys of what some task makes at this size and what the work on a unit gives besides */
    private function pairs(string $key, Unit $unit): array
    {
        $other = $unit->byproduct($this->making($unit)->method, $this->compilation->room);
        $digest = $other?->digest($this->compilation->room);

        return array_values(array_filter(array_map(strval(...), array_keys($this->order)), fn (string $product): bool => $product !== $key
            && ! $this->compilation->isShared($product)
            && $this->sized->count($product) > 0
            && $this->sized->products[$product]->kind()->is($unit->kind()->value)
            && $this->compilation->work($this->sized->products[$product])->digest() === $digest));
    }

    /**
     * Where a unit and its mirror image both come from strip sets, half of the sets are pressed the other way, so that their seams nest. A clue says
     * nothing of an image that a later clue makes.
     */
    private function pressedBothWays(string $key, Making $making): Making
    {
        $image = ProductKey::mirrorOf($key) ?? str_replace(ProductKey::id($key).'.m', ProductKey::id($key), $key);
        if (! $making->isFromSets() || $image === $key || $this->sized->count($image) < 1) {
            return $making;
        }
        $isImage = ProductKey::mirrorOf($key) === null;
        if (isset($this->order[$image]) && $this->order[$image][2] > $this->order[$key][2]) {
            return $making;
        }

        return $making->withSteps(...array_map(
            fn (Step $step): Step => $step->kind === StepKind::Press && $step->code === 'rail.strips.press'
                ? $step->as($isImage ? 'strips.press_other_way' : 'strips.press_one_way')
                : $step,
            $making->steps,
        ));
    }

    /** @return array<string, Size|Length> */
    private function quilting(string $key, Unit $unit): array
    {
        $quilting = $this->compilation->design->setting->quilting;

        return $quilting !== null && isset($this->sized->layout->blockCounts[$key]) ? $quilting->sizes(
            $unit->finished(),
            $this->compilation->room,
        ) : [];
    }
}
