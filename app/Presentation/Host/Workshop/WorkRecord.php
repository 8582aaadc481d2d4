<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Support\Kept;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignClue;
use Dew\Core\Design\DesignReader;
use Dew\Core\Design\Task;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Split\MakingGraph;
use Dew\Core\Words\Chore;
use InvalidArgumentException;

/**
 * What the board of clues needs to know of a design besides its clues: how everything is made at every size. It is kept under the document
 * without its clues, so that moving a card reads and computes none of it again.
 */
final readonly class WorkRecord
{
    /**
     * @param  array<string, MakingGraph>  $graphs  by size
     * @param  array<string, string>  $sizes  names by id
     * @param  array<string, array<string, string>>  $names  by size and product key
     * @param  array<string, true>  $drawn  ids of units and blocks
     * @param  list<string>  $order  product keys in the order of the document
     * @param  array<string, Task|Chore>  $tasks  as they were read, by how they are written
     * @param  list<string>  $made  product keys of what tasks make, sorted
     */
    private function __construct(
        public array $graphs,
        public array $sizes,
        public array $names,
        public array $drawn,
        public array $order,
        private array $tasks,
        private array $made,
    ) {
    }

    /**
     * The record and the clues of a draft.
     *
     * @return array{self, list<DesignClue>}|null null while the draft cannot be worked out
     */
    public static function of(DraftDocument $document): ?array
    {
        $of = array_diff_key($document->value, ['clues' => true]);
        $kept = Kept::Record->get($of);
        $clues = $kept instanceof self ? $kept->clues($document) : null;
        if ($kept instanceof self && $clues !== null) {
            return [$kept, $clues];
        }
        try {
            $design = DesignReader::stored($document->document()->text);
            $record = self::made($design, $document);
        } catch (DocumentException|InvalidArgumentException|MeasureException) {
            return null;
        }
        Kept::Record->put($of, $record);

        return [$record, array_values($design->clues)];
    }

    /**
     * @throws InvalidArgumentException when a size cannot be laid out
     * @throws MeasureException when a length cannot be computed
     */
    private static function made(Design $design, DraftDocument $document): self
    {
        $compilation = Compilation::of($design);
        $graphs = $names = $tasks = $all = [];
        foreach ($design->clues as $clue) {
            array_push($all, ...$clue->tasks);
            foreach ([...$clue->tasks, ...$clue->chores] as $task) {
                $raw = $document->at(Place::of('clues', $clue->id, 'tasks', $task->id))->value;
                $tasks[self::written($raw)] = $task;
            }
        }
        foreach ($compilation->sizes() as $sized) {
            $size = $sized->size->id;
            $graphs[$size] = MakingGraph::of($compilation, $size)->record($all);
            $names[$size] = $sized->names;
        }

        return new self(
            $graphs,
            array_map(fn ($size): string => $size->name, $design->sizes),
            $names,
            array_fill_keys(array_map(strval(...), array_keys($design->units + $design->blocks)), true),
            array_map(strval(...), array_keys($design->units + $design->blocks)),
            $tasks,
            self::sorted($design->madeProducts()),
        );
    }

    /** @return list<DesignClue>|null null when a task is new, or other things are made than before */
    private function clues(DraftDocument $document): ?array
    {
        $clues = $made = [];
        foreach ($document->items(Place::of('clues')) as $raw) {
            $tasks = $chores = $order = [];
            foreach (DraftDocument::tasks($raw) as $task) {
                $known = $this->tasks[self::written($task)] ?? null;
                if ($known === null) {
                    return null;
                }
                $order[] = $known->id;
                if ($known instanceof Task) {
                    $tasks[] = $known;
                    $made[] = $known->product;
                } else {
                    $chores[] = $known;
                }
            }
            $clues[] = new DesignClue((string) Place::idOf($raw), '', '', 0, $tasks, $chores, order: $order);
        }

        return self::sorted($made) === $this->made ? $clues : null;
    }

    private static function written(mixed $task): string
    {
        return (string) json_encode($task, JSON_UNESCAPED_UNICODE);
    }

    /**
     * @param  list<string>  $products
     * @return list<string> each once
     */
    private static function sorted(array $products): array
    {
        $products = array_values(array_unique($products));
        sort($products);

        return $products;
    }
}
