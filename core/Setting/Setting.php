<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

use Dew\Core\Fabric\Slot;

/** How blocks become a quilt. */
final readonly class Setting
{
    /**
     * @param  non-empty-list<non-empty-list<string|null>>  $pattern  block keys, row by row, repeated across the quilt; null leaves a place
     *     empty
     * @param  string|null  $alternate  on point: the block between the others
     * @param  Slot|null  $side  on point: fabric of the side triangles; null leaves the edge in points. On 60° axes: fabric of the places
     *     that no block covers, and of the ends of the rows
     * @param  Slot|null  $corner  on point: fabric of the corner triangles
     * @param  list<Border>  $borders  from the inside outwards
     * @param  array{string, string}|null  $ends  on 60° axes: blocks of half a triangle at the ends of the rows, the right half and the
     *     left;
     *     null for triangles of the fabric
     * @param  list<OtherSetting>  $also  what the same blocks also make, joined without sashing and borders
     * @param  string  $arrange  what members may do with the lay-out: nothing (`as-laid`), swap blocks (`swap`), or turn them too (`free`)
     * @param  bool  $upright  on 60° axes: whether diamonds stand on their points, across two rows
     */
    public function __construct(
        public SettingKind $kind,
        public array $pattern,
        public array $borders = [],
        public ?Sashing $sashing = null,
        public ?string $alternate = null,
        public ?Slot $side = null,
        public ?Slot $corner = null,
        public ?QuiltAsYouGo $quilting = null,
        public ?array $ends = null,
        public bool $upright = false,
        public array $also = [],
        public string $arrange = 'free',
    ) {
    }

    /** @return list<Border> those of one size, at its widths, from the inside outwards */
    public function bordersOf(QuiltSize $size): array
    {
        $borders = [];
        foreach ($this->borders as $border) {
            if ($size->borders === null || in_array($border->id, $size->borders, true)) {
                $borders[] = isset($size->borderWidths[$border->id])
                    ? new Border(
                        $border->id,
                        $border->name,
                        $size->borderWidths[$border->id],
                        $border->slot,
                        $border->unit,
                        $border->corner,
                        $border->cornerUnit,
                        $border->mitred,
                    )
                    : $border;
            }
        }

        return $borders;
    }

    public function blockAt(QuiltSize $size, int $column, int $row): ?string
    {
        $pattern = $size->pattern ?? $this->pattern;
        $across = $pattern[$row % count($pattern)] ?? [];

        return $across === [] ? null : $across[$column % count($across)];
    }
}
