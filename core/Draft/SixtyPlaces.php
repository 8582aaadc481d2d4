<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthText;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Problem;
use Dew\Core\Measure\Refused;
use Dew\Core\Sixty\SixtyGrid;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Sixty\SixtySpot;
use Dew\Core\Unit\Kind\UnitLibrary;
use InvalidArgumentException;

/** The places of a block on 60° axes as a draft has it, and how what lies in them covers them. */
final readonly class SixtyPlaces
{
    /** @param  string  $edge  finished side of one division, as the document writes it */
    private function __construct(
        private DraftDocument $document,
        public SixtyGrid $grid,
        public string $edge,
    ) {
    }

    /** Null for a block that does not stand on 60° axes, or does not say how yet. */
    public static function of(DraftDocument $document, Place $block): ?self
    {
        $sixty = $document->at($block->within('sixty'))->value;
        $shape = is_array($sixty) && is_string($sixty['shape'] ?? null) ? SixtyShape::tryFrom($sixty['shape']) : null;
        $rows = is_array($sixty) ? $sixty['rows'] ?? null : null;
        if ($shape === null || ! is_int($rows) || $rows < 1 || $rows > SixtyGrid::MOST) {
            return null;
        }

        return new self($document, SixtyGrid::ofBlock($shape, $rows), is_string($sixty['edge'] ?? null) ? $sixty['edge'] : '');
    }

    /** The shape of what lies in a cell; null of what cannot lie on 60° axes. */
    public function shape(DraftCell $cell): ?SixtyShape
    {
        $block = $cell->content['block'] ?? null;
        if (is_string($block)) {
            return self::of($this->document, Place::of('blocks', $block))?->grid->shape;
        }
        $unit = $cell->content['unit'] ?? null;
        $kind = is_string($unit) ? $this->document->at(Place::of('units', $unit, 'kind'))->value : null;
        $known = is_string($kind) ? UnitLibrary::find($kind) : null;

        return $known === null ? null : SixtyShape::ofKind($known);
    }

    /** @throws InvalidArgumentException when it cannot lie there */
    public function spot(DraftCell $cell): SixtySpot
    {
        $shape = $this->shape($cell) ?? throw new Refused('edit.only_sixty_shapes');
        if ($cell->row > $this->grid->rows || $cell->column > $this->grid->places($cell->row - 1)) {
            throw new Refused('edit.no_such_place', ['rows' => $this->grid->rows]);
        }
        $turn = $cell->content['turn'] ?? null;
        if (is_int($turn) && $turn % 60 !== 0) {
            throw new Refused('edit.turned_by_sixths');
        }

        return $this->grid->spot(
            $cell->row - 1, $cell->column - 1, $shape, max(1, $cell->across), is_int($turn) ? intdiv($turn, 60) : null,
        );
    }

    /** Why it cannot lie there; null when it can. */
    public function problem(DraftCell $cell): ?Problem
    {
        try {
            $this->spot($cell);
        } catch (InvalidArgumentException $error) {
            return new Problem('edit.cannot_stay', ['problem' => Problem::of($error)]);
        }

        return null;
    }

    /** @return list<string> every place it covers, as "column,row"; where it begins, when it cannot lie there */
    public function covered(DraftCell $cell): array
    {
        try {
            return array_map(fn (array $place): string => ($place[1] + 1).','.($place[0] + 1), $this->grid->covered($this->spot($cell)));
        } catch (InvalidArgumentException) {
            return [$cell->id()];
        }
    }

    /**
     * The same thing turned where it lies: to the next way that it can lie there.
     *
     * @param  int  $degrees  clockwise, or 270 for the other way round
     *
     * @throws EditRefused when there is only one way
     */
    public function turned(DraftCell $cell, int $degrees): DraftCell
    {
        $ways = $this->ways($cell);
        if (count($ways) < 2) {
            throw new EditRefused('one_way');
        }
        $now = is_int($cell->content['turn'] ?? null) ? intdiv($cell->content['turn'], 60) : $ways[0];
        sort($ways);
        $at = (int) array_search($now, $ways, true);
        $next = $ways[($at + ($degrees > 180 ? count($ways) - 1 : 1)) % count($ways)];

        return $cell->holding(['turn' => 60 * $next] + $cell->content);
    }

    /**
     * How many degrees clockwise something is turned further in another way of the block when it is turned once more in it.
     *
     * @throws EditRefused when no turn lets it lie on the same places
     */
    public function further(DraftCell $cell, int $now, bool $back): int
    {
        try {
            $spot = $this->spot($cell);
        } catch (InvalidArgumentException $error) {
            throw new EditRefused('not_turned', ['problem' => Problem::of($error)]);
        }
        $turns = [0];
        for ($sixths = 1; $sixths < 6; $sixths++) {
            if ($this->grid->turnedInPlace($spot, $sixths) !== null) {
                $turns[] = 60 * $sixths;
            }
        }
        if (count($turns) < 2) {
            throw new EditRefused('one_way');
        }
        $at = (int) array_search($now, $turns, true);

        return $turns[($at + ($back ? count($turns) - 1 : 1)) % count($turns)];
    }

    /**
     * The same thing flipped where it lies: a triangle left to right, a diamond along its long diagonal.
     *
     * @throws EditRefused for half a triangle
     */
    public function mirrored(DraftCell $cell): DraftCell
    {
        $shape = $this->shape($cell);
        if ($shape === SixtyShape::HalfTriangle) {
            throw new EditRefused('half_one_way');
        }
        $turn = $cell->content['turn'] ?? ($this->ways($cell)[0] ?? 0) * 60;
        $content = ['mirror' => ! ($cell->content['mirror'] ?? false)] + $cell->withWaysReversed()->content;

        return $cell->holding($shape === SixtyShape::Triangle && is_int($turn) ? ['turn' => (360 - $turn) % 360] + $content : $content);
    }

    /** How many divisions of this grid the side of a thing is long; 1 where that is no whole number or not known. */
    public function sizeOf(DraftCell $cell): int
    {
        try {
            [$share, $of] = Length::parse($this->sideOf($cell))->over(Length::parse($this->edge));
        } catch (MeasureException) {
            return 1;
        }

        return $of === 1 && $share >= 1 && $share <= SixtyGrid::MOST ? $share : 1;
    }

    private function sideOf(DraftCell $cell): string
    {
        $block = $cell->content['block'] ?? null;
        if (is_string($block)) {
            $inner = self::of($this->document, Place::of('blocks', $block));

            return $inner === null ? '' : LengthText::of(Length::parse($inner->edge)->times($inner->grid->rows));
        }
        $unit = $cell->content['unit'] ?? null;
        $finished = is_string($unit) ? $this->document->at(Place::of('units', $unit, 'finished'))->value : null;

        return is_string($finished) ? $finished : '';
    }

    /** @return list<int> sixths of a turn */
    private function ways(DraftCell $cell): array
    {
        $shape = $this->shape($cell);
        $there = $cell->row <= $this->grid->rows && $cell->column <= $this->grid->places($cell->row - 1);

        return $shape === null || ! $there ? [] : $this->grid->turns($cell->row - 1, $cell->column - 1, $shape);
    }
}
