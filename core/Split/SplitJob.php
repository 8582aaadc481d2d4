<?php

declare(strict_types=1);

namespace Dew\Core\Split;

use Dew\Core\Design\Share;

/** Something to be given to a clue: all of a thing, or a share of it. */
final readonly class SplitJob
{
    /** @param  string|null  $task  the id of the task that the design has for it; null where it has none yet */
    public function __construct(
        public string $product,
        public ?string $task = null,
        public ?Share $share = null,
    ) {
    }

    /** Whether this must be there before another one can be made, of which it is a part. */
    public function goesInto(self $other): bool
    {
        if ($this->share === null) {
            return true;
        }
        if ($this->share->block !== null) {
            return $this->share->block === $other->product;
        }
        // The first half of the blocks needs the first half of what goes into them.
        $upTo = $other->share === null || $other->share->block !== null ? 1.0 : $other->share->part / $other->share->of;

        return ($this->share->part - 1) / $this->share->of < $upTo - 1e-9;
    }
}
