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

    /**
     * Whether this must be there before another one can be made, of which it is a part, at one size. What goes into other things is
     * taken to be used as far as this other thing is made.
     *
     * @param  int  $all  how many of this there are, all shares together
     * @param  int  $others  how many there are of the other thing
     * @param  int  $inside  how many of this lie in all of those
     */
    public function goesInto(self $other, int $all, int $others, int $inside): bool
    {
        if ($this->share === null) {
            return true;
        }
        if ($this->share->block !== null) {
            return $this->share->block === $other->product;
        }
        if ($other->share === null || $other->share->block !== null) {
            return true;
        }
        // Whole blocks: three of five need three fifths of what goes into them, be it more than the first half.
        $made = $other->share->upTo($others);
        $part = fn (int $count): int => intdiv($count * $made + max(1, $others) - 1, max(1, $others));
        $needed = $part($inside) + $part(max(0, $all - $inside));

        return $this->share->upTo($all) - $this->share->ofCopies($all) < $needed;
    }
}
