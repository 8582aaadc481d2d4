<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\TaskSheet;

/** All that is cut from one fabric for some tasks, equal pieces together, whichever task they are for. */
final readonly class ClothNeed
{
    /**
     * @param  string  $slot  id of the fabric slot
     * @param  list<Wanted>  $wanted  in marks
     * @param  array<string, non-empty-list<PieceUse>>  $uses  by the id of what is wanted, in the order of the tasks
     */
    private function __construct(
        public string $slot,
        public array $wanted,
        public array $uses,
    ) {
    }

    /**
     * @param  iterable<TaskSheet>  $tasks  for the cloth they are cut from, see {@see TaskSheet::onCloth()}
     * @param  PieceShapes|null  $shapes  those of the same room, where many tasks are asked for one after another
     * @return array<string, self> by slot
     */
    public static function of(
        iterable $tasks,
        Notation $notation,
        CutRules $rules = new CutRules,
        ?PieceShapes $shapes = null,
    ): array {
        $uses = $shaped = [];
        foreach ($tasks as $task) {
            foreach ($task->making->pieces as $piece) {
                // Plain pieces are finished once they are cut, and are counted off with their task.
                $counter = $task->making->method->isPlain() ? TaskSheet::TRIMMED : $task->cuttingCounter($piece);
                $count = $piece->isCloth()
                    ? $task->quantity($piece, $rules->madeBefore[$task->task] ?? 0) - ($rules->cutBefore[$task->task][$counter] ?? 0)
                    : 0;
                if ($count <= 0) {
                    continue;
                }
                $slot = $piece->slots[0];
                $shapes ??= new PieceShapes($notation, $task->room);
                $shape = $shapes->of($piece, $rules->margins[$slot] ?? null);
                $shaped[$slot][$shape->id] = $shape;
                $id = $shape->id;
                $uses[$slot][$id][] = new PieceUse($task->task, $task->name, $piece, $count, $counter);
            }
        }
        $needs = [];
        foreach ($uses as $slot => $byId) {
            $wanted = [];
            foreach ($byId as $id => $all) {
                $count = array_sum(array_map(fn (PieceUse $use): int => $use->count, $all));
                $wanted[] = $shaped[$slot][$id]->of($count);
            }
            $needs[(string) $slot] = new self((string) $slot, $wanted, $byId);
        }

        return $needs;
    }

    /** The same for cloth whose print must stay upright. */
    public function upright(): self
    {
        return new self($this->slot, array_map(fn (Wanted $piece): Wanted => $piece->upright(), $this->wanted), $this->uses);
    }

    /**
     * Pieces that somebody may take for one another on the mat: neither side differs by more than so much.
     *
     * @param  int  $within  marks
     * @return array<string, list<Wanted>> the others, by the id of the piece
     */
    public function lookAlikes(int $within): array
    {
        $sides = fn (Wanted $piece): array => [min($piece->height, $piece->length), max($piece->height, $piece->length)];
        $alike = [];
        foreach ($this->wanted as $one) {
            foreach ($this->wanted as $other) {
                [$short, $long] = $sides($one);
                [$otherShort, $otherLong] = $sides($other);
                if ($one !== $other && abs($short - $otherShort) <= $within && abs($long - $otherLong) <= $within) {
                    $alike[$one->id][] = $other;
                }
            }
        }

        return $alike;
    }

    /** The length of what is wanted, in inches. */
    public static function length(Notation $notation, int $marks): Length
    {
        return (new Marks($notation))->length($marks);
    }
}
