<?php

declare(strict_types=1);

namespace App\Actions\Member;

use App\Actions\KeepReserve;
use App\Models\KitRow;
use App\Models\Project;
use App\Models\QuiltAlong;
use Dew\Core\Cutting\StockKind;
use Dew\Core\Kits\KitKind;
use Dew\Core\Measure\Length;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Orders kits for a member's own quilt, takes an order back, and puts the cloth of a kit on her list. */
final readonly class OrderKit
{
    public function __construct(
        private ChangeStock $stock,
        private KeepReserve $reserve,
    ) {
    }

    /** @param  string  $id  made by the form, so that sending it twice orders once */
    public function __invoke(Project $project, string $id, KitKind $kind, string $part, int $count): void
    {
        DB::transaction(function () use ($project, $id, $kind, $part, $count): void {
            $held = $this->held($project);
            KitRow::query()->insertOrIgnore([
                'quilt_along_id' => $project->quilt_along_id, 'project_id' => $project->id, 'number' => 'her-'.$id,
                'name' => Str::limit($project->user->name, 80, ''), 'email' => mb_strtolower($project->user->email), 'kind' => $kind->value,
                'part' => $part, 'size_key' => $project->size_key, 'colourway_key' => $project->colourway_key, 'count' => $count,
                'origin' => 'member', 'created_at' => now(), 'updated_at' => now(),
            ]);
            ($this->reserve)($held);
        });
    }

    /** Refused, with a validation message, once some of it is packed. */
    public function cancel(Project $project, int $order): void
    {
        DB::transaction(function () use ($project, $order): void {
            $held = $this->held($project);
            $row = KitRow::query()->where('project_id', $project->id)->where('origin', 'member')->findOrFail($order);
            if ($row->packed > 0) {
                throw ValidationException::withMessages(['order' => __('kits.member.too_late')]);
            }
            $row->delete();
            ($this->reserve)($held);
        });
    }

    /**
     * Puts what a kit holds on her list of cloth, once.
     *
     * @param  array<string, Length>  $holds  by fabric slot
     */
    public function stock(Project $project, KitRow $row, array $holds): void
    {
        DB::transaction(function () use ($project, $row, $holds): void {
            $held = KitRow::query()->lockForUpdate()->findOrFail($row->id);
            if ($held->stocked_at !== null) {
                return;
            }
            $held->update(['stocked_at' => now()]);
            $rows = [];
            foreach ($holds as $slot => $length) {
                $rows[] = [
                    'slot_key' => $slot, 'kind' => StockKind::Yardage, 'length' => $length, 'count' => $held->count,
                    'name' => __('kits.member.from_kit'),
                ];
            }
            $this->stock->addAll($project, $rows);
        });
    }

    private function held(Project $project): QuiltAlong
    {
        return QuiltAlong::query()->lockForUpdate()->findOrFail($project->quilt_along_id);
    }
}
