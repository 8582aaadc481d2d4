<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Support\Words;
use App\Wording\Figure;
use Dew\Core\Design\Reading;
use Dew\Core\Draft\Comparison;
use Dew\Core\Draft\Difference;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Figures;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;

/** What changed from one design to another, in words and numbers. */
final readonly class DesignChanges
{
    /**
     * @param  list<Difference>  $differences
     * @param  array<string, array{
     *     name: string, finished?: array{was: string, is: string}, counts: list<array{key: string, name: string, was: int, is: int}>
     * }>  $figures  by size
     */
    private function __construct(
        public array $differences,
        public array $figures,
        private DraftDocument $old,
        private DraftDocument $new,
    ) {
    }

    public static function between(Reading $old, Reading $new): self
    {
        [$before, $after] = [DraftDocument::of($old->document), DraftDocument::of($new->document)];

        return new self(Comparison::of($before, $after), self::figures($old, $new), $before, $after);
    }

    /** @return list<string> what was changed, then what that comes to at every size */
    public function sentences(): array
    {
        $sentences = array_map(
            fn (Difference $difference): string => DifferenceSentence::of($difference, $this->old, $this->new),
            $this->differences,
        );
        foreach ($this->figures as $size) {
            if (isset($size['finished'])) {
                $sentences[] = __('compare.finished', ['size' => $size['name'], ...$size['finished']]);
            }
            foreach ($size['counts'] as $count) {
                $sentences[] = __('compare.count', ['size' => $size['name'], ...$count]);
            }
        }

        return $sentences === [] ? [__('compare.same')] : $sentences;
    }

    /**
     * What is larger, smaller, more or less at the sizes that both have.
     *
     * @return array<string, array{
     *     name: string, finished?: array{was: string, is: string}, counts: list<array{key: string, name: string, was: int, is: int}>
     * }> by size
     */
    private static function figures(Reading $old, Reading $new): array
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
                    'finished' => ['was' => self::size($was->finished), 'is' => self::size($after->finished)],
                ],
                'counts' => array_map(fn (string $key): array => [
                    'key' => $key, 'name' => $after->names[$key] ?? $was->names[$key] ?? $key, 'was' => $counts[$key][0],
                    'is' => $counts[$key][1],
                ], array_map(strval(...), array_keys($counts))),
            ];
        }

        return $changed;
    }

    private static function size(Size $size): string
    {
        $text = fn (Length $length): string => Figure::text(Measurement::exact($length), app(Words::class)->notation());

        return $text($size->width).' x '.$text($size->height);
    }
}
