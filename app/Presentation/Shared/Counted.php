<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

/** How far one person is with one counter. */
final readonly class Counted
{
    /**
     * @param  int  $spare  counted beyond the total, after a change of size
     * @param  int  $earlier  counted to a specification that has since been corrected
     * @param  string|null  $undo  id of the last tap, where that can be taken back
     */
    public function __construct(
        public int $done,
        public int $spare,
        public int $earlier,
        public ?string $undo = null,
    ) {
    }

    /** @return list<string> sentences on what is counted besides */
    public function hints(): array
    {
        return array_values(array_filter([
            $this->spare > 0 ? __('counters.spare', ['count' => $this->spare]) : null,
            $this->earlier > 0 ? __('counters.earlier', ['count' => $this->earlier]) : null,
        ]));
    }
}
