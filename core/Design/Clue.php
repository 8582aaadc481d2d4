<?php

declare(strict_types=1);

namespace Dew\Core\Design;

/** One release's worth of work, as the design tells it. */
final readonly class Clue
{
    /**
     * @param  string  $introduction  plain paragraphs, parted by empty lines; may be empty
     * @param  int  $minutes  the host's announced, rounded estimate at the smallest size
     * @param  list<Task>  $tasks
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $introduction,
        public int $minutes,
        public array $tasks,
    ) {
    }
}
