<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Clue;
use App\Models\Project;
use App\Plans\Cloth\MemberCutting;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\CluePage;
use App\Presentation\Shared\Counters;
use App\Presentation\Shared\CuttingList;
use App\Support\Openings;
use Dew\Core\Sheet\ClueSheet;
use Illuminate\Contracts\Support\MessageBag;
use Illuminate\Support\Str;

/** A clue to read and to count in: its words and drawings are kept, her counts and addresses are put in at every reading. */
final readonly class ClueText
{
    public function __construct(
        private Drawn $drawn,
        private ReleasedSheets $sheets,
        private CorrectionNews $news,
        private Recap $recap,
        private MemberCutting $cutting,
    ) {
    }

    /**
     * @param  MessageBag  $messages  on counters, by anchor
     * @return array{title: string, html: string}
     */
    public function of(Project $project, Clue $clue, MessageBag $messages): array
    {
        /** @var array{title: string, parts: list<string>, counters: array<string, array<string, mixed>>} $text */
        $text = $this->drawn->ofClue(
            $project, $clue, 'clue '.$this->cutting->signature($project, withCounts: false),
            fn (ClueSheet $sheet): array => $this->draw($sheet, $project, $clue),
        );
        $values = [
            'token' => (string) csrf_token(),
            'method' => e(route('member.method.update', [$project, $clue->number])),
            'pressed' => e(route('member.pressed.update', [$project, $clue->number])),
            'turns' => e(route('member.turns.update', [$project, $clue->number])),
            'pictures' => e(Str::beforeLast(route('member.picture', [$project, $clue->number, '-']), '-')),
            'mat' => e(route('member.mat', [$project, $clue->number])),
            'templates' => e(route('member.print.templates', [$project, $clue->number])),
            'fabrics' => e(route('member.fabrics', $project)),
        ];
        $values['recap'] = $this->recap->html($project, $clue);
        $corrections = $this->news->ofClue($project, $clue);
        $values['corrections'] = $corrections === [] ? '' : view('member.corrections', [
            'project' => $project, 'corrections' => $corrections,
        ])->render();
        foreach ($corrections as $correction) {
            foreach ($correction->read ? [] : $correction->tasks as $task => $sentences) {
                $values["corrected:$task"] = ($values["corrected:$task"] ?? '').view(
                    'member.corrected', ['sentences' => $sentences],
                )->render();
            }
        }
        foreach (Counters::kept($text['counters'])->counted($project) as $anchor => $counted) {
            $hints = array_map(fn (string $hint): string => '<p class="field-hint">'.e($hint).'</p>', $counted->hints());
            $values["done:$anchor"] = (string) $counted->done;
            $values["hints:$anchor"] = implode('', $hints);
            $values["undo:$anchor"] = $counted->undo === null ? '' : view('components.counter-undo', ['tap' => $counted->undo])->render();
            $values["message:$anchor"] = e($messages->first($anchor));
        }

        return ['title' => $text['title'], 'html' => Openings::fill($text['parts'], $values)];
    }

    /** @return array{title: string, parts: list<string>, counters: array<string, array<string, mixed>>} */
    private function draw(ClueSheet $sheet, Project $project, Clue $clue): array
    {
        $open = new Openings;
        $page = CluePage::forMember($sheet, $this->sheets->announcement($project), $project, CuttingList::ofSlots(
            $this->cutting->ofClue($project, $clue, $sheet)->cutting->slots, $project->notation, $project->stock->pluck('name', 'id')->all(),
            $project->left_handed,
        ));

        return [
            'title' => $sheet->title,
            'parts' => $open->cut(view('clue.sheet', ['page' => $page, 'open' => $open])->render()),
            'counters' => Counters::of($sheet, $project)->toArray(),
        ];
    }
}
