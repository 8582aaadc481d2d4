<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Clue;
use App\Models\Correction;
use App\Models\Project;
use App\Models\User;
use App\Support\Words;

final class ClueCorrectedMail extends DewMail
{
    public function __construct(
        private readonly User $user,
        private readonly Clue $clue,
        private readonly Correction $correction,
        private readonly Project $project,
    ) {
    }

    protected function subjectLine(): string
    {
        return __('mail.corrected.subject', ['number' => $this->clue->number, 'quilt' => $this->clue->quiltAlong->name, ...$this->word()]);
    }

    protected function paragraphs(): array
    {
        return [
            __('mail.greeting', ['name' => $this->user->name]),
            __('mail.corrected.body', ['title' => $this->clue->title]),
            $this->correction->words,
            __('mail.corrected.next'),
        ];
    }

    protected function action(): array
    {
        return [__('mail.corrected.action', $this->word()), Address::of('member.clues.show', [$this->project, $this->clue->number])];
    }

    /** @return array{clue: string, clues: string} what a clue is called in this quilt-along */
    private function word(): array
    {
        return app(Words::class)->of($this->clue->quiltAlong->clue_word);
    }
}
