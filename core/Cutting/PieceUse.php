<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Unit\Piece;

/** For which task pieces are wanted, and how many. */
final readonly class PieceUse
{
    /** @param  string  $task  id of the task */
    public function __construct(
        public string $task,
        public string $name,
        public Piece $piece,
        public int $count,
        public string $counter,
    ) {
    }
}
