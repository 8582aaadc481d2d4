<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\Piece;

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
     * @param  array<string, true>  $directional  ids of slots whose cloth has a print that must stay upright
     * @return array<string, self> by slot
     */
    public static function of(iterable $tasks, Notation $notation, CutRules $rules = new CutRules, array $directional = []): array
    {
        $marks = new Marks($notation);
        $uses = $shapes = [];
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
                $margin = isset($rules->margins[$slot]) ? 2 * $marks->up($rules->margins[$slot]) : 0;
                $shape = self::wanted($piece, $marks, $task->room, ! isset($directional[$slot]), $margin);
                $id = self::key($piece, $shape);
                $shapes[$slot][$id] = $shape;
                $uses[$slot][$id][] = new PieceUse($task->task, $task->name, $piece, $count, $counter);
            }
        }
        $needs = [];
        foreach ($uses as $slot => $byId) {
            $wanted = [];
            foreach ($byId as $id => $all) {
                $count = array_sum(array_map(fn (PieceUse $use): int => $use->count, $all));
                $wanted[] = $shapes[$slot][$id]->known((string) $id)->of($count);
            }
            $needs[(string) $slot] = new self((string) $slot, $wanted, $byId);
        }

        return $needs;
    }

    /** @param  int  $margin  that both sides of a piece get together; strips across the cloth and interlocking pieces get none */
    private static function wanted(Piece $piece, Marks $marks, CuttingRoom $room, bool $turns, int $margin): Wanted
    {
        $height = $marks->piece($piece->width);
        if ($piece->length === null) {
            return new Wanted('strip', $height, $marks->down($room->usableWidth), 1, turns: false);
        }
        if ($piece->lay->advance === null && $piece->lay->group === 1) {
            return new Wanted('piece', $height + $margin, $marks->piece($piece->length) + $margin, 1, turns: $turns);
        }

        return new Wanted(
            'piece', $height, $marks->piece($piece->length), 1,
            $piece->lay->advance === null ? null : $marks->piece($piece->lay->advance), $piece->lay->group, $turns,
        );
    }

    /** Pieces that cannot be told apart once they lie on the mat have the same. */
    private static function key(Piece $piece, Wanted $shape): string
    {
        return implode('-', [
            $piece->shape->value, $shape->height, $piece->length === null ? 'whole' : $shape->length, $shape->pitch,
            ...$piece->lay->outline === null ? [] : [
                substr(hash('sha256', serialize($piece->lay->outline)), 0, 8), $piece->lay->mirrored ? 'mirrored' : 'plain',
            ],
            ...$piece->lines->cut === [] ? [] : ['cut'.count($piece->lines->cut)],
            ...$piece->lines->sew === [] ? [] : ['sewn'],
        ]);
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
