<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Measure\Length;

/**
 * A size on offer: how often blocks repeat across and down, how large they are, and what only this size has. On 60° axes its columns are
 * the whole triangles in a row.
 */
final readonly class QuiltSize
{
    /**
     * @param  int  $scale  numerator of what every length of the blocks is multiplied by
     * @param  positive-int  $scaleOver  its denominator
     * @param  list<list<string|null>>|null  $pattern  this size's own blocks, row by row; null for the setting's
     * @param  list<string>|null  $borders  ids of the borders this size has; null for all
     * @param  array<string, Length>  $borderWidths  finished widths that differ at this size, by border id
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $columns,
        public int $rows,
        public int $scale = 1,
        public int $scaleOver = 1,
        public ?array $pattern = null,
        public ?array $borders = null,
        public array $borderWidths = [],
    ) {
    }

    /** The same for sizes whose blocks are equally large. */
    public function scaleKey(): string
    {
        return $this->scale.'/'.$this->scaleOver;
    }
}
