<?php

declare(strict_types=1);

namespace App\Presentation\Member\Bench;

use App\Drawing\LayoutPicture;
use App\Drawing\Shape;
use App\Models\Project;
use App\Plans\MemberLayout;
use App\Plans\ReleasedSheets;
use Dew\Core\Bench\QuiltingLines;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Sheet\LayoutSheet;

/** Lines to quilt along, and notes. */
final readonly class QuiltingWork implements BenchTask
{
    public function __construct(
        private MemberLayout $layout,
        private ReleasedSheets $sheets,
        private QuiltMeasures $measures,
    ) {
    }

    public function fields(Project $project): array
    {
        return ['notes' => '', 'lines' => 'none', 'distance' => $this->measures->text(Length::fraction(1, 2), $project)];
    }

    public function result(Project $project, array $fields): array
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
                'lines' => __('benchwork.lines.'.$fields['lines']), 'distance' => $this->measures->text($distance, $project),
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
}
