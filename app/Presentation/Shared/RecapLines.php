<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Support\Markdown;
use App\Support\Openings;
use Dew\Core\Making\StepKind;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\PieceShape;

/** What earlier clues made for a clue and what the last one made, how it was pressed, and where it waits. */
final class RecapLines
{
    /**
     * @param  list<CluePage>  $earlier  the clues before it that its reader knows, the latest first
     * @param  Openings|null  $open  where what somebody has made so far is filled in later, by {@see says()}; null for what is planned
     * @return array{string, list<array<string, mixed>>} HTML, empty where there is nothing to say, and for each line what is needed to say
     *     how far it is
     */
    public static function html(ClueSheet $sheet, array $earlier, ?Openings $open = null): array
    {
        $lines = $kept = [];
        $last = true;
        foreach ($earlier as $page) {
            $views = $page->tasks();
            foreach ($page->sheet->tasks as $index => $task) {
                $line = self::line($sheet, $earlier, $task, $page->sheet->number);
                $before = array_sum(array_map(fn (array $use): int => $use['each'] * $use['count'], $line['before']));
                // What an earlier clue has sewn in already does not wait for anything.
                if ($line['now'] === [] && (! $last || $before >= $task->count)) {
                    continue;
                }
                $lines[] = [
                    'picture' => $views[$index]->picture,
                    'pressed' => array_values(array_map(
                        fn (StepView $step): string => $step->text,
                        array_filter($views[$index]->steps, fn (StepView $step): bool => $step->kind === StepKind::Press->value),
                    )),
                    'says' => $open?->at('recap:'.count($kept)) ?? implode(' ', self::says($line, null)),
                ];
                $kept[] = $line;
            }
            $last = $last && $page->sheet->tasks === [];
        }
        $added = Markdown::html($sheet->words->recap);

        return [
            $lines === [] && $added->isEmpty() ? '' : view('clue.recap', ['lines' => $lines, 'added' => $added])->render(), $kept,
        ];
    }

    /**
     * How many there are, where they are, and what they are enough for.
     *
     * @param  array<string, mixed>  $line  as {@see html()} gave it
     * @param  array<string, int>|null  $made  what somebody has made so far, by task and digest; null for what is planned
     * @return list<string> sentences
     */
    public static function says(array $line, ?array $made): array
    {
        /** @var array{name: string, count: int, clue: int, key: string, before: list<array{key: string, each: int, count: int}>,
         *     now: list<array{name: string, each: int, count: int}>} $line
         */
        $values = ['name' => $line['name'], 'number' => $line['clue']];
        if ($made === null) {
            return [
                trans_choice('clue.recap_made', $line['count'], $values),
                __($line['now'] !== [] ? 'clue.recap_now' : 'clue.recap_waits'),
            ];
        }
        $done = min($line['count'], $made[$line['key']] ?? 0);
        $sewnIn = array_sum(array_map(fn (array $use): int => $use['each'] * min($use['count'], $made[$use['key']] ?? 0), $line['before']));
        $waiting = max(0, $done - $sewnIn);
        $says = [
            $done === $line['count'] ? trans_choice('clue.recap_made', $done, $values)
                : trans_choice('clue.recap_so_far', $done, $values + ['total' => $line['count']]),
        ];
        if ($line['now'] === []) {
            return [...$says, ...$waiting === 0 ? [] : [trans_choice('clue.recap_in_bag', $waiting)]];
        }
        foreach ($line['now'] as $use) {
            $enough = min($use['count'], intdiv($waiting, max(1, $use['each'])));
            $says[] = $enough === $use['count']
                ? trans_choice('clue.recap_enough_all', $enough, ['what' => $use['name']])
                : trans_choice('clue.recap_enough', $enough, ['what' => $use['name'], 'total' => $use['count']]);
        }

        return $waiting === 0 ? $says : [...$says, __('clue.recap_now')];
    }

    /**
     * @param  list<CluePage>  $earlier
     * @return array{name: string, count: int, clue: int, key: string, before: list<array{key: string, name: string, each: int, count: int}>,
     *     now: list<array{key: string, name: string, each: int, count: int}>}
     */
    private static function line(ClueSheet $sheet, array $earlier, TaskSheet $task, int $clue): array
    {
        $before = [];
        foreach ($earlier as $page) {
            array_push($before, ...self::uses($page->sheet, $task));
        }

        return [
            'name' => $task->name, 'count' => $task->count, 'clue' => $clue, 'key' => $task->task.' '.$task->digest,
            'before' => $before, 'now' => self::uses($sheet, $task),
        ];
    }

    /**
     * What of a clue takes what a task made.
     *
     * @return list<array{key: string, name: string, each: int, count: int}> how many each of so many take
     */
    private static function uses(ClueSheet $sheet, TaskSheet $task): array
    {
        $uses = [];
        foreach ($sheet->tasks as $later) {
            $quantity = 0;
            foreach ($later->making->pieces as $piece) {
                $quantity += $piece->shape === PieceShape::Part && in_array($piece->id, $task->makes, true) ? $later->quantity($piece) : 0;
            }
            if ($quantity > 0) {
                $uses[] = [
                    'key' => $later->task.' '.$later->digest, 'name' => $later->name, 'count' => $later->count,
                    'each' => max(1, intdiv($quantity, max(1, $later->count))),
                ];
            }
        }

        return $uses;
    }
}
