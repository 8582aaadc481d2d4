<?php

declare(strict_types=1);

namespace Dew\Core\Bench;

/** A rectangle of a pieced back, in modules, and the cloth that it is cut from. */
final readonly class BackPart
{
    /**
     * @param  int  $column  of its left edge
     * @param  int  $row  of its top edge
     * @param  non-empty-list<string>  $from  ids of the cloth; two where it is joined from two remnants
     */
    public function __construct(
        public int $column,
        public int $row,
        public int $wide,
        public int $high,
        public array $from,
    ) {
    }
}
