<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Drawing\Flag;
use App\Drawing\Shape;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\SheetStore;
use App\Support\Kept;
use App\Support\Words;
use App\Wording\Figure;
use Dew\Core\Compile\QuiltSheet;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Press\Copies;
use Dew\Core\Press\Crossing;
use Dew\Core\Press\Pressed;
use Dew\Core\Press\PressFlag;
use Dew\Core\Press\PressModel;
use Dew\Core\Press\PressSeam;
use Dew\Core\Press\PressSolver;
use Dew\Core\Press\School;

/** Which way the seams of a published quilt are pressed so that they nest, drawn unit by unit and block by block. */
final readonly class PressingPage
{
    /** Crossings that do not nest and are named one by one. */
    private const NAMED = 40;

    public function __construct(private SheetStore $sheets)
    {
    }

    /**
     * @param  School|null  $school  null for what the design says
     * @return array{html: string, school: School} worked out once for a version, size and school
     */
    public function of(QuiltAlong $quiltAlong, string $size, ?School $school): array
    {
        $version = $quiltAlong->version();
        $sheet = $this->sheets->quilt($version, $size);
        $school ??= $sheet->pressing->school;

        return ['school' => $school, 'html' => Kept::PressingPlan->remember(
            [$this->sheets->edition($version), $size, $school->value], fn (): string => view(
                'host.pressing-plan', $this->plan($version, $sheet, $school),
            )->render(),
        )];
    }

    /** @return array<string, mixed> */
    private function plan(int $version, QuiltSheet $sheet, School $school): array
    {
        $announcement = $this->sheets->announcement($version);
        $depths = array_map(fn (Slot $slot): int => $slot->value->depth(), $announcement->slots);
        $said = array_map(Pressed::from(...), $sheet->pressSaid);
        $model = fn (Copies $copies): PressModel => PressModel::of($sheet->sewn($depths), $copies);
        $plan = PressSolver::plan($model($sheet->pressing->copies), $school, $said);
        $left = $plan->leftInTop($school);
        $others = [];
        foreach ($left > 0 ? [Copies::Alike, Copies::Chequered, Copies::ByRows, Copies::ByColumns, Copies::Free] : [] as $copies) {
            if ($copies !== $sheet->pressing->copies) {
                $others[] = __(
                    'press.others.'.$copies->value, ['left' => PressSolver::plan($model($copies), $school, $said)->leftInTop($school)],
                );
            }
        }
        $names = $sheet->unitNames + $sheet->blockNames;
        $copies = array_column(array_map(fn (PressSeam $seam): array => [$seam->of, $seam->copies], $plan->model->seams), 1, 0);
        $cards = [];
        foreach ($plan->flags() as $key => $flags) {
            $cards[] = [
                'name' => $key === '' ? __('press.top') : $this->name((string) $key, $names),
                'copies' => $key === '' ? null : trans_choice('press.copies', $copies[$key] ?? 0),
                'drawing' => $key === '' ? null : $this->drawing(
                    (string) $key, $flags, $sheet, array_values($announcement->colourways)[0],
                ),
                'seams' => array_map(fn (PressFlag $flag): string => __('press.seam_line', [
                    'at' => $this->place($flag), 'way' => __('press.way.'.$flag->way()),
                ]), $flags),
            ];
        }
        $short = fn (Crossing $crossing): string => trans_choice('press.left_line', $crossing->copies, [
            'of' => $crossing->of === '' ? __('press.top') : $this->name($crossing->of, $names),
            'x' => $this->number($crossing->x), 'y' => $this->number($crossing->y), 'unit' => app(Words::class)->notation()->unit()->value,
        ]);

        $labels = [];
        foreach (array_keys(array_filter(PressModel::others($sheet->placements, $sheet->pressing->copies))) as $place) {
            $labels[] = __('press.other_place', [
                'number' => $place + 1, 'block' => $names[$sheet->placements[$place]->product] ?? $sheet->placements[$place]->product,
            ]);
        }

        return [
            'otherPlaces' => $labels,
            'cards' => $cards,
            'count' => trans_choice('press.count', $plan->crossingsInTop(), ['crossings' => $plan->crossingsInTop(), 'left' => $left]),
            'against' => trans_choice('press.against', PressSolver::cost($plan, $school)[1], ['against' => PressSolver::cost($plan, $school)[1]]),
            'nests' => $left === 0,
            'left' => array_map($short, array_slice($plan->left($school), 0, self::NAMED)),
            'others' => $others,
        ];
    }

    /**
     * @param  list<PressFlag>  $seams
     * @return array{box: string, groups: list<array{transform: string, shapes: list<Shape>}>, flags: list<string>, clashes: list<string>}
     */
    private function drawing(string $key, array $seams, QuiltSheet $sheet, Colourway $colourway): array
    {
        $key = rtrim($key, "'");
        $shapes = fn (string $unit): array => array_map(
            fn (Patch $patch): Shape => Shape::of($patch->outline, $colourway->cloths[$patch->slot]->colour), $sheet->units[$unit] ?? [],
        );
        $groups = isset($sheet->blocks[$key])
            ? $this->groups($sheet->blocks[$key], '', $sheet, $shapes)
            : [['transform' => '', 'shapes' => $shapes($key)]];
        $points = $this->points($key, $sheet);
        [$across, $down] = [array_column($points, 0), array_column($points, 1)];
        [$left, $top] = [min([0.0, ...$across]), min([0.0, ...$down])];
        [$width, $height] = [max([0.1, ...$across]) - $left, max([0.1, ...$down]) - $top];
        $margin = max($width, $height) * 0.03;

        return [
            'box' => implode(' ', array_map(
                Shape::at(...), [$left - $margin, $top - $margin, $width + 2 * $margin, $height + 2 * $margin],
            )),
            'groups' => $groups,
            'flags' => array_map(fn (PressFlag $flag): string => Flag::path($flag, $margin), $seams),
            'clashes' => array_map(
                fn (array $at): string => Shape::ring($at[0], $at[1], $margin), array_merge(...array_map(fn (PressFlag $flag): array => $flag->clashPoints(), $seams)),
            ),
        ];
    }

    /** @return list<array{float, float}> the corners of all patches of a unit or block, in inches */
    private function points(string $key, QuiltSheet $sheet): array
    {
        $points = [];
        foreach ($sheet->units[$key] ?? [] as $patch) {
            foreach ($patch->outline->corners as $corner) {
                $points[] = [$corner->x->toFloat(), $corner->y->toFloat()];
            }
        }
        foreach ($sheet->blocks[$key] ?? [] as $part) {
            [$cos, $sin] = [cos(deg2rad($part->turn)), sin(deg2rad($part->turn))];
            foreach ($this->points($part->product, $sheet) as [$x, $y]) {
                $points[] = [$part->x->toFloat() + $cos * $x - $sin * $y, $part->y->toFloat() + $sin * $x + $cos * $y];
            }
        }

        return $points;
    }

    /**
     * @param  list<Placement>  $placements
     * @param  callable(string): list<Shape>  $shapes
     * @return list<array{transform: string, shapes: list<Shape>}>
     */
    private function groups(array $placements, string $outer, QuiltSheet $sheet, callable $shapes): array
    {
        $groups = [];
        foreach ($placements as $placement) {
            $transform = trim($outer.sprintf(
                ' translate(%s %s) rotate(%d)', Shape::at($placement->x->toFloat()), Shape::at($placement->y->toFloat()), $placement->turn,
            ));
            array_push($groups, ...isset($sheet->blocks[$placement->product])
                ? $this->groups($sheet->blocks[$placement->product], $transform, $sheet, $shapes)
                : [['transform' => $transform, 'shapes' => $shapes($placement->product)]]);
        }

        return $groups;
    }

    /** @param  array<string, string>  $names */
    private function name(string $key, array $names): string
    {
        $product = rtrim($key, "'");

        return $product === $key ? ($names[$key] ?? $key) : __('press.other_copies', ['name' => $names[$product] ?? $product]);
    }

    private function place(PressFlag $seam): string
    {
        return __('press.between', [
            'x1' => $this->number($seam->fromX), 'y1' => $this->number($seam->fromY), 'x2' => $this->number($seam->toX),
            'y2' => $this->number($seam->toY),
        ]);
    }

    private function number(float $inches): string
    {
        return Figure::place($inches, app(Words::class)->notation());
    }
}
