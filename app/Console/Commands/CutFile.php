<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Drawing\Shape;
use App\Wording\Problems;
use Dew\Core\Cutting\CutSheet;
use Dew\Core\Cutting\CutSheets;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\Design;
use Dew\Core\Geometry\Outline;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Illuminate\Console\Command;
use InvalidArgumentException;

/** Writes the pieces of one unit as SVG files at true size, one for each mat, for a cutting machine. */
final class CutFile extends Command
{
    use ReadsDesigns;

    protected $signature = 'dew:cutfile
        {file : A design document}
        {--size= : The id of a size}
        {--unit= : The id of a unit}
        {--method= : A method; the default when left out}
        {--count=1 : How many units to cut for}
        {--mat=12 : Side of the mat, or its width and height as 12x24}
        {--out= : Where to write; with several mats, -2, -3 … are put before the ending}';

    protected $description = 'Write cut shapes at true size for a cutting machine';

    public function handle(): int
    {
        return $this->withDesign(function (Design $design): int {
            $sized = Compilation::of($design)->sized($this->text('size'));
            $unit = isset($design->units[$this->text('unit')]) ? $sized->product($this->text('unit')) : null;
            if ($unit === null) {
                $this->error(__('console.no_unit', ['unit' => $this->text('unit'), 'units' => implode(', ', array_keys($design->units))]));

                return self::INVALID;
            }
            $method = $this->text('method') === '' ? $design->defaultMethod($unit->kind()) : UnitLibrary::findMethod($this->text('method'));
            if ($method === null || ! $unit->kind()->isMadeBy($method)) {
                $this->error(
                    __(
                        'console.no_method',
                        [
                            'method' => $this->text('method'),
                            'methods' => implode(', ', array_map(fn (Method $known): string => $known->value, $unit->kind()->methods())),
                        ],
                    ),
                );

                return self::INVALID;
            }
            try {
                $sheets = CutSheets::of($unit->making($method, $design->room), max(1, (int) $this->text('count')), $this->mat());
            } catch (InvalidArgumentException|MeasureException $error) {
                $this->error(Problems::of($error));

                return self::INVALID;
            }
            foreach ($sheets as $index => $sheet) {
                $file = $index === 0 ? $this->text('out') : (string) preg_replace(
                    '/(\.[^.\/]*)?$/',
                    '-'.($index + 1).'$1',
                    $this->text('out'),
                    1,
                );
                if (! $this->put($file, $this->svg($sheet, $design->slots[$sheet->slot]->name))) {
                    return self::FAILURE;
                }
            }

            return self::SUCCESS;
        });
    }

    private function mat(): Size
    {
        $sides = array_map(fn (string $side): Length => Length::parse(trim($side)), explode('x', $this->text('mat'), 2));

        return new Size($sides[0], $sides[1] ?? $sides[0]);
    }

    /** One drawing unit is a hundredth of an inch; width and height say how large that is to be cut. */
    private function svg(CutSheet $sheet, string $fabric): string
    {
        [$width, $height] = [$sheet->mat->width->toFloat(), $sheet->mat->height->toFloat()];
        $path = fn (Outline $outline): string => sprintf(
            '  <path d="%s" fill="none" stroke="#000000" stroke-width="1"/>',
            Shape::path($outline),
        );

        return implode("\n", [
            sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" width="%1$sin" height="%2$sin" viewBox="0 0 %3$s %4$s">',
                round($width, 4),
                round($height, 4),
                Shape::at($width),
                Shape::at($height),
            ),
            '  <title>'.e($fabric).'</title>',
            ...array_map($path, $sheet->shapes),
            ...array_map($path, $sheet->lines),
            '</svg>',
            '',
        ]);
    }
}
