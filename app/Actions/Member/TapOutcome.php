<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\Tap;
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
        public ?int $sewn = null,
    ) {
    }

    /**
     * Nothing was counted: more would be trimmed than are sewn, and they are asked first.
     *
     * @param  int  $after  how many would be trimmed
     * @param  int  $sewn  how many are counted as sewn
     */
    public static function asking(int $done, int $total, int $after, int $sewn): self
    {
        return new self($done, $total, 0, false, trans_choice('counters.beyond_sewn', $sewn, ['after' => $after]), $sewn);
    }

    /** What a tap was answered when it was counted, whenever it is asked: the sentence speaks of the counter as it stood then. */
    public static function of(Tap $tap, int $done, int $total): self
    {
        $then = $tap->total ?? $total;
        $message = match (true) {
            ! $tap->accepted => self::refusal($tap->done ?? $done, $then, $tap->asked),
            $tap->applied !== $tap->asked => trans_choice('counters.clamped', $tap->applied, ['asked' => $tap->asked, 'total' => $then]),
            default => null,
        };

        return new self($done, $total, $tap->applied, $tap->accepted, $message);
    }

    private static function refusal(int $done, int $total, int $asked): string
    {
        return match (true) {
            $asked < 0 => __('counters.below_zero', ['done' => $done]),
            $done >= $total => __('counters.full', ['total' => $total]),
            default => trans_choice('counters.past_total', $total - $done, ['asked' => $asked, 'total' => $total]),
        };
    }

    /** Whether it is a question. */
    public function asks(): bool
    {
        return $this->sewn !== null;
    }

    /** @return array{done: int, total: int, applied: int, message: string|null, asks?: true} */
    public function jsonSerialize(): array
    {
        return ['done' => $this->done, 'total' => $this->total, 'applied' => $this->applied, 'message' => $this->message]
            + ($this->asks() ? ['asks' => true] : []);
    }
}
