<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Block\Block;
use Dew\Core\Block\Cell;
use Dew\Core\Block\SixtyBlock;
use Dew\Core\Block\TrimmedBlock;
use Dew\Core\Geometry\Outline;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\CustomSeam;
use Dew\Core\Unit\Kind\CustomUnit;
use Dew\Core\Unit\Kind\GivenUnit;
use Dew\Core\Unit\Unit;

/** Whether things come out: cells and what lies in them, drawn pieces and their unit. */
final readonly class FitChecks
{
    /** Share of its area by which the drawing of a custom unit may be off: what rounding a drawing to eighths comes to. */
    private const ROOM = 0.005;

    /** Inches by which two edges may lie apart and still be one seam. */
    private const NEAR = 0.01;

    private function __construct(private Subject $subject)
    {
    }

    /** @return list<Finding> */
    public static function of(Subject $subject): array
    {
        $checks = new self($subject);

        return [...$checks->seamsDiffer(), ...$checks->uncovered(), ...$checks->tooLittleCut(), ...$checks->trimmedPoints(), ...$checks->spareOnSeam()];
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
        $first = array_values($design->sizes)[0];
        $products = $this->subject->compilation->products($first->scale, $first->scaleOver);
        foreach ($design->blocks as $key => $block) {
            if (str_contains($key, '.')) {
                continue;
            }
            $scaled = $block->scaled($first->scale, $first->scaleOver);
            if ($scaled instanceof SixtyBlock) {
                array_push($findings, ...$this->sidesDiffer((string) $key, $scaled, $products));

                continue;
            }
            if (! $block instanceof Block) {
                continue;
            }
            foreach ($block->cells as $index => $cell) {
                $laid = $cell->orientation->sizeOf($products[$cell->product]->finished());
                $space = $scaled->cellSize($cell);
                if (! $laid->equals($space)) {
                    $findings[] = new Finding('seams-differ', Severity::Error, $this->subject->place($key).'/cells/'.$index, [
                        'unit' => $this->subject->name($cell->product),
                        'block' => $block->name,
                        'neighbour' => $this->neighbour($block, $cell),
                    ], ['width' => $laid->width, 'height' => $laid->height, 'space_width' => $space->width,
                        'space_height' => $space->height]);
                } else {
                    array_push($findings, ...$this->waysDiffer((string) $key, $block, $index, $laid));
                }
            }
        }

        return $findings;
    }

    /**
     * What fills its cell as the block is designed, and does not in another way of the block: a rectangle turned by a quarter.
     *
     * @param  Size  $space  what the thing in the cell finishes at, as it lies in the block
     * @return list<Finding>
     */
    private function waysDiffer(string $key, Block $block, int $index, Size $space): array
    {
        $findings = [];
        foreach ($block->ways as $way) {
            $other = $way->parts[$index] ?? null;
            $turns = $other instanceof Cell ? $other->orientation->quarterTurns - $block->cells[$index]->orientation->quarterTurns : 0;
            if ($other !== null && $turns % 2 !== 0 && ! $space->width->equals($space->height)) {
                $findings[] = new Finding('way-differs', Severity::Error, $this->subject->place($key).'/cells/'.$index, [
                    'unit' => $this->subject->name($other->product), 'block' => $block->name, 'way' => $way->name,
                ], ['width' => $space->width, 'height' => $space->height]);
            }
        }

        return $findings;
    }

    /**
     * The same on 60° axes, where a triangle or diamond is told by its side.
     *
     * @param  array<string, Unit>  $products
     * @return list<Finding>
     */
    private function sidesDiffer(string $key, SixtyBlock $block, array $products): array
    {
        $findings = [];
        foreach ($block->parts as $index => $part) {
            $shape = $part->spot->shape;
            [$has, $needs] = [$shape->side($products[$part->product]->finished()), $shape->side($block->partSize($part))];
            if (! $has->equals($needs)) {
                $findings[] = new Finding('sides-differ', Severity::Error, $this->subject->place($key).'/cells/'.$index, [
                    'unit' => $this->subject->name($part->product), 'block' => $block->name,
                ], ['side' => $has, 'space' => $needs]);
            }
        }

        return $findings;
    }

    /**
     * A block that is trimmed on purpose, and loses more by it than the sides of rectangles.
     *
     * @return list<Finding>
     */
    private function trimmedPoints(): array
    {
        $findings = [];
        foreach ($this->subject->blocks() as [$key, $block]) {
            if ($block instanceof TrimmedBlock && $block->losesPoints()) {
                $findings[$key] = new Finding('trimmed-points', Severity::Note, $this->subject->place($key).'/trimmed', [
                    'block' => $this->subject->name($key),
                ], ['width' => $block->finished()->width, 'height' => $block->finished()->height]);
            }
        }

        return array_values($findings);
    }

    /** The name of something that shares an edge with a cell. */
    private function neighbour(Block $block, Cell $cell): string
    {
        foreach ($block->cells as $other) {
            $beside = ($other->column === $cell->column + $cell->across || $cell->column === $other->column + $other->across)
                && $other->row < $cell->row + $cell->down
                && $cell->row < $other->row + $other->down;
            $below = ($other->row === $cell->row + $cell->down || $cell->row === $other->row + $other->down)
                && $other->column < $cell->column + $cell->across
                && $cell->column < $other->column + $other->across;
            if ($beside || $below) {
                return $this->subject->name($other->product);
            }
        }

        return $block->name;
    }

    private static function squareInches(float $area): string
    {
        return rtrim(rtrim(sprintf('%.2F', $area), '0'), '.');
    }

    /**
     * A given pattern's cutting sizes that cannot come to the finished unit, however the pieces lie.
     *
     * @return list<Finding>
     */
    private function tooLittleCut(): array
    {
        $findings = [];
        foreach ($this->subject->units() as [$key, $unit]) {
            $area = $unit->finished()->area();
            $covers = $unit instanceof GivenUnit ? $unit->covers($this->subject->compilation->room) : $area;
            if ($area - $covers > self::ROOM * $area) {
                $findings[$key] = new Finding('cuts-too-little', Severity::Error, $this->subject->place($key).'/pieces', [
                    'unit' => $this->subject->name($key), 'covers' => self::squareInches($covers), 'area' => self::squareInches($area),
                ]);
            }
        }

        return array_values($findings);
    }

    /**
     * A spare allowance on an edge that is sewn by the very seam after which it is trimmed: the seam would lie in the wrong place.
     *
     * @return list<Finding>
     */
    private function spareOnSeam(): array
    {
        $findings = [];
        foreach ($this->subject->design->units as $key => $spec) {
            $pieces = [];
            foreach ($spec->options->pieces as $piece) {
                $pieces[$piece->id] = $piece;
            }
            foreach ($pieces as $piece) {
                $seam = array_values(array_filter(
                    $spec->options->seams,
                    fn (CustomSeam $seam): bool => $seam->id === $piece->spare?->after && in_array($piece->id, [$seam->first, $seam->second], true),
                ))[0] ?? null;
                $other = $seam === null ? null : $pieces[$seam->first === $piece->id ? $seam->second : $seam->first]->outline ?? null;
                if ($seam === null || $other === null || $piece->outline === null) {
                    continue;
                }
                foreach ($piece->spare->edges ?? [] as $edge) {
                    if (self::liesAlong($piece->outline, $edge, $other)) {
                        $findings[$key.' '.$piece->id] = new Finding('spare-on-seam', Severity::Error, $this->subject->place((string) $key), [
                            'unit' => $this->subject->name((string) $key), 'piece' => $piece->letter ?? $piece->id,
                        ], counts: ['edge' => $edge + 1]);
                    }
                }
            }
        }

        return array_values($findings);
    }

    /** Whether an edge of one outline runs along an edge of another, the other way round, for some of its length. */
    private static function liesAlong(Outline $outline, int $edge, Outline $other): bool
    {
        [$x, $y, $toX, $toY] = $outline->edge($edge);
        $length = hypot($toX - $x, $toY - $y);
        foreach (array_keys($other->corners) as $index) {
            if (isset($outline->arcs[$edge]) !== isset($other->arcs[$index])) {
                continue;
            }
            [$fromX, $fromY, $endX, $endY] = $other->edge($index);
            $along = fn (float $atX, float $atY): float => (($atX - $x) * ($toX - $x) + ($atY - $y) * ($toY - $y)) / $length;
            $off = fn (float $atX, float $atY): float => abs(($atX - $x) * ($toY - $y) - ($atY - $y) * ($toX - $x)) / $length;
            $shared = min($length, max($along($fromX, $fromY), $along($endX, $endY))) - max(0.0, min($along($fromX, $fromY), $along($endX, $endY)));
            if ($off($fromX, $fromY) < self::NEAR && $off($endX, $endY) < self::NEAR && $shared > self::NEAR) {
                return true;
            }
        }

        return false;
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
            if (! $unit->kind()->is(CustomUnit::KIND)) {
                continue;
            }
            $area = $unit->finished()->area();
            $drawn = array_sum(array_map(fn ($patch): float => $patch->outline->area(), $unit->patches()));
            if (abs($area - $drawn) > self::ROOM * $area) {
                $findings[$key] = new Finding('uncovered', Severity::Warning, $this->subject->place($key), [
                    'unit' => $this->subject->name($key), 'drawn' => self::squareInches($drawn), 'area' => self::squareInches($area),
                ]);
            }
        }

        return array_values($findings);
    }
}
