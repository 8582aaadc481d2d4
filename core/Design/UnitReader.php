<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Known;
use Dew\Core\Document\Node;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Arc;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Point;
use Dew\Core\Making\Sewing;
use Dew\Core\Measure\Length;
use Dew\Core\Unit\Hand;
use Dew\Core\Unit\Kind\CornerPlace;
use Dew\Core\Unit\Kind\CustomPiece;
use Dew\Core\Unit\Kind\CustomSeam;
use Dew\Core\Unit\Kind\CustomSection;
use Dew\Core\Unit\Kind\Notch;
use Dew\Core\Unit\Kind\PlacedUnit;
use Dew\Core\Unit\Kind\SpareAllowance;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Kind\UnitOptions;
use Dew\Core\Unit\Kind\UnitSpec;
use Dew\Core\Unit\UnitKind;

/** Reads one unit of a design document. */
final readonly class UnitReader
{
    /**
     * @param  Known<Slot>  $fabrics
     * @param  Known<true>  $unitIds  every unit there is, also those that stand further down
     * @param  Known<true>  $blockIds  likewise
     */
    public function __construct(
        private Known $fabrics,
        private Known $unitIds,
        private Known $blockIds,
        private CuttingRoom $room,
        private BlockReader $blocks,
    ) {
    }

    /** @throws DocumentException */
    public function declared(Node $node): DeclaredUnit
    {
        $kind = UnitLibrary::kindAt($node->get('kind'));
        $slots = array_map($this->fabrics->at(...), $node->get('fabrics')->items(PHP_INT_MAX));
        $spec = new UnitSpec($kind, $node->get('finished')->size(), $slots, $this->options($kind, $node, $slots));

        return new DeclaredUnit($node->get('id')->id(), $node->get('name')->text(), $spec, $this->blocks->variants($node));
    }

    /** @param  list<Slot>  $slots */
    private function options(UnitKind $kind, Node $node, array $slots): UnitOptions
    {
        $takes = $kind->options;
        foreach (UnitOptions::NAMES as $option) {
            if ($node->has($option) && ! in_array($option, $takes, true)) {
                throw $node->get($option)->fail(
                    $takes === [] ? 'design.not_for_kind' : 'design.not_for_kind_that_takes',
                    ['kind' => $kind->value, 'takes' => implode(', ', $takes)],
                );
            }
        }
        $length = fn (string $name): ?Length => $node->has($name) ? $node->get($name)->length() : null;
        $whole = fn (string $name): ?int => $node->has($name) ? $node->get($name)->integer(1, PHP_INT_MAX) : null;
        $list = fn (string $name): array => $node->has($name) ? $node->get($name)->items(PHP_INT_MAX) : [];
        $pieces = $this->pieces($list('pieces'), $slots);

        return new UnitOptions(
            corners: $this->corners($list('corners')),
            widths: array_map(fn (Node $width): Length => $width->length(), $list('widths')),
            edge: $length('edge'),
            radius: $length('radius'),
            centre: $length('centre'),
            courses: $whole('courses'),
            count: $whole('count'),
            turns: array_map(fn (Node $turn): int => intdiv($turn->integer(0, 270), 90), $list('turns')),
            hand: $node->has('hand') ? $node->get('hand')->enum(Hand::class) : Hand::Right,
            pieces: $pieces,
            seam: $this->room->seam,
            twin: $node->has('twin') && $node->get('twin')->boolean(),
            base: $node->has('base') ? $this->base($node->get('base')) : null,
            seams: $this->seams($node, $list('seams'), $pieces),
            sections: $this->sections($list('sections'), $pieces),
        );
    }

    /**
     * Legs by place, in the order of the document, which is that of their fabrics.
     *
     * @param  list<Node>  $list
     * @return array<string, Length>
     */
    private function corners(array $list): array
    {
        $corners = [];
        foreach ($list as $node) {
            $place = $node->get('at')->enum(CornerPlace::class)->value;
            if (isset($corners[$place])) {
                throw $node->get('at')->fail('design.corner_twice', ['place' => $place]);
            }
            $corners[$place] = $node->get('leg')->length();
        }

        return $corners;
    }

    private function base(Node $node): string
    {
        if ($node->has('unit') === $node->has('block')) {
            throw $node->fail('design.unit_or_block');
        }
        $inner = $node->has('unit') ? $node->get('unit') : $node->get('block');
        ($node->has('unit') ? $this->unitIds : $this->blockIds)->at($inner);

        return $inner->id();
    }

    /**
     * @param  list<Node>  $list
     * @param  list<Slot>  $slots
     * @return list<CustomPiece>
     */
    private function pieces(array $list, array $slots): array
    {
        $pieces = [];
        foreach ($list as $node) {
            $id = $node->freshId($pieces);
            $pieces[$id] = $node->has('unit') ? $this->placed($id, $node) : $this->piece($id, $node, $slots);
        }
        foreach ($list as $node) {
            $this->notches($node, $pieces[$node->get('id')->id()]);
        }

        return array_values($pieces);
    }

    /** A piece that is a unit brings its own fabrics and shape. */
    private function placed(string $id, Node $node): CustomPiece
    {
        foreach (['fabric', 'shape', 'cut', 'count', 'notches', 'spare'] as $own) {
            if ($node->has($own)) {
                throw $node->get($own)->fail('design.beside_unit');
            }
        }
        $this->unitIds->at($node->get('unit'));
        $at = fn (string $name): Length => $node->has($name) ? $node->get($name)->lengthOrZero() : Length::zero();
        $placed = new PlacedUnit($node->get('unit')->id(), $this->blocks->orientation($node), new Point($at('x'), $at('y')));

        return CustomPiece::made($id, $placed, $this->letter($node));
    }

    /** @param  list<Slot>  $slots */
    private function piece(string $id, Node $node, array $slots): CustomPiece
    {
        foreach (['x', 'y', 'turn', 'mirror'] as $placing) {
            if ($node->has($placing)) {
                throw $node->get($placing)->fail('design.for_a_placed_unit');
            }
        }
        $fabric = array_search($node->get('fabric')->id(), array_map(fn (Slot $slot): string => $slot->id, $slots), true);
        if ($fabric === false) {
            throw $node->get('fabric')->fail('design.not_of_this_unit');
        }
        $cut = $node->has('cut') ? $node->get('cut') : null;
        $yield = $cut !== null && $cut->has('yield') ? max(1, $cut->get('yield')->integer(1, PHP_INT_MAX)) : 1;
        $notches = array_map(
            fn (Node $notch): Notch => new Notch($notch->get('edge')->integer(1, PHP_INT_MAX) - 1, $notch->get('at')->lengthOrZero()),
            $node->has('notches') ? $node->get('notches')->items(PHP_INT_MAX) : [],
        );
        $spare = $node->has('spare') ? $this->spare($node->get('spare')) : null;

        return new CustomPiece(
            $id,
            $fabric,
            $node->has('shape') ? $this->outline($node->get('shape')) : null,
            $cut?->size(),
            $yield,
            $this->letter($node),
            $notches,
            $spare,
            count: $this->count($node),
        );
    }

    /**
     * How many of a piece there are whose place is not known: what lies in one place is one piece.
     *
     * @return positive-int
     */
    private function count(Node $node): int
    {
        if ($node->has('count') && $node->has('shape')) {
            throw $node->get('count')->fail('design.count_beside_shape');
        }

        return $node->has('count') ? max(1, $node->get('count')->integer(1, PHP_INT_MAX)) : 1;
    }

    private function letter(Node $node): ?string
    {
        return $node->has('letter') ? $node->get('letter')->text() : null;
    }

    private function spare(Node $node): SpareAllowance
    {
        $edges = array_map(fn (Node $edge): int => $edge->integer(1, PHP_INT_MAX) - 1, $node->get('edges')->items(PHP_INT_MAX));

        return new SpareAllowance($edges, $node->get('width')->length(), $node->get('after')->id());
    }

    /** Notches and spare allowances lie on edges that the shape has. */
    private function notches(Node $node, CustomPiece $piece): void
    {
        $edges = count($piece->outline->corners ?? []);
        foreach ($piece->notches as $index => $notch) {
            if ($notch->edge >= $edges) {
                throw $node->get('notches')->get($index)->get('edge')->fail('design.no_edge', ['edge' => $notch->edge + 1, 'edges' => $edges]);
            }
            if ($notch->share->isGreaterThan(Length::inches(1))) {
                throw $node->get('notches')->get($index)->get('at')->fail('design.no_share_of_edge');
            }
        }
        foreach ($piece->spare->edges ?? [] as $index => $edge) {
            if ($edge >= $edges) {
                throw $node->get('spare')->get('edges')->get($index)->fail('design.no_edge', ['edge' => $edge + 1, 'edges' => $edges]);
            }
        }
    }

    /**
     * @param  list<Node>  $list
     * @param  list<CustomPiece>  $pieces
     * @return list<CustomSeam>
     */
    private function seams(Node $unit, array $list, array $pieces): array
    {
        $ids = array_fill_keys(array_map(fn (CustomPiece $piece): string => $piece->id, $pieces), true);
        $seams = [];
        foreach ($list as $node) {
            $id = $node->freshId($seams);
            [$first, $second] = $node->get('pieces')->items(2, 2);
            $named = [$first, $second, ...($node->has('toward') ? [$node->get('toward')] : [])];
            foreach ($named as $piece) {
                if (! isset($ids[$piece->id()])) {
                    throw $piece->fail('design.no_piece', ['id' => $piece->id()]);
                }
            }
            if ($node->has('toward') && ! in_array($node->get('toward')->id(), [$first->id(), $second->id()], true)) {
                throw $node->get('toward')->fail('design.toward_neither');
            }
            $seams[$id] = new CustomSeam(
                $id,
                $first->id(),
                $second->id(),
                $node->has('stops') ? $this->stops($node->get('stops')->text()) : null,
                $node->has('toward') ? $node->get('toward')->id() : null,
                $node->has('open') && $node->get('open')->boolean(),
            );
        }
        foreach ($pieces as $piece) {
            if ($piece->spare !== null && ! isset($seams[$piece->spare->after])) {
                throw $unit->get('pieces')->fail('design.spare_after_no_seam', ['piece' => $piece->id, 'seam' => $piece->spare->after]);
            }
        }

        return array_values($seams);
    }

    private function stops(string $where): Sewing
    {
        return match ($where) {
            'start' => Sewing::StartAndSecure,
            'end' => Sewing::StopAndSecure,
            default => Sewing::SetIn,
        };
    }

    /**
     * @param  list<Node>  $list
     * @param  list<CustomPiece>  $pieces
     * @return list<CustomSection>
     */
    private function sections(array $list, array $pieces): array
    {
        $free = array_fill_keys(array_map(fn (CustomPiece $piece): string => $piece->id, $pieces), true);
        $sections = [];
        foreach ($list as $node) {
            $id = $node->freshId($sections);
            $ids = [];
            foreach ($node->get('pieces')->items(PHP_INT_MAX, 1) as $piece) {
                if (! isset($free[$piece->id()])) {
                    throw $piece->fail('design.no_piece', ['id' => $piece->id()]);
                }
                unset($free[$piece->id()]);
                $ids[] = $piece->id();
            }
            $sections[$id] = new CustomSection($id, $node->get('name')->text(), $ids === [] ? throw $node->fail('design.no_pieces') : $ids);
        }

        return array_values($sections);
    }

    private function outline(Node $list): Outline
    {
        $path = [];
        foreach ($list->items(PHP_INT_MAX) as $node) {
            if ($node->has('arc')) {
                if ($path === [] || end($path) instanceof Arc) {
                    throw $node->fail('design.arc_first');
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
                throw $list->fail('design.arc_too_tight');
            }
        }

        return $outline;
    }
}
