<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\Clue;
use App\Models\CorrectionMark;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\CorrectionText;
use App\Presentation\Shared\When;
use Dew\Core\Correction\Advice;
use Dew\Core\Correction\ClueCorrection;
use Dew\Core\Correction\Stage;
use Dew\Core\Correction\TaskCorrection;
use Dew\Core\Sheet\Announcement;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\Piece;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Corrections that touch a quilt, of open clues alone. One made for another size than hers says nothing to her any more. */
final readonly class CorrectionNews
{
    public function __construct(private ReleasedSheets $sheets)
    {
    }

    /** @return list<CorrectionView> those that its maker has not marked as read, newest first */
    public function waiting(Project $project, ?Announcement $announcement = null): array
    {
        return $this->views($project, $this->marks($project)->whereNull('seen_at')->orderByDesc('id')->get(), $announcement);
    }

    /** @return list<CorrectionView> all of one clue, newest first */
    public function ofClue(Project $project, Clue $clue): array
    {
        $marks = $this->marks($project)->whereHas(
            'correction', fn (Builder $query) => $query->where('clue_id', $clue->id),
        )->orderByDesc('id')->get();

        return $this->views($project, $marks);
    }

    /** @return Builder<CorrectionMark> */
    private function marks(Project $project): Builder
    {
        return CorrectionMark::query()
            ->where('project_id', $project->id)
            ->whereHas('correction', fn (Builder $query) => $query->whereIn('clue_id', Clue::query()->released()->select('id')))
            ->whereHas('effect', fn (Builder $query) => $query->where('size_key', $project->size_key))
            ->with('correction.clue', 'effect');
    }

    /**
     * @param  Collection<int, CorrectionMark>  $marks
     * @return list<CorrectionView>
     */
    private function views(Project $project, Collection $marks, ?Announcement $announcement = null): array
    {
        if ($marks->isEmpty()) {
            return [];
        }
        $announcement ??= $this->sheets->announcement($project);
        $clues = $marks->map(fn (CorrectionMark $mark): Clue => $mark->correction->clue)->unique('id')->toBase()->values();
        $sheets = [];
        foreach ($this->sheets->sheets($project, $clues) as $sheet) {
            $sheets[$sheet->clue] = $sheet;
        }

        return array_values($marks->map(
            fn (CorrectionMark $mark): CorrectionView => $this->view(
                $mark, $project, $announcement, $sheets[$mark->correction->clue->key] ?? null,
            ),
        )->all());
    }

    private function view(CorrectionMark $mark, Project $project, Announcement $announcement, ?ClueSheet $sheet): CorrectionView
    {
        $text = new CorrectionText($project->notation, $announcement->slots);
        $correction = $mark->effect->correction();
        $tasks = [];
        foreach ($correction->tasks as $task) {
            if ($task->matters()) {
                $tasks[$task->task] = $text->changes($task);
            }
        }

        return new CorrectionView(
            id: $mark->id,
            number: $mark->correction->clue->number,
            title: $mark->correction->clue->title,
            words: $mark->correction->words,
            when: When::short($mark->correction->created_at, $project->quiltAlong->zone),
            read: $mark->seen_at !== null,
            changes: [
                ...array_map(fn ($change): string => $text->change($change), $correction->changes),
                ...array_merge(...array_values(array_map($text->changes(...), $correction->tasks))),
            ],
            advice: $this->advice($mark, $correction, $text, $project, $announcement, $sheet),
            tasks: $tasks,
        );
    }

    /** @return list<string> */
    private function advice(
        CorrectionMark $mark,
        ClueCorrection $correction,
        CorrectionText $text,
        Project $project,
        Announcement $announcement,
        ?ClueSheet $sheet,
    ): array {
        if (! $correction->matters()) {
            return [];
        }
        if (in_array($mark->stage, [Stage::Untouched, Stage::Uncut], true)) {
            return [__('corrections.advice.'.$mark->stage->value)];
        }
        $width = $project->usable_width ?? $announcement->usableWidth;
        $sentences = [];
        foreach ($correction->tasks as $task) {
            foreach ($task->advice($mark->counts) as $advice) {
                $sentences[] = $text->advice($advice, $task, self::piece($sheet, $task, $advice), $width);
            }
        }

        return $sentences === [] ? [__('corrections.advice.nothing')] : $sentences;
    }

    /** The piece as it is cut now, if the task still has it. */
    private static function piece(?ClueSheet $sheet, TaskCorrection $task, Advice $advice): ?Piece
    {
        foreach ($sheet?->task($task->task)->making->pieces ?? [] as $piece) {
            if ($piece->id === $advice->piece?->piece) {
                return $piece;
            }
        }

        return null;
    }
}
