<?php

declare(strict_types=1);

namespace App\Drawing;

use Dew\Core\Fabric\Colourway;
use Dew\Core\Fabric\Slot;
use Dew\Core\Geometry\Orientation;
use Dew\Core\Geometry\Outline;
use Dew\Core\Geometry\Patch;
use Dew\Core\Geometry\Point;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Press\PressFlag;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\Piece;

/** Draws units and the pieces they are cut from, in a colourway's cloth. */
final readonly class UnitPicture
{
    /** @param  array<string, Slot>  $slots */
    public function __construct(
        private Colourway $colourway,
        private array $slots,
    ) {
    }

    /**
     * The unit as it looks once sewn, with its raw edge a seam allowance outside, and a flag on every seam that says which way it is
     * pressed.
     *
     * @param  list<PressFlag>|null  $flags  null for those of the task
     */
    public function unit(TaskSheet $task, ?array $flags = null): Picture
    {
        $patches = $task->patches();
        $margin = ($task->unfinished->width->toFloat() - $task->finished->width->toFloat()) / 2;
        $raw = Outline::rectangle(Length::zero(), Length::zero(), $task->unfinished);

        return new Picture(
            $task->unfinished->width->toFloat() * Picture::PER_INCH,
            $task->unfinished->height->toFloat() * Picture::PER_INCH,
            array_map(fn (Patch $patch): Shape => Shape::of($patch->outline, $this->fill($patch->slot), $margin), $patches),
            $this->letters($patches, $margin, $task->kind->isNumbered),
            [
                ...$task->kind->isFree() ? [] : [new Line(Shape::path($raw), LineKind::RawEdge)],
                ...$this->flags($flags ?? ($this->isOutwards($task) ? [] : $task->press->flags ?? []), $task->finished, $margin),
            ],
            __(
                'drawings.unit',
                ['name' => $task->name, 'fabrics' => $this->names(array_map(fn (Patch $patch): string => $patch->slot, $patches))],
            ),
        );
    }

    /** Whether the words say all: every seam is pressed away from the middle, and flags would only hide the numbers. */
    private function isOutwards(TaskSheet $task): bool
    {
        foreach ($task->kind->isNumbered ? $task->making->steps : [] as $step) {
            if ($task->pressing($step)?->code === 'outwards') {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<PressFlag>  $flags
     * @return list<Line>
     */
    private function flags(array $flags, Size $finished, float $margin): array
    {
        $size = max($finished->width->toFloat(), $finished->height->toFloat()) * 0.04;
        $clashes = array_merge(...array_map(fn (PressFlag $flag): array => $flag->clashPoints(), $flags));

        return [
            ...array_map(fn (PressFlag $flag): Line => new Line(Flag::path($flag, $size, $margin), LineKind::Flag), $flags),
            ...array_map(fn (array $at): Line => new Line(
                Shape::ring($at[0] + $margin, $at[1] + $margin, $size), LineKind::Clash,
            ), $clashes),
        ];
    }

    /** What lies on the ironing board when seams are pressed that are cut apart later. */
    public function board(TaskSheet $task): ?Picture
    {
        $board = $task->press?->board;
        if ($board === null) {
            return null;
        }
        $corners = array_merge(...array_map(fn (Patch $patch): array => $patch->outline->corners, $board->patches));
        $width = max(0.1, ...array_map(fn (Point $corner): float => $corner->x->toFloat(), $corners));
        $height = max(0.1, ...array_map(fn (Point $corner): float => $corner->y->toFloat(), $corners));

        return new Picture(
            $width * Picture::PER_INCH,
            $height * Picture::PER_INCH,
            array_map(fn (Patch $patch): Shape => Shape::of($patch->outline, $this->fill($patch->slot)), $board->patches),
            $this->letters($board->patches, 0.0, false),
            array_map(
                fn (PressFlag $flag): Line => new Line(Flag::path($flag, max($width, $height) * 0.04), LineKind::Flag), $task->press->boardFlags,
            ),
            __('drawings.board', ['name' => $task->name]),
        );
    }

    /**
     * The letters of the fabrics, with the number of each patch behind it where they are sewn on in the order of numbers.
     *
     * @param  list<Patch>  $patches
     * @return list<Letter>
     */
    private function letters(array $patches, float $margin, bool $isNumbered): array
    {
        return array_map(
            fn (Patch $patch, int $number): Letter => $this->letter($patch->slot, $patch->outline, $margin, $isNumbered ? $number : 0),
            $patches, array_keys($patches),
        );
    }

    /**
     * Something made before, at its finished size.
     *
     * @param  list<Patch>  $patches
     */
    public function part(string $name, array $patches, Size $finished): Picture
    {
        return new Picture(
            $finished->width->toFloat() * Picture::PER_INCH,
            $finished->height->toFloat() * Picture::PER_INCH,
            array_map(fn (Patch $patch): Shape => Shape::of($patch->outline, $this->fill($patch->slot)), $patches),
            [],
            [],
            __(
                'drawings.part',
                ['name' => $name, 'fabrics' => $this->names(array_map(fn (Patch $patch): string => $patch->slot, $patches))],
            ),
        );
    }

    /** A piece as it lies on the mat, with the lines to sew and to cut on it. A strip is shown as a short length of itself. */
    public function piece(Piece $piece): Picture
    {
        $width = $piece->width->exact;
        $length = ($piece->length ?? Measurement::exact($width->times(3)))->exact;
        if ($piece->lay->outline !== null) {
            return $this->shaped($piece, $piece->lay->outline, $width, $length);
        }
        if ($piece->isSegment()) {
            [$width, $length] = [$length, $width];
        }
        $parts = count($piece->slots);
        $shapes = $letters = [];
        foreach ($piece->slots as $index => $slot) {
            $top = $width->times($index, $parts);
            $bottom = $width->times($index + 1, $parts);
            $outline = new Outline(
                new Point(Length::zero(), $top),
                new Point($length, $top),
                new Point($length, $bottom),
                new Point(Length::zero(), $bottom),
            );
            $shapes[] = Shape::of($outline, $this->fill($slot));
            $letters[] = $this->letter($slot, $outline, 0.0);
        }
        $ink = Ink::on($this->colour($piece->slots[0]));
        $over = Orientation::of(0, $piece->lay->mirrored);
        $line = fn (LineKind $kind): callable => fn (Outline $outline): Line => new Line(
            Shape::path($outline->oriented($over, new Size($length, $width))),
            $kind,
            $ink,
        );

        return new Picture(
            $length->toFloat() * Picture::PER_INCH,
            $width->toFloat() * Picture::PER_INCH,
            $shapes,
            $piece->lines->sew === [] && $piece->lines->cut === [] ? $letters : [],
            [...array_map($line(LineKind::Cut), $piece->lines->cut), ...array_map($line(LineKind::Sew), $piece->lines->sew)],
            __('drawings.piece', ['shape' => __('pieces.one.'.$piece->shape->value), 'fabrics' => $this->names($piece->slots)]),
        );
    }

    /** A piece that is no rectangle, within the part of the strip it is cut from; mirrored when it is the other hand's. */
    private function shaped(Piece $piece, Outline $outline, Length $width, Length $length): Picture
    {
        $slot = $piece->slots[0];
        $lies = fn (Outline $line): Outline => $piece->lay->mirrored ? $line->oriented(
            Orientation::of(0, true),
            new Size($length, $width),
        ) : $line;
        $turned = $lies($outline);
        $ink = Ink::on($this->colour($slot));
        $marks = array_map(
            fn (Outline $notch): Line => new Line(Shape::path($lies($notch)), LineKind::Notch, $ink),
            $piece->template->notches ?? [],
        );
        if ($piece->template?->later !== null) {
            $marks[] = new Line(Shape::path($lies($piece->template->later)), LineKind::Later, $ink);
        }

        return new Picture(
            $length->toFloat() * Picture::PER_INCH,
            $width->toFloat() * Picture::PER_INCH,
            [Shape::of($turned, $this->fill($slot))],
            [$this->letter($slot, $turned, 0.0)],
            [
                new Line(Shape::path(Outline::rectangle(Length::zero(), Length::zero(), new Size($length, $width))), LineKind::RawEdge),
                ...$marks,
            ],
            __('drawings.piece', ['shape' => __('pieces.one.'.$piece->shape->value), 'fabrics' => $this->names($piece->slots)]),
        );
    }

    private function fill(string $slot): string
    {
        return $this->colourway->cloths[$slot]->fill();
    }

    private function colour(string $slot): string
    {
        return $this->colourway->cloths[$slot]->colour;
    }

    /** @param  int  $number  shown behind the letter; zero for none */
    private function letter(string $slot, Outline $outline, float $margin, int $number = 0): Letter
    {
        $across = array_map(fn (Point $corner): float => $corner->x->toFloat(), $outline->corners);
        $down = array_map(fn (Point $corner): float => $corner->y->toFloat(), $outline->corners);
        $span = fn (array $values): float => $values === [] ? 0.0 : max($values) - min($values);
        $text = $this->slots[$slot]->letter.($number === 0 ? '' : $number);
        // A number stands across an upright log too, so that it must not be wider than that.
        $size = $number === 0
            ? min($span($across), $span($down)) * 0.36
            : min($span($down) * 0.6, $span($across) * 0.6, $span($across) / (0.7 * mb_strlen($text)));
        [$x, $y] = $this->hollow($outline) ?? [array_sum($across) / count($across), array_sum($down) / count($down)];

        return new Letter(
            $text,
            Shape::at($x + $margin),
            Shape::at($y + $margin),
            Shape::at(min($size, 0.9)),
            Ink::on($this->colour($slot)),
        );
    }

    /**
     * Where a letter stands in a shape with a hollow edge: between the edge's middle and the corner farthest from it.
     *
     * @return array{float, float}|null
     */
    private function hollow(Outline $outline): ?array
    {
        foreach ($outline->arcs as $index => $arc) {
            if ($arc->clockwise === ($outline->signedArea() > 0)) {
                continue;
            }
            [$fromX, $fromY, $toX, $toY] = $outline->edge($index);
            [$x, $y] = [($fromX + $toX) / 2, ($fromY + $toY) / 2];
            $half = hypot($toX - $fromX, $toY - $fromY) / 2;
            $rise = $arc->radius->toFloat() - sqrt(max(0.0, $arc->radius->toFloat() ** 2 - $half ** 2));
            $side = ($arc->clockwise ? 1 : -1) * $rise / (2 * $half);
            [$x, $y] = [$x + $side * ($toY - $fromY), $y - $side * ($toX - $fromX)];
            $far = array_reduce(
                $outline->corners,
                fn (?Point $best, Point $corner): Point => $best === null || hypot(
                    $corner->x->toFloat() - $x,
                    $corner->y->toFloat() - $y,
                ) > hypot($best->x->toFloat() - $x, $best->y->toFloat() - $y) ? $corner : $best,
            );

            return $far === null ? null : [($x + $far->x->toFloat()) / 2, ($y + $far->y->toFloat()) / 2];
        }

        return null;
    }

    /** @param  list<string>  $slots */
    private function names(array $slots): string
    {
        return implode(
            ', ',
            array_unique(array_map(fn (string $slot): string => $this->slots[$slot]->letter.' '.$this->slots[$slot]->name, $slots)),
        );
    }
}
