<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\Complaints;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Known;
use Dew\Core\Document\Node;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Problem;
use Dew\Core\Sixty\SixtyGrid;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Sixty\SixtySpot;
use InvalidArgumentException;

/** Reads the blocks of a design document: their grids, and what lies where and how. */
final readonly class BlockReader
{
    /**
     * @param  Known<Slot>  $fabrics
     * @param  Known<DeclaredUnit>  $units
     * @param  Known<true>  $blockIds  every block there is, also those that stand further down
     * @param  array<string, SixtyShape>  $sixty  the shapes of those on 60° axes, by block id
     * @param  Complaints  $complaints  told of places that are empty yet: the block is read without them
     */
    public function __construct(
        private Known $fabrics,
        private Known $units,
        private Known $blockIds,
        private Complaints $complaints,
        private array $sixty = [],
    ) {
    }

    /** @throws DocumentException */
    public function declared(Node $node): DeclaredBlock
    {
        $id = $node->get('id')->id();
        if ($node->has('sixty')) {
            return $this->onSixty($node, $id);
        }
        if (! $node->has('columns') || ! $node->has('rows')) {
            throw $node->fail('design.grid_or_sixty');
        }
        $read = fn (Node $length): ?Length => $length->isText('auto') ? null : $length->length();
        $columns = array_map($read, $node->get('columns')->items(PHP_INT_MAX));
        $rows = array_map($read, $node->get('rows')->items(PHP_INT_MAX));
        $cells = array_map(
            fn (Node $cell): DeclaredCell => $this->cell($cell, count($columns), count($rows)),
            $node->get('cells')->items(PHP_INT_MAX),
        );
        $this->everyPlaceOnce($node, $cells, count($columns), count($rows));

        $trimmed = $node->has('trimmed') ? $node->get('trimmed')->size() : null;

        return new DeclaredBlock(
            $id, $node->get('name')->text(), $columns, $rows, $cells, $this->variants($node), $trimmed, ways: $this->ways($node),
        );
    }

    /**
     * Fabrics taken instead of others.
     *
     * @return array<string, string> by the id of the fabric they replace
     *
     * @throws DocumentException
     */
    public function replacements(Node $node): array
    {
        $fabrics = [];
        foreach ($node->entries() as $instead => $taken) {
            if (! isset($this->fabrics->taken()[$instead])) {
                throw $node->fail('design.replaces_no_fabric', ['instead' => $instead]);
            }
            $fabrics[$instead] = $this->fabrics->at($taken)->id;
        }

        return $fabrics;
    }

    /**
     * Names of variants.
     *
     * @return array<string, string> by the use, as it stands in a product key behind the id
     *
     * @throws DocumentException
     */
    public function variants(Node $node): array
    {
        $names = [];
        foreach ($node->has('variants') ? $node->get('variants')->items(PHP_INT_MAX) : [] as $variant) {
            $fabrics = $variant->has('fabrics') ? $this->replacements($variant->get('fabrics')) : [];
            $use = ProductKey::of('', $fabrics, $variant->has('mirror') && $variant->get('mirror')->boolean());
            if ($use === '') {
                throw $variant->fail('design.empty_variant');
            }
            if (isset($names[$use])) {
                throw $variant->fail('design.variant_twice');
            }
            $names[$use] = $variant->get('name')->text();
        }

        return $names;
    }

    /**
     * Other ways to turn the parts of a block.
     *
     * @return array<string, string> names by id
     *
     * @throws DocumentException when two have the same id
     */
    private function ways(Node $node): array
    {
        $ways = [];
        foreach ($node->has('ways') ? $node->get('ways')->items(PHP_INT_MAX) : [] as $way) {
            $id = $way->get('id')->id();
            if (isset($ways[$id])) {
                throw $way->get('id')->fail('design.way_twice', ['id' => $id]);
            }
            $ways[$id] = $way->get('name')->text();
        }

        return $ways;
    }

    /**
     * How far a cell is turned further in the other ways of its block. What is said of a way that was taken out of the list is passed over.
     *
     * @return array<string, int> degrees clockwise by the id of the way
     *
     * @throws DocumentException
     */
    private function turnedFurther(Node $cell, int $part): array
    {
        $turns = [];
        foreach ($cell->has('ways') ? $cell->get('ways')->entries() : [] as $way => $node) {
            $turns[(string) $way] = $node->integer(0, 300);
            if ($turns[(string) $way] % $part !== 0) {
                throw $node->fail($part === 90 ? 'design.no_quarter_further' : 'design.no_sixth_further');
            }
        }

        return $turns;
    }

    /** @throws DocumentException */
    private function onSixty(Node $node, string $id): DeclaredBlock
    {
        foreach (['columns', 'rows', 'trimmed'] as $other) {
            if ($node->has($other)) {
                throw $node->get($other)->fail('design.for_a_grid');
            }
        }
        $sixty = $node->get('sixty');
        $grid = SixtyGrid::ofBlock($sixty->get('shape')->enum(SixtyShape::class), $sixty->get('rows')->integer(1, SixtyGrid::MOST));
        $cells = $taken = [];
        foreach ($node->get('cells')->items(PHP_INT_MAX) as $cell) {
            $cells[] = $read = $this->sixtyCell($cell, $grid);
            foreach ($read->spot === null ? [] : $grid->covered($read->spot) as [$row, $place]) {
                if (isset($taken[$row][$place])) {
                    throw $cell->fail('design.cell_filled');
                }
                $taken[$row][$place] = true;
            }
        }
        $filled = array_sum(array_map(count(...), $taken));
        if ($filled !== $grid->count()) {
            $problem = new Problem('design.empty_places', ['filled' => $filled, 'places' => $grid->count()]);
            $this->complaints->add($node->pointer().'/cells', $problem, harmless: true, unfinished: true);
        }

        return new DeclaredBlock(
            $id, $node->get('name')->text(), [], [], $cells, $this->variants($node), null, $grid, $sixty->get('edge')->length(),
            $this->ways($node),
        );
    }

    /** @throws DocumentException */
    private function sixtyCell(Node $node, SixtyGrid $grid): DeclaredCell
    {
        $row = $node->get('row')->integer(1, $grid->rows);
        $place = $node->get('column')->integer(1, $grid->places($row - 1));
        if ($node->has('unit') === $node->has('block')) {
            throw $node->fail('design.unit_or_block');
        }
        if ($node->has('down')) {
            throw $node->get('down')->fail('design.down_on_sixty');
        }
        $shape = $this->sixtyShape($node);
        $turn = $node->has('turn') ? $node->get('turn')->integer(0, 300) : null;
        if ($turn !== null && $turn % 60 !== 0) {
            throw $node->get('turn')->fail('design.no_sixth');
        }
        $across = $node->has('across') ? max(1, $node->get('across')->integer(1, $grid->rows)) : 1;
        try {
            $spot = $grid->spot($row - 1, $place - 1, $shape, $across, $turn === null ? null : intdiv($turn, 60));
        } catch (InvalidArgumentException $error) {
            throw $node->fail('design.does_not_come_out', ['problem' => Problem::of($error)]);
        }
        $mirrored = $node->has('mirror') && $node->get('mirror')->boolean();

        return new DeclaredCell(
            $place - 1,
            $row - 1,
            $node->has('block') ? $node->get('block')->id() : $node->get('unit')->id(),
            Orientation::of(0, $mirrored),
            $node->has('fabrics') ? $this->replacements($node->get('fabrics')) : [],
            $across,
            $across,
            $spot,
            $this->otherSpots($node, $grid, $spot),
        );
    }

    /**
     * Where a cell lies in the other ways of its block. A turn in which it covers other places is complained of and left out: those places
     * belong to its neighbours.
     *
     * @return array<string, SixtySpot>
     */
    private function otherSpots(Node $cell, SixtyGrid $grid, SixtySpot $spot): array
    {
        $spots = [];
        foreach ($this->turnedFurther($cell, 60) as $way => $degrees) {
            $other = $grid->turnedInPlace($spot, intdiv($degrees, 60));
            if ($other === null) {
                $problem = new Problem('design.turned_onto_neighbours');
                $this->complaints->add($cell->get('ways')->pointer().'/'.$way, $problem, harmless: true);
            } else {
                $spots[$way] = $other;
            }
        }

        return $spots;
    }

    /** @throws DocumentException when it is a unit or block that cannot lie on 60° axes */
    private function sixtyShape(Node $cell): SixtyShape
    {
        if ($cell->has('block')) {
            $this->blockIds->at($cell->get('block'));
            $id = $cell->get('block')->id();

            return $this->sixty[$id] ?? throw $cell->get('block')->fail('design.grid_block_on_sixty', ['id' => $id]);
        }
        $unit = $cell->get('unit');

        return SixtyShape::ofKind($this->units->at($unit)->spec->kind) ?? throw $unit->fail('design.not_on_sixty', ['id' => $unit->id()]);
    }

    private function cell(Node $node, int $columns, int $rows): DeclaredCell
    {
        $column = $node->get('column')->integer(1, $columns);
        $row = $node->get('row')->integer(1, $rows);
        if ($node->has('unit') === $node->has('block')) {
            throw $node->fail('design.unit_or_block');
        }

        return new DeclaredCell(
            $column - 1,
            $row - 1,
            $this->content($node),
            $this->orientation($node),
            $node->has('fabrics') ? $this->replacements($node->get('fabrics')) : [],
            $node->has('across') ? max(1, $node->get('across')->integer(1, $columns - $column + 1)) : 1,
            $node->has('down') ? max(1, $node->get('down')->integer(1, $rows - $row + 1)) : 1,
            ways: $this->turnedFurther($node, 90),
        );
    }

    private function content(Node $cell): string
    {
        if ($cell->has('block')) {
            $this->blockIds->at($cell->get('block'));
            $id = $cell->get('block')->id();
            if (isset($this->sixty[$id])) {
                throw $cell->get('block')->fail('design.sixty_in_a_cell', ['id' => $id]);
            }

            return $id;
        }
        $unit = $cell->get('unit');
        if ($this->units->at($unit)->spec->kind->isFree()) {
            throw $unit->fail('design.free_in_a_cell', ['id' => $unit->id()]);
        }

        return $unit->id();
    }

    /** @param  list<DeclaredCell>  $cells */
    private function everyPlaceOnce(Node $node, array $cells, int $columns, int $rows): void
    {
        $taken = [];
        foreach ($cells as $index => $cell) {
            for ($row = $cell->row; $row < $cell->row + $cell->down; $row++) {
                for ($column = $cell->column; $column < $cell->column + $cell->across; $column++) {
                    if (isset($taken[$row][$column])) {
                        throw $node->get('cells')->get($index)->fail('design.cell_filled');
                    }
                    $taken[$row][$column] = true;
                }
            }
        }
        $filled = array_sum(array_map(count(...), $taken));
        if ($filled !== $columns * $rows) {
            $problem = new Problem('design.empty_cells', ['filled' => $filled, 'cells' => $columns * $rows]);
            $this->complaints->add($node->pointer().'/cells', $problem, harmless: true, unfinished: true);
        }
    }

    /** @throws DocumentException */
    public function orientation(Node $node): Orientation
    {
        $turn = $node->has('turn') ? $node->get('turn')->integer(0, 270) : 0;
        if ($turn % 90 !== 0) {
            throw $node->get('turn')->fail('design.no_quarter');
        }

        return Orientation::of($turn, $node->has('mirror') && $node->get('mirror')->boolean());
    }
}
