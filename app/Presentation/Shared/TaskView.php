<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Drawing\Picture;
use App\Wording\Figure;

/** A task on the clue page. */
final readonly class TaskView
{
    /**
     * @param  string  $heading  how many to make; or to cut, of what nothing is sewn to
     * @param  Figure|null  $unfinishedHeight  of what is not square
     * @param  list<MethodView>  $methods
     * @param  bool|null  $oversize  whether pieces are cut larger and trimmed; null where none is trimmed
     * @param  list<StepView>  $steps
     * @param  list<string>  $overhangs  a sentence for each slanted seam
     * @param  list<CounterView>  $counters
     * @param  string|null  $spares  a sentence, when the method gives more than needed
     * @param  string|null  $remainder  a sentence, when some were made another way
     * @param  string|null  $fromBag  a sentence, when some come out of a bag
     * @param  string|null  $byproduct  a sentence, when something else comes out too
     * @param  list<string>  $quilting  sentences with the sizes of a block that is quilted by itself
     * @param  string|null  $pattern  hash of the picture of the unit as a given pattern draws it
     * @param  string|null  $pressed  how she pressed hers, a {@see PressDone}; null where nothing is pressed by a plan
     * @param  Picture|null  $pressOther  the block as some of its copies are pressed, where not all are alike
     * @param  Picture|null  $pressBoard  what lies on the ironing board when seams are pressed that are cut apart later
     * @param  bool  $numbered  whether its drawing has many small patches with numbers
     * @param  list<TurnsView>  $turns  blocks whose parts may be turned otherwise
     */
    public function __construct(
        public string $anchor,
        public string $name,
        public string $kind,
        public string $heading,
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
        public ?string $fromBag = null,
        public ?string $byproduct = null,
        public ?Picture $byproductPicture = null,
        public array $quilting = [],
        public array $turns = [],
        public ?string $pattern = null,
        public ?Picture $pressOther = null,
        public ?string $pressed = null,
        public ?Picture $pressBoard = null,
        public bool $numbered = false,
    ) {
    }
}
