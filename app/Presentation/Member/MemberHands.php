<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Drawing\Flag;
use App\Drawing\LayoutPicture;
use App\Models\HandMove;
use App\Models\HandPart;
use App\Models\HandState;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\Wall;
use App\Wording\Figure;
use Dew\Core\Geometry\Placement;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Press\PressFlag;
use Illuminate\Database\Eloquent\Collection;

/** What somebody sews for a quilt by many hands, and the wall on which it fills up. */
final readonly class MemberHands
{
    /** Half the length of a flag, as a share of the block. */
    private const FLAG = 0.05;

    public function __construct(private ReleasedSheets $sheets)
    {
    }

    /** @return array<string, mixed> */
    public function of(Project $project): array
    {
        $quiltAlong = $project->quiltAlong;
        $size = $this->sizeOf($project);
        $sheet = $size === null ? null : $this->sheets->layoutOf($quiltAlong, $size);
        /** @var Collection<int, HandPart> $parts */
        $parts = HandPart::query()->where('quilt_along_id', $quiltAlong->id)->with('holder')->orderBy('id')->get();
        $colourway = $this->sheets->announcement($project)->colourway(null);
        $blocks = $size === null ? null : $this->sheets->openBlocks($quiltAlong, $size);
        // What was dealt out of a clue that is taken back meanwhile is not shown.
        $open = $parts->filter(fn (HandPart $part): bool => $part->product === null ? $sheet !== null : isset($blocks->names[$part->product]));
        $mine = $open->filter(fn (HandPart $part): bool => $part->holder_id === $project->user_id && $part->state !== HandState::Accepted);
        $last = $this->lastMoves($parts);

        return [
            'wall' => $sheet === null ? null : Wall::of($sheet, $parts->toBase(), $colourway),
            'mine' => array_values($mine->map(fn (HandPart $part): array => [
                'part' => $part,
                'size' => $this->size($part, $project),
                'picture' => $blocks === null || $part->product === null ? null : LayoutPicture::of(
                    $blocks, [new Placement($part->product, Length::zero(), Length::zero())], $colourway, 'h'.$part->id,
                ),
                'flags' => $blocks === null || $part->product === null ? [] : array_map(
                    fn (PressFlag $flag): string => Flag::path($flag, $blocks->block->width->toFloat() * self::FLAG),
                    $blocks->press[$part->product]->flags ?? [],
                ),
                'press' => $part->product === null ? '' : __('hands.press'),
            ])->all()),
            'free' => $open->filter(fn (HandPart $part): bool => $part->state === HandState::Free)->values(),
            // What they sent or handed on and can still take back.
            'back' => $parts->filter(fn (HandPart $part): bool => $part->canBeTakenBack($project->user, $last[$part->id] ?? null))->values(),
            'people' => $quiltAlong->people()->where('id', '!=', $project->user_id),
        ];
    }

    /**
     * What is on somebody's own page: their parts, what is due first on top, and how many are free to be taken.
     *
     * @return array{mine: list<HandPart>, free: int, isShared: bool}
     */
    public function now(Project $project): array
    {
        $quiltAlong = $project->quiltAlong;
        $size = $this->sizeOf($project);
        if (! $quiltAlong->many_hands || $size === null) {
            return ['mine' => [], 'free' => 0, 'isShared' => $quiltAlong->many_hands];
        }
        /** @var Collection<int, HandPart> $parts */
        $parts = HandPart::query()->where('quilt_along_id', $quiltAlong->id)
            ->where(fn ($query) => $query->where('holder_id', $project->user_id)->orWhere('state', HandState::Free))->orderBy('id')->get();
        $open = $this->open($project, $parts, $size);
        $mine = $open->filter(fn (HandPart $part): bool => $part->holder_id === $project->user_id && $part->state !== HandState::Accepted)
            ->sortBy(fn (HandPart $part): array => [$part->state === HandState::Out ? 0 : 1, $part->due_on?->toDateString() ?? '9999', $part->id]);

        return [
            'mine' => array_values($mine->all()),
            'free' => $open->filter(fn (HandPart $part): bool => $part->state === HandState::Free)->count(),
            'isShared' => true,
        ];
    }

    /** Whether the clue is open from which a part is made. */
    public function isOpen(Project $project, HandPart $part): bool
    {
        $size = $this->sizeOf($project);

        return $size !== null && $this->open($project, new Collection([$part]), $size)->isNotEmpty();
    }

    /** The size that the group sews; null while none is chosen, or where a later version of the design has taken it out. */
    private function sizeOf(Project $project): ?string
    {
        $size = $project->quiltAlong->hands_size;

        return isset($this->sheets->announcement($project)->sizes[$size]) ? (string) $size : null;
    }

    /**
     * @param  Collection<int, HandPart>  $parts
     * @return Collection<int, HandPart>
     */
    private function open(Project $project, Collection $parts, string $size): Collection
    {
        $blocks = $this->sheets->openBlocks($project->quiltAlong, $size);
        $isJoined = $parts->contains(fn (HandPart $part): bool => $part->product === null)
            && $this->sheets->layoutOf($project->quiltAlong, $size) !== null;

        return $parts->filter(fn (HandPart $part): bool => $part->product === null ? $isJoined : isset($blocks->names[$part->product]));
    }

    /**
     * @param  Collection<int, HandPart>  $parts
     * @return array<int, HandMove> the last thing that happened to each, by its id
     */
    private function lastMoves(Collection $parts): array
    {
        $ids = HandMove::query()->whereIn('hand_part_id', $parts->pluck('id'))->groupBy('hand_part_id')->selectRaw('max(id)');

        return HandMove::query()->whereIn('id', $ids)->get()->keyBy('hand_part_id')->all();
    }

    private function size(HandPart $part, Project $project): string
    {
        $asked = $part->asked();

        return $asked === null ? '' : __('hands.size', [
            'width' => Figure::text(Measurement::exact($asked->width), $project->notation),
            'height' => Figure::text(Measurement::exact($asked->height), $project->notation),
        ]);
    }
}
