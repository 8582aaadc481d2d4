<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Models\Clue;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\SheetStore;
use App\Presentation\Shared\StitchClue;
use App\Presentation\Shared\StitchState;
use Dew\Core\Sheet\AnnouncedSize;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Members down, clues across; a drop and a figure in every cell. The same few queries for three members and for a thousand. */
final readonly class ProgressGrid
{
    private const PER_PAGE = 30;

    /**
     * @param  Collection<int, Clue>  $clues
     * @param  LengthAwarePaginator<int, stdClass>  $projects  id, name, size_key, size_later and the member's name
     * @param  array<string, array<int, array{int, int}>>  $progress  units done and to do, by project and clue
     * @param  array<int, bool>  $released  by clue: asked once, not for every cell
     * @param  array<int, int>  $numbers  of the clues, by id
     * @param  array<int, array<string, bool>>  $work  whether there is anything to make, by clue and size
     * @param  array<string, string>  $sizes  names by id
     */
    private function __construct(
        public Collection $clues,
        public LengthAwarePaginator $projects,
        private array $progress,
        private array $released,
        private array $numbers,
        private array $work,
        private array $sizes,
    ) {
    }

    public static function of(QuiltAlong $quiltAlong, string $search): self
    {
        $all = fn (): Builder => DB::table('projects')->where('projects.quilt_along_id', $quiltAlong->id)->whereNull('projects.deleted_at');
        $named = $all()
            ->join('users', 'users.id', '=', 'projects.user_id')
            ->when($search !== '', fn (Builder $query) => $query->where('users.name', 'ilike', '%'.addcslashes($search, '%_\\').'%'));
        $projects = $named->clone()
            ->orderBy('users.name')
            ->orderBy('projects.created_at')
            ->paginate(
                self::PER_PAGE,
                ['projects.id', 'projects.name', 'projects.size_key', 'projects.size_later', 'users.name as member',
                    DB::raw("bench->'assembly'->>'count' as parts"),
                    // What was marked while she joined another way does not count.
                    DB::raw("(select count(*) from assembled_parts where assembled_parts.project_id = projects.id and (part like 'border:%' or part like
                        coalesce(bench->'assembly'->>'method', 'rows') || ':%')) as sewn")],
                total: $search === '' ? $all()->count() : $named->count(),
            )
            ->withQueryString();
        $progress = [];
        $rows = DB::table('clue_progress')
            ->whereIn('project_id', array_map(fn (stdClass $project): string => $project->id, $projects->items()))
            ->get(['project_id', 'clue_id', 'done', 'total']);
        foreach ($rows as $row) {
            $progress[$row->project_id][$row->clue_id] = [$row->done, $row->total];
        }
        $clues = $quiltAlong->clues()->get()->toBase();
        $released = $work = [];
        $inUse = array_unique(array_map(fn (stdClass $project): string => $project->size_key, $projects->items()));
        foreach ($clues as $clue) {
            $released[$clue->id] = $clue->isReleased();
            foreach ($inUse as $size) {
                $work[$clue->id][$size] = $clue->hasWorkAt($size);
            }
        }
        $sizes = array_map(
            fn (AnnouncedSize $size): string => $size->name,
            app(SheetStore::class)->announcement($quiltAlong->version())->sizes,
        );

        return new self($clues, $projects, $progress, $released, $clues->pluck('number', 'id')->all(), $work, $sizes);
    }

    public function sizeName(stdClass $project): string
    {
        return $project->size_later ? __('join.size_later') : $this->sizes[$project->size_key] ?? $project->size_key;
    }

    /** How many parts of her top are joined; null while she has marked none. */
    public function top(stdClass $project): ?string
    {
        return (int) $project->sewn === 0 ? null : __('people.top_count', ['done' => $project->sewn, 'count' => $project->parts ?? '?']);
    }

    /** @return list<StitchClue> one for each clue, in their order: what is asked of the member is asked once for her row */
    public function drops(stdClass $project): array
    {
        [$id, $size] = [$project->id, $project->size_key];
        $drops = [];
        foreach ($this->numbers as $clue => $number) {
            [$done, $total] = $this->progress[$id][$clue] ?? [null, null];
            $state = StitchState::of($this->released[$clue], $this->work[$clue][$size], $done, $total ?? 0);
            $drops[] = new StitchClue(number: $number, state: $state, done: $done, total: $total);
        }

        return $drops;
    }
}
