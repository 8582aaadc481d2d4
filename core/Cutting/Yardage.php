<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Sheet\TaskSheet;

/** How much of one fabric a whole quilt takes off a bolt, clue by clue: a clue's pieces are never cut together with a later clue's. */
final readonly class Yardage
{
    /** Cotton that is washed after it was bought gets shorter by up to so much; 3 in 100. */
    public const SHRINKS = [3, 100];

    /**
     * @param  array<string, Length>  $need  by clue, the exact length by the methods that are usual
     * @param  Length  $squaring  lost each time before a clue is cut
     */
    private function __construct(
        public array $need,
        public Length $squaring,
    ) {
    }

    /**
     * @param  array<string, list<TaskSheet>>  $clues  the tasks of every clue, by its id, by the usual methods
     * @param  BoltLengths|null  $lengths  those of the room, where several sizes are asked for
     * @return array<string, self> by the id of the fabric slot
     */
    public static function of(array $clues, CuttingRoom $room, ?BoltLengths $lengths = null): array
    {
        $lengths ??= new BoltLengths($room);
        $need = [];
        foreach ($clues as $clue => $tasks) {
            foreach (ClothNeed::of($tasks, $lengths->notation, shapes: $lengths->shapes) as $slot => $cloth) {
                $need[$slot][(string) $clue] = $lengths->marks->length($lengths->of($cloth->wanted, Aim::Cloth));
            }
        }

        return array_map(fn (array $byClue): self => new self($byClue, $room->squaring), $need);
    }

    /**
     * What covers every way of making a clue, with the allowances: the most that each task takes by any method, exactly or cut larger,
     * added up. It says less of the clue than the exact number does.
     *
     * @param  array<string, list<TaskSheet>>  $clues  the tasks of every clue, by its id
     * @param  BoltLengths|null  $lengths  those of the room, where several sizes are asked for
     * @return array<string, array<string, Length>> by the ids of the clue and of the fabric slot
     */
    public static function coveringByClue(array $clues, CuttingRoom $room, ?BoltLengths $lengths = null): array
    {
        $lengths ??= new BoltLengths($room);
        $covering = [];
        foreach ($clues as $clue => $tasks) {
            $most = [];
            foreach ($tasks as $task) {
                foreach (self::mostOf($task, $lengths) as $slot => $length) {
                    $most[$slot] = ($most[$slot] ?? 0) + $length;
                }
            }
            $covering[$clue] = array_map(
                fn (int $length): Length => self::allowedFor($lengths->marks->length($length), $room->squaring), $most,
            );
        }

        return $covering;
    }

    /** The exact length for the whole quilt, by the usual methods. */
    public function exact(): Length
    {
        return Length::sum(array_values($this->need));
    }

    /** With what squaring takes at every clue, and what washing may take. */
    public function withAllowance(): Length
    {
        return self::allowedFor($this->exact(), $this->squaring->times(count($this->need)));
    }

    /**
     * What some clues take off a bolt together, with what squaring takes at each, and what washing may take.
     *
     * @param  list<Length>  $clues  exact lengths, one for each clue
     */
    public static function allowed(array $clues, ?Length $squaring = null): Length
    {
        return self::allowedFor(Length::sum($clues), ($squaring ?? CuttingRoom::usual()->squaring)->times(count($clues)));
    }

    private static function allowedFor(Length $length, Length $squaring): Length
    {
        [$part, $of] = self::SHRINKS;

        return $length->plus($squaring)->times($of, $of - $part);
    }

    /**
     * The most that one task takes of each fabric, whichever way it is made that is announced, exactly or larger and trimmed.
     *
     * @return array<string, int> marks by slot
     */
    private static function mostOf(TaskSheet $task, BoltLengths $lengths): array
    {
        $most = [];
        foreach ($task->inEveryWay($lengths->larger) as $made) {
            $method = $made->making->method;
            // What the host makes the usual way is announced in any case.
            if (! $task->kind->isAnnounced($method) && ! $method->is($task->making->method->value)) {
                continue;
            }
            foreach (ClothNeed::of([$made], $lengths->notation, shapes: $lengths->shapes) as $slot => $cloth) {
                $most[$slot] = max($most[$slot] ?? 0, $lengths->of($cloth->wanted, Aim::Cuts));
            }
        }

        return $most;
    }
}
