<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\Complaints;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Known;
use Dew\Core\Document\Node;
use Dew\Core\Document\PassedOver;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Measure\Problem;
use Dew\Core\Unit\Kind\CustomSection;
use Dew\Core\Words\Chore;
use InvalidArgumentException;

/** Reads the split into clues: which task makes what. A task that cannot be read is left out of its clue, and complained of. */
final class ClueReader
{
    /** @var array<string, array<string, Share|null>> shares by the ids of the tasks, by what they make */
    private array $made = [];

    /** @var array<string, true> */
    private array $taskIds = [];

    /**
     * @param  Known<DeclaredUnit>  $units
     * @param  Known<DeclaredBlock>  $blocks
     * @param  list<string>  $sizes  ids
     * @param  list<string>  $colourways  ids
     */
    public function __construct(
        private readonly Known $units,
        private readonly Known $blocks,
        private readonly Products $products,
        private readonly BlockReader $reader,
        private readonly Complaints $complaints,
        private readonly array $sizes = [],
        private readonly array $colourways = [],
    ) {
    }

    /** @throws DocumentException */
    public function clue(Node $node): DesignClue
    {
        $tasks = $chores = $order = [];
        foreach ($node->get('tasks')->items(PHP_INT_MAX) as $task) {
            try {
                $done = $task->has('own') && ! $task->has('quilt') && ! $task->has('stage') || $task->has('quilt') || $task->has('stage')
                    ? $this->chore($task) : $this->task($task);
                $order[] = $done->id;
                $done instanceof Task ? $tasks[] = $done : $chores[] = $done;
            } catch (DocumentException $error) {
                $this->complaints->addUnlessKnown($error);
            } catch (PassedOver) {
                continue;
            }
        }

        return new DesignClue(
            $node->get('id')->id(),
            $node->get('title')->text(),
            $node->has('introduction') ? $node->get('introduction')->text() : '',
            $node->get('minutes')->integer(0, PHP_INT_MAX),
            $tasks,
            $chores,
            (new WordsReader($this->sizes, $this->colourways))->words($node, $order),
            $order,
        );
    }

    /** A task of the host's own, a stage of assembly, or the quilting of copies of a block. */
    private function chore(Node $node): Chore
    {
        foreach (['unit', 'block', 'part', 'section', 'mirror', 'fabrics', 'for'] as $other) {
            if ($node->has($other)) {
                throw $node->get($other)->fail('design.beside_nothing_made');
            }
        }
        $id = $node->freshId($this->taskIds);
        $this->taskIds[$id] = true;
        $block = $node->has('quilt') ? $node->get('quilt') : null;
        if ($block !== null) {
            $this->blocks->at($block);
        }
        [$part, $of] = $block !== null && $node->has('share') ? self::part($node->get('share')) : [1, 1];
        $kind = $block !== null ? 'quilt' : ($node->has('stage') ? $node->get('stage')->string() : 'own');
        $minutes = $node->has('minutes') ? $node->get('minutes')->integer(0, PHP_INT_MAX) : null;
        if ($minutes === null && ! in_array($kind, Chore::JOINING, true)) {
            throw $node->fail('design.needs_minutes');
        }

        return new Chore(
            $id,
            $kind,
            $node->has('name') ? $node->get('name')->text() : '',
            $node->has('own') ? $node->get('own')->text() : '',
            $minutes,
            $node->has('count') && $block === null ? $node->get('count')->integer(1, PHP_INT_MAX) : 1,
            $block?->id(),
            $part,
            $of,
        );
    }

    private function task(Node $node): Task
    {
        $id = $node->freshId($this->taskIds);
        $this->taskIds[$id] = true;
        $product = $this->makes($node);
        $share = $this->share($node);
        foreach ($this->made[$product] ?? [] as $other => $of) {
            if ($share === null || $of === null || ! $share->goesWith($of)) {
                throw $node->fail('design.made_already', ['product' => $product, 'other' => $other]);
            }
        }
        $this->made[$product][$id] = $share;

        $name = $node->has('name') ? $node->get('name')->text() : null;
        // What is made whole in one task is called as it is there wherever it is named.
        if ($name !== null && $share === null) {
            $this->products->call($product, $name);
        }

        return new Task($id, $product, $name, $share);
    }

    /** Which of the copies a task makes; null for all of them. */
    private function share(Node $task): ?Share
    {
        if ($task->has('for')) {
            $this->blocks->at($task->get('for'));
        }
        if (! $task->has('share')) {
            return $task->has('for') ? Share::forBlock($task->get('for')->id()) : null;
        }
        [$part, $of] = self::part($task->get('share'));

        return $task->has('for') ? Share::forBlock($task->get('for')->id(), $part, $of) : Share::byNumber($part, $of);
    }

    /** @return array{positive-int, positive-int} which share, and of how many */
    private static function part(Node $share): array
    {
        [$part, $of] = [$share->get('part')->integer(1, PHP_INT_MAX), $share->get('of')->integer(2, PHP_INT_MAX)];
        if ($part > $of) {
            throw $share->get('part')->fail('design.share_of_fewer', ['of' => $of]);
        }

        return [max(1, $part), max(1, $of)];
    }

    /** The product key of what a task makes. */
    private function makes(Node $task): string
    {
        $given = array_values(array_filter(['unit', 'block', 'part'], $task->has(...)));
        if (count($given) !== 1) {
            throw $task->fail('design.makes_one_thing');
        }
        if ($given[0] !== 'unit' && $task->has('section')) {
            throw $task->get('section')->fail('design.section_needs_unit');
        }
        if ($given[0] === 'part') {
            return $task->get('part')->text();
        }
        $node = $task->get($given[0]);
        $given[0] === 'unit' ? $this->units->at($node) : $this->blocks->at($node);
        $used = $this->products->units + $this->products->blocks;
        try {
            // A mirror image that is the same thing turned has no key of its own.
            [$key] = $this->products->use(
                $node->id(),
                $task->has('fabrics') ? $this->reader->replacements($task->get('fabrics')) : [],
                Orientation::of(0, $task->has('mirror') && $task->get('mirror')->boolean()),
            );
        } catch (InvalidArgumentException $error) {
            throw $task->fail(Problem::of($error));
        }
        if (! isset($used[$key])) {
            throw $task->fail('design.no_such_variant', ['id' => $node->id()]);
        }

        return $task->has('section') ? $this->section($key, $task->get('section')) : $key;
    }

    private function section(string $unit, Node $node): string
    {
        $sections = array_map(fn (CustomSection $section): string => $section->id, $this->products->units[$unit]->options->sections);
        if (! in_array($node->id(), $sections, true)) {
            throw $node->fail('design.no_section', ['id' => $node->id(), 'sections' => $sections === [] ? 'none' : implode(', ', $sections)]);
        }
        $key = ProductKey::section($unit, $node->id());
        foreach ($this->products->units[$unit]->options->sections as $section) {
            if ($section->id === $node->id()) {
                $this->products->names[$key] = $this->products->names[$unit].', '.$section->name;
            }
        }

        return $key;
    }
}
