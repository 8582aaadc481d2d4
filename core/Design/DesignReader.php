<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Block\Block;
use Dew\Core\Block\Cell;
use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Making\Clue;
use Dew\Core\Making\Task;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Setting\Border;
use Dew\Core\Setting\QuiltSize;
use Dew\Core\Setting\StraightSetting;
use Dew\Core\Unit\Unit;
use Dew\Core\Unit\UnitFactory;
use Dew\Core\Unit\UnitKind;
use InvalidArgumentException;

/** Reads a design document (format 1) and refuses, with a JSON pointer, whatever could not be sewn. */
final class DesignReader
{
    /** Bytes; the largest design we can imagine is a tenth of it. */
    public const LARGEST_DOCUMENT = 2_000_000;

    /** Blocks across or down: larger than any bed. */
    private const MOST_REPEATS = 60;

    /** @throws DesignException */
    public static function read(string $json): Design
    {
        $document = Node::fromJson($json, self::LARGEST_DOCUMENT);
        $version = $document->get('dew')->integer(1, PHP_INT_MAX);
        if ($version !== Design::FORMAT) {
            throw $document->get('dew')->fail(sprintf('is format %d; this Dew reads format %d.', $version, Design::FORMAT));
        }
        $slots = self::slots($document->get('fabrics'));
        [$units, $names] = self::units($document->get('units'), $slots);
        $blocks = self::blocks($document->get('blocks'), $units);

        return new Design(
            id: $document->get('id')->id(),
            title: $document->get('title')->string(),
            room: self::room($document),
            slots: $slots,
            colourways: self::colourways($document->get('colourways'), $slots),
            units: $units,
            unitNames: $names,
            blocks: $blocks,
            setting: self::setting($document->get('setting'), $blocks, $slots),
            sizes: self::sizes($document->get('sizes')),
            clues: self::clues($document->get('clues'), $units),
        );
    }

    private static function room(Node $document): CuttingRoom
    {
        $usual = CuttingRoom::usual();
        $seam = $document->has('seam') ? $document->get('seam')->length() : $usual->seam;
        if ($seam->isGreaterThan(Length::inches(1))) {
            throw $document->get('seam')->fail('is more than 1 in; a seam allowance is smaller.');
        }

        return new CuttingRoom(
            $seam,
            $document->has('usable_width') ? $document->get('usable_width')->length() : $usual->usableWidth,
            $usual->squaring,
        );
    }

    /** @return array<string, Slot> */
    private static function slots(Node $list): array
    {
        $slots = [];
        foreach ($list->items(40, 1) as $node) {
            $id = self::fresh($node, $slots);
            $slots[$id] = new Slot($id, $node->get('letter')->string(3), $node->get('name')->string(60), $node->get('value')->enum(FabricValue::class));
        }

        return $slots;
    }

    /**
     * @param  array<string, Slot>  $slots
     * @return array<string, Colourway>
     */
    private static function colourways(Node $list, array $slots): array
    {
        $colourways = [];
        foreach ($list->items(20, 1) as $node) {
            $id = self::fresh($node, $colourways);
            $cloths = [];
            foreach (array_keys($slots) as $slot) {
                $cloth = $node->get('cloth')->get($slot);
                $cloths[$slot] = new Cloth($cloth->get('name')->string(60), $cloth->get('colour')->colour());
            }
            $colourways[$id] = new Colourway($id, $node->get('name')->string(60), $cloths);
        }

        return $colourways;
    }

    /**
     * @param  array<string, Slot>  $slots
     * @return array{array<string, Unit>, array<string, string>}
     */
    private static function units(Node $list, array $slots): array
    {
        $units = [];
        $names = [];
        foreach ($list->items(500, 1) as $node) {
            $id = self::fresh($node, $units);
            $fabrics = array_map(fn (Node $fabric): Slot => self::known($fabric, $slots, 'fabric'), $node->get('fabrics')->items(10, 1));
            $side = $node->get('finished');
            $finished = $side->has('width') ? new Size($side->get('width')->length(), $side->get('height')->length()) : Size::square($side->length());
            try {
                $legs = $node->has('corners') ? array_map(fn (Node $leg): Length => $leg->length(), $node->get('corners')->entries()) : [];
                $units[$id] = UnitFactory::make($node->get('kind')->enum(UnitKind::class), $finished, $fabrics, $legs);
            } catch (InvalidArgumentException $error) {
                throw $node->fail($error->getMessage());
            }
            $names[$id] = $node->get('name')->string(60);
        }

        return [$units, $names];
    }

    /**
     * @param  array<string, Unit>  $units
     * @return array<string, Block>
     */
    private static function blocks(Node $list, array $units): array
    {
        $blocks = [];
        $first = null;
        foreach ($list->items(200, 1) as $node) {
            $id = self::fresh($node, $blocks);
            $block = self::block($id, $node, $units);
            $first ??= $block;
            if (! $block->finished()->equals($first->finished())) {
                throw $node->fail(sprintf('finishes at another size than "%s"; blocks set edge to edge are of one size.', $first->id));
            }
            $blocks[$id] = $block;
        }

        return $blocks;
    }

    /** @param  array<string, Unit>  $units */
    private static function block(string $id, Node $node, array $units): Block
    {
        $columns = array_map(fn (Node $width): Length => $width->length(), $node->get('columns')->items(40, 1));
        $rows = array_map(fn (Node $height): Length => $height->length(), $node->get('rows')->items(40, 1));
        $cells = [];
        $taken = [];
        foreach ($node->get('cells')->items(count($columns) * count($rows)) as $cellNode) {
            $cell = new Cell(
                $cellNode->get('column')->integer(1, count($columns)) - 1,
                $cellNode->get('row')->integer(1, count($rows)) - 1,
                $cellNode->get('unit')->id(),
                self::orientation($cellNode),
            );
            $unit = self::known($cellNode->get('unit'), $units, 'unit');
            if (isset($taken[$cell->row][$cell->column])) {
                throw $cellNode->fail('lies on a cell that is already filled.');
            }
            $taken[$cell->row][$cell->column] = true;
            if (! $cell->orientation->sizeOf($unit->finished())->equals(new Size($columns[$cell->column], $rows[$cell->row]))) {
                throw $cellNode->get('unit')->fail(sprintf('"%s" finishes at another size than its cell.', $cell->unit));
            }
            $cells[] = $cell;
        }
        if (count($cells) !== count($columns) * count($rows)) {
            throw $node->get('cells')->fail(sprintf('fills %d of %d cells; every cell needs a unit.', count($cells), count($columns) * count($rows)));
        }

        return new Block($id, $node->get('name')->string(60), $columns, $rows, $cells);
    }

    private static function orientation(Node $cell): Orientation
    {
        if (! $cell->has('turn')) {
            return Orientation::upright();
        }
        try {
            return Orientation::of($cell->get('turn')->integer(0, 270));
        } catch (InvalidArgumentException $error) {
            throw $cell->get('turn')->fail($error->getMessage());
        }
    }

    /**
     * @param  array<string, Block>  $blocks
     * @param  array<string, Slot>  $slots
     */
    private static function setting(Node $node, array $blocks, array $slots): StraightSetting
    {
        $pattern = [];
        foreach ($node->get('pattern')->items(20, 1) as $row) {
            $ids = array_map(fn (Node $block): string => self::known($block, $blocks, 'block')->id, $row->items(20, 1));
            if ($ids === [] || ($pattern !== [] && count($ids) !== count($pattern[0]))) {
                throw $row->fail('is not as long as the first row of the pattern.');
            }
            $pattern[] = $ids;
        }
        if ($pattern === []) {
            throw $node->get('pattern')->fail('is empty.');
        }
        $borders = [];
        foreach ($node->get('borders')->items(6) as $border) {
            $id = self::fresh($border, $borders);
            $borders[$id] = new Border($id, self::known($border->get('fabric'), $slots, 'fabric')->id, $border->get('width')->length());
        }

        return new StraightSetting($pattern, array_values($borders));
    }

    /** @return array<string, QuiltSize> */
    private static function sizes(Node $list): array
    {
        $sizes = [];
        foreach ($list->items(12, 1) as $node) {
            $id = self::fresh($node, $sizes);
            $sizes[$id] = new QuiltSize(
                $id,
                $node->get('name')->string(40),
                $node->get('columns')->integer(1, self::MOST_REPEATS),
                $node->get('rows')->integer(1, self::MOST_REPEATS),
            );
        }

        return $sizes;
    }

    /**
     * @param  array<string, Unit>  $units
     * @return array<string, Clue>
     */
    private static function clues(Node $list, array $units): array
    {
        $clues = [];
        $made = [];
        $taskIds = [];
        foreach ($list->items(366, 1) as $node) {
            $id = self::fresh($node, $clues);
            $tasks = [];
            foreach ($node->get('tasks')->items(60) as $taskNode) {
                $taskId = self::fresh($taskNode, $taskIds);
                $taskIds[$taskId] = true;
                $unit = $taskNode->get('unit')->id();
                self::known($taskNode->get('unit'), $units, 'unit');
                if (isset($made[$unit])) {
                    throw $taskNode->get('unit')->fail(sprintf('"%s" is already made by task "%s".', $unit, $made[$unit]));
                }
                $made[$unit] = $taskId;
                $tasks[] = new Task($taskId, $unit);
            }
            $clues[$id] = new Clue(
                $id,
                $node->get('title')->string(80),
                $node->has('introduction') ? $node->get('introduction')->string(8000) : '',
                $node->get('minutes')->integer(0, 10_000),
                $tasks,
            );
        }

        return $clues;
    }

    /** @param  array<string, mixed>  $taken */
    private static function fresh(Node $node, array $taken): string
    {
        $id = $node->get('id')->id();
        if (isset($taken[$id])) {
            throw $node->get('id')->fail(sprintf('"%s" is used twice; an id is given once.', $id));
        }

        return $id;
    }

    /**
     * @template T
     *
     * @param  array<string, T>  $known
     * @return T
     */
    private static function known(Node $node, array $known, string $what): mixed
    {
        $id = $node->id();

        return $known[$id] ?? throw $node->fail(sprintf('names a %s "%s" that the document does not have.', $what, $id));
    }
}
