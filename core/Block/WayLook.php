<?php

declare(strict_types=1);

namespace Dew\Core\Block;

use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;

/** What a block looks like in another way of turning its parts. */
final readonly class WayLook
{
    /**
     * @param  string  $name  of the way
     * @param  list<Placement>  $placements  where its parts lie then
     * @param  list<Patch>  $patches  of a block that is drawn as patches, because it is trimmed; empty for others
     */
    public function __construct(
        public string $name,
        public array $placements,
        public array $patches = [],
    ) {
    }

    /** @return array<string, self> of every other way of a block, by id */
    public static function allOf(Turnable $block): array
    {
        $looks = [];
        foreach ($block->ways() as $id => $name) {
            $turned = $block->inWay($id);
            $looks[$id] = $turned instanceof Composed
                ? new self($name, $turned->placements())
                : new self($name, [], $turned->patches());
        }

        return $looks;
    }
}
