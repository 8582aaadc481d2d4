<?php

declare(strict_types=1);

namespace Dew\Core\Split;

/** Something in the order of making that does not come out at one size. */
final readonly class LedgerProblem
{
    /** It is needed before it is made. */
    public const LATE = 'late';

    /** Clues make some of it, and fewer than are used: shares are missing. */
    public const SHORT = 'short';

    /** It is made and nothing uses it. */
    public const UNUSED = 'unused';

    /** A task has nothing to make at this size. */
    public const NOTHING = 'nothing';

    /** A chore stands before what it needs: `by` is its id, and `clue` the number of its clue. */
    public const EARLY = 'early';

    /**
     * @param  string|null  $by  product key of what needs it; null for the top
     * @param  int  $clue  number of the clue that makes it, from zero
     * @param  int  $needed  number of the clue that needs it
     * @param  int  $missing  of what is short, how many more are used than made
     */
    public function __construct(
        public string $code,
        public string $product,
        public ?string $by,
        public int $clue,
        public int $needed,
        public int $missing = 0,
    ) {
    }
}
