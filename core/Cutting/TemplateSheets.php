<?php

declare(strict_types=1);

namespace Dew\Core\Cutting;

use Dew\Core\Geometry\Outline;
use Dew\Core\Unit\Piece;

/**
 * Lays templates out on sheets of paper at true size: several on a sheet while they fit; one that is larger than a sheet in parts that
 * overlap, with registration marks that come to lie on each other.
 */
final class TemplateSheets
{
    /** Inches that two parts of one template have in common. */
    public const OVERLAP = 0.75;

    /** Inches below a template for its name. */
    public const LABEL = 0.5;

    private const GAP = 0.25;

    private const NARROWEST = 2.4;

    /** Inches by which a chord may miss its curve. */
    private const FLAT = 0.0005;

    private const MARK = 0.12;

    /** @var list<array{lines: array<string, list<array{float, float, float, float}>>, labels: list<array{template: int, x: float, y: float, width: float, column: int, row: int, columns: int, rows: int}>}> */
    private array $sheets = [];

    private float $x = 0.0;

    private float $y = 0.0;

    private float $high = 0.0;

    private bool $isOpen = false;

    private function __construct(private readonly float $width, private readonly float $height)
    {
    }

    /**
     * @param  list<Piece>  $pieces  each with an outline
     * @param  float  $width  of the printable area, in inches
     * @param  float  $height  likewise
     * @return list<TemplateSheet>
     */
    public static function of(array $pieces, float $width, float $height): array
    {
        $sheets = new self($width, $height);
        foreach ($pieces as $number => $piece) {
            if ($piece->lay->outline !== null) {
                $sheets->lay($number, self::linesOf($piece, $piece->lay->outline));
            }
        }

        return array_map(fn (array $sheet): TemplateSheet => new TemplateSheet($sheet['lines'], $sheet['labels']), $sheets->sheets);
    }

    /** @param  array<string, list<array{float, float, float, float}>>  $lines */
    private function lay(int $number, array $lines): void
    {
        [$wide, $high] = self::box($lines['cut']);
        $fits = $wide <= $this->width && $high + self::LABEL <= $this->height;
        if (! $fits) {
            $this->tile($number, $lines, $wide, $high);

            return;
        }
        $room = max($wide, self::NARROWEST);
        if ($this->isOpen && $this->x + $room > $this->width) {
            [$this->x, $this->y, $this->high] = [0.0, $this->y + $this->high + self::GAP, 0.0];
        }
        if (! $this->isOpen || $this->y + $high + self::LABEL > $this->height) {
            $this->open();
        }
        $last = count($this->sheets) - 1;
        foreach ($lines as $what => $all) {
            foreach ($all as [$x, $y, $toX, $toY]) {
                $this->sheets[$last]['lines'][$what][] = [$x + $this->x, $y + $this->y, $toX + $this->x, $toY + $this->y];
            }
        }
        $this->sheets[$last]['labels'][] = [
            'template' => $number, 'x' => $this->x, 'y' => $this->y + $high, 'width' => $room, 'column' => 1, 'row' => 1, 'columns' => 1, 'rows' => 1,
        ];
        $this->x += $room + self::GAP;
        $this->high = max($this->high, $high + self::LABEL);
    }

    private function open(): void
    {
        $this->sheets[] = ['lines' => [], 'labels' => []];
        [$this->x, $this->y, $this->high, $this->isOpen] = [0.0, 0.0, 0.0, true];
    }

    /** @param  array<string, list<array{float, float, float, float}>>  $lines */
    private function tile(int $number, array $lines, float $wide, float $high): void
    {
        [$stepX, $stepY] = [$this->width - self::OVERLAP, $this->height - self::LABEL - self::OVERLAP];
        $columns = max(1, (int) ceil(($wide - self::OVERLAP) / $stepX - 1e-9));
        $rows = max(1, (int) ceil(($high - self::OVERLAP) / $stepY - 1e-9));
        $parts = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $seen = $this->seen($lines, $column * $stepX, $row * $stepY);
                if ($seen !== []) {
                    $parts["$column $row"] = $seen;
                }
            }
        }
        foreach ($this->marks($parts, $stepX, $stepY) as $part => $marks) {
            [$column, $row] = array_map(intval(...), explode(' ', $part));
            $this->sheets[] = [
                'lines' => $parts[$part] + ($marks === [] ? [] : $this->seen(['mark' => $marks], $column * $stepX, $row * $stepY)),
                'labels' => [[
                    'template' => $number, 'x' => 0.0, 'y' => $this->height - self::LABEL, 'width' => $this->width, 'column' => $column + 1,
                    'row' => $row + 1, 'columns' => $columns, 'rows' => $rows,
                ]],
            ];
        }
        $this->isOpen = false;
    }

    /**
     * What lies on one part of a template.
     *
     * @param  array<string, list<array{float, float, float, float}>>  $lines
     * @return array<string, list<array{float, float, float, float}>>
     */
    private function seen(array $lines, float $left, float $top): array
    {
        $seen = [];
        foreach ($lines as $what => $all) {
            foreach ($all as $line) {
                $within = self::clipped($line, $left, $top, $left + $this->width, $top + $this->height - self::LABEL);
                if ($within !== null) {
                    $seen[$what][] = [$within[0] - $left, $within[1] - $top, $within[2] - $left, $within[3] - $top];
                }
            }
        }

        return $seen;
    }

    /**
     * Crosses in the middle of what two parts have in common, two on each edge that they share.
     *
     * @param  array<string, array<string, list<array{float, float, float, float}>>>  $parts  that are printed, by column and row
     * @return array<string, list<array{float, float, float, float}>> by part
     */
    private function marks(array $parts, float $stepX, float $stepY): array
    {
        $marks = array_map(fn (): array => [], $parts);
        foreach (array_keys($parts) as $part) {
            [$column, $row] = array_map(intval(...), explode(' ', $part));
            [$left, $top] = [$column * $stepX, $row * $stepY];
            foreach ([[$column + 1, $row], [$column, $row + 1]] as [$x, $y]) {
                foreach (isset($parts["$x $y"]) ? [0.25, 0.75] : [] as $share) {
                    [$atX, $atY] = $x > $column
                        ? [$left + $stepX + self::OVERLAP / 2, $top + $share * $stepY]
                        : [$left + $share * $stepX, $top + $stepY + self::OVERLAP / 2];
                    $cross = [[$atX - self::MARK, $atY, $atX + self::MARK, $atY], [$atX, $atY - self::MARK, $atX, $atY + self::MARK]];
                    array_push($marks[$part], ...$cross);
                    array_push($marks["$x $y"], ...$cross);
                }
            }
        }

        return $marks;
    }

    /** @return array<string, list<array{float, float, float, float}>> */
    private static function linesOf(Piece $piece, Outline $outline): array
    {
        $width = self::box(self::flat($outline))[0];
        $of = fn (?Outline $shape, bool $isClosed = true): array => $shape === null ? [] : self::flat($shape, $isClosed);
        $lines = array_filter([
            'cut' => $of($outline),
            'later' => $of($piece->template?->later),
            'sew' => $of($piece->template?->sewing),
            'notch' => array_merge([], ...array_map(fn (Outline $notch): array => self::flat($notch, false), $piece->template->notches ?? [])),
        ]);
        // Within the line that is sewn along, where there is one.
        $lines['grain'] = self::grain($lines['sew'] ?? self::flat($outline));
        if (! $piece->lay->mirrored) {
            return $lines;
        }

        return array_map(fn (array $all): array => array_map(
            fn (array $line): array => [$width - $line[0], $line[1], $width - $line[2], $line[3]], $all,
        ), $lines);
    }

    /**
     * An arrow along the longest level line through the middle of a shape.
     *
     * @param  list<array{float, float, float, float}>  $edges
     * @return list<array{float, float, float, float}>
     */
    private static function grain(array $edges): array
    {
        $levels = [...array_column($edges, 1), ...array_column($edges, 3)];
        [$top, $high] = $levels === [] ? [0.0, 0.0] : [min($levels), max($levels) - min($levels)];
        $best = [0.0, 0.0, $top + $high / 2];
        foreach ([0.5, 0.4, 0.6, 0.3, 0.7, 0.2, 0.8] as $share) {
            $level = $top + $high * $share;
            $crossings = [];
            foreach ($edges as [$x, $y, $toX, $toY]) {
                if (($y <= $level) !== ($toY <= $level)) {
                    $crossings[] = $x + ($level - $y) / ($toY - $y) * ($toX - $x);
                }
            }
            sort($crossings);
            for ($index = 0; $index + 1 < count($crossings); $index += 2) {
                if ($crossings[$index + 1] - $crossings[$index] > $best[1] - $best[0] + 1e-6) {
                    $best = [$crossings[$index], $crossings[$index + 1], $level];
                }
            }
        }
        [$from, $to, $y] = $best;
        [$left, $right] = [$from + 0.25 * ($to - $from), $to - 0.25 * ($to - $from)];
        $tip = min(0.1, ($right - $left) / 4);

        return [
            [$left, $y, $right, $y], [$left, $y, $left + $tip, $y - $tip / 2], [$left, $y, $left + $tip, $y + $tip / 2],
            [$right, $y, $right - $tip, $y - $tip / 2], [$right, $y, $right - $tip, $y + $tip / 2],
        ];
    }

    /**
     * The edges of an outline as straight pieces, circular ones as chords.
     *
     * @return list<array{float, float, float, float}>
     */
    private static function flat(Outline $outline, bool $isClosed = true): array
    {
        $lines = [];
        foreach (array_keys($outline->corners) as $index) {
            if (! $isClosed && $index === count($outline->corners) - 1) {
                break;
            }
            [$x, $y, $toX, $toY] = $outline->edge($index);
            if (! isset($outline->arcs[$index])) {
                $lines[] = [$x, $y, $toX, $toY];

                continue;
            }
            [$centreX, $centreY] = $outline->centre($index);
            $radius = $outline->arcs[$index]->radius->toFloat();
            $way = $outline->arcs[$index]->clockwise ? 1 : -1;
            $from = atan2($y - $centreY, $x - $centreX);
            $sweep = 2 * asin(min(1.0, hypot($toX - $x, $toY - $y) / 2 / $radius));
            $parts = max(1, (int) ceil($sweep / (2 * acos(max(0.0, 1 - self::FLAT / $radius)))));
            [$atX, $atY] = [$x, $y];
            for ($part = 1; $part <= $parts; $part++) {
                $angle = $from + $way * $sweep * $part / $parts;
                [$nextX, $nextY] = $part === $parts ? [$toX, $toY] : [$centreX + $radius * cos($angle), $centreY + $radius * sin($angle)];
                $lines[] = [$atX, $atY, $nextX, $nextY];
                [$atX, $atY] = [$nextX, $nextY];
            }
        }

        return $lines;
    }

    /**
     * @param  list<array{float, float, float, float}>  $lines
     * @return array{float, float} the right end and the lower end of a shape that begins at the origin
     */
    private static function box(array $lines): array
    {
        return $lines === [] ? [0.0, 0.0] : [
            max(array_merge(array_column($lines, 0), array_column($lines, 2))), max(array_merge(array_column($lines, 1), array_column($lines, 3))),
        ];
    }

    /**
     * The part of a line within a rectangle (Liang and Barsky).
     *
     * @param  array{float, float, float, float}  $line
     * @return array{float, float, float, float}|null
     */
    private static function clipped(array $line, float $left, float $top, float $right, float $bottom): ?array
    {
        [$x, $y, $toX, $toY] = $line;
        [$acrossX, $acrossY] = [$toX - $x, $toY - $y];
        [$from, $to] = [0.0, 1.0];
        foreach ([[-$acrossX, $x - $left], [$acrossX, $right - $x], [-$acrossY, $y - $top], [$acrossY, $bottom - $y]] as [$by, $room]) {
            if (abs($by) < 1e-12) {
                if ($room < 0) {
                    return null;
                }

                continue;
            }
            $share = $room / $by;
            [$from, $to] = $by < 0 ? [max($from, $share), $to] : [$from, min($to, $share)];
        }

        return $from >= $to ? null : [$x + $from * $acrossX, $y + $from * $acrossY, $x + $to * $acrossX, $y + $to * $acrossY];
    }
}
