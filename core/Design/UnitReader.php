<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Arc;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Unit\Hand;
use Dew\Core\Unit\Kind\CustomPiece;
use Dew\Core\Unit\Kind\UnitOptions;
use Dew\Core\Unit\Kind\UnitSpec;
use Dew\Core\Unit\UnitKind;

/** Reads one unit of a design document. */
final readonly class UnitReader
{
    /** @param  array<string, Slot>  $slots  by id */
    public function __construct(
        private array $slots,
        private CuttingRoom $room,
    ) {
    }

    /** @throws DocumentException */
    public function spec(Node $node): UnitSpec
    {
        $kind = $node->get('kind')->oneOf(UnitKind::library());
        $fabrics = array_map(fn (Node $fabric): Slot => $fabric->known($this->slots, 'fabric'), $node->get('fabrics')->items(40, 1));

        return new UnitSpec($kind, $node->get('finished')->size(), $fabrics, $this->options($kind, $node, $fabrics));
    }

    /** @param  list<Slot>  $fabrics */
    private function options(UnitKind $kind, Node $node, array $fabrics): UnitOptions
    {
        $takes = UnitOptions::of($kind);
        foreach (UnitOptions::all() as $option) {
            if ($node->has($option) && ! in_array($option, $takes, true)) {
                throw $node->get($option)->fail(sprintf('is not for a unit of kind "%s"%s.', $kind->value, $takes === [] ? '' : ', which takes '.implode(', ', $takes)));
            }
        }
        $length = fn (string $name): ?Length => $node->has($name) ? $node->get($name)->length() : null;

        return new UnitOptions(
            corners: $node->has('corners') ? array_map(fn (Node $leg): Length => $leg->length(), $node->get('corners')->entries()) : [],
            widths: $node->has('widths') ? array_map(fn (Node $width): Length => $width->length(), $node->get('widths')->items(12, 1)) : [],
            edge: $length('edge'),
            radius: $length('radius'),
            centre: $length('centre'),
            courses: $node->has('courses') ? $node->get('courses')->integer(1, 8) : null,
            count: $node->has('count') ? $node->get('count')->integer(1, 60) : null,
            turns: $node->has('turns') ? array_map(fn (Node $turn): int => intdiv($turn->integer(0, 270), 90), $node->get('turns')->items(4, 4)) : [],
            hand: $node->has('hand') ? $node->get('hand')->enum(Hand::class) : Hand::Right,
            pieces: $node->has('pieces') ? $this->pieces($node->get('pieces'), $fabrics) : [],
            seam: $this->room->seam,
            twin: $node->has('twin') && $node->get('twin')->boolean(),
        );
    }

    /**
     * @param  list<Slot>  $fabrics
     * @return list<CustomPiece>
     */
    private function pieces(Node $list, array $fabrics): array
    {
        $pieces = [];
        foreach ($list->items(60, 1) as $node) {
            $id = $node->freshId($pieces);
            $fabric = array_search($node->get('fabric')->id(), array_map(fn (Slot $slot): string => $slot->id, $fabrics), true);
            if ($fabric === false) {
                throw $node->get('fabric')->fail('is none of the fabrics of this unit.');
            }
            $cut = $node->has('cut') ? $node->get('cut') : null;
            $pieces[$id] = new CustomPiece($id, $fabric, $this->outline($node->get('shape')), $cut?->size(), $cut !== null && $cut->has('yield') ? max(1, $cut->get('yield')->integer(1, 16)) : 1);
        }

        return array_values($pieces);
    }

    private function outline(Node $list): Outline
    {
        $path = [];
        foreach ($list->items(80, 2) as $node) {
            if ($node->has('arc')) {
                if ($path === [] || end($path) instanceof Arc) {
                    throw $node->fail('is an arc without a corner before it.');
                }
                $path[] = new Arc($node->get('arc')->length(), $node->get('clockwise')->boolean());
            } else {
                $path[] = new Point($node->get('x')->lengthOrZero(), $node->get('y')->lengthOrZero());
            }
        }
        $outline = new Outline(...$path);
        foreach ($outline->arcs as $index => $arc) {
            [$x, $y, $nextX, $nextY] = $outline->edge($index);
            if (hypot($nextX - $x, $nextY - $y) > 2 * $arc->radius->toFloat() + 1e-9) {
                throw $list->fail('has an arc whose radius is too small to reach from corner to corner.');
            }
        }

        return $outline;
    }
}
