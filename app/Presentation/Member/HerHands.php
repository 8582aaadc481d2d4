<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Drawing\Flag;
use App\Drawing\LayoutPicture;
use App\Models\HandPart;
use App\Models\HandState;
use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\Figure;
use App\Presentation\Shared\Wall;
use Dew\Core\Geometry\Placement;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Press\PressFlag;
use Illuminate\Database\Eloquent\Collection;

/** What somebody sews for a quilt by many hands, and the wall on which it fills up. */
final readonly class HerHands
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
        // A later version of the design may have taken that size out.
        $size = isset($this->sheets->announcement($project)->sizes[$quiltAlong->hands_size]) ? (string) $quiltAlong->hands_size : null;
        $sheet = $size === null ? null : $this->sheets->layoutOf($quiltAlong, $size);
        /** @var Collection<int, HandPart> $parts */
        $parts = HandPart::query()->where('quilt_along_id', $quiltAlong->id)->with('holder')->orderBy('id')->get();
        $colourway = $this->sheets->announcement($project)->colourway(null);
        $blocks = $size === null ? null : $this->sheets->openBlocks($quiltAlong, $size);
        // What was dealt out of a clue that is taken back meanwhile is not shown.
        $mine = $parts->filter(fn (HandPart $part): bool => $part->holder_id === $project->user_id && $part->state !== HandState::Accepted
            && ($part->product === null ? $sheet !== null : isset($blocks->names[$part->product])));

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
            'people' => $quiltAlong->people()->where('id', '!=', $project->user_id),
        ];
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
