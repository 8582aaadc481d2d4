<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\TaskSheet;

/** The cutting plans of one clue, one for each fabric, with strip sets of the width that suits the cloth best. */
final readonly class ClueCutting
{
    /**
     * @param  Length  $width  usable width that strips across the cloth are cut to
     * @param  list<TaskSheet>  $tasks  as they are made on cloth of this width
     * @param  array<string, SlotCutting>  $slots  by the id of the fabric slot
     */
    private function __construct(
        public Length $width,
        public array $tasks,
        public array $slots,
    ) {
    }

    /**
     * From bolts as wide as the room says.
     *
     * @param  list<TaskSheet>  $tasks
     */
    public static function fromBolts(array $tasks, CuttingRoom $room, Notation $notation, Aim $aim, CutRules $rules = new CutRules): self
    {
        $tasks = array_map(fn (TaskSheet $task): TaskSheet => $task->onCloth($room, $notation), $tasks);
        $width = (new Marks($notation))->down($room->usableWidth);

        return new self($room->usableWidth, $tasks, array_map(
            fn (ClothNeed $need): SlotCutting => SlotCutting::fromBolt($need, $width, $aim),
            ClothNeed::of($tasks, $notation, $rules),
        ));
    }

    /**
     * From what somebody has. Strip sets may be as wide as the bolt or as narrower cloth of hers, such as fat quarters; both are worked
     * out, and the one that leaves less short is taken, then the one that cuts into less cloth, then the wider one.
     *
     * @param  list<TaskSheet>  $tasks
     * @param  Length|null  $sets  what strip sets are made across; null for the width that suits the cloth best
     */
    public static function fromShelf(
        array $tasks,
        CuttingRoom $room,
        Shelf $shelf,
        Notation $notation,
        Aim $aim,
        CutRules $rules = new CutRules,
        ?Length $sets = null,
    ): self {
        $best = null;
        foreach ($sets === null ? self::widths($tasks, $room, $shelf, new Marks($notation)) : [$sets] as $width) {
            $plan = self::onWidth($tasks, $room->withUsableWidth($width), $room, $shelf, $notation, $aim, $rules);
            if ($best === null || $plan->cost() < $best->cost()) {
                $best = $plan;
            }
        }

        return $best ?? self::fromBolts($tasks, $room, $notation, $aim, $rules);
    }

    /**
     * The same plans, where some of the pieces are cut already.
     *
     * @param  callable(TaskSheet, PieceUse): int  $counted  how many pieces of one use are counted as cut
     */
    public function withCounted(callable $counted): self
    {
        $tasks = [];
        foreach ($this->tasks as $task) {
            $tasks[$task->task] = $task;
        }

        return new self($this->width, $this->tasks, array_map(
            fn (SlotCutting $slot): SlotCutting => $slot->withCounted(array_map(
                fn (array $uses): int => array_sum(array_map(
                    fn (PieceUse $use): int => min($use->count, $counted($tasks[$use->task], $use)), $uses,
                )),
                $slot->need->uses,
            )),
            $this->slots,
        ));
    }

    /** @return array<string, int> what all fabrics together leave short, in pieces by the ids of fabrics */
    public function short(): array
    {
        return array_filter(array_map(fn (SlotCutting $slot): int => array_sum($slot->short()), $this->slots));
    }

    /**
     * @param  list<TaskSheet>  $tasks
     */
    private static function onWidth(
        array $tasks,
        CuttingRoom $sets,
        CuttingRoom $room,
        Shelf $shelf,
        Notation $notation,
        Aim $aim,
        CutRules $rules,
    ): self {
        $tasks = array_map(fn (TaskSheet $task): TaskSheet => $task->onCloth($sets, $notation), $tasks);
        $width = (new Marks($notation))->down($room->usableWidth);
        $slots = [];
        foreach (ClothNeed::of($tasks, $notation, $rules) as $slot => $need) {
            $slots[$slot] = isset($shelf->bolts[$slot])
                ? SlotCutting::fromBolt($need, $width, $aim)
                : SlotCutting::fromStock(
                    $need, $width, $shelf->pieces[$slot] ?? [], $aim, $rules->variety[$slot] ?? 1,
                );
        }

        return new self($sets->usableWidth, $tasks, $slots);
    }

    /**
     * @param  list<TaskSheet>  $tasks
     * @return list<Length> widths that strips could have, the widest first
     */
    private static function widths(array $tasks, CuttingRoom $room, Shelf $shelf, Marks $marks): array
    {
        $widths = [$room->usableWidth];
        if (array_filter($tasks, fn (TaskSheet $task): bool => $task->making->isFromSets()) === []) {
            return $widths;
        }
        foreach ($shelf->widths() as $width) {
            if ($marks->length($width)->isLessThan($room->usableWidth)) {
                $widths[] = $marks->length($width);
            }
        }

        return $widths;
    }

    /** @return array{int, int} square marks that are short, and that are cut into */
    private function cost(): array
    {
        $short = $cloth = 0;
        foreach ($this->slots as $slot) {
            $left = $slot->plan->short();
            foreach ($slot->need->wanted as $piece) {
                $short += $piece->of($left[$piece->id] ?? 0)->area();
            }
            $cloth += $slot->plan->cloth();
        }

        return [$short, $cloth];
    }
}
