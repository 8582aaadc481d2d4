<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Plan\Whole\Compiler;
use Illuminate\Support\Facades\Cache;
use InvalidArgumentException;

/** What a quilt takes that somebody has to make, in the order of making, and which clue makes it. */
final readonly class ClueWork
{
    private const DAYS = 2;

    /**
     * @param  list<array{key: string, name: string, counts: array<string, int>, task: array<string, mixed>}>  $unmade  what no clue makes
     * @param  array<string, array<string, int>>  $counts  by the id of a task and of a size
     * @param  array<string, string>  $names  of what each task makes
     */
    private function __construct(
        public array $unmade,
        public array $counts,
        public array $names,
    ) {
    }

    public static function of(DraftDocument $document): self
    {
        $text = $document->document()->text;

        return Cache::remember(
            'work:'.hash('sha256', serialize([$text, app()->getLocale(), Compiler::REVISION])),
            now()->addDays(self::DAYS),
            fn (): self => self::make($document, $text),
        );
    }

    private static function make(DraftDocument $document, string $text): self
    {
        try {
            $design = DesignReader::stored($text);
            $sizes = Compilation::of($design)->sizes();
        } catch (DocumentException|InvalidArgumentException|MeasureException) {
            return new self([], [], []);
        }
        $made = array_fill_keys($design->madeProducts(), true);
        $order = array_flip(array_map(strval(...), array_keys($design->units + $design->blocks)));
        $unmade = $counts = $names = [];
        foreach ($sizes as $sized) {
            foreach ($sized->counts as $key => $count) {
                if ($count > 0 && ! isset($made[$key]) && ! $sized->products[$key]->kind()->isCutOnly()) {
                    $unmade[$key] ??= [
                        'key' => (string) $key,
                        'name' => $sized->names[$key],
                        'counts' => [],
                        'task' => Remark::product($document, (string) $key),
                    ];
                    $unmade[$key]['counts'][$sized->size->name] = $count;
                }
            }
            foreach ($design->clues as $clue) {
                foreach ($clue->tasks as $task) {
                    $counts[$task->id][$sized->size->name] = $task->count($sized);
                    $names[$task->id] = $sized->names[$task->product] ?? $task->product;
                }
            }
        }
        uasort($unmade, fn (array $a, array $b): int => ($order[$a['key']] ?? PHP_INT_MAX) <=> ($order[$b['key']] ?? PHP_INT_MAX));

        return new self(array_values($unmade), $counts, $names);
    }
}
