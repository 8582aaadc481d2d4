<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Block\Block;
use Dew\Core\Design\Design;
use Dew\Core\Design\UnknownSize;
use Dew\Core\Geometry\Patch;
use Dew\Core\Making\Clue;
use Dew\Core\Making\Task;
use Dew\Core\Setting\QuiltSize;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;
use WeakMap;

/**
 * Turns a design into numbers. A pure function: the same design, size and methods give the same sheets.
 *
 * What does not depend on the size (patches of blocks, makings, digests) is worked out once for a design and kept as long as the design
 * itself; a design never changes, so nothing kept can grow old.
 */
final class Compiler
{
    /** Raised whenever a change here or in a unit could alter a sheet; stored sheets of another revision are never served. */
    public const REVISION = 2;

    public static function announcement(Design $design): Announcement
    {
        $sizes = array_map(fn (QuiltSize $size): AnnouncedSize => new AnnouncedSize(
            $size->id,
            $size->name,
            $design->setting->finished($size, self::anyBlock($design)->finished()),
        ), $design->sizes);

        return new Announcement(
            $design->title,
            $design->slots,
            $design->colourways,
            $sizes,
            $design->room->usableWidth,
            array_values(array_map(fn (Clue $clue): int => $clue->minutes, $design->clues)),
        );
    }

    /** @var WeakMap<Design, self>|null */
    private static ?WeakMap $kept = null;

    /** @var array<string, list<Patch>> by block */
    private array $blockPatches = [];

    /** @var array<string, list<Patch>> by unit */
    private array $unitPatches = [];

    /** @var array<string, Making> by unit and method */
    private array $makings = [];

    /** @var array<string, string> by unit */
    private array $digests = [];

    /** @var array<string, array<string, int>> by size */
    private array $counts = [];

    /** @var array<string, array<string, int>> by block */
    private array $perBlock = [];

    private function __construct()
    {
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
        $quiltSize = $design->size($size);
        $block = self::anyBlock($design)->finished();
        $finished = $design->setting->finished($quiltSize, $block);
        $blockCounts = $design->setting->blockCounts($quiltSize);
        $used = array_intersect_key($design->blocks, $blockCounts);

        return new QuiltSheet(
            size: $size,
            finished: $finished,
            block: $block,
            blocks: array_map(fn (Block $block): array => self::kept($design)->blockPatches[$block->id] ??= $block->patches($design->units), $used),
            blockNames: array_map(fn (Block $block): string => $block->name, $used),
            placements: $design->setting->placements($quiltSize, $design->blocks),
            borders: $design->setting->borderPatches($finished),
            blockCounts: $blockCounts,
            unitCounts: self::unitCounts($design, $quiltSize),
            unitNames: $design->unitNames,
        );
    }

    /**
     * @throws UnknownSize
     * @throws InvalidArgumentException when the design has no such clue
     */
    public static function clueSheet(Design $design, string $size, string $clue, MethodChoices $methods): ClueSheet
    {
        $quiltSize = $design->size($size);
        $asked = $design->clues[$clue] ?? throw new InvalidArgumentException(sprintf('There is no clue "%s".', $clue));
        $counts = self::unitCounts($design, $quiltSize);

        return new ClueSheet(
            clue: $clue,
            number: (int) array_search($clue, array_keys($design->clues), true) + 1,
            title: $asked->title,
            introduction: $asked->introduction,
            minutes: $asked->minutes,
            size: $size,
            tasks: array_map(fn (Task $task): TaskSheet => self::taskSheet($design, $task, $counts[$task->unit] ?? 0, $methods), $asked->tasks),
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
            $kind = $design->units[$task->unit]->kind();
            $kinds[$kind->value] = $kind;
        }

        return array_values($kinds);
    }

    private static function taskSheet(Design $design, Task $task, int $count, MethodChoices $methods): TaskSheet
    {
        $unit = $design->units[$task->unit];
        $offers = [];
        foreach ($unit->kind()->methods() as $method) {
            // A unit may answer with another method than the one it cannot be made by: then that one is offered once.
            $making = self::making($design, $task->unit, $method);
            $offers[$making->method->value] = MethodOffer::from($making, $count);
        }

        return new TaskSheet(
            task: $task->id,
            digest: self::kept($design)->digests[$task->unit] ??= self::digest($unit, $design),
            name: $design->unitNames[$task->unit],
            kind: $unit->kind(),
            count: $count,
            finished: $unit->finished(),
            unfinished: $unit->finished()->outsetBy($design->room->seam),
            patches: self::kept($design)->unitPatches[$task->unit] ??= $unit->patches(),
            making: self::making($design, $task->unit, $methods->for($unit->kind())),
            offers: array_values($offers),
        );
    }

    /** Of what a finished unit is, so that counted units keep counting while they would still fit. */
    private static function digest(Unit $unit, Design $design): string
    {
        $patches = array_map(fn (Patch $patch): string => $patch->encode(), $unit->patches());
        $specification = [$unit->kind()->value, $unit->finished()->encode(), $unit->finished()->outsetBy($design->room->seam)->encode(), ...$patches];

        return substr(hash('sha256', implode("\n", $specification)), 0, 16);
    }

    /** @return array<string, int> units in the whole quilt, by unit id */
    public static function unitCounts(Design $design, QuiltSize $size): array
    {
        $kept = self::kept($design);
        if (isset($kept->counts[$size->id])) {
            return $kept->counts[$size->id];
        }
        $counts = [];
        foreach ($design->setting->blockCounts($size) as $block => $blocks) {
            $kept->perBlock[$block] ??= $design->blocks[$block]->unitCounts();
            foreach ($kept->perBlock[$block] as $unit => $perBlock) {
                $counts[$unit] = ($counts[$unit] ?? 0) + $blocks * $perBlock;
            }
        }

        return $kept->counts[$size->id] = $counts;
    }

    private static function making(Design $design, string $unit, Method $method): Making
    {
        return self::kept($design)->makings[$unit.' '.$method->value] ??= $design->units[$unit]->making($method, $design->room);
    }

    private static function kept(Design $design): self
    {
        self::$kept ??= new WeakMap;

        return self::$kept[$design] ??= new self;
    }

    private static function anyBlock(Design $design): Block
    {
        return array_values($design->blocks)[0];
    }
}
