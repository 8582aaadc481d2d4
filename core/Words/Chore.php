<?php

declare(strict_types=1);

namespace Dew\Core\Words;

/** Something to do in a clue besides making units and blocks: the host's own task, a stage of assembly, or quilting copies of a block. */
final readonly class Chore
{
    /** What the whole quilt takes to be joined; how long it takes is reckoned from its seams. */
    public const JOINING = ['rows', 'centre'];

    /** Further stages; how long they take is for the host to say. */
    public const FINISHING = ['layers', 'quilting', 'binding'];

    /**
     * @param  string  $kind  `own`, `quilt`, or a stage of {@see JOINING} or {@see FINISHING}
     * @param  string  $name  empty where the kind says enough
     * @param  string  $text  what to do, in the host's words; may be empty but for a task of her own
     * @param  int|null  $minutes  for one of them; null where they are reckoned
     * @param  int  $count  how many times, at every size; of quilting, how many copies is worked out
     * @param  string|null  $block  product key of the block that is quilted
     * @param  int  $part  of quilting, which share of the copies
     * @param  int  $of  how many shares there are
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $name,
        public string $text,
        public ?int $minutes,
        public int $count = 1,
        public ?string $block = null,
        public int $part = 1,
        public int $of = 1,
    ) {
    }

    /** Of so many copies of the block in the quilt, how many it quilts; of anything else, how many times it is done. */
    public function times(int $copies): int
    {
        if ($this->block === null) {
            return $this->count;
        }
        $upTo = fn (int $parts): int => intdiv($copies * $parts + $this->of - 1, max(1, $this->of));

        return $upTo($this->part) - $upTo($this->part - 1);
    }
}
