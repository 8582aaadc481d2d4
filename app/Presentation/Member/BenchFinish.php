<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Drawing\LayoutPicture;
use App\Drawing\Shape;
use App\Models\Project;
use App\Models\StockRow;
use App\Plans\Cloth\MemberCutting;
use App\Plans\MemberLayout;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\Figure;
use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Bench\QuiltingLines;
use Dew\Core\Bench\RemnantUse;
use Dew\Core\Bench\Sleeve;
use Dew\Core\Cutting\Backing;
use Dew\Core\Cutting\Marks;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Sheet\LayoutSheet;

/** What comes last: the batting, a sleeve and a label, lines to quilt along, and what the cloth that is left can still become. */
final readonly class BenchFinish
{
    public function __construct(
        private MemberCutting $cutting,
        private MemberLayout $layout,
        private ReleasedSheets $sheets,
    ) {
    }

    /** @return list<string> what the batting measures, and from which widths it comes */
    public function batting(Project $project, Size $top, Length $beyond, Length $width): array
    {
        if (! $width->isPositive()) {
            throw new MeasureRefused('batting', 'no_width');
        }
        $back = Backing::of($top, $width, $beyond, Length::zero());
        $text = fn (Length $length): string => $this->text($length, $project);

        return [
            __('benchwork.batting.needed', ['width' => $text($back->size->width), 'height' => $text($back->size->height)]),
            trans_choice('benchwork.batting.'.($back->upright ? 'upright' : 'level'), $back->widths, [
                'usable' => $text($width), 'length' => $text($back->length),
            ]),
        ];
    }

    /** @return list<string> a hanging sleeve and a label */
    public function sleeve(Project $project, Size $quilt, CuttingRoom $room): array
    {
        $sleeve = new Sleeve($quilt, $room);

        return [
            trans_choice('benchwork.sleeve', $sleeve->strips, [
                'width' => $this->text($sleeve->width, $project), 'length' => $this->text($sleeve->length, $project),
            ]),
            __('benchwork.label', ['size' => $this->text(Length::inches(5), $project).' × '.$this->text(Length::inches(4), $project)]),
        ];
    }

    /** @return array<string, mixed> her remnants, those that can become most first */
    public function left(Project $project): array
    {
        $room = $this->cutting->room($project);
        $inch = (new Marks($project->notation))->length(1);
        $names = $project->stock->keyBy('id');
        $slots = $this->sheets->announcement($project)->slots;
        $lines = [];
        foreach ($this->cutting->left($project, $this->cutting->of($project))->pieces as $slot => $pieces) {
            foreach ($pieces as $piece) {
                $size = new Size($inch->times($piece->width), $inch->times($piece->length));
                $use = RemnantUse::of($size);
                $row = $names[strtok(explode('/', $piece->id)[0], '-') ?: ''] ?? null;
                $lines[] = [
                    'rank' => $use->rank(), 'area' => $piece->width * $piece->length,
                    'name' => ($slots[$slot]->letter ?? '').' '.($slots[$slot]->name ?? '').($row instanceof StockRow && $row->name !== '' ? ', '.$row->name : ''),
                    'size' => $this->text($size->width, $project).' × '.$this->text($size->height, $project),
                    'use' => trans_choice('benchwork.left.'.$use->code, max(1, $use->count), [
                        'side' => $use->side === null ? '' : $this->text($use->side, $project),
                    ]),
                ];
            }
        }
        usort($lines, fn (array $one, array $other): int => [$one['rank'], -$one['area']] <=> [$other['rank'], -$other['area']]);

        return ['pieces' => $lines];
    }

    /**
     * @param  array<string, string>  $fields
     * @return array<string, mixed>
     *
     * @throws MeasureException|MeasureRefused
     */
    public function quilting(Project $project, array $fields): array
    {
        $distance = Length::parse($fields['distance'], $project->notation->unit());
        $sheet = $this->layout->sheet($project);
        if ($sheet === null || $fields['lines'] === 'none') {
            QuiltingLines::of('grid', new Size(Length::inches(60), Length::inches(60)), [], $distance);

            return ['picture' => null, 'lines' => '', 'says' => $sheet === null ? __('benchwork.quilting.later') : ''];
        }
        $arrangement = $this->layout->arrangement($sheet, $this->layout->kept($project)->firstWhere('chosen', true));
        $placements = $arrangement->placements();
        $follows = in_array($fields['lines'], ['seams', 'echoes'], true);
        $lines = QuiltingLines::of($fields['lines'], $sheet->finished, $follows ? $this->patches($sheet, $placements) : [], $distance);
        $announcement = $this->sheets->announcement($project);

        return [
            'picture' => LayoutPicture::of($sheet, $placements, $project->colourway($announcement), 'q'),
            'lines' => implode('', array_map(fn (array $line): string => 'M'.implode('L', array_map(
                fn (array $point): string => Shape::at($point[0]).' '.Shape::at($point[1]), $line,
            )), $lines)),
            'says' => __('benchwork.quilting.says', [
                'lines' => __('benchwork.lines.'.$fields['lines']), 'distance' => $this->text($distance, $project),
            ]),
        ];
    }

    /**
     * @param  list<Placement>  $placements
     * @return list<list<array{float, float}>> the corners of every patch of the whole top, in inches
     */
    private function patches(LayoutSheet $sheet, array $placements): array
    {
        $corners = fn (Patch $patch): array => array_map(
            fn (Point $corner): array => [$corner->x->toFloat(), $corner->y->toFloat()], $patch->outline->corners,
        );
        $patches = array_map($corners, $sheet->frame);
        $known = [];
        foreach ($placements as $placement) {
            $own = $known[$placement->product] ??= array_map($corners, $sheet->patches($placement->product));
            [$x, $y, $angle] = [$placement->x->toFloat(), $placement->y->toFloat(), deg2rad($placement->turn)];
            [$cos, $sin] = [cos($angle), sin($angle)];
            foreach ($own as $patch) {
                $patches[] = array_map(
                    fn (array $at): array => [$x + $cos * $at[0] - $sin * $at[1], $y + $sin * $at[0] + $cos * $at[1]],
                    $patch,
                );
            }
        }

        return $patches;
    }

    private function text(Length $length, Project $project): string
    {
        return Figure::text(Measurement::setting($length->nearestTo($project->notation->fineStep())), $project->notation);
    }
}
