<?php

declare(strict_types=1);

namespace Dew\Core\Setting;

/** Something else that the blocks of a quilt make, such as a runner or a medallion. */
final readonly class OtherSetting
{
    /** @param  non-empty-list<non-empty-list<string|null>>  $pattern  block keys, row by row; null leaves a place empty */
    public function __construct(
        public string $id,
        public string $name,
        public array $pattern,
    ) {
    }
}
