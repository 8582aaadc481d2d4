<?php

declare(strict_types=1);

namespace Tests\Core;

use Dew\Core\Geometry\Patch;
use Dew\Core\Making\Operand;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;

/**
 * Sews a unit on paper as its steps say, patch by patch, with a geometry of its own: every step that sews joins what its seams name, and where
 * two sewn pieces lie along each other on one line they are joined by one seam.
 */
final class HandSewing
{
    /** @var list<array{float, float, float, float, list<array{int, int}>}> every seam: its two ends, and the patches on its sides */
    public array $seams = [];

    /** @var array<int, int> the sewn piece that each patch is in */
    private array $in;

    /** @var list<array{int, int, float, float, float, float}> two patches, and the ends of the line they share */
    private array $edges = [];

    /**
     * @param  list<Patch>  $patches
     * @param  list<Step>  $steps
     * @param  bool  $inOrder  whether the patches of a step are sewn on one after the other, by their numbers
     */
    public function __construct(array $patches, array $steps, bool $inOrder)
    {
        $this->in = array_keys($patches);
        foreach ($patches as $one => $patch) {
            for ($other = 0; $other < $one; $other++) {
                $this->findEdges($other, $patches[$other], $one, $patch);
            }
        }
        $named = [];
        foreach ($steps as $step) {
            foreach ($step->kind === StepKind::Sew ? $step->operands(Operand::Seam) : [] as $on) {
                $named["$on->first $on->second"] = true;
            }
        }
        // What no step sews was made before.
        $this->sew(array_values(array_filter(
            array_map(fn (array $edge): array => [$edge[0], $edge[1]], $this->edges),
            fn (array $pair): bool => ! isset($named[min($pair).' '.max($pair)]),
        )));
        foreach ($steps as $step) {
            $pairs = $step->kind === StepKind::Sew
                ? array_map(fn ($on): array => [$on->first, $on->second], $step->operands(Operand::Seam))
                : [];
            if (! $inOrder) {
                $this->sew($pairs);

                continue;
            }
            foreach (array_keys($patches) as $number) {
                $this->sew(array_values(array_filter($pairs, fn (array $pair): bool => max($pair) === $number)));
            }
        }
    }

    /** How many pieces are left: one when everything is sewn together. */
    public function pieces(): int
    {
        return count(array_unique($this->in));
    }

    private function findEdges(int $one, Patch $first, int $other, Patch $second): void
    {
        foreach (array_keys($first->outline->corners) as $i) {
            foreach (array_keys($second->outline->corners) as $j) {
                [$x1, $y1, $x2, $y2] = $first->outline->edge($i);
                $length = hypot($x2 - $x1, $y2 - $y1);
                [$dx, $dy] = [($x2 - $x1) / $length, ($y2 - $y1) / $length];
                $along = [];
                [$a, $b, $c, $d] = $second->outline->edge($j);
                foreach ([[$a, $b], [$c, $d]] as [$x, $y]) {
                    if (abs($dx * ($y - $y1) - $dy * ($x - $x1)) > 1e-3) {
                        continue 2;
                    }
                    $along[] = $dx * ($x - $x1) + $dy * ($y - $y1);
                }
                [$from, $to] = [max(0.0, min($along)), min($length, max($along))];
                if ($to - $from > 1e-3) {
                    $this->edges[] = [$one, $other, $x1 + $from * $dx, $y1 + $from * $dy, $x1 + $to * $dx, $y1 + $to * $dy];
                }
            }
        }
    }

    /** @param  list<array{int, int}>  $pairs */
    private function sew(array $pairs): void
    {
        $before = $this->in;
        foreach ($pairs as [$one, $other]) {
            [$keep, $gone] = [$this->in[$one], $this->in[$other]];
            $this->in = array_map(fn (int $piece): int => $piece === $gone ? $keep : $piece, $this->in);
        }
        // Edges between what was apart and is together now, those on one line that follow each other as one seam.
        $lines = [];
        foreach ($this->edges as [$one, $other, $x1, $y1, $x2, $y2]) {
            if ($before[$one] === $before[$other] || $this->in[$one] !== $this->in[$other]) {
                continue;
            }
            $angle = fmod(atan2($y2 - $y1, $x2 - $x1) + 2 * M_PI, M_PI);
            $angle = M_PI - $angle < 1e-4 ? 0.0 : $angle;
            [$dx, $dy] = [cos($angle), sin($angle)];
            $span = [$dx * $x1 + $dy * $y1, $dx * $x2 + $dy * $y2];
            $lines[sprintf('%d %.2f %.2f', $this->in[$one], $angle, $dx * $y1 - $dy * $x1 + 1e-6)][] = [min($span), max($span), [$one, $other], $dx, $dy, $dx * $y1 - $dy * $x1];
        }
        foreach ($lines as $line) {
            usort($line, fn (array $one, array $other): int => $one[0] <=> $other[0]);
            $runs = [];
            foreach ($line as [$from, $to, $pair, $dx, $dy, $off]) {
                $last = count($runs) - 1;
                if ($last >= 0 && $from < $runs[$last][1] + 1e-3) {
                    $runs[$last][1] = max($runs[$last][1], $to);
                    $runs[$last][2][] = $pair;
                } else {
                    $runs[] = [$from, $to, [$pair], $dx, $dy, $off];
                }
            }
            foreach ($runs as [$from, $to, $between, $dx, $dy, $off]) {
                $this->seams[] = [
                    $from * $dx - $off * $dy, $from * $dy + $off * $dx, $to * $dx - $off * $dy, $to * $dy + $off * $dx, $between,
                ];
            }
        }
    }
}
