<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Block\Block;
use Dew\Core\Block\Cell;
use Dew\Core\Design\FreeSize;
use Dew\Core\Design\StatedSizes;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\UnitFromCut;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\Unit;
use InvalidArgumentException;

/** Compares the sizes a given pattern states with the computed ones: cuts by the method they are stated for. */
final readonly class StatedChecks
{
    private function __construct(private Subject $subject)
    {
    }

    /** @return list<Finding> */
    public static function of(Subject $subject): array
    {
        $checks = new self($subject);
        $findings = [];
        $first = array_values($subject->design->sizes)[0];
        $products = $subject->compilation->products($first->scale, $first->scaleOver);
        foreach ($subject->design->stated as $id => $stated) {
            if (isset($products[$id])) {
                array_push($findings, ...$checks->compare($id, $stated, $products[$id]));
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function compare(string $id, StatedSizes $stated, Unit $unit): array
    {
        $findings = [];
        $room = $this->subject->design->room;
        $computed = FreeSize::of($unit, $room)[1] ?? $unit->finished()->outsetBy($room->seam);
        if ($stated->unfinished !== null && ! $stated->unfinished->equals($computed)) {
            $findings[] = $this->size($id, $stated, $stated->unfinished, $computed);
        }
        array_push($findings, ...$this->counts($id, $stated));
        if ($stated->method === null) {
            return $findings;
        }
        try {
            $making = $unit->making($stated->method, $this->subject->design->room);
        } catch (InvalidArgumentException) {
            // That it cannot be made so on this cloth was said when it was read.
            return $findings;
        }
        foreach ($stated->cut as $piece => $given) {
            $found = $making->piece($piece);
            $finding = $found === null ? null : $this->cut($id, $stated, $unit, $making->method, $found, $given);
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }

        return $findings;
    }

    /**
     * How many the pattern says are made at a size, where the quilt takes another number.
     *
     * @return list<Finding>
     */
    private function counts(string $id, StatedSizes $stated): array
    {
        $findings = [];
        foreach ($this->subject->sizes() as $sized) {
            $given = $stated->counts[$sized->size->id] ?? null;
            if ($given !== null && $given !== $sized->count($id)) {
                $findings[] = new Finding('stated-count', Severity::Error, $stated->place.'/counts', [
                    'unit' => $this->subject->name($id), 'size' => $sized->size->name,
                ], counts: ['stated' => $given, 'needed' => $sized->count($id)]);
            }
        }

        return $findings;
    }

    /** Larger than the pieces give cannot be had; smaller comes off the outermost pieces, and what each of those loses is said. */
    private function size(string $id, StatedSizes $stated, Size $given, Size $computed): Finding
    {
        $across = $computed->width->minus($given->width);
        $down = $computed->height->minus($given->height);
        $short = $across->isNegative() || $down->isNegative();
        $block = $this->subject->design->blocks[$id] ?? null;
        $outermost = $block instanceof Block ? $this->outermost($block) : [$this->subject->name($id)];

        return new Finding($short ? 'stated-too-large' : 'stated-too-small', Severity::Error, $stated->place.'/unfinished', [
            'unit' => $this->subject->name($id),
            'pieces' => implode(', ', array_values(array_unique($outermost))),
        ], [
            'stated_width' => $given->width, 'stated_height' => $given->height, 'width' => $computed->width, 'height' => $computed->height,
            'off_width' => $across->absolute()->dividedBy(2), 'off_height' => $down->absolute()->dividedBy(2),
        ]);
    }

    /** @return list<string> names of what lies along the edge of a block */
    private function outermost(Block $block): array
    {
        $atEdge = fn (Cell $cell): bool => $cell->column === 0 || $cell->row === 0
            || $cell->column + $cell->across === count($block->columns) || $cell->row + $cell->down === count($block->rows);

        return array_map(
            fn (Cell $cell): string => $this->subject->name($cell->product),
            array_values(array_filter($block->cells, $atEdge)),
        );
    }

    /**
     * Smaller than exact can never be squared up. Larger is oversize where the piece is trimmed, and an error of the seam where it is not.
     * Either way the unit that such a cut would give is said, and by which other method the cut would be right.
     */
    private function cut(string $id, StatedSizes $stated, Unit $unit, Method $method, Piece $piece, Length|Size $given): ?Finding
    {
        if ($this->isRight($piece, $given)) {
            return null;
        }
        $width = $given instanceof Size ? ($given->width->isLessThan($given->height) ? $given->width : $given->height) : $given;
        $long = $given instanceof Size ? ($given->width->isLessThan($given->height) ? $given->height : $given->width) : $given;
        $side = $this->shorter($piece);
        $other = $given instanceof Size ? $this->longer($piece) : $side;
        $small = $width->isLessThan($side->exact) || $long->isLessThan($other->exact);
        $gives = $this->gives($id, $method, $piece, $width);
        $elsewhere = $this->rightBy($unit, $method, $given);
        $code = ($small ? 'stated-cut-small' : 'stated-cut-large').($gives === null ? '-plain' : '').($elsewhere === null ? '' : '-method');
        $notation = $this->subject->design->room->notation();
        $wanted = $side->in($notation);

        return new Finding($code, $small
            ? Severity::Error
            : ($side->mayGrow() ? Severity::Note : Severity::Warning), $stated->place.'/cut/'.$piece->id, [
                'unit' => $this->subject->name($id), 'method' => $method->value, ...($elsewhere === null ? [] : [
                    'right_by' => $elsewhere->value,
                ]),
            ], [
                'stated' => $width, 'stated_long' => $long, 'width' => $wanted, 'long' => $other->in($notation), 'exact' => $side->exact,
                'off' => $wanted->minus($width)->absolute(), ...($gives === null ? [] : ['gives' => $gives->width]),
            ]);
    }

    private function isRight(Piece $piece, Length|Size $given): bool
    {
        $notation = $this->subject->design->room->notation();
        if ($given instanceof Length) {
            // One number is the side of a square or the width of a strip.
            return $given->equals($piece->width->in($notation));
        }
        [$wide, $high] = $given->width->isLessThan($given->height) ? [$given->height, $given->width] : [$given->width, $given->height];

        return $wide->equals($this->longer($piece)->in($notation)) && $high->equals($this->shorter($piece)->in($notation));
    }

    private function shorter(Piece $piece): Measurement
    {
        return $piece->length === null || $piece->width->exact->isLessThan(
            $piece->length->exact,
        ) || $piece->isFromSet() ? $piece->width : $piece->length;
    }

    private function longer(Piece $piece): Measurement
    {
        return $piece->length === null || $piece->isFromSet()
            ? $piece->width
            : ($this->shorter($piece) === $piece->width ? $piece->length : $piece->width);
    }

    /** The unfinished size that a cut gives by a method; null where there is no telling. */
    private function gives(string $id, Method $method, Piece $piece, Length $cut): ?Size
    {
        $spec = $this->subject->design->units[$id] ?? null;
        if ($spec === null || $spec->options->contents() !== []) {
            return null;
        }
        try {
            return UnitFromCut::of(
                $spec, $method, $piece->id, $cut, $this->subject->design->room, FreeSize::of($spec->make(), $this->subject->design->room),
            )?->unfinished;
        } catch (InvalidArgumentException) {
            return null;
        }
    }

    /** Another method of the kind by which some piece is cut at just this size. */
    private function rightBy(Unit $unit, Method $stated, Length|Size $given): ?Method
    {
        foreach ($unit->kind()->methods() as $method) {
            try {
                $making = $method === $stated ? null : $unit->making($method, $this->subject->design->room);
            } catch (InvalidArgumentException) {
                continue;
            }
            foreach ($making->pieces ?? [] as $piece) {
                if ($piece->isCloth() && $this->isRight($piece, $given)) {
                    return $method;
                }
            }
        }

        return null;
    }
}
