<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Size;
use InvalidArgumentException;

/** How large a design finishes at one size, and how many of each it takes: to be compared with another version. */
final readonly class Figures
{
    /**
     * @param  array<string, int>  $counts  by product key
     * @param  array<string, string>  $names  of those, by product key
     */
    private function __construct(
        public string $name,
        public Size $finished,
        public array $counts,
        public array $names,
    ) {
    }

    /** @return array<string, self> by size; without those that cannot be laid out */
    public static function of(Design $design): array
    {
        $figures = [];
        foreach ($design->sizes as $size) {
            try {
                $sized = Compilation::of($design)->sized($size->id);
            } catch (InvalidArgumentException|MeasureException) {
                continue;
            }
            $figures[$size->id] = new self($size->name, $sized->layout->finished, array_filter($sized->counts), $sized->names);
        }

        return $figures;
    }

    /** @return array<string, array{int, int}> how many were and are needed of what is needed in another number, by product key */
    public function changed(self $new): array
    {
        $changed = [];
        foreach (array_keys($this->counts + $new->counts) as $key) {
            [$was, $is] = [$this->counts[$key] ?? 0, $new->counts[$key] ?? 0];
            if ($was !== $is) {
                $changed[(string) $key] = [$was, $is];
            }
        }

        return $changed;
    }
}
