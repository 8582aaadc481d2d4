<?php

declare(strict_types=1);

namespace App\Presentation\Member\Bench;

use App\Models\Project;
use App\Plans\Cloth\MemberCutting;
use App\Plans\ReleasedSheets;
use App\Wording\Figure;
use Dew\Core\Bench\BorderCorner;
use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Bench\TopMeasure;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthParser;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\Kind\PutTogether;

/** What a quilt measures, as its maker measured and wrote it or as it is announced. */
final readonly class QuiltMeasures
{
    /** Measures of one direction. */
    private const MOST = 5;

    private const MOST_BORDERS = 6;

    public function __construct(
        private MemberCutting $cutting,
        private ReleasedSheets $sheets,
    ) {
    }

    /** The finished top as she measured it, with its borders, or as it is announced. */
    public function top(Project $project): ?Size
    {
        $announced = $project->size_later ? null : ($this->sheets->announcement($project)->sizes[$project->size_key] ?? null)?->finished;
        try {
            $fields = $project->bench['borders'] ?? [];
            if (isset($fields['widths'], $fields['heights'])) {
                $room = $this->cutting->room($project);
                $top = new TopMeasure(
                    $this->lengths($fields['widths'], $project, 'widths'), $this->lengths($fields['heights'], $project, 'heights'),
                    notation: $project->notation,
                );
                $widths = $this->widths($project, $fields['borders'] ?? '');
                $measured = (new Size($top->width(), $top->height()))->outsetBy(Length::sum($widths))->outsetBy($room->seam->negated());

                return $announced !== null && $this->isAsMeasured($measured, $announced, $project) ? $announced : $measured;
            }
        } catch (MeasureException|MeasureRefused) {
            // What was kept by another release may be refused by this one.
        }

        return $announced;
    }

    /** Whether a measured size differs from another by no more than a tape can tell: then it is that size. */
    private function isAsMeasured(Size $measured, Size $size, Project $project): bool
    {
        $step = $project->notation->fineStep();

        return ! $measured->width->minus($size->width)->absolute()->isGreaterThan($step)
            && ! $measured->height->minus($size->height)->absolute()->isGreaterThan($step);
    }

    /**
     * Finished widths of borders as they were written; of what the design says itself, as exactly as the design says it.
     *
     * @return list<Length>
     *
     * @throws MeasureException|MeasureRefused
     */
    public function widths(Project $project, string $written): array
    {
        return match (trim($written)) {
            '' => [],
            $this->bordersText($project) => $this->designed($project),
            default => $this->lengths($written, $project, 'border'),
        };
    }

    public function bordersText(Project $project): string
    {
        $texts = array_map(fn (Length $width): string => $this->text($width, $project), $this->designed($project));

        // In a field stand plain spaces, as somebody would type them.
        return strtr(implode(', ', $texts), ["\u{a0}" => ' ', "\u{202f}" => ' ', "\u{2009}" => ' ']);
    }

    /**
     * Finished widths of the plain borders in the clues that are open, from the inside out; a pieced one ends them.
     *
     * @return list<Length>
     */
    private function designed(Project $project): array
    {
        return array_map(
            fn (TaskSheet $task): Length => $task->making->pieces[0]->width->exact->minus($task->room->seam->times(2)), $this->plainBorders($project),
        );
    }

    /** @return list<TaskSheet> the plain borders that are open, from the inside out; a pieced one ends them */
    private function plainBorders(Project $project): array
    {
        $plain = [];
        foreach ($this->borderTasks($project) as $task) {
            if (! $task->kind->is(PutTogether::LONG_STRIPS)) {
                break;
            }
            $plain[] = $task;
        }

        return $plain;
    }

    /** @return list<BorderCorner> how the strips of each of the designed borders meet, from the inside out */
    public function corners(Project $project): array
    {
        return array_map(fn (TaskSheet $task): BorderCorner => BorderCorner::ofStrips($task->making), $this->plainBorders($project));
    }

    /** @return list<TaskSheet> the borders that are open, in the order in which they are made */
    private function borderTasks(Project $project): array
    {
        if ($project->size_later) {
            return [];
        }
        $sheets = once(fn (): array => $this->sheets->sheets($project, $this->sheets->open($project)));

        return array_values(array_filter(
            array_merge(...array_map(fn (ClueSheet $sheet): array => array_values($sheet->tasks), $sheets)),
            fn (TaskSheet $task): bool => str_starts_with($task->makes[0] ?? '', 'border:'),
        ));
    }

    /**
     * What the top measures by the pattern before its borders: what its parts as trimmed give where the clue of its first border is open, else
     * the announced quilt without the borders she names, with a seam all round.
     *
     * @param  list<Length>  $borders
     */
    public function pattern(Project $project, array $borders): ?Size
    {
        $announced = $project->size_later ? null : $this->sheets->announcement($project)->sizes[$project->size_key] ?? null;
        if ($announced === null) {
            return null;
        }
        $room = $this->cutting->room($project);
        $first = $this->plainBorders($project)[0] ?? null;
        if ($first?->making->sewn !== null && count($borders) === count($this->designed($project))) {
            $strips = $first->making->pieces[0]->width->in($project->notation)->minus($first->room->seam->times(2));
            [$width, $height] = array_map(fn (Measurement $side): Length => $side->value($project->notation), $first->making->sewn);

            return (new Size($width, $height))->outsetBy($strips->negated());
        }

        return $announced->finished->outsetBy(Length::sum($borders)->negated())->outsetBy($room->seam);
    }

    /**
     * @return non-empty-list<Length>
     *
     * @throws MeasureException|MeasureRefused
     */
    public function lengths(string $typed, Project $project, string $field): array
    {
        $texts = LengthParser::texts($typed, $project->notation->unit());
        if (count($texts) > ($field === 'border' ? self::MOST_BORDERS : self::MOST)) {
            throw new MeasureRefused($field, 'two_numbers');
        }

        return array_map(fn (string $text): Length => Length::parse($text, $project->notation->unit()), $texts);
    }

    /** @throws MeasureException|MeasureRefused */
    public function size(string $typed, Project $project, string $field = 'top'): Size
    {
        [$width, $height] = [...preg_split('/\s*[x×]\s*/u', trim($typed), 2) ?: [], ''];
        $size = new Size(Length::parse($width, $project->notation->unit()), Length::parse($height, $project->notation->unit()));
        if ($field === 'top') {
            new TopMeasure([$size->width], [$size->height]);
        }

        return $size;
    }

    public function text(Length $length, Project $project): string
    {
        return Figure::text(Measurement::setting($length->nearestTo($project->notation->fineStep())), $project->notation);
    }

    /** The finished top as text, for a field; empty where it is not known. */
    public function topText(Project $project): string
    {
        $top = $this->top($project);

        return $top === null ? '' : $this->text($top->width, $project).' x '.$this->text($top->height, $project);
    }
}
