<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Block\Block;
use Dew\Core\Block\Cell;
use Dew\Core\Design\StatedSizes;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Plan\SizedDesign;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\UnitKind;

/** Whether things come out: cells and what lies in them, drawn pieces and their unit, a given pattern's sizes and the computed ones. */
final readonly class FitChecks
{
    private function __construct(private Subject $subject)
    {
    }

    /** @return list<Finding> */
    public static function of(Subject $subject): array
    {
        $checks = new self($subject);

        return [...$checks->seamsDiffer(), ...$checks->uncovered(), ...$checks->stated()];
    }

    /**
     * What lies in a cell finishes at another size than the cell, so the seams it shares with its neighbours differ.
     *
     * @return list<Finding>
     */
    private function seamsDiffer(): array
    {
        $findings = [];
        $design = $this->subject->design;
        $products = SizedDesign::products($design, array_values($design->sizes)[0]);
        foreach ($design->blocks as $key => $block) {
            if (str_contains($key, '.')) {
                continue;
            }
            $scaled = $block->scaled(array_values($design->sizes)[0]->scale, array_values($design->sizes)[0]->scaleOver);
            foreach ($block->cells as $index => $cell) {
                $laid = $cell->orientation->sizeOf($products[$cell->product]->finished());
                $space = $scaled->cellSize($cell);
                if (! $laid->equals($space)) {
                    $findings[] = new Finding('seams-differ', Severity::Error, $this->subject->place($key).'/cells/'.$index, [
                        'unit' => $this->subject->name($cell->product),
                        'block' => $block->name,
                        'neighbour' => $this->neighbour($block, $cell),
                    ], ['width' => $laid->width, 'height' => $laid->height, 'space_width' => $space->width, 'space_height' => $space->height]);
                }
            }
        }

        return $findings;
    }

    /** The name of something that shares an edge with a cell. */
    private function neighbour(Block $block, Cell $cell): string
    {
        foreach ($block->cells as $other) {
            $beside = ($other->column === $cell->column + $cell->across || $cell->column === $other->column + $other->across) && $other->row < $cell->row + $cell->down && $cell->row < $other->row + $other->down;
            $below = ($other->row === $cell->row + $cell->down || $cell->row === $other->row + $other->down) && $other->column < $cell->column + $cell->across && $cell->column < $other->column + $other->across;
            if ($beside || $below) {
                return $this->subject->name($other->product);
            }
        }

        return $block->name;
    }

    /**
     * Pieces of a custom unit that leave a hole or overlap.
     *
     * @return list<Finding>
     */
    private function uncovered(): array
    {
        $findings = [];
        foreach ($this->subject->units() as [$key, $unit]) {
            if ($unit->kind() !== UnitKind::Custom) {
                continue;
            }
            $area = $unit->finished()->area();
            $drawn = array_sum(array_map(fn ($patch): float => $patch->outline->area(), $unit->patches()));
            if (abs($area - $drawn) > 0.01 * $area) {
                $findings[$key] = new Finding('uncovered', Severity::Warning, $this->subject->place($key), ['unit' => $this->subject->name($key)], [
                    'drawn' => Length::approximately($drawn),
                    'area' => Length::approximately($area),
                ]);
            }
        }

        return array_values($findings);
    }

    /** @return list<Finding> */
    private function stated(): array
    {
        $findings = [];
        $first = SizedDesign::products($this->subject->design, array_values($this->subject->design->sizes)[0]);
        foreach ($this->subject->design->stated as $id => $stated) {
            if (! isset($first[$id])) {
                continue;
            }
            $computed = $first[$id]->finished()->outsetBy($this->subject->design->room->seam);
            if ($stated->unfinished !== null && ! $stated->unfinished->equals($computed)) {
                $findings[] = $this->statedSize($id, $stated, $stated->unfinished, $computed);
            }
            foreach ($this->subject->making($first[$id])->pieces as $piece) {
                $given = $stated->cut[$piece->id] ?? null;
                $found = $given === null ? null : $this->statedCut($id, $stated, $piece, $given);
                if ($found !== null) {
                    $findings[] = $found;
                }
            }
        }

        return $findings;
    }

    /** Larger than the pieces give cannot be had; smaller comes off the outermost pieces, and what each of those loses is said. */
    private function statedSize(string $id, StatedSizes $stated, Size $given, Size $computed): Finding
    {
        $across = $computed->width->minus($given->width);
        $down = $computed->height->minus($given->height);
        $short = $across->isNegative() || $down->isNegative();
        $block = $this->subject->design->blocks[$id] ?? null;
        $outermost = $block === null ? [$this->subject->name($id)] : array_map(
            fn (Cell $cell): string => $this->subject->name($cell->product),
            array_filter($block->cells, fn (Cell $cell): bool => $cell->column === 0 || $cell->row === 0 || $cell->column + $cell->across === count($block->columns) || $cell->row + $cell->down === count($block->rows)),
        );

        return new Finding($short ? 'stated-too-large' : 'stated-too-small', Severity::Error, $stated->place.'/unfinished', [
            'unit' => $this->subject->name($id),
            'pieces' => implode(', ', array_values(array_unique($outermost))),
        ], [
            'stated_width' => $given->width, 'stated_height' => $given->height, 'width' => $computed->width, 'height' => $computed->height,
            'off_width' => $across->absolute()->dividedBy(2), 'off_height' => $down->absolute()->dividedBy(2),
        ]);
    }

    /** Smaller than exact can never be squared up. Larger is oversize where the piece is trimmed, and an error of the seam where it is not. */
    private function statedCut(string $id, StatedSizes $stated, Piece $piece, Size $given): ?Finding
    {
        $length = $piece->length ?? $piece->width;
        $notation = $this->subject->design->room->notation();
        // Sides may be stated in either order.
        [$wide, $high] = $given->width->isLessThan($given->height) ? [$given->height, $given->width] : [$given->width, $given->height];
        [$long, $short] = $length->exact->isLessThan($piece->width->exact) ? [$piece->width, $length] : [$length, $piece->width];
        if ($wide->equals($long->in($notation)) && $high->equals($short->in($notation))) {
            return null;
        }
        $small = $wide->isLessThan($long->exact) || $high->isLessThan($short->exact);

        return new Finding($small ? 'stated-cut-small' : 'stated-cut-large', $small ? Severity::Error : ($piece->width->mayGrow() ? Severity::Note : Severity::Warning), $stated->place.'/cut/'.$piece->id, [
            'unit' => $this->subject->name($id),
        ], ['stated_width' => $wide, 'stated_height' => $high, 'width' => $long->in($notation), 'height' => $short->in($notation), 'exact' => $long->exact]);
    }
}
