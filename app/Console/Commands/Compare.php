<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Presentation\Host\DifferenceSentence;
use App\Presentation\Shared\Figure;
use Dew\Core\Design\DesignReader;
use Dew\Core\Design\Reading;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\Comparison;
use Dew\Core\Draft\Difference;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Figures;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Size;
use Illuminate\Console\Command;

/** Says what changed from one design document to another, in words and numbers. */
final class Compare extends Command
{
    use ReadsDesigns;

    protected $signature = 'dew:compare
        {old : The earlier design document}
        {new : The later one}
        {--json : Print the differences as data}';

    protected $description = 'Say what changed from one design to another';

    public function handle(): int
    {
        $old = $this->reading('old');
        $new = $old === null ? null : $this->reading('new');
        if ($old === null || $new === null) {
            return self::INVALID;
        }
        [$before, $after] = [DraftDocument::of($old->document), DraftDocument::of($new->document)];
        $differences = Comparison::of($before, $after);
        $figures = $this->figures($old, $new);
        if ($this->option('json')) {
            $this->line((string) json_encode([
                'differences' => array_map(fn (Difference $difference): array => [
                    'kind' => $difference->kind, 'place' => $difference->place->text(),
                    ...$difference->was->exists ? ['was' => $difference->was->value] : [],
                    ...$difference->is->exists ? ['is' => $difference->is->value] : [],
                ], $differences),
                'sizes' => (object) $figures,
            ], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));

            return self::SUCCESS;
        }
        foreach ($differences as $difference) {
            $this->line(DifferenceSentence::of($difference, $before, $after));
        }
        foreach ($figures as $size) {
            if (isset($size['finished'])) {
                $this->line(__('compare.finished', ['size' => $size['name'], ...$size['finished']]));
            }
            foreach ($size['counts'] as $count) {
                $this->line(__('compare.count', ['size' => $size['name'], ...$count]));
            }
        }
        if ($differences === []) {
            $this->line(__('compare.same'));
        }

        return self::SUCCESS;
    }

    private function reading(string $argument): ?Reading
    {
        $text = $this->contents($argument);
        try {
            return $text === null ? null : DesignReader::reading($text);
        } catch (DocumentException $error) {
            $this->error($error->getMessage());

            return null;
        }
    }

    /**
     * What is larger, smaller, more or less at the sizes that both have.
     *
     * @return array<string, array{
     *     name: string, finished?: array{was: string, is: string}, counts: list<array{key: string, name: string, was: int, is: int}>
     * }> by size
     */
    private function figures(Reading $old, Reading $new): array
    {
        $before = $old->design === null ? [] : Figures::of($old->design);
        $changed = [];
        foreach ($new->design === null ? [] : Figures::of($new->design) as $id => $after) {
            $was = $before[$id] ?? null;
            $counts = $was === null ? [] : $was->changed($after);
            if ($was === null || ($counts === [] && $was->finished->encode() === $after->finished->encode())) {
                continue;
            }
            $changed[$id] = [
                'name' => $after->name,
                ...$was->finished->encode() === $after->finished->encode() ? [] : [
                    'finished' => ['was' => $this->size($was->finished), 'is' => $this->size($after->finished)],
                ],
                'counts' => array_map(fn (string $key): array => [
                    'key' => $key, 'name' => $after->names[$key] ?? $was->names[$key] ?? $key, 'was' => $counts[$key][0], 'is' => $counts[$key][1],
                ], array_map(strval(...), array_keys($counts))),
            ];
        }

        return $changed;
    }

    private function size(Size $size): string
    {
        $text = fn (Length $length): string => Figure::text(Measurement::exact($length), Notation::Fractions);

        return $text($size->width).' x '.$text($size->height);
    }
}
