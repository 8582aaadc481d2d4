<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;

/** The pattern of blocks that is repeated across the quilt, and those that sizes have for themselves. */
final readonly class Pattern
{
    /**
     * @param  list<list<string|null>>  $rows  block ids
     * @param  array<string, string>  $blocks  names by id, of those that can lie in this kind of setting
     * @param  array<string, array{name: string, rows: list<list<string|null>>}>  $own  of sizes with a pattern of their own, by id
     * @param  array<string, string>  $halves  names of the blocks of half a 60° triangle, by id
     */
    private function __construct(
        public array $rows,
        public array $blocks,
        public array $own,
        public array $halves,
    ) {
    }

    public static function of(DraftDocument $document): self
    {
        $isSixty = $document->at(Place::of('setting', 'kind'))->value === 'sixty';
        $blocks = $halves = [];
        foreach ($document->items(Place::of('blocks')) as $block) {
            $id = (string) Place::idOf($block);
            $name = is_string($block['name'] ?? null) ? $block['name'] : $id;
            $shape = is_array($block['sixty'] ?? null) ? $block['sixty']['shape'] ?? '' : null;
            if ($shape === 'half-triangle') {
                $halves[$id] = $name;
            } elseif ($isSixty === ($shape !== null)) {
                $blocks[$id] = $name;
            }
        }
        $own = [];
        foreach ($document->items(Place::of('sizes')) as $size) {
            if (isset($size['pattern'])) {
                $own[(string) Place::idOf($size)] = [
                    'name' => is_string($size['name'] ?? null) ? $size['name'] : '', 'rows' => self::rows($size['pattern']),
                ];
            }
        }

        return new self(self::rows($document->at(Place::of('setting', 'pattern'))->value), $blocks, $own, $halves);
    }

    /**
     * Every block once, in as square a pattern as their number allows.
     *
     * @return list<list<string>>
     */
    public function sampler(): array
    {
        $ids = array_map(strval(...), array_keys($this->blocks));
        $columns = (int) floor(sqrt(count($ids)));
        while ($columns > 1 && count($ids) % $columns !== 0) {
            $columns--;
        }

        return array_chunk($ids, max(1, $columns));
    }

    /** @return list<list<string|null>> */
    private static function rows(mixed $pattern): array
    {
        $rows = [];
        foreach (is_array($pattern) ? $pattern : [] as $row) {
            $rows[] = array_map(fn (mixed $id): ?string => is_string($id) ? $id : null, is_array($row) ? array_values($row) : []);
        }

        return $rows;
    }
}
