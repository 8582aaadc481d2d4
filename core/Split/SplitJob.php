<?php

declare(strict_types=1);

namespace Dew\Core\Split;

use Dew\Core\Design\ProductKey;
use Dew\Core\Design\Share;
use Dew\Core\Words\Chore;

/** Something to be given to a clue: all of a thing, a share of it, a stage of joining the top, or quilting copies of a block. */
final readonly class SplitJob
{
    public const JOINS = 2;

    /** @param  string|null  $task  the id of the task that the design has for it; null where it has none yet */
    public function __construct(
        public string $product,
        public ?string $task = null,
        public ?Share $share = null,
        public ?Chore $chore = null,
    ) {
    }

    /** Whether a chore is shared out. Finishing the quilt comes after all of that, and tasks of the host's own stay where they are. */
    public static function isSharedOut(Chore $chore): bool
    {
        return $chore->block !== null || in_array($chore->kind, Chore::JOINING, true);
    }

    /** A stage, named "stage:rows" where a product is asked for, or quilting copies of a block, "quilt:b-star". */
    public static function ofChore(Chore $chore, ?string $task = null): self
    {
        return new self($chore->block === null ? "stage:$chore->kind" : "quilt:$chore->block", $task, null, $chore);
    }

    /**
     * Its place in the order in which a quilt is put together: units and blocks, quilted blocks, rows, their joining, borders. From
     * {@see JOINS} on, whatever has a higher rank comes after everything of a lower one.
     */
    public function rank(): int
    {
        if ($this->chore === null) {
            return ProductKey::isBorder($this->product) ? self::JOINS + count(Chore::JOINING) : 0;
        }
        $stage = array_search($this->chore->kind, Chore::JOINING, true);

        return $stage === false ? 1 : self::JOINS + $stage;
    }

    /** Whether this is some of a thing and the rest lies in other jobs. */
    public function isShare(): bool
    {
        return $this->share?->isDivided() === true;
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
        if ($this->share->block !== null && $this->share->block !== $other->product) {
            return false;
        }
        if ($other->share === null || $other->share->block !== null) {
            return true;
        }
        if ($this->share->block !== null) {
            return $this->share->upTo($others) - $this->share->ofCopies($others) < $other->share->upTo($others);
        }
        // Whole blocks: three of five need three fifths of what goes into them, be it more than the first half.
        $made = $other->share->upTo($others);
        $part = fn (int $count): int => intdiv($count * $made + max(1, $others) - 1, max(1, $others));
        $needed = $part($inside) + $part(max(0, $all - $inside));

        return $this->share->upTo($all) - $this->share->ofCopies($all) < $needed;
    }
}
