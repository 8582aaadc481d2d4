<?php

declare(strict_types=1);

namespace Dew\Core\Plan;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Making\Overhang;
use Dew\Core\Making\Sewing;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Grain;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\UnitKind;

/** Reads back what {@see SheetWriter} wrote. */
final class SheetReader
{
    private const LARGEST_SHEET = 20_000_000;

    private const MANY = 100_000;

    /** @throws DocumentException */
    public static function clue(string $json): ClueSheet
    {
        $sheet = Node::fromJson($json, self::LARGEST_SHEET);

        return new ClueSheet(
            $sheet->get('clue')->string(),
            $sheet->get('number')->integer(1, self::MANY),
            $sheet->get('title')->string(),
            $sheet->get('introduction')->text(),
            $sheet->get('minutes')->integer(0, self::MANY),
            $sheet->get('size')->string(),
            array_map(self::task(...), $sheet->get('tasks')->items(self::MANY)),
        );
    }

    /** @throws DocumentException */
    public static function quilt(string $json): QuiltSheet
    {
        $sheet = Node::fromJson($json, self::LARGEST_SHEET);

        return new QuiltSheet(
            $sheet->get('size')->string(),
            Size::decode($sheet->get('finished')->string()),
            Size::decode($sheet->get('block')->string()),
            array_map(self::patches(...), $sheet->get('units')->entries()),
            array_map(self::placements(...), $sheet->get('blocks')->entries()),
            self::names($sheet->get('block_names')),
            self::placements($sheet->get('placements')),
            self::patches($sheet->get('frame')),
            self::counts($sheet->get('block_counts')),
            self::counts($sheet->get('unit_counts')),
            self::names($sheet->get('unit_names')),
            Length::decode($sheet->get('perimeter')->string()),
            array_map(fn (Node $area): float => $area->number(), $sheet->get('areas')->entries()),
            self::effort($sheet->get('effort')),
            array_map(fn (Node $size): Size|Length => str_contains($size->string(), ' x ') ? Size::decode($size->string()) : Length::decode($size->string()), $sheet->get('quilting')->entries()),
        );
    }

    /** @throws DocumentException */
    public static function announcement(string $json): Announcement
    {
        $sheet = Node::fromJson($json, self::LARGEST_SHEET);
        $slots = $colourways = $sizes = [];
        foreach ($sheet->get('slots')->items(self::MANY) as $slot) {
            $id = $slot->get('id')->string();
            $slots[$id] = new Slot($id, $slot->get('letter')->string(), $slot->get('name')->string(), $slot->get('value')->enum(FabricValue::class));
        }
        foreach ($sheet->get('colourways')->items(self::MANY) as $colourway) {
            $id = $colourway->get('id')->string();
            $cloths = array_map(
                fn (Node $cloth): Cloth => new Cloth($cloth->get('name')->string(), $cloth->get('colour')->colour()),
                $colourway->get('cloths')->entries(),
            );
            $colourways[$id] = new Colourway($id, $colourway->get('name')->string(), $cloths);
        }
        foreach ($sheet->get('sizes')->items(self::MANY) as $size) {
            $id = $size->get('id')->string();
            $sizes[$id] = new AnnouncedSize($id, $size->get('name')->string(), Size::decode($size->get('finished')->string()));
        }
        $minutes = array_map(fn (Node $node): int => $node->integer(0, self::MANY), $sheet->get('minutes')->items(self::MANY));

        return new Announcement($sheet->get('title')->string(), $slots, $colourways, $sizes, Length::decode($sheet->get('usable_width')->string()), $minutes);
    }

    private static function task(Node $task): TaskSheet
    {
        return new TaskSheet(
            $task->get('task')->string(),
            $task->get('digest')->string(),
            $task->get('name')->string(),
            $task->get('kind')->enum(UnitKind::class),
            $task->get('count')->integer(0, PHP_INT_MAX),
            Size::decode($task->get('finished')->string()),
            Size::decode($task->get('unfinished')->string()),
            self::patches($task->get('patches')),
            self::making($task->get('making')),
            array_map(fn (Node $offer): MethodOffer => new MethodOffer(
                $offer->get('method')->enum(Method::class),
                $offer->get('batches')->integer(0, PHP_INT_MAX),
                $offer->get('spares')->integer(0, PHP_INT_MAX),
                $offer->get('bias_edges')->integer(0, 4),
                $offer->get('cloth')->integer(0, PHP_INT_MAX),
                $offer->get('waste')->integer(0, PHP_INT_MAX),
                $offer->has('stock') ? Measurement::decode($offer->get('stock')->string()) : null,
            ), $task->get('offers')->items(self::MANY)),
            array_map(fn (Node $overhang): Overhang => Overhang::decode($overhang->string()), $task->get('overhangs')->items(self::MANY)),
            $task->get('waste')->number(),
            self::effort($task->get('effort')),
            $task->has('drawing') ? new BlockDrawing(
                $task->get('drawing')->get('block')->string(),
                array_map(self::patches(...), $task->get('drawing')->get('units')->entries()),
                array_map(self::placements(...), $task->get('drawing')->get('blocks')->entries()),
                self::names($task->get('drawing')->get('names')),
            ) : null,
            $task->has('oversize'),
        );
    }

    private static function making(Node $making): Making
    {
        $pieces = array_map(self::piece(...), $making->get('pieces')->items(self::MANY, 1));
        if ($pieces === []) {
            throw $making->fail('has no piece.');
        }

        return new Making(
            $making->get('method')->enum(Method::class),
            $pieces,
            array_map(self::step(...), $making->get('steps')->items(self::MANY)),
            $making->get('bias_edges')->integer(0, 4),
            $making->get('cloth_per_unit')->number(),
        );
    }

    private static function piece(Node $piece): Piece
    {
        $lines = fn (Node $list): array => array_map(fn (Node $line): Outline => Outline::decode($line->text()), $list->items(self::MANY));
        $slots = array_map(fn (Node $slot): string => $slot->string(), $piece->get('slots')->items(self::MANY, 1));
        if ($slots === []) {
            throw $piece->fail('has no fabric.');
        }

        return new Piece(
            $piece->get('id')->string(),
            $piece->get('shape')->enum(PieceShape::class),
            $slots,
            Measurement::decode($piece->get('width')->string()),
            $piece->has('length') ? Measurement::decode($piece->get('length')->string()) : null,
            max(1, $piece->get('yield')->integer(1, PHP_INT_MAX)),
            max(1, $piece->get('per_unit')->integer(1, PHP_INT_MAX)),
            max(1, $piece->get('each')->integer(1, PHP_INT_MAX)),
            $piece->has('segment') ? $piece->get('segment')->string() : null,
            $lines($piece->get('sew')),
            $lines($piece->get('cut')),
            $piece->has('outline') ? Outline::decode($piece->get('outline')->text()) : null,
            $piece->has('chiral'),
            $piece->has('mirrored'),
            $piece->has('advance') ? Measurement::decode($piece->get('advance')->string()) : null,
            $piece->has('group') ? max(1, $piece->get('group')->integer(1, 100)) : 1,
            $piece->has('lost') ? Measurement::decode($piece->get('lost')->string()) : null,
            $piece->get('grain')->enum(Grain::class),
        );
    }

    private static function step(Node $step): Step
    {
        return new Step(
            $step->get('kind')->enum(StepKind::class),
            $step->get('code')->string(),
            array_map(fn (Node $measure): Measurement => Measurement::decode($measure->string()), $step->get('measures')->entries()),
            self::names($step->get('slots')),
            self::counts($step->get('counts')),
            $step->has('sewing') ? $step->get('sewing')->enum(Sewing::class) : null,
        );
    }

    /** @return list<Placement> */
    private static function placements(Node $list): array
    {
        return array_map(function (Node $node): Placement {
            [$product, $x, $y, $turn] = explode(' ', $node->string()) + ['', '', '', ''];

            return new Placement($product, Length::decode($x), Length::decode($y), (int) $turn);
        }, $list->items(self::MANY));
    }

    private static function effort(Node $effort): Effort
    {
        return new Effort($effort->get('seams')->integer(0, PHP_INT_MAX), $effort->get('length')->number(), $effort->get('minutes')->integer(0, PHP_INT_MAX));
    }

    /** @return list<Patch> */
    private static function patches(Node $list): array
    {
        return array_map(fn (Node $patch): Patch => Patch::decode($patch->text()), $list->items(self::MANY));
    }

    /** @return array<string, string> */
    private static function names(Node $node): array
    {
        return array_map(fn (Node $name): string => $name->string(), $node->entries());
    }

    /** @return array<string, int> */
    private static function counts(Node $node): array
    {
        return array_map(fn (Node $count): int => $count->integer(0, PHP_INT_MAX), $node->entries());
    }
}
