<?php

declare(strict_types=1);

namespace Dew\Core\Words;

/** How the sewing machine is set for a stage of the work, in the host's words; what is left empty stays as it was. */
final readonly class MachineSetting
{
    public function __construct(
        public string $id,
        public string $stage,
        public string $needle = '',
        public string $stitch = '',
        public string $foot = '',
        public string $thread = '',
    ) {
    }
}
