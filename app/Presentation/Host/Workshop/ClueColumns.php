<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Models\QuiltAlong;
use App\Support\Kept;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;

/**
 * The columns of the board, one for each clue. Each is kept under everything it is drawn from, so that a card that moves draws two of them
 * anew and not all.
 */
final readonly class ClueColumns
{
    /** What says which things a task makes. */
    private const MAKES = ['unit', 'block', 'part', 'section', 'mirror', 'fabrics', 'for', 'quilt', 'own'];

    /**
     * @return list<string> HTML
     */
    public static function of(QuiltAlong $quiltAlong, DraftDocument $document, ClueWork $work, string $size, CardLooks $looks): array
    {
        $clues = $document->items(Place::of('clues'));
        $blocks = array_column($document->items(Place::of('blocks')), 'name', 'id');
        $evens = array_map($work->even(...), array_combine($keys = array_keys($work->sizes), $keys));
        $abouts = $names = [];
        foreach ($clues as $number => $clue) {
            $abouts[$number] = [
                'number' => $number,
                'clue' => $clue,
                'clues' => array_map(
                    fn (array $near): array => ['id' => $near['id'] ?? ''],
                    array_intersect_key($clues, [$number - 1 => true, $number + 1 => true]),
                ),
                'size' => $size,
                'sizes' => $work->sizes,
                'evens' => $evens,
                'most' => $work->most(),
                'loads' => $work->loads[$number] ?? [],
                'sewn' => $work->blocks[$number] ?? [],
                'tasks' => self::tasks($clue, $work, $looks->boxes),
                'looks' => $looks->address($quiltAlong),
                'shares' => self::shares($clue, $clues),
                'blocks' => $blocks,
            ];
        }

        return array_values(Kept::Column->many(
            array_map(fn (array $about): array => [$about, $quiltAlong->slug], $abouts),
            fn (array $missing): array => array_combine($missing, array_map(fn (int $number): string => self::short(
                view('workshop.clue-column', $abouts[$number] + ['quiltAlong' => $quiltAlong])->render(),
            ), $missing)),
        ));
    }

    /** Without the indents of its lines, which are a tenth of a board of hundreds of cards. */
    private static function short(string $html): string
    {
        return (string) preg_replace('/\n\s+/', "\n", $html);
    }

    /**
     * @param  array<string, mixed>  $clue
     * @param  array<string, array{string, int, int}>  $drawn  boxes of small drawings, by the ids of units and blocks
     * @return array<string, array<string, mixed>> what is known of each of its tasks, by id
     */
    private static function tasks(array $clue, ClueWork $work, array $drawn): array
    {
        $tasks = [];
        foreach (DraftDocument::tasks($clue) as $task) {
            $id = (string) Place::idOf($task);
            $product = $work->products[$id] ?? '';
            $tasks[$id] = array_filter([
                'name' => $work->names[$id] ?? null,
                'product' => $product,
                'counts' => $work->counts[$id] ?? null,
                'parts' => $work->parts[$id] ?? null,
                'problems' => $work->problems[$id] ?? null,
                'drawn' => $drawn[$product] ?? null,
            ], fn (mixed $value): bool => $value !== null);
        }

        return $tasks;
    }

    /**
     * The other shares of what some tasks of a clue make, as edits that take them out.
     *
     * @param  array<string, mixed>  $clue
     * @param  list<array<string, mixed>>  $clues
     * @return array<string, list<array<string, mixed>>> by the id of the task
     */
    private static function shares(array $clue, array $clues): array
    {
        $shares = [];
        foreach (DraftDocument::tasks($clue) as $task) {
            if (! is_array($task['share'] ?? null)) {
                continue;
            }
            foreach ($clues as $other) {
                foreach (DraftDocument::tasks($other) as $one) {
                    if (isset($one['share']) && $one['id'] !== $task['id'] && self::makes($one) == self::makes($task)) {
                        $shares[(string) Place::idOf($task)][] = [
                            'kind' => 'remove', 'place' => 'clues/'.Place::idOf($other).'/tasks/'.Place::idOf($one), 'expect' => $one,
                        ];
                    }
                }
            }
        }

        return $shares;
    }

    /**
     * @param  array<array-key, mixed>  $task
     * @return array<array-key, mixed>
     */
    private static function makes(array $task): array
    {
        return array_intersect_key($task, array_flip(self::MAKES));
    }
}
