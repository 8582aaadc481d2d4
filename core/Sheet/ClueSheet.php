<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

use Dew\Core\Document\Node;
use Dew\Core\Document\Reader;
use Dew\Core\Document\Writer;
use Dew\Core\Making\StepKind;
use Dew\Core\Making\Tool;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Press\PressLook;
use Dew\Core\Words\ClueWords;

/** One clue as one person works from it: at her size, by her methods. It knows nothing of any other clue. */
final readonly class ClueSheet implements StoredSheet
{
    /**
     * @param  list<TaskSheet>  $tasks
     * @param  list<ChoreSheet>  $chores  what else is to do
     */
    public function __construct(
        public string $clue,
        public int $number,
        public string $title,
        public string $introduction,
        public int $minutes,
        public string $size,
        public array $tasks,
        public array $chores = [],
        public ClueWords $words = new ClueWords,
    ) {
    }

    public function task(string $id): ?TaskSheet
    {
        foreach ($this->tasks as $task) {
            if ($task->task === $id) {
                return $task;
            }
        }

        return null;
    }

    public function chore(string $id): ?ChoreSheet
    {
        foreach ($this->chores as $chore) {
            if ($chore->id === $id) {
                return $chore;
            }
        }

        return null;
    }

    /** How much there is to count: units to make, and chores to do. */
    public function unitCount(): int
    {
        return array_sum(array_map(fn (TaskSheet|ChoreSheet $task): int => $task->count, [...$this->tasks, ...$this->chores]));
    }

    /** The same work on cloth of another width: more or fewer segments come out of a strip set, and everything that follows from that. */
    public function onCloth(Length $usableWidth, Notation $notation): self
    {
        return new self($this->clue, $this->number, $this->title, $this->introduction, $this->minutes, $this->size, array_map(
            fn (TaskSheet $task): TaskSheet => $task->onCloth($task->room->withUsableWidth($usableWidth), $notation),
            $this->tasks,
        ), $this->chores, $this->words);
    }

    /**
     * The same work by somebody's ruler and on their cloth.
     *
     * @param  Length|null  $usableWidth  null for cloth as wide as the design says
     */
    public function readBy(Notation $notation, ?Length $usableWidth = null): self
    {
        $room = $this->tasks[0]->room ?? null;

        return $room === null || ($notation === $room->notation() && $usableWidth === null)
            ? $this : $this->onCloth($usableWidth ?? $room->usableWidth, $notation);
    }

    /**
     * The same work with the parts of some blocks turned as somebody chose.
     *
     * @param  array<string, string>  $chosen  ids of ways by the ids of blocks
     */
    public function turned(array $chosen): self
    {
        return $chosen === [] ? $this : new self(
            $this->clue, $this->number, $this->title, $this->introduction, $this->minutes, $this->size,
            array_map(fn (TaskSheet $task): TaskSheet => $task->turned($chosen), $this->tasks),
            $this->chores,
            $this->words,
        );
    }

    /**
     * The same clue with seams pressed otherwise.
     *
     * @param  array<string, PressLook>  $looks  by product key
     */
    public function pressed(array $looks): self
    {
        return new self(
            $this->clue, $this->number, $this->title, $this->introduction, $this->minutes, $this->size,
            array_map(
                fn (TaskSheet $task): TaskSheet => $task->pressed($looks[$task->makes[0] ?? ''] ?? $task->press), $this->tasks,
            ),
            $this->chores,
            $this->words,
        );
    }

    /**
     * What the work needs on the table, with the length a ruler must at least have, so that nobody finds it too small on the day.
     *
     * @return list<Tool>
     */
    public function tools(): array
    {
        if ($this->tasks === []) {
            return [];
        }
        $longest = Length::zero();
        $tools = ['cutter' => new Tool('cutter')];
        foreach ($this->tasks as $task) {
            foreach ($task->making->pieces as $piece) {
                $longest = $piece->width->exact->isGreaterThan($longest) ? $piece->width->exact : $longest;
            }
            foreach ($task->making->steps as $step) {
                match ($step->kind) {
                    StepKind::Mark => $tools['marker'] = new Tool('marker'),
                    StepKind::Press => $tools['iron'] = new Tool('iron'),
                    default => null,
                };
            }
            if ($task->kind->trimsWithSquare) {
                $trim = $tools['square']->atLeast->exact ?? Length::zero();
                $tools['square'] = new Tool(
                    'square',
                    Measurement::up($task->unfinished->width->isGreaterThan($trim) ? $task->unfinished->width : $trim),
                );
            }
        }
        $tools['ruler'] = new Tool('ruler', Measurement::up($longest));

        return array_values($tools);
    }

    public function write(Writer $writer = new Writer): string
    {
        return $this->around(array_map(fn (TaskSheet $task): string => $task->text($writer), $this->tasks));
    }

    /**
     * The sheet with tasks that are written already; those of the sheet itself are not looked at.
     *
     * @param  list<string>  $tasks  as {@see TaskSheet::text()} writes them
     */
    public function around(array $tasks): string
    {
        $head = Writer::json([
            'clue' => $this->clue,
            'number' => $this->number,
            'title' => $this->title,
            'introduction' => $this->introduction,
            'minutes' => $this->minutes,
            'size' => $this->size,
            ...($this->chores === [] ? [] : ['chores' => array_map(fn (ChoreSheet $chore): array => $chore->toData(), $this->chores)]),
            ...($this->words->toData() === [] ? [] : ['words' => $this->words->toData()]),
        ]);

        return substr($head, 0, -1).',"tasks":['.implode(',', $tasks).']}';
    }

    /**
     * @param  bool  $whole  false where steps and other ways of making are not asked for, as when pieces are counted: they take most of
     *     the time
     */
    public static function read(string $json, ?Reader $reader = null, bool $whole = true): self
    {
        $data = Node::fromJson($json, self::LARGEST, $reader);

        return new self(
            $data->get('clue')->text(),
            $data->get('number')->count(1),
            $data->get('title')->text(),
            $data->get('introduction')->text(),
            $data->get('minutes')->count(),
            $data->get('size')->text(),
            array_map(fn (Node $task): TaskSheet => TaskSheet::fromData($task, $whole), $data->get('tasks')->items()),
            $data->has('chores') ? array_map(
                fn (Node $chore): ChoreSheet => ChoreSheet::fromData($chore->data()), $data->get('chores')->items(),
            ) : [],
            $data->has('words') ? ClueWords::fromData($data->get('words')->data()) : new ClueWords,
        );
    }
}
