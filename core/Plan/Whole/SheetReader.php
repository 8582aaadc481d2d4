<?php

declare(strict_types=1);

namespace Dew\Core\Plan\Whole;

use Dew\Core\Design\Pressing;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Fabric\Cloth;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Placement;
use Dew\Core\Geometry\WayLook;
use Dew\Core\Making\On;
use Dew\Core\Making\Overhang;
use Dew\Core\Making\Sewing;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Plan\AnnouncedSize;
use Dew\Core\Plan\Announcement;
use Dew\Core\Plan\BlockDrawing;
use Dew\Core\Plan\Byproduct;
use Dew\Core\Plan\ChoreSheet;
use Dew\Core\Plan\ClueSheet;
use Dew\Core\Plan\Effort;
use Dew\Core\Plan\LayoutSheet;
use Dew\Core\Plan\OtherLayout;
use Dew\Core\Plan\TaskSheet;
use Dew\Core\Press\Copies;
use Dew\Core\Press\PressLook;
use Dew\Core\Press\School;
use Dew\Core\Setting\QuiltAsYouGo;
use Dew\Core\Setting\QuiltingJoin;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Grain;
use Dew\Core\Unit\Lay;
use Dew\Core\Unit\Lines;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;
use Dew\Core\Unit\Seamwork;
use Dew\Core\Unit\Template;
use Dew\Core\Unit\UnitKind;
use Dew\Core\Words\ClueWords;
use Dew\Core\Words\Preparation;

/** Reads back what {@see SheetWriter} wrote. */
final class SheetReader
{
    private const LARGEST_SHEET = 20_000_000;

    /** Whatever was written is read again: the size of the whole sheet is the only limit. */
    private const MANY = PHP_INT_MAX;

    /**
     * @param  bool  $whole  false where steps and other ways of making are not asked for, as when pieces are counted: they take most of
     *     the time
     *
     * @throws DocumentException
     */
    public static function clue(string $json, bool $whole = true): ClueSheet
    {
        $sheet = Node::fromJson($json, self::LARGEST_SHEET);

        return new ClueSheet(
            $sheet->get('clue')->text(),
            $sheet->get('number')->integer(1, self::MANY),
            $sheet->get('title')->text(),
            $sheet->get('introduction')->text(),
            $sheet->get('minutes')->integer(0, self::MANY),
            $sheet->get('size')->text(),
            array_map(fn (Node $task): TaskSheet => self::task($task, $whole), $sheet->get('tasks')->items(self::MANY)),
            $sheet->has('chores') ? array_map(
                fn (Node $chore): ChoreSheet => ChoreSheet::fromData(self::data($chore)),
                $sheet->get('chores')->items(self::MANY),
            ) : [],
            $sheet->has('words') ? ClueWords::fromData(self::data($sheet->get('words'))) : new ClueWords,
        );
    }

    /** @return array<string, mixed> */
    private static function data(Node $node): array
    {
        $data = [];
        foreach ($node->object() as $key => $value) {
            $data[(string) $key] = $value;
        }

        return $data;
    }

    /** @throws DocumentException */
    public static function quilt(string $json): QuiltSheet
    {
        $sheet = Node::fromJson($json, self::LARGEST_SHEET);

        return new QuiltSheet(
            $sheet->get('size')->text(),
            Size::decode($sheet->get('finished')->text()),
            Size::decode($sheet->get('block')->text()),
            array_map(self::patches(...), $sheet->get('units')->entries()),
            array_map(self::placements(...), $sheet->get('blocks')->entries()),
            self::names($sheet->get('block_names')),
            self::placements($sheet->get('placements')),
            self::patches($sheet->get('frame')),
            self::counts($sheet->get('block_counts')),
            self::counts($sheet->get('unit_counts')),
            self::names($sheet->get('unit_names')),
            Length::decode($sheet->get('perimeter')->text()),
            array_map(fn (Node $area): float => $area->number(), $sheet->get('areas')->entries()),
            self::effort($sheet->get('effort')),
            self::quilting($sheet->get('quilting')),
            $sheet->has('crop') ? self::length($sheet->get('crop')) : null,
            new Pressing(
                $sheet->get('pressing')->get('school')->enum(School::class), $sheet->get('pressing')->get('copies')->enum(Copies::class),
            ),
            $sheet->has('press_said') ? self::names($sheet->get('press_said')) : [],
            self::owners($sheet->get('owners')),
        );
    }

    /** @throws DocumentException */
    public static function layout(string $json): LayoutSheet
    {
        $sheet = Node::fromJson($json, self::LARGEST_SHEET);
        $texts = fn (Node $all): array => array_map(fn (Node $text): string => $text->text(), $all->items(self::MANY));

        return new LayoutSheet(
            $sheet->get('size')->text(),
            $sheet->get('kind')->text(),
            Size::decode($sheet->get('finished')->text()),
            Size::decode($sheet->get('block')->text()),
            self::length($sheet->get('seam')),
            array_map(self::patches(...), $sheet->get('units')->entries()),
            array_map(self::placements(...), $sheet->get('blocks')->entries()),
            self::names($sheet->get('names')),
            self::placements($sheet->get('placements')),
            self::patches($sheet->get('frame')),
            self::owners($sheet->get('owners')),
            self::names($sheet->get('borders')),
            self::names($sheet->get('opens')),
            array_map($texts, $sheet->get('made_in')->entries()),
            array_map(self::press(...), $sheet->get('press')->entries()),
            $sheet->get('school')->enum(School::class),
            $sheet->get('copies')->enum(Copies::class),
            array_map(fn (Node $other): OtherLayout => new OtherLayout(
                $other->get('id')->text(), $other->get('name')->text(), Size::decode($other->get('finished')->text()),
                self::placements($other->get('placements')),
            ), $sheet->get('also')->items(self::MANY)),
            $sheet->get('arrange')->text(),
            array_map(fn (Node $pack): array => array_map(fn (Node $piece): array => [
                'slot' => $piece->get('slot')->text(), 'count' => $piece->get('count')->integer(0, self::MANY),
                'width' => self::length($piece->get('width')), 'length' => self::length($piece->get('length')),
            ], $pack->items(self::MANY)), $sheet->get('packs')->entries()),
        );
    }

    /** @throws DocumentException */
    public static function cloth(string $json): ClothSheet
    {
        $sheet = Node::fromJson($json, self::LARGEST_SHEET);
        $lengths = fn (Node $all): array => array_map(fn (Node $length): Length => Length::decode($length->text()), $all->entries());
        $sizes = fn (Node $all): array => array_map(
            fn (Node $clues): array => array_map($lengths, $clues->entries()), $all->entries(),
        );

        return new ClothSheet($sizes($sheet->get('exact')), $sizes($sheet->get('covering')), $lengths($sheet->get('perimeters')));
    }

    /** @throws DocumentException */
    public static function announcement(string $json): Announcement
    {
        $sheet = Node::fromJson($json, self::LARGEST_SHEET);
        $slots = $colourways = $sizes = [];
        foreach ($sheet->get('slots')->items(self::MANY) as $slot) {
            $id = $slot->get('id')->text();
            $slots[$id] = new Slot(
                $id,
                $slot->get('letter')->text(),
                $slot->get('name')->text(),
                $slot->get('value')->enum(FabricValue::class),
                $slot->has('instead') ? $slot->get('instead')->text() : null,
            );
        }
        foreach ($sheet->get('colourways')->items(self::MANY) as $colourway) {
            $id = $colourway->get('id')->text();
            $cloths = array_map(
                fn (Node $cloth): Cloth => new Cloth($cloth->get('name')->text(), $cloth->get('colour')->colour()),
                $colourway->get('cloths')->entries(),
            );
            $colourways[$id] = new Colourway($id, $colourway->get('name')->text(), $cloths);
        }
        foreach ($sheet->get('sizes')->items(self::MANY) as $size) {
            $id = $size->get('id')->text();
            $sizes[$id] = new AnnouncedSize($id, $size->get('name')->text(), Size::decode($size->get('finished')->text()));
        }
        $minutes = array_map(fn (Node $node): int => $node->integer(0, self::MANY), $sheet->get('minutes')->items(self::MANY));

        return new Announcement(
            $sheet->get('title')->text(),
            $slots,
            $colourways,
            $sizes,
            Length::decode($sheet->get('usable_width')->text()),
            $minutes,
            $sheet->has('size_needed_at') ? $sheet->get('size_needed_at')->integer(1, self::MANY) : null,
            $sheet->has('fabrics_needed_at') ? self::counts($sheet->get('fabrics_needed_at')) : [],
            $sheet->has('prepare') ? Preparation::fromData(self::data($sheet->get('prepare'))) : new Preparation,
            array_map(
                fn (Node $slots): array => array_map(fn (Node $length): Length => Length::decode($length->text()), $slots->entries()),
                $sheet->get('cloth')->entries(),
            ),
            $sheet->has('quilting') ? new QuiltAsYouGo(
                $sheet->get('quilting')->get('join')->enum(QuiltingJoin::class), self::length($sheet->get('quilting')->get('allowance')),
                $sheet->get('quilting')->get('edge_kept')->boolean(), self::length($sheet->get('quilting')->get('trim')),
            ) : null,
            $sheet->has('cloth_clues') ? array_map(fn (Node $clues): array => array_map(
                fn (Node $number): int => $number->integer(1, self::MANY), $clues->items(self::MANY),
            ), $sheet->get('cloth_clues')->entries()) : [],
        );
    }

    private static function task(Node $task, bool $whole): TaskSheet
    {
        $room = $task->get('room');
        $cuttingRoom = new CuttingRoom(
            self::length($room->get('seam')),
            self::length($room->get('usable_width')),
            self::length($room->get('squaring')),
        );
        $count = $task->get('count')->integer(0, self::MANY);
        $cutArea = $task->has('cut_area') ? $task->get('cut_area')->number() : INF;

        $making = self::making($task->get('making'), $whole);

        return new TaskSheet(
            task: $task->get('task')->text(),
            digest: $task->get('digest')->text(),
            name: $task->get('name')->text(),
            kind: $task->get('kind')->enum(UnitKind::class),
            count: $count,
            finished: Size::decode($task->get('finished')->text()),
            unfinished: Size::decode($task->get('unfinished')->text()),
            patches: self::patches($task->get('patches')),
            making: $making,
            ways: ! $whole ? [$making] : array_map(
                fn (Node $way): Making => $way->has('pieces')
                    ? new Making($way->get('method')->enum(Method::class), self::pieces($way), [], $way->get('bias_edges')->integer(0, self::MANY))
                    : $making,
                $task->get('offers')->items(self::MANY),
            ),
            overhangs: array_map(
                fn (Node $overhang): Overhang => Overhang::decode($overhang->text()),
                $task->get('overhangs')->items(self::MANY),
            ),
            seamwork: new Seamwork($task->get('seams')->integer(0, self::MANY), $task->get('seam_length')->number()),
            cutArea: $cutArea,
            room: $cuttingRoom,
            drawing: $task->has('drawing') ? self::drawing($task->get('drawing')) : null,
            oversize: $task->has('oversize'),
            picture: $task->has('picture') ? $task->get('picture')->text() : null,
            along: $task->has('along') ? [
                Size::decode($task->get('along')->get(0)->text()), Size::decode($task->get('along')->get(1)->text()),
            ] : null,
            fromBag: $task->has('bag') ? $task->get('bag')->get('count')->integer(0, self::MANY) : 0,
            bagTask: $task->has('bag') ? $task->get('bag')->get('task')->text() : null,
            bagGives: $task->has('bag') ? $task->get('bag')->get('gives')->integer(0, self::MANY) : 0,
            byproduct: $task->has('byproduct') ? self::byproduct($task->get('byproduct')) : null,
            quilting: $task->has('quilting') ? self::quilting($task->get('quilting')) : [],
            press: $task->has('press') ? self::press($task->get('press')) : null,
            makes: array_map(fn (Node $product): string => $product->text(), $task->get('makes')->items(self::MANY)),
        );
    }

    /** @return list<string> */
    private static function owners(Node $owners): array
    {
        return array_map(fn (Node $owner): string => $owner->text() === '-' ? '' : $owner->text(), $owners->items(self::MANY));
    }

    private static function press(Node $press): PressLook
    {
        $codes = fn (string $name): array => $press->has($name)
            ? array_map(fn (Node $flag): string => $flag->text(), $press->get($name)->items(self::MANY))
            : [];

        return PressLook::fromCodes(
            $codes('flags'), $codes('other'), $press->has('others') ? $press->get('others')->integer(0, self::MANY) : 0,
        );
    }

    private static function drawing(Node $drawing): BlockDrawing
    {
        return new BlockDrawing(
            $drawing->get('block')->text(),
            array_map(self::patches(...), $drawing->get('units')->entries()),
            array_map(self::placements(...), $drawing->get('blocks')->entries()),
            self::names($drawing->get('names')),
            array_map(
                fn (Node $looks): array => array_map(self::way(...), $looks->entries()),
                $drawing->has('ways') ? $drawing->get('ways')->entries() : [],
            ),
        );
    }

    private static function way(Node $look): WayLook
    {
        return new WayLook(
            $look->get('name')->text(),
            $look->has('placements') ? self::placements($look->get('placements')) : [],
            $look->has('patches') ? self::patches($look->get('patches')) : [],
        );
    }

    private static function byproduct(Node $node): Byproduct
    {
        return new Byproduct(
            $node->has('name') ? $node->get('name')->text() : null,
            $node->get('count')->integer(0, self::MANY),
            self::patches($node->get('patches')),
            Size::decode($node->get('finished')->text()),
        );
    }

    /** @return array<string, Size|Length> */
    private static function quilting(Node $node): array
    {
        return array_map(
            fn (Node $size): Size|Length => str_contains($size->text(), ' x ') ? Size::decode($size->text()) : self::length($size),
            $node->entries(),
        );
    }

    private static function length(Node $node): Length
    {
        return Length::decode($node->text());
    }

    private static function measurement(Node $node): Measurement
    {
        return Measurement::decode($node->text());
    }

    private static function making(Node $making, bool $whole): Making
    {
        $sewn = $making->has('sewn') ? array_map(self::measurement(...), $making->get('sewn')->items(2, 2)) : null;

        return new Making(
            $making->get('method')->enum(Method::class),
            self::pieces($making),
            $whole ? array_map(self::step(...), $making->get('steps')->items(self::MANY)) : [],
            $making->get('bias_edges')->integer(0, self::MANY),
            isset($sewn[0], $sewn[1]) ? [$sewn[0], $sewn[1]] : null,
        );
    }

    /** @return non-empty-list<Piece> */
    private static function pieces(Node $making): array
    {
        $pieces = array_map(self::piece(...), $making->get('pieces')->items(self::MANY, 1));

        return $pieces === [] ? throw $making->fail('has no piece.') : $pieces;
    }

    private static function piece(Node $piece): Piece
    {
        $lines = fn (Node $from, string $which): array => $from->has($which)
            ? array_map(fn (Node $line): Outline => Outline::decode($line->text()), $from->get($which)->items(self::MANY))
            : [];
        $positive = fn (string $which): int => $piece->has($which) ? max(1, $piece->get($which)->integer(1, self::MANY)) : 1;
        $measure = fn (string $which): ?Measurement => $piece->has($which) ? self::measurement($piece->get($which)) : null;
        $slots = array_map(fn (Node $slot): string => $slot->text(), $piece->get('slots')->items(self::MANY, 1));
        $template = $piece->has('template') ? $piece->get('template') : null;

        return new Piece(
            $piece->get('id')->text(),
            $piece->get('shape')->enum(PieceShape::class),
            $slots === [] ? throw $piece->fail('has no fabric.') : $slots,
            self::measurement($piece->get('width')),
            $measure('length'),
            new Batch(
                $positive('yield'),
                $positive('per_unit'),
                $positive('each'),
                $piece->has('segment') ? $piece->get('segment')->text() : null,
            ),
            new Lines($lines($piece, 'sew'), $lines($piece, 'cut')),
            new Lay(
                $piece->has('outline') ? Outline::decode($piece->get('outline')->text()) : null,
                $measure('advance'),
                $positive('group'),
                $measure('lost'),
                $piece->has('chiral'),
                $piece->has('mirrored'),
                $piece->get('grain')->enum(Grain::class),
            ),
            $piece->has('label') ? $piece->get('label')->text() : null,
            $template === null ? null : new Template(
                $lines($template, 'notches'),
                $template->has('later') ? Outline::decode($template->get('later')->text()) : null,
                $template->has('sewing') ? Outline::decode($template->get('sewing')->text()) : null,
            ),
        );
    }

    private static function step(Node $step): Step
    {
        return new Step(
            $step->get('kind')->enum(StepKind::class),
            $step->get('code')->text(),
            $step->has('measures') ? array_map(self::measurement(...), $step->get('measures')->entries()) : [],
            $step->has('slots') ? self::names($step->get('slots')) : [],
            $step->has('counts') ? self::counts($step->get('counts')) : [],
            $step->has('sewing') ? $step->get('sewing')->enum(Sewing::class) : null,
            array_map(On::decode(...), array_values(array_filter(explode('; ', $step->get('on')->text())))),
            $step->has('names') ? self::names($step->get('names')) : [],
        );
    }

    /** @return list<Placement> */
    private static function placements(Node $list): array
    {
        return array_map(function (Node $node): Placement {
            [$product, $x, $y, $turn] = explode(' ', $node->text()) + ['', '', '', ''];

            return new Placement($product, Length::decode($x), Length::decode($y), (int) $turn);
        }, $list->items(self::MANY));
    }

    private static function effort(Node $effort): Effort
    {
        return new Effort(
            $effort->get('seams')->integer(0, self::MANY),
            $effort->get('length')->number(),
            $effort->get('minutes')->integer(0, self::MANY),
        );
    }

    /** @return list<Patch> */
    private static function patches(Node $list): array
    {
        return array_map(fn (Node $patch): Patch => Patch::decode($patch->text()), $list->items(self::MANY));
    }

    /** @return array<string, string> */
    private static function names(Node $node): array
    {
        return array_map(fn (Node $name): string => $name->text(), $node->entries());
    }

    /** @return array<string, int> */
    private static function counts(Node $node): array
    {
        return array_map(fn (Node $count): int => $count->integer(0, self::MANY), $node->entries());
    }
}
