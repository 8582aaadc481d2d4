<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Jobs\RefreshTotals;
use App\Models\Correction;
use App\Models\CorrectionEffect;
use App\Models\DesignVersion;
use App\Models\Notice;
use App\Plans\Unreleased\OpenClueChange;
use App\Plans\Unreleased\QuiltCounts;
use Dew\Core\Correction\ClueCorrection;
use Dew\Core\Correction\Fit;
use Illuminate\Support\Facades\DB;

/**
 * Writes down what a version puts right in open clues: the host's words for each clue, what changed at each size and by each choice of
 * methods, and how far every quilt was at this moment. Counts stay as they are; mails are queued.
 */
final class RecordCorrections
{
    private const ROWS_AT_ONCE = 500;

    /**
     * @param  list<OpenClueChange>  $changes
     * @param  array<int, string>  $words  by the number of the clue; of a clue of which nothing is said, nobody is told
     * @param  int|null  $revision  of the compiler that changed it; null where the host did
     */
    public function __invoke(DesignVersion $version, array $changes, array $words, ?int $revision = null): void
    {
        foreach ($changes as $change) {
            $said = $words[$change->clue->number] ?? '';
            if ($said !== '' && $change->quilts !== []) {
                $this->record($version, $change, $said, $revision);
            }
        }
    }

    private function record(DesignVersion $version, OpenClueChange $change, string $words, ?int $revision): void
    {
        $correction = Correction::query()->create([
            'quilt_along_id' => $version->quilt_along_id,
            'clue_id' => $change->clue->id,
            'design_version_id' => $version->id,
            'user_id' => $version->user_id,
            'words' => $words,
            'revision' => $revision,
        ]);
        $counts = QuiltCounts::of($change);
        $marks = [];
        foreach ($change->quilts as ['size' => $size, 'methods' => $methods, 'unit' => $unit, 'correction' => $what, 'projects' => $projects]) {
            $effect = CorrectionEffect::query()->create([
                'correction_id' => $correction->id, 'size_key' => $size, 'methods' => $methods, 'unit' => $unit, 'body' => $what->toData(),
            ]);
            foreach ($projects as $project) {
                $marks[] = [
                    'correction_id' => $correction->id,
                    'correction_effect_id' => $effect->id,
                    'project_id' => $project,
                    'stage' => $what->stage($counts[$project] ?? [])->value,
                    'counts' => (string) json_encode((object) ($counts[$project] ?? [])),
                ];
            }
            $this->forgetEarlierMakes($what, $projects);
        }
        foreach (array_chunk($marks, self::ROWS_AT_ONCE) as $rows) {
            DB::table('correction_marks')->insert($rows);
        }
        $this->notify($correction);
        foreach (array_chunk(array_column($marks, 'project_id'), RefreshTotals::AT_ONCE) as $projects) {
            RefreshTotals::dispatch($projects)->afterCommit();
        }
    }

    /**
     * What was made to another specification before somebody chose a method saves her no cutting now.
     *
     * @param  list<string>  $projects
     */
    private function forgetEarlierMakes(ClueCorrection $correction, array $projects): void
    {
        foreach ($correction->tasks as $task) {
            if ($task->unit === Fit::Anew) {
                DB::table('method_choices')->whereIn('project_id', $projects)->whereRaw('jsonb_exists(made_before, ?)', [$task->task])
                    ->update(['made_before' => DB::raw('made_before - '.DB::getPdo()->quote($task->task))]);
            }
        }
    }

    /**
     * A mail to everybody whose quilt it touches, once a person; the clue's hour goes with it, so that a clue taken back is not told of.
     */
    private function notify(Correction $correction): void
    {
        DB::insert(
            'INSERT INTO notices (user_id, clue_id, kind, release_at, correction_id) '
            .'SELECT DISTINCT projects.user_id, clues.id, ?, clues.release_at, marks.correction_id FROM correction_marks AS marks '
            .'JOIN projects ON projects.id = marks.project_id AND projects.deleted_at IS NULL JOIN corrections ON corrections.id = marks.correction_id '
            .'JOIN clues ON clues.id = corrections.clue_id WHERE marks.correction_id = ? ON CONFLICT DO NOTHING',
            [Notice::CORRECTED, $correction->id],
        );
    }
}
