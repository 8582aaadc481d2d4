<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Block\BlockUnit;
use Dew\Core\Design\Clue;
use Dew\Core\Design\Design;
use Dew\Core\Design\Task;
use Dew\Core\Design\UnknownSize;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Making\Rates;
use Dew\Core\Measure\Length;
use Dew\Core\Setting\QuiltSize;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/**
 * Turns a design into numbers. A pure function: the same design, size and methods give the same sheets.
 *
 * What belongs to a unit alone (patches, makings, digests, seams) is worked out once for it and kept as long as it is.
 */
final class Compiler
{
    /** Raised whenever a change here or in a unit could alter a sheet; stored sheets of another revision are never served. */
    public const REVISION = 3;

    /** What is cut larger to be trimmed, in inches, for each time a cut passes from edge to edge. */
    private const OVERSIZE = [1, 8];

    public static function announcement(Design $design): Announcement
    {
        $sizes = array_map(
            fn (QuiltSize $size): AnnouncedSize => new AnnouncedSize($size->id, $size->name, SizedDesign::of($design, $size->id)->layout->finished),
            $design->sizes,
        );

        return new Announcement(
            $design->title,
            $design->slots,
            $design->colourways,
            $sizes,
            $design->room->usableWidth,
            array_values(array_map(fn (Clue $clue): int => $clue->minutes, $design->clues)),
        );
    }

    /** @throws UnknownSize */
    public static function plan(Design $design, string $size, MethodChoices $methods): Plan
    {
        $clues = [];
        foreach (array_keys($design->clues) as $clue) {
            $clues[$clue] = self::clueSheet($design, $size, $clue, $methods);
        }

        return new Plan(self::quiltSheet($design, $size), $clues);
    }

    /** @throws UnknownSize */
    public static function quiltSheet(Design $design, string $size): QuiltSheet
    {
        $sized = SizedDesign::of($design, $size);
        $layout = $sized->layout;
        [$units, $blocks] = self::drawn($sized, array_keys($sized->counts), $design->room);
        $anyBlock = $sized->products[(string) array_key_first($layout->blockCounts)];

        return new QuiltSheet(
            size: $size,
            finished: $layout->finished,
            block: $anyBlock->finished(),
            units: $units,
            blocks: $blocks,
            blockNames: array_intersect_key($sized->names, $layout->blockCounts),
            placements: $layout->placements,
            frame: $layout->frame,
            blockCounts: $layout->blockCounts,
            unitCounts: array_diff_key($sized->counts, $layout->blockCounts),
            unitNames: array_intersect_key($sized->names, $sized->counts),
            perimeter: $layout->perimeter,
            areas: self::areas($design, $sized, $layout->frame, $layout->blockCounts),
            effort: self::wholeEffort($design, $sized),
            quilting: $design->setting->quilting?->sizes($anyBlock->finished(), $design->room) ?? [],
        );
    }

    /**
     * One block alone, as a quilt of nothing else.
     *
     * @throws UnknownSize
     * @throws InvalidArgumentException when the design has no such block
     */
    public static function blockSheet(Design $design, string $size, string $block): QuiltSheet
    {
        $sized = SizedDesign::of($design, $size);
        $unit = $sized->product($block);
        if (! $unit instanceof BlockUnit) {
            throw new InvalidArgumentException(sprintf('There is no block "%s".', $block));
        }
        $about = UnitFacts::of($unit, $design->room);
        $finished = $unit->finished();
        $contents = SizedDesign::contents($design, $block);
        [$units, $blocks] = self::drawn($sized, array_keys($contents), $design->room);

        return new QuiltSheet(
            size: $size,
            finished: $finished,
            block: $finished,
            units: $units,
            blocks: $blocks,
            blockNames: [$block => $sized->names[$block]],
            placements: [new Placement($block, Length::zero(), Length::zero())],
            frame: [],
            blockCounts: [$block => 1],
            unitCounts: array_diff_key($contents, [$block => true]),
            unitNames: array_intersect_key($sized->names, $contents),
            perimeter: $finished->width->plus($finished->height)->times(2),
            areas: self::areas($design, $sized, [], [$block => 1]),
            effort: $about->effort($about->making(Method::BlockRows), 1),
        );
    }

    /**
     * @throws UnknownSize
     * @throws InvalidArgumentException when the design has no such clue
     */
    public static function clueSheet(Design $design, string $size, string $clue, MethodChoices $methods): ClueSheet
    {
        $sized = SizedDesign::of($design, $size);
        $asked = $design->clues[$clue] ?? throw new InvalidArgumentException(sprintf('There is no clue "%s".', $clue));
        $tasks = [];
        foreach ($asked->tasks as $task) {
            // What this size does not have, such as a border or a block of another size's own, is no task at it.
            if (($sized->counts[$task->product] ?? 0) > 0) {
                $tasks[] = self::taskSheet($design, $sized, $task, $methods);
            }
        }

        return new ClueSheet(
            clue: $clue,
            number: (int) array_search($clue, array_keys($design->clues), true) + 1,
            title: $asked->title,
            introduction: $asked->introduction,
            minutes: $asked->minutes,
            size: $size,
            tasks: $tasks,
        );
    }

    /**
     * The kinds of unit a clue makes: its sheet depends on the methods of these and of no others.
     *
     * @return list<UnitKind>
     */
    public static function kinds(Design $design, string $clue): array
    {
        $kinds = [];
        foreach ($design->clues[$clue]->tasks ?? [] as $task) {
            foreach (array_keys($design->sizes) as $size) {
                $kind = SizedDesign::of($design, $size)->product($task->product)?->kind();
                if ($kind !== null) {
                    $kinds[$kind->value] = $kind;
                }
            }
        }

        return array_values($kinds);
    }

    private static function taskSheet(Design $design, SizedDesign $sized, Task $task, MethodChoices $methods): TaskSheet
    {
        $unit = $sized->products[$task->product];
        $about = UnitFacts::of($unit, $design->room);
        $count = $sized->counts[$task->product] ?? 0;
        $offers = [];
        foreach ($unit->kind()->methods() as $method) {
            // A unit may answer with another method than the one it cannot be made by: then that one is offered once.
            $making = $about->making($method);
            $offers[$making->method->value] ??= MethodOffer::from($making, $count, max(0.0, $making->clothPerUnit - $about->cutArea()));
        }
        $making = $about->making($methods->for($unit->kind()));
        $cutArea = $about->cutArea();
        $oversize = $methods->isOversize($unit->kind()) && $making->canBeOversize();
        $making = $oversize ? self::oversize($making, $design->room) : $making;

        return new TaskSheet(
            task: $task->id,
            digest: $about->digest($sized),
            name: $task->name ?? $sized->names[$task->product],
            kind: $unit->kind(),
            count: $count,
            finished: $unit->finished(),
            unfinished: $unit->finished()->outsetBy($design->room->seam),
            patches: $unit instanceof BlockUnit ? [] : $about->patches(),
            making: $making,
            offers: array_values($offers),
            overhangs: $making->meetsAtSlants() ? $about->overhangs() : [],
            waste: max(0.0, $making->clothPerUnit - $cutArea),
            effort: $about->effort($making, $count),
            drawing: $unit instanceof BlockUnit ? self::blockDrawing($design, $sized, $task->product) : null,
            oversize: $oversize,
        );
    }

    /** An eighth for every unit that lies across a square: eight at a time has two across, four at a time one across a diagonal. */
    private static function oversize(Making $making, CuttingRoom $room): Making
    {
        $eighth = Length::fraction(...self::OVERSIZE);

        return $making->oversize(match ($making->method) {
            Method::HstEight, Method::PinwheelEight => $eighth->times(2),
            Method::HstFour => $eighth->timesRoot2(),
            Method::HstGrid => $eighth->times(3),
            default => $eighth,
        }, $room);
    }

    private static function blockDrawing(Design $design, SizedDesign $sized, string $block): BlockDrawing
    {
        $contents = SizedDesign::contents($design, $block);
        [$units, $blocks] = self::drawn($sized, array_keys($contents), $design->room);

        return new BlockDrawing($block, $units, $blocks, array_intersect_key($sized->names, $contents));
    }

    /**
     * What the units among some products look like, and what lies where in the blocks among them.
     *
     * @param  array<string>  $keys
     * @return array{array<string, list<Patch>>, array<string, list<Placement>>}
     */
    private static function drawn(SizedDesign $sized, array $keys, CuttingRoom $room): array
    {
        $units = $blocks = [];
        foreach ($keys as $key) {
            $product = $sized->products[$key];
            if ($product instanceof BlockUnit) {
                $blocks[$key] = $product->placements();
            } elseif (isset($sized->names[$key]) && ! isset($sized->layout->parts[$key])) {
                $units[$key] = UnitFacts::of($product, $room)->patches();
            }
        }

        return [$units, $blocks];
    }

    /**
     * Finished square inches of each fabric: the frame's, and those of the units in the blocks.
     *
     * @param  list<Patch>  $frame
     * @param  array<string, int>  $blockCounts
     * @return array<string, float>
     */
    private static function areas(Design $design, SizedDesign $sized, array $frame, array $blockCounts): array
    {
        $areas = array_map(fn (): float => 0.0, $design->slots);
        foreach ($frame as $patch) {
            $areas[$patch->slot] += $patch->outline->area();
        }
        foreach ($blockCounts as $block => $count) {
            foreach (SizedDesign::contents($design, $block) as $key => $each) {
                foreach (isset($design->units[$key]) ? UnitFacts::of($sized->products[$key], $design->room)->areas() : [] as $slot => $area) {
                    $areas[$slot] += $count * $each * $area;
                }
            }
        }

        return array_map(fn (float $area): float => round($area, 6), $areas);
    }

    /** Everything made by its default method, and the blocks sewn together. */
    private static function wholeEffort(Design $design, SizedDesign $sized): Effort
    {
        $seams = $minutes = 0;
        $length = 0.0;
        foreach ($sized->counts as $key => $count) {
            $unit = $sized->products[$key];
            $about = UnitFacts::of($unit, $design->room);
            $effort = $about->effort($about->making($unit->kind()->methods()[0]), $count);
            $seams += $effort->seams;
            $length += $effort->seamLength;
            $minutes += $effort->minutes;
        }
        $layout = $sized->layout;
        $parts = count($layout->placements) + count($layout->frame);
        $around = array_sum(array_map(fn (Patch $patch): float => $patch->outline->perimeter(), $layout->frame));
        foreach ($layout->blockCounts as $key => $count) {
            $size = $sized->products[$key]->finished();
            $around += $count * 2 * ($size->width->toFloat() + $size->height->toFloat());
        }
        $rates = new Rates;
        $joining = max(0.0, ($around - $layout->perimeter->toFloat()) / 2);

        return new Effort(
            $seams + $parts - 1,
            round($length + $joining, 6),
            $minutes + (int) ceil((($parts - 1) * ($rates->seam + $rates->press) + $joining * $rates->inchOfSeam) / 60),
        );
    }
}
