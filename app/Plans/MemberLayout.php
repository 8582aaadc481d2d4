<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\ArrangementRow;
use App\Models\Project;
use App\Support\Kept;
use Dew\Core\Fabric\Slot;
use Dew\Core\Press\PressFlag;
use Dew\Core\Press\PressLook;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Top\Arrangement;
use Dew\Core\Top\JoinMethod;
use Dew\Core\Top\JoinPlan;
use Dew\Core\Top\LayoutRefused;
use Illuminate\Database\Eloquent\Collection;

/** How a member lays out and joins her blocks: the host's arrangement or one of her own, once assembly is open to her. */
final readonly class MemberLayout
{
    public function __construct(private ReleasedSheets $sheets)
    {
    }

    /** @param  string  $other  what the blocks make: empty for the quilt; null is given where it is not open, or not offered */
    public function sheet(Project $project, string $other = ''): ?LayoutSheet
    {
        $sheet = $this->sheets->layout($project);
        if ($sheet === null || $other === '') {
            return $sheet;
        }
        foreach ($sheet->also as $also) {
            if ($also->id === $other) {
                return $sheet->as($also);
            }
        }

        return null;
    }

    /** @return Collection<int, ArrangementRow> hers, for this size, the oldest first */
    public function kept(Project $project, string $other = ''): Collection
    {
        return ArrangementRow::query()
            ->where(['project_id' => $project->id, 'other' => $other, 'size_key' => $project->size_key])
            ->orderBy('id')->get();
    }

    /**
     * The arrangement of a row; the host's where there is none, or where the design has changed so that hers no longer fits.
     */
    public function arrangement(LayoutSheet $sheet, ?ArrangementRow $row): Arrangement
    {
        try {
            return $row === null ? Arrangement::designed($sheet) : Arrangement::of($sheet, $row->places);
        } catch (LayoutRefused) {
            return Arrangement::designed($sheet);
        }
    }

    public function method(Project $project, LayoutSheet $sheet): JoinMethod
    {
        $chosen = JoinMethod::tryFrom($project->bench['assembly']['method'] ?? '');

        return $chosen !== null && in_array($chosen, JoinPlan::methods($sheet), true) ? $chosen : JoinMethod::Rows;
    }

    /** The stages of joining her top; worked out once for an arrangement. */
    public function plan(Project $project, LayoutSheet $sheet, Arrangement $arrangement): JoinPlan
    {
        $method = $this->method($project, $sheet);
        $of = [
            $this->sheets->edition($project), $project->size_key, array_keys($sheet->borders), $arrangement->codes(), $method->value,
            $project->pressed,
        ];

        return Kept::JoinPlan->remember($of, fn (): JoinPlan => JoinPlan::of(
            $sheet, $arrangement, $method,
            array_map(fn (Slot $slot): int => $slot->value->depth(), $this->sheets->announcement($project)->slots),
            array_map(fn (array $flags): PressLook => new PressLook(array_map(PressFlag::decode(...), $flags)), $project->pressed),
        ));
    }
}
