<?php

declare(strict_types=1);

namespace App\Actions\Member;

use JsonSerializable;

/** What became of a tap: the counter as it stands now, and a sentence when something needs saying. */
final readonly class TapOutcome implements JsonSerializable
{
    private function __construct(
        public int $done,
        public int $total,
        public int $applied,
        public bool $accepted,
        public ?string $message,
    ) {
    }

    public static function counted(int $done, int $total, int $asked, int $applied): self
    {
        $message = $applied === $asked ? null : trans_choice('counters.clamped', $applied, ['asked' => $asked, 'total' => $total]);

        return new self($done, $total, $applied, true, $message);
    }

    /** The same tap arrived again: nothing is counted twice. */
    public static function repeated(int $done, int $total): self
    {
        return new self($done, $total, 0, true, null);
    }

    public static function refused(int $done, int $total, int $asked): self
    {
        $message = match (true) {
            $asked < 0 => __('counters.below_zero', ['done' => $done]),
            $done >= $total => __('counters.full', ['total' => $total]),
            default => trans_choice('counters.past_total', $total - $done, ['asked' => $asked, 'total' => $total]),
        };

        return new self($done, $total, 0, false, $message);
    }

    /** @return array{done: int, total: int, applied: int, message: string|null} */
    public function jsonSerialize(): array
    {
        return ['done' => $this->done, 'total' => $this->total, 'applied' => $this->applied, 'message' => $this->message];
    }
}
