<?php

declare(strict_types=1);

namespace Dew\Core\Words;

/** What the host changes in the steps of a task. */
final readonly class StepChange
{
    /** A step of her own after another one, or at the end. */
    public const ADD = 'add';

    /** Other words for a step. */
    public const SAY = 'say';

    /** A step left out. */
    public const LEAVE = 'leave';

    /**
     * @param  string  $task  id of the task
     * @param  string|null  $step  code of the step; null for the end, where one is added
     * @param  string  $text  her words; where a step is left out, why
     */
    public function __construct(
        public string $id,
        public string $task,
        public string $what,
        public ?string $step,
        public string $text,
    ) {
    }
}
