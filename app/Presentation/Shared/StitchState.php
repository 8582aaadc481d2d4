<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

/** A drop on the stitch line: its shape says it, its colour repeats it. */
enum StitchState: string
{
    case ToCome = 'to-come';
    case Waiting = 'waiting';
    case InProgress = 'in-progress';
    case Done = 'done';

    public static function of(bool $released, bool $countable, ?int $done, int $total): self
    {
        return match (true) {
            ! $released => self::ToCome,
            ! $countable, $done !== null && $done >= $total => self::Done,
            $done !== null => self::InProgress,
            default => self::Waiting,
        };
    }

    public function label(): string
    {
        return __('drops.'.$this->value);
    }
}
