<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Models\Clue;
use App\Models\ClueProgress;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Plans\Whole\SheetStore;
use App\Presentation\Shared\Drop;
use App\Presentation\Shared\DropState;
use Dew\Core\Plan\AnnouncedSize;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Support\Collection;

/** Members down, clues across; a drop and a figure in every cell. The same few queries for three members and for a thousand. */
final readonly class ProgressGrid
{
    private const PER_PAGE = 100;

    /**
     * @param  Collection<int, Clue>  $clues
     * @param  LengthAwarePaginator<int, Project>  $projects
     * @param  array<string, array<int, ClueProgress>>  $progress  by project and clue
     * @param  array<string, string>  $sizes  names by id
     */
    private function __construct(
        public Collection $clues,
        public LengthAwarePaginator $projects,
        private array $progress,
        private array $sizes,
    ) {
    }

    public static function of(QuiltAlong $quiltAlong, string $search): self
    {
        $projects = Project::query()
            ->with('user:id,name')
            ->select('projects.*')
            ->join('users', 'users.id', '=', 'projects.user_id')
            ->where('projects.quilt_along_id', $quiltAlong->id)
            ->when($search !== '', fn ($query) => $query->where('users.name', 'ilike', '%'.addcslashes($search, '%_\\').'%'))
            ->orderBy('users.name')
            ->orderBy('projects.created_at')
            ->paginate(self::PER_PAGE)
            ->withQueryString();
        $progress = [];
        $rows = ClueProgress::query()->whereIn(
            'project_id',
            array_map(fn (Project $project): string => $project->id, $projects->items()),
        )->get();
        foreach ($rows as $row) {
            $progress[$row->project_id][$row->clue_id] = $row;
        }
        $sizes = array_map(
            fn (AnnouncedSize $size): string => $size->name,
            app(SheetStore::class)->announcement($quiltAlong->version())->sizes,
        );

        return new self($quiltAlong->clues()->get()->toBase(), $projects, $progress, $sizes);
    }

    public function sizeName(Project $project): string
    {
        return $project->size_later ? __('join.size_later') : $this->sizes[$project->size_key] ?? $project->size_key;
    }

    public function drop(Project $project, Clue $clue): Drop
    {
        $row = $this->progress[$project->id][$clue->id] ?? null;

        return new Drop(
            number: $clue->number,
            state: DropState::of($clue->isReleased(), $clue->hasWorkAt($project->size_key), $row?->done, $row->total ?? 0),
            done: $row?->done,
            total: $row?->total,
        );
    }
}
