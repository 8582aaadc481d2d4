<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\DesignClue;
use Dew\Core\Design\ProductKey;
use Dew\Core\Design\Task;
use Dew\Core\Words\Chore;
use Dew\Core\Words\Illustration;

/** Whether the words and pictures of a mystery's clue give away what a later clue makes. */
final readonly class SecretChecks
{
    /** Names shorter than this are words of everyday. */
    private const SHORTEST = 4;

    /** @return list<Finding> */
    public static function of(Subject $subject): array
    {
        $clues = array_values($subject->design->clues);
        $first = self::firstMade($subject, $clues);
        $findings = [];
        foreach ($clues as $number => $clue) {
            $said = mb_strtolower(implode("\n", [
                $clue->title,
                $clue->introduction,
                ...$clue->words->texts(),
                ...array_map(fn (Task $task): string => $task->name ?? '', $clue->tasks),
                ...array_map(fn (Chore $chore): string => $chore->name.' '.$chore->text, $clue->chores),
            ]));
            foreach ($first as $key => $made) {
                $name = $subject->design->names[$key] ?? '';
                if ($made > $number && mb_strlen($name) >= self::SHORTEST && self::says($said, mb_strtolower($name))) {
                    $findings[] = new Finding('secret-named', Severity::Warning, '/clues/'.$number, ['unit' => $name], counts: [
                        'number' => $number + 1, 'made' => $made + 1,
                    ]);
                }
            }
            foreach ($clue->words->pictures as $picture) {
                $later = self::laterOf($picture, $subject, $first, array_slice($clues, $number + 1, null, true));
                if ($later !== null && $later > $number) {
                    $place = '/clues/'.$number;
                    $findings[] = new Finding('secret-picture', Severity::Warning, $place, ['picture' => $picture->text], counts: [
                        'number' => $number + 1, 'made' => $later + 1,
                    ]);
                }
            }
        }

        return $findings;
    }

    /**
     * @param  list<DesignClue>  $clues
     * @return array<string, int> number of the first clue that makes a unit or block, by product key
     */
    private static function firstMade(Subject $subject, array $clues): array
    {
        $first = [];
        foreach ($clues as $number => $clue) {
            foreach ($clue->tasks as $task) {
                $first[ProductKey::id($task->product)] ??= $number;
            }
        }

        return array_intersect_key($first, $subject->design->names);
    }

    private static function says(string $text, string $name): bool
    {
        return preg_match('/(?<![\p{L}\p{N}])'.preg_quote($name, '/').'(?![\p{L}\p{N}])/u', $text) === 1;
    }

    /**
     * @param  array<string, int>  $first
     * @param  array<int, DesignClue>  $clues  the later ones
     */
    private static function laterOf(Illustration $picture, Subject $subject, array $first, array $clues): ?int
    {
        foreach ($subject->design->pictures as $unit => $hash) {
            if ($hash === $picture->picture && isset($first[$unit])) {
                return $first[$unit];
            }
        }
        foreach ($clues as $number => $clue) {
            foreach ($clue->words->pictures as $other) {
                if ($other->picture === $picture->picture) {
                    return $number;
                }
            }
        }

        return null;
    }
}
