<?php

declare(strict_types=1);

namespace Dew\Core\Split;

use Dew\Core\Design\Design;
use Dew\Core\Design\DesignClue;

/** What one clue asks of one size. */
final readonly class Load
{
    /**
     * @param  int  $clue  its number from zero
     * @param  list<string>  $steps  codes of its steps, each once
     * @param  list<string>  $techniques  kinds of unit that no clue before it made
     * @param  float  $shown  share of the seams of the whole quilt that are sewn once it is done, from 0 to 1
     */
    private function __construct(
        public int $clue,
        public int $pieces,
        public int $seams,
        public float $seamLength,
        public int $minutes,
        public array $steps,
        public array $techniques,
        public float $shown,
    ) {
    }

    /** @return list<self> of every clue of a design, at the size of a graph */
    public static function ofClues(Design $design, MakingGraph $graph): array
    {
        return self::of(array_values($design->clues), $graph);
    }

    /**
     * @param  list<DesignClue>  $clues
     * @return list<self> of every clue, at the size of a graph
     */
    public static function of(array $clues, MakingGraph $graph): array
    {
        $known = $loads = [];
        $sewn = 0.0;
        $whole = $graph->seamLength();
        foreach ($clues as $number => $clue) {
            $pieces = $seams = $minutes = 0;
            $length = 0.0;
            $steps = $new = [];
            foreach ($clue->tasks as $task) {
                $work = $graph->workOf($task);
                if ($work === null) {
                    continue;
                }
                $pieces += $work->pieces;
                $seams += $work->seams;
                $minutes += $work->minutes;
                $length += $work->seamLength;
                $steps += array_fill_keys($work->steps, true);
                if ($work->technique !== null && ! isset($known[$work->technique])) {
                    $known[$work->technique] = true;
                    $new[] = $work->technique;
                }
            }
            foreach ($clue->chores as $chore) {
                $joining = $graph->joining($chore);
                $seams += $joining->seams ?? 0;
                $length += $joining->seamLength ?? 0.0;
                $minutes += $graph->minutesOf($chore);
            }
            $sewn += $length;
            $shown = $whole > 0.0 ? min(1.0, $sewn / $whole) : 0.0;
            $loads[] = new self($number, $pieces, $seams, $length, $minutes, array_map(strval(...), array_keys($steps)), $new, $shown);
        }

        return $loads;
    }
}
