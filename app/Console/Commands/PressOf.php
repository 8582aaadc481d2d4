<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Design;
use Dew\Core\Press\Copies;
use Dew\Core\Press\Crossing;
use Dew\Core\Press\Pressed;
use Dew\Core\Press\PressModel;
use Dew\Core\Press\PressPlan;
use Dew\Core\Press\PressSeam;
use Dew\Core\Press\PressSolver;
use Dew\Core\Press\School;
use Illuminate\Console\Command;

/** Prints which way every seam of a size is pressed so that seams nest, and where two do not. */
final class PressOf extends Command
{
    use PrintsData;
    use ReadsDesigns;

    protected $signature = 'dew:press
        {file : A design document}
        {--size= : The id of a size}
        {--block= : The id of a block or unit; the whole top when it is left out}
        {--school= : dark for to the darker cloth, open, side for always the same side, bulk for the least bulk; what the design says when it is left out}
        {--pressed= : A JSON file with the seams that are pressed already: {"u-wake/1": "left"}}
        {--json : Print it as data, places in inches}';

    protected $description = 'Print which way every seam is pressed, and which crossings do not nest';

    public function handle(): int
    {
        return $this->withDesign(function (Design $design): int {
            $size = $design->size($this->text('size'))->id;
            $school = $this->text('school') === '' ? $design->pressing->school : School::tryFrom($this->text('school'));
            if ($school === null) {
                $this->error(__('press.no_school'));

                return self::INVALID;
            }
            $model = Compiler::pressPlan($design, $size)->model;
            $pressed = $this->pressed($model);
            if ($pressed === null) {
                return self::INVALID;
            }
            $plan = Compiler::pressPlan($design, $size, null, $school, $pressed);
            $only = $this->text('block');
            $of = fn (string $key): bool => $only === '' || $key === $only;
            if ($only !== '' && array_filter($model->seams, fn (PressSeam $seam): bool => $of($seam->of)) === []) {
                $this->error(__('console.no_block', ['block' => $only, 'blocks' => implode(', ', array_unique(array_filter(
                    array_map(fn (PressSeam $seam): string => $seam->of, $model->seams),
                )))]));

                return self::INVALID;
            }
            $others = [];
            foreach ($plan->leftInTop($school) > 0 ? [Copies::Chequered, Copies::ByRows, Copies::ByColumns, Copies::Free] : [] as $copies) {
                $others[$copies->value] = Compiler::pressPlan($design, $size, $copies, $school, $pressed)->leftInTop($school);
            }
            $this->option('json') ? $this->data($plan, $school, $of, $others) : $this->print($plan, $school, $of, $others);

            return self::SUCCESS;
        });
    }

    /** @return array<string, Pressed>|null null when the file cannot be read, which was said */
    private function pressed(PressModel $model): ?array
    {
        $file = $this->text('pressed');
        if ($file === '') {
            return [];
        }
        $list = is_file($file) && is_readable($file) ? json_decode((string) file_get_contents($file), true) : null;
        if (! is_array($list)) {
            $this->error(__('press.no_pressed', ['file' => $file]));

            return null;
        }
        $known = array_column(array_map(fn (PressSeam $seam): array => [$seam->id, true], $model->seams), 1, 0);
        $pressed = [];
        foreach ($list as $seam => $way) {
            $pressed[$seam] = is_string($way) ? Pressed::tryFrom($way) : null;
            if ($pressed[$seam] === null || ! isset($known[$seam])) {
                $this->error(
                    $pressed[$seam] === null ? __('press.no_pressed', ['file' => $file]) : __('press.unknown_seam', ['seam' => $seam]),
                );

                return null;
            }
        }

        return array_filter($pressed);
    }

    /**
     * @param  callable(string): bool  $of
     * @param  array<string, int>  $others
     */
    private function print(PressPlan $plan, School $school, callable $of, array $others): void
    {
        $at = fn (float $x, float $y): string => __('press.at', ['x' => $this->number($x), 'y' => $this->number($y)]);
        $last = null;
        foreach ($plan->model->seams as $number => $seam) {
            if (! $of($seam->of)) {
                continue;
            }
            if ($seam->of !== $last) {
                $this->info(($seam->of === '' ? __('press.top') : $seam->of).': '.trans_choice('press.copies', $seam->copies));
                $last = $seam->of;
            }
            $this->line('  '.__('press.seam', [
                'id' => $seam->id, 'from' => $at($seam->fromX, $seam->fromY), 'to' => $at($seam->toX, $seam->toY),
                'way' => __('press.way.'.$seam->way($plan->pressed[$number])),
            ]));
        }
        $left = $plan->leftInTop($school);
        $this->line(trans_choice('press.count', $plan->crossingsInTop(), ['crossings' => $plan->crossingsInTop(), 'left' => $left]));
        $this->line(trans_choice('press.against', PressSolver::cost($plan, $school)[1], ['against' => PressSolver::cost($plan, $school)[1]]));
        if ($left === 0) {
            $this->line(__('press.all_nest'));
        }
        foreach ($plan->left($school) as $crossing) {
            if ($of($crossing->of)) {
                $this->line(trans_choice('press.left', $crossing->copies, [
                    'at' => $at($crossing->x, $crossing->y), 'of' => $crossing->of === '' ? mb_strtolower(__('press.top')) : $crossing->of,
                    'first' => $plan->model->seams[$crossing->first]->id,
                    'second' => $plan->model->seams[$crossing->second]->id,
                ]));
            }
        }
        foreach ($others as $copies => $count) {
            $this->line(__('press.others.'.$copies, ['left' => $count]));
        }
    }

    /**
     * @param  callable(string): bool  $of
     * @param  array<string, int>  $others
     */
    private function data(PressPlan $plan, School $school, callable $of, array $others): void
    {
        $seams = $crossings = [];
        foreach ($plan->model->seams as $number => $seam) {
            if ($of($seam->of)) {
                $seams[] = [
                    'id' => $seam->id, 'of' => $seam->of, 'copies' => $seam->copies,
                    'from' => [round($seam->fromX, 4), round($seam->fromY, 4)], 'to' => [round($seam->toX, 4), round($seam->toY, 4)],
                    'pressed' => $plan->pressed[$number]->value, 'way' => $seam->way($plan->pressed[$number]),
                ];
            }
        }
        foreach ($plan->model->crossings as $crossing) {
            if ($of($crossing->of)) {
                $crossings[] = [
                    'of' => $crossing->of, 'at' => [round($crossing->x, 4), round($crossing->y, 4)], 'copies' => $crossing->copies,
                    'across' => $plan->model->seams[$crossing->across]->id,
                    'seams' => [$plan->model->seams[$crossing->first]->id, $plan->model->seams[$crossing->second]->id],
                    'nests' => $this->nests($crossing, $plan, $school),
                ];
            }
        }
        $this->printData([
            'school' => $school->value, 'seams' => $seams, 'crossings' => $crossings,
            'in_top' => $plan->crossingsInTop(), 'left_in_top' => $plan->leftInTop($school),
            'against_school' => PressSolver::cost($plan, $school)[1], 'left_otherwise' => (object) $others,
        ]);
    }

    private function nests(Crossing $crossing, PressPlan $plan, School $school): bool
    {
        return $school === School::Open || $crossing->nests($plan->pressed[$crossing->first], $plan->pressed[$crossing->second]);
    }

    private function number(float $inches): string
    {
        return rtrim(rtrim(number_format($inches, 3, '.', ''), '0'), '.');
    }
}
