<?php

declare(strict_types=1);

namespace App\Presentation\Member;

/** A correction as one member reads it: what changed for her, and what to do about what she had cut and made. */
final readonly class CorrectionView
{
    /**
     * @param  int  $id  of the mark
     * @param  list<string>  $changes  sentences
     * @param  list<string>  $advice  sentences
     * @param  array<string, list<string>>  $tasks  sentences on each task, by its id
     */
    public function __construct(
        public int $id,
        public int $number,
        public string $title,
        public string $words,
        public string $when,
        public bool $read,
        public array $changes,
        public array $advice,
        public array $tasks,
    ) {
    }
}
