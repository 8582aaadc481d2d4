<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Wording\Sentence;
use Dew\Core\Bench\QuiltedTop;
use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Design;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Illuminate\Console\Command;

/** Prints what the blocks of a design measure that are quilted one by one, and what the quilt measures once they are joined. */
final class JoinOf extends Command
{
    use PrintsData;
    use ReadsDesigns, ReadsLengths;

    protected $signature = 'dew:join
        {file : A design document}
        {--size= : The id of a size}
        {--json : Print it as data, lengths in inches}';

    protected $description = 'Print the sizes of blocks that are quilted one by one and then joined';

    public function handle(): int
    {
        return $this->withDesign(function (Design $design): int {
            $size = $design->size($this->text('size'));
            $quilting = $design->setting->quilting;
            if ($quilting === null) {
                $this->line(__('benchwork.join.none'));

                return self::SUCCESS;
            }
            $sheet = Compiler::quiltSheet($design, $size->id);
            $sizes = $quilting->sizes($sheet->block, $design->room);
            $top = new QuiltedTop($quilting, $sheet->block, $size->columns, $size->rows, $design->room);
            // Cover strips lie over the seams behind: one between two blocks of a row, and one along every seam between rows.
            $cover = $top->stripCut === null ? null : [
                'between_blocks' => $top->short, 'between_rows' => $top->long, 'row_length' => $top->longLength, 'cut' => $top->stripCut,
            ];
            $this->option('json') ? $this->printData([
                'join' => $quilting->join->value, 'blocks' => array_sum($sheet->blockCounts),
                ...array_map($this->data(...), $sizes),
                'quilt' => $this->data($sheet->finished), 'blocks_alone' => $this->data($top->alone),
                'cover_strips' => $cover === null ? null : array_map(
                    fn (Length|int|array $one): mixed => match (true) {
                        is_int($one) => $one,
                        is_array($one) => array_map(fn (array $joins): array => ['count' => $joins[0], 'length' => $joins[1]->toDecimal(4)], $one),
                        default => $one->toDecimal(4),
                    }, $cover,
                ),
            ])
                : $this->print($size->name, array_sum($sheet->blockCounts), $sizes, $top->shows, $sheet->finished, $top->alone, $cover);

            return self::SUCCESS;
        });
    }

    /** @return array{string, string}|string */
    private function data(Size|Length $one): array|string
    {
        return $one instanceof Size ? [$one->width->toDecimal(4), $one->height->toDecimal(4)] : $one->toDecimal(4);
    }

    /**
     * @param  array{
     *     front: Size, batting: Size, back: Size, trimmed: Size, shows: Size, strip: Length, outer: Length, clear: Length
     * }  $sizes
     * @param  array{between_blocks: list<array{int, Length}>, between_rows: int, row_length: Length, cut: Length}|null  $cover
     */
    private function print(string $name, int $count, array $sizes, Size $shows, Size $quilt, Size $alone, ?array $cover): void
    {
        $by = fn (Size $size): string => __('cuts.by', ['height' => $this->inches($size->width), 'length' => $this->inches($size->height)]);
        $this->info(__('benchwork.join.title', ['size' => $name, 'count' => $count]));
        $this->line(__('benchwork.join.front', [
            'front' => $by($sizes['front']), 'batting' => $by($sizes['batting']), 'back' => $by($sizes['back']),
        ]));
        $this->line(
            __(
                'quilting.trimmed',
                ['width' => $this->inches($sizes['trimmed']->width), 'height' => $this->inches($sizes['trimmed']->height)],
            ),
        );
        $this->line($sizes['strip']->isZero() ? __('benchwork.join.plain') : __('benchwork.join.strip', [
            'strip' => $this->inches($sizes['strip']), 'outer' => $this->inches($sizes['outer']),
        ]));
        $this->line(__('benchwork.join.clear', ['clear' => $this->inches($sizes['clear'])]));
        $this->line(__('benchwork.join.shows', ['width' => $this->inches($shows->width), 'height' => $this->inches($shows->height)]));
        $this->line(__('benchwork.join.quilt', [
            'width' => $this->inches($quilt->width), 'height' => $this->inches($quilt->height),
            'blocks_width' => $this->inches($alone->width), 'blocks_height' => $this->inches($alone->height),
        ]));
        if ($cover !== null) {
            $this->line(__('benchwork.join.strips', [
                'rows' => Sentence::list(array_map(fn (array $joins): string => __(
                    'benchwork.quilted.of_length', ['count' => $joins[0], 'length' => $this->inches($joins[1])],
                ), $cover['between_blocks']) ?: ['0']),
                'long' => $cover['between_rows'], 'long_length' => $this->inches($cover['row_length']), 'cut' => $this->inches($cover['cut']),
            ]));
        }
        $this->line(__('benchwork.join.order'));
    }
}
