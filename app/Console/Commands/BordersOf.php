<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dew\Core\Bench\BorderCorner;
use Dew\Core\Bench\BorderRound;
use Dew\Core\Bench\Borders;
use Dew\Core\Bench\TopMeasure;
use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Design;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Setting\Border;
use Illuminate\Console\Command;

/** Prints the borders of a design cut to what a real top measures, with the pattern's numbers beside them. */
final class BordersOf extends Command
{
    use PrintsData;
    use ReadsDesigns, ReadsLengths;

    protected $signature = 'dew:borders
        {file : A design document}
        {--size= : The id of a size}
        {--measured= : What the top measures before its first border: widths, a slash, heights, as in "60, 60 1/4, 60 / 80, 79 3/4, 80"}
        {--diagonals= : Both diagonals, as in "100, 100 1/4"}
        {--json : Print it as data, lengths in inches}';

    protected $description = 'Print the borders of a size, cut to what the top really measures';

    public function handle(): int
    {
        return $this->withDesign(fn (Design $design): int => $this->saying(function () use ($design): int {
            $size = $design->size($this->text('size'));
            $borders = array_values(array_filter(
                $design->setting->borders, fn (Border $border): bool => $size->borders === null || in_array($border->id, $size->borders, true),
            ));
            $widths = array_map(fn (Border $border): Length => $size->borderWidths[$border->id] ?? $border->width, $borders);
            [$across, $down] = [...preg_split('{\s+/\s+}', trim($this->text('measured'))) ?: [], '', ''];
            $top = new TopMeasure(
                $this->lengths($across), $this->lengths($down),
                $this->text('diagonals') === '' ? null : $this->diagonals($this->lengths($this->text('diagonals'))),
            );
            if ($widths === []) {
                $this->line(__('console.no_borders'));

                return self::SUCCESS;
            }
            $rounds = Borders::of($top, $widths, array_map(BorderCorner::of(...), $borders), $design->room, $design->room->usableWidth);
            // The pattern's number for the top: the finished quilt without its borders, with a seam allowance all round.
            $quilt = Compiler::quiltSheet($design, $size->id)->finished;
            $pattern = $quilt->outsetBy(Length::sum($widths)->negated())->outsetBy($design->room->seam);
            $this->option('json') ? $this->printData([
                'measured' => [$top->width()->toDecimal(4), $top->height()->toDecimal(4)],
                'pattern' => [$pattern->width->toDecimal(4), $pattern->height->toDecimal(4)],
                'warnings' => $top->warnings(),
                'borders' => array_map(fn (BorderRound $round): array => [
                    'corners' => $round->corner->value, 'finished' => $round->finished->toDecimal(4), 'cut' => $round->cut->toDecimal(4),
                    'sides' => $round->sides->toDecimal(4), 'top_and_bottom' => $round->ends->toDecimal(4), 'strips' => $round->strips,
                    'after' => [$round->after->width->toDecimal(4), $round->after->height->toDecimal(4)],
                ], $rounds),
            ])
                : $this->print($top, $rounds, $pattern->width, $pattern->height, $design->room->usableWidth);

            return self::SUCCESS;
        }));
    }

    /**
     * @param  list<Length>  $lengths
     * @return array{Length, Length}|null
     */
    private function diagonals(array $lengths): ?array
    {
        return count($lengths) === 2 ? [$lengths[0], $lengths[1]] : null;
    }

    /** @param  list<BorderRound>  $rounds */
    private function print(TopMeasure $top, array $rounds, Length $width, Length $height, Length $usable): void
    {
        $this->line(__('benchwork.average', ['width' => $this->inches($top->width()), 'height' => $this->inches($top->height())]));
        $this->line(__('benchwork.pattern', ['width' => $this->inches($width), 'height' => $this->inches($height)]));
        if ($top->isFarFrom(new Size($width, $height))) {
            $this->warn(__('benchwork.wrong.not_this_size'));
        }
        foreach ($top->warnings() as $warning) {
            $this->warn(__('benchwork.warning.'.$warning, ['lean' => $this->inches(Length::approximately(abs($top->lean())))]));
        }
        foreach ($rounds as $number => $round) {
            $this->info(__('benchwork.border', ['number' => $number + 1, 'finished' => $this->inches($round->finished)]));
            $this->line('  '.__('benchwork.cut', [
                'cut' => $this->inches($round->cut), 'strips' => $round->strips, 'usable' => $this->inches($usable),
            ]));
            $this->line('  '.__('benchwork.sides', ['length' => $this->inches($round->sides)]));
            $this->line('  '.__('benchwork.ends', ['length' => $this->inches($round->ends)]));
            if ($round->corners !== null) {
                $this->line('  '.__('benchwork.corners', ['size' => $this->inches($round->corners)]));
            }
            $this->line('  '.__('benchwork.ends_first.'.$round->corner->value));
            [$width, $height] = [$width->plus($round->finished->times(2)), $height->plus($round->finished->times(2))];
            $this->line('  '.__('benchwork.after_pattern', [
                'width' => $this->inches($round->after->width), 'height' => $this->inches($round->after->height),
                'pattern_width' => $this->inches($width), 'pattern_height' => $this->inches($height),
            ]));
        }
    }
}
