<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Support\Markdown;
use Dew\Core\Sheet\ChoreSheet;
use Illuminate\Support\HtmlString;

/** Something to do in a clue besides making units and blocks. */
final readonly class ChoreView
{
    /** @param  list<string>  $steps  how it is usually done; empty where the host says how */
    private function __construct(
        public string $anchor,
        public string $name,
        public string $about,
        public HtmlString $text,
        public array $steps,
        public ?CounterView $counter,
    ) {
    }

    public static function of(ChoreSheet $chore, ?CounterView $counter): self
    {
        $steps = [];
        foreach ((array) __('chores.steps.'.$chore->kind) as $step) {
            if (is_string($step) && ! str_starts_with($step, 'chores.')) {
                $steps[] = $step;
            }
        }

        return new self(
            $chore->id,
            self::name($chore),
            trans_choice('chores.times', $chore->count, ['minutes' => $chore->minutes]),
            Markdown::html($chore->text),
            $chore->text === '' ? $steps : [],
            $counter,
        );
    }

    public static function name(ChoreSheet $chore): string
    {
        return match (true) {
            $chore->name !== '' => $chore->name,
            $chore->kind === 'quilt' => __('chores.quilt', ['block' => $chore->block ?? '']),
            default => __('chores.kinds.'.$chore->kind),
        };
    }
}
