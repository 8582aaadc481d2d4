<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\DesignClue;
use Dew\Core\Split\Load;
use Dew\Core\Split\MakingGraph;
use Dew\Core\Words\Chore;
use Dew\Core\Words\ClueKind;

/** Whether the clues are of a size: none asks for more than twice the usual, none leaves a size idle, none is heavy for the days it has. */
final readonly class LoadChecks
{
    /** A clue of more than so many times the median is too heavy. */
    private const MOST = 2;

    /**
     * @param  array<string, int>  $days  from the opening of a clue to that of the next one, by id, where both are known
     * @return list<Finding>
     */
    public static function of(Subject $subject, array $days = []): array
    {
        $minutes = $sewing = [];
        foreach ($subject->sizes() as $sized) {
            $graph = MakingGraph::of($subject->compilation, $sized->size->id);
            foreach (Load::ofClues($subject->design, $graph) as $load) {
                $minutes[$load->clue][$sized->size->name] = $load->minutes;
                $stages = array_filter(
                    array_values($subject->design->clues)[$load->clue]->chores,
                    fn (Chore $chore): bool => in_array($chore->kind, [...Chore::JOINING, ...Chore::FINISHING], true),
                );
                // The last mile takes as long as it takes: it is not held against the clues before it.
                $sewing[$load->clue][$sized->size->name] = $load->minutes - array_sum(array_map($graph->minutesOf(...), $stages));
            }
        }

        return [...self::heavy($subject, $sewing), ...self::idle($subject, $minutes), ...self::hurried($subject, $minutes, $days)];
    }

    /**
     * @param  array<int, array<string, int>>  $minutes  by clue and size
     * @return list<Finding> one for each clue that belongs to the quilt, of the size at which it is heaviest
     */
    private static function heavy(Subject $subject, array $minutes): array
    {
        $findings = [];
        $usual = array_filter(
            array_values($subject->design->clues),
            fn (DesignClue $clue): bool => $clue->words->kind === ClueKind::Usual,
        );
        $minutes = array_intersect_key($minutes, $usual);
        foreach ($minutes as $clue => $sizes) {
            $worst = null;
            foreach ($sizes as $size => $count) {
                $median = self::median(array_column($minutes, $size));
                if ($median > 0 && $count > self::MOST * $median && ($worst === null || $count / $median > $worst[1] / $worst[2])) {
                    $worst = [$size, $count, $median];
                }
            }
            if ($worst !== null) {
                $findings[] = new Finding('heavy-clue', Severity::Warning, '/clues/'.$clue, ['size' => (string) $worst[0]], counts: [
                    'minutes' => $worst[1], 'median' => (int) round($worst[2]), 'number' => $clue + 1,
                ]);
            }
        }

        return $findings;
    }

    /**
     * @param  array<int, array<string, int>>  $minutes
     * @return list<Finding>
     */
    private static function idle(Subject $subject, array $minutes): array
    {
        $findings = [];
        foreach (array_values($subject->design->clues) as $number => $clue) {
            $idle = array_keys(array_filter($minutes[$number] ?? [], fn (int $count): bool => $count === 0));
            if ($clue->words->kind !== ClueKind::Usual || $idle === []) {
                continue;
            }
            $findings[] = count($idle) === count($minutes[$number])
                ? new Finding('empty-clue', Severity::Note, '/clues/'.$number, counts: ['number' => $number + 1])
                : new Finding('idle-size', Severity::Warning, '/clues/'.$number, ['size' => implode(', ', $idle)], counts: [
                    'number' => $number + 1,
                ]);
        }

        return $findings;
    }

    /**
     * A clue that has more than twice the usual minutes to a day until the next one opens.
     *
     * @param  array<int, array<string, int>>  $minutes
     * @param  array<string, int>  $days
     * @return list<Finding>
     */
    private static function hurried(Subject $subject, array $minutes, array $days): array
    {
        $findings = $paces = [];
        foreach (array_map(strval(...), array_keys($subject->design->clues)) as $number => $clue) {
            foreach ($minutes[$number] ?? [] as $size => $count) {
                if (($days[$clue] ?? 0) > 0 && $count > 0) {
                    $paces[$size][$number] = $count / $days[$clue];
                }
            }
        }
        foreach ($paces as $size => $byClue) {
            $median = self::median(array_values($byClue));
            foreach (count($byClue) < 3 ? [] : $byClue as $number => $pace) {
                if ($pace > self::MOST * $median) {
                    $clue = (string) array_keys($subject->design->clues)[$number];
                    $place = '/clues/'.$number;
                    $findings[$number] ??= new Finding('little-time', Severity::Warning, $place, ['size' => (string) $size], counts: [
                        'minutes' => $minutes[$number][$size], 'days' => $days[$clue], 'number' => $number + 1,
                        'wanted' => (int) ceil($minutes[$number][$size] / (self::MOST * $median)),
                    ]);
                }
            }
        }

        return array_values($findings);
    }

    /** @param  list<int|float>  $numbers  of which those above zero count */
    private static function median(array $numbers): float
    {
        $numbers = array_values(array_filter($numbers, fn (int|float $number): bool => $number > 0));
        sort($numbers);
        $count = count($numbers);

        return $count === 0 ? 0.0 : ($numbers[intdiv($count - 1, 2)] + $numbers[intdiv($count, 2)]) / 2;
    }
}
