<?php

declare(strict_types=1);

namespace App\Presentation;

use App\Drawing\Picture;

/** A task on the clue page. */
final readonly class TaskView
{
    /**
     * @param  Figure|null  $unfinishedHeight  of what is not square
     * @param  list<MethodView>  $methods
     * @param  bool|null  $oversize  whether pieces are cut larger and trimmed; null where none is trimmed
     * @param  list<StepView>  $steps
     * @param  list<string>  $overhangs  a sentence for each slanted seam
     * @param  list<CounterView>  $counters
     * @param  string|null  $spares  a sentence, when the method gives more than needed
     * @param  string|null  $remainder  a sentence, when some were made another way
     */
    public function __construct(
        public string $anchor,
        public string $name,
        public string $kind,
        public int $count,
        public Figure $unfinished,
        public Figure $finished,
        public ?Figure $unfinishedHeight,
        public ?Figure $finishedHeight,
        public Picture $picture,
        public string $method,
        public array $methods,
        public ?bool $oversize,
        public array $steps,
        public array $overhangs,
        public array $counters,
        public ?string $spares,
        public ?string $remainder,
    ) {
    }
}
