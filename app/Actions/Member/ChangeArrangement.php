<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Models\ArrangementRow;
use App\Models\Project;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Top\Arrangement;
use Dew\Core\Top\LayoutRefused;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Swaps and turns blocks in a layout, keeps arrangements beside each other, and takes the one that somebody works by. */
final readonly class ChangeArrangement
{
    /** Arrangements of one quilt that are kept. */
    public const MOST = 12;

    /**
     * @param  array{do: string, first: int, second: int, arrangement: int, revision: int, name: string}  $asked  numbers of places from
     *     zero;
     *     an arrangement of 0 is the host's
     *
     * @throws LayoutRefused
     */
    public function __invoke(Project $project, LayoutSheet $sheet, string $other, array $asked): ?ArrangementRow
    {
        return DB::transaction(function () use ($project, $sheet, $other, $asked): ?ArrangementRow {
            // One device after the other.
            Project::query()->lockForUpdate()->findOrFail($project->id);
            /** @var Collection<int, ArrangementRow> $kept */
            $kept = ArrangementRow::query()->where(
                ['project_id' => $project->id, 'other' => $other, 'size_key' => $project->size_key],
            )->orderBy('id')->get();
            $row = $kept->firstWhere('id', $asked['arrangement']);
            if ($asked['arrangement'] !== 0 && $row === null) {
                throw new LayoutRefused('gone');
            }
            if ($asked['do'] === 'choose' || $asked['do'] === 'forget') {
                return $this->chosen($kept->all(), $row, $asked['do'] === 'forget');
            }
            if ($row !== null && $asked['do'] !== 'keep' && $asked['revision'] !== $row->revision) {
                throw new LayoutRefused('meanwhile');
            }
            $now = $row === null ? Arrangement::designed($sheet) : Arrangement::of($sheet, $row->places);
            if ($sheet->arrange === 'as-laid' || ($asked['do'] === 'turn' && $sheet->arrange !== 'free')) {
                throw new LayoutRefused('fixed');
            }
            $then = match ($asked['do']) {
                'swap' => $now->swapped($asked['first'], $asked['second']),
                'turn' => $now->turned($asked['first']),
                default => $now,
            };
            if ($row === null || $asked['do'] === 'keep') {
                if ($kept->count() >= self::MOST) {
                    throw new LayoutRefused('most', ['most' => self::MOST]);
                }
                $fresh = new ArrangementRow([
                    'other' => $other, 'size_key' => $project->size_key, 'places' => $then->codes(),
                    'name' => $asked['name'] !== '' ? $asked['name'] : __('layout.mine', ['number' => $kept->count() + 1]),
                ]);
                $fresh->project_id = $project->id;
                $fresh->save();

                return $this->chosen($kept->all(), $fresh, false);
            }
            $row->update(['places' => $then->codes(), 'revision' => $row->revision + 1]);

            return $row;
        });
    }

    /** @param  array<int, ArrangementRow>  $kept */
    private function chosen(array $kept, ?ArrangementRow $row, bool $forget): ?ArrangementRow
    {
        foreach ($kept as $one) {
            if ($one->chosen && ! $one->is($row)) {
                $one->update(['chosen' => false]);
            }
        }
        if ($forget) {
            $row?->delete();

            return null;
        }
        $row?->update(['chosen' => true]);

        return $row;
    }
}
