<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Words\Chore;
use Dew\Core\Words\ClueWords;

/** One release's worth of work, as the design tells it. */
final readonly class DesignClue
{
    /**
     * @param  string  $introduction  plain paragraphs, parted by empty lines; may be empty
     * @param  int  $minutes  the host's announced, rounded estimate at the smallest size
     * @param  list<Task>  $tasks  what it makes
     * @param  list<Chore>  $chores  what else is to do in it
     * @param  list<string>  $order  ids of tasks and chores as the document has them
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $introduction,
        public int $minutes,
        public array $tasks,
        public array $chores = [],
        public ClueWords $words = new ClueWords,
        public array $order = [],
    ) {
    }
}
