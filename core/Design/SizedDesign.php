<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Setting\Layout;
use Dew\Core\Setting\QuiltSize;
use Dew\Core\Unit\Unit;

/**
 * A design at one of its sizes: every unit, block and part of the setting as large as it is there, and how many of each the quilt takes.
 */
final readonly class SizedDesign
{
    /**
     * @param  array<string, Unit>  $products  by key: units, blocks, sections of units, parts of the setting
     * @param  array<string, string>  $names  likewise
     * @param  array<string, int>  $counts  likewise; of what lies in other blocks and units too
     */
    public function __construct(
        public QuiltSize $size,
        public array $products,
        public array $names,
        public array $counts,
        public Layout $layout,
    ) {
    }

    public function product(string $key): ?Unit
    {
        return $this->products[$key] ?? null;
    }

    public function count(string $key): int
    {
        return $this->counts[$key] ?? 0;
    }
}
