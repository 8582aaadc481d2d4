<?php

declare(strict_types=1);

namespace Dew\Core\Correction;

use Dew\Core\Geometry\Patch;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Press\PressLook;
use Dew\Core\Sheet\ChoreSheet;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;

/** Compares what a clue said at one size and by some methods with what it says now, task by task and piece by piece. */
final class SheetComparison
{
    /** @param  Notation  $notation  what those measure in who read it: what is sewn together differs where its mark does */
    public static function of(ClueSheet $old, ClueSheet $new, Notation $notation = Notation::Fractions): ClueCorrection
    {
        $tasks = [];
        foreach ($new->tasks as $task) {
            $before = $old->task($task->task);
            $tasks[] = $before === null ? self::added($task) : self::task($before, $task, $notation);
        }
        foreach ($old->tasks as $task) {
            if ($new->task($task->task) === null) {
                $tasks[] = self::gone($task);
            }
        }

        return new ClueCorrection(
            array_values(array_filter([
                self::change('title', $old->title, $new->title),
                self::change('opening', $old->introduction, $new->introduction),
                self::change('minutes', $old->minutes, $new->minutes),
                $old->words->toData() === $new->words->toData() ? null : new SheetChange('words'),
                ...self::chores($old, $new),
            ])),
            array_values(array_filter($tasks, fn (TaskCorrection $task): bool => $task->changes !== [])),
        );
    }

    /** @return list<SheetChange> what else is to do, more or less often, or no longer; its words and minutes are words */
    private static function chores(ClueSheet $old, ClueSheet $new): array
    {
        $changes = [];
        $named = fn (ChoreSheet $chore): string => $chore->name === '' ? ($chore->block ?? $chore->kind) : $chore->name;
        foreach ($new->chores as $chore) {
            $before = $old->chore($chore->id);
            if ($before === null || $before->count !== $chore->count) {
                $changes[] = new SheetChange('chore', [$before->count ?? 0], [$chore->count], null, $named($chore));
            } elseif ($before->toData() !== $chore->toData()) {
                $changes[] = new SheetChange('words');
            }
        }
        foreach ($old->chores as $chore) {
            if ($new->chore($chore->id) === null) {
                $changes[] = new SheetChange('chore', [$chore->count], [0], null, $named($chore));
            }
        }

        return $changes;
    }

    private static function added(TaskSheet $task): TaskCorrection
    {
        return new TaskCorrection(
            $task->task, $task->name, [new SheetChange('new', [], [$task->count])], [], Fit::Kept, $task->digest, 0, $task->count,
        );
    }

    private static function gone(TaskSheet $task): TaskCorrection
    {
        return new TaskCorrection(
            $task->task,
            $task->name,
            [new SheetChange('gone', [$task->count], [])],
            array_values(array_map(
                fn (Piece $piece): PieceCorrection => new PieceCorrection(
                    $task->cuttingCounter($piece), null, Fit::Kept, $task->quantity($piece), 0, label: $piece->label, slots: $piece->slots,
                ),
                self::cut($task),
            )),
            Fit::Kept,
            $task->digest,
            $task->count,
            0,
        );
    }

    private static function task(TaskSheet $old, TaskSheet $new, Notation $notation): TaskCorrection
    {
        $otherWay = ! $old->making->method->is($new->making->method->value) || $old->oversize !== $new->oversize;
        $cloth = array_map(self::cloths(...), [$old, $new]);
        $changes = array_values(array_filter([
            self::change('name', $old->name, $new->name),
            self::change('count', $old->count, $new->count),
            $otherWay ? new SheetChange('method', [$old->making->method->value], [$new->making->method->value]) : null,
            self::lengths('finished', self::finished($old), self::finished($new)),
            self::lengths('unfinished', self::trim($old), self::trim($new), $notation),
            $cloth[0] === $cloth[1] ? null : self::clothChange($cloth[0], $cloth[1]),
            self::pressing($old->press, $new->press),
        ]));
        $pieces = [];
        foreach (self::cut($old) as $id => $piece) {
            $after = $otherWay ? null : (self::cut($new)[$id] ?? null);
            array_push($changes, ...$otherWay ? [] : self::piece($old, $piece, $new, $after));
            $pieces[] = new PieceCorrection(
                $old->cuttingCounter($piece),
                $after === null ? null : $id,
                $after === null ? Fit::Anew : self::pieceFit($piece, $after),
                $old->quantity($piece),
                $after === null ? 0 : $new->quantity($after),
                $after?->width,
                $after?->length,
                $piece->label,
                $piece->slots,
            );
        }
        foreach ($otherWay ? [] : array_diff_key(self::cut($new), self::cut($old)) as $id => $piece) {
            $changes[] = new SheetChange(
                'new-piece', [], [$new->quantity($piece), ...self::sides($piece)], (string) $id, $piece->label, $piece->slots,
            );
        }
        if ($changes === [] && $old->digest !== $new->digest) {
            $changes[] = new SheetChange('patches');
        }
        if (! $otherWay) {
            $said = self::steps($old, $new);
            array_push($changes, ...$said === 0 || array_filter($changes, fn (SheetChange $change): bool => $change->matters()) !== []
                ? [] : [new SheetChange('steps', [], [$said])]);
        }
        if ($changes === [] && self::looks($old) !== self::looks($new)) {
            $changes[] = new SheetChange('patches');
        }

        return new TaskCorrection(
            $new->task, $new->name, $changes, $pieces, self::unitFit(
                $old, $new, $cloth[0] === $cloth[1],
            ), $old->digest, $old->count, $new->count,
            self::trim($new), self::copingStrip($old, $new),
        );
    }

    /**
     * Other fabrics, or the same ones in other places, which only the drawing shows.
     *
     * @param  list<string>  $was
     * @param  list<string>  $is
     */
    private static function clothChange(array $was, array $is): SheetChange
    {
        sort($was);
        sort($is);

        return $was === $is ? new SheetChange('patches') : new SheetChange('cloth', $was, $is);
    }

    /** How many seams lie in the same place and are pressed another way; null when none does, or when nothing was said of them. */
    private static function pressing(?PressLook $old, ?PressLook $new): ?SheetChange
    {
        if ($old === null || $new === null) {
            return null;
        }
        $turned = 0;
        foreach ($old->flags as $flag) {
            foreach ($new->flags as $other) {
                $turned += $flag->isAt($other) && $flag->pressed !== $other->pressed ? 1 : 0;
            }
        }

        return $turned === 0 ? null : new SheetChange('press', [], [$turned]);
    }

    /**
     * Of a block that grew by as much in width as in height: half of that on every side, and a seam allowance on both edges of the strip.
     */
    private static function copingStrip(TaskSheet $old, TaskSheet $new): ?Measurement
    {
        $wider = $new->finished->width->minus($old->finished->width);
        $isEven = $wider->minus($new->finished->height->minus($old->finished->height))->isZero();

        return $new->kind->isBlock() && $isEven && $wider->isPositive()
            ? Measurement::up($wider->dividedBy(2)->plus($new->room->seam->times(2)))
            : null;
    }

    /** @return list<SheetChange> */
    private static function piece(TaskSheet $old, Piece $before, TaskSheet $new, ?Piece $after): array
    {
        if ($after === null) {
            return [new SheetChange(
                'gone-piece', [$old->quantity($before), ...self::sides($before)], [], $before->id, $before->label, $before->slots,
            )];
        }
        $about = [$after->id, $after->label, $after->slots, self::sides($after)];
        $same = self::encoded(self::sides($before)) === self::encoded(self::sides($after));

        return array_values(array_filter([
            $same ? null : new SheetChange('cut', self::sides($before), self::sides($after), ...$about),
            $before->shape === $after->shape && self::outline($before) === self::outline($after) ? null : (
                $same ? new SheetChange('piece-shape', [$before->shape->value], [$after->shape->value], ...$about) : null
            ),
            $before->slots === $after->slots ? null : new SheetChange('piece-cloth', $before->slots, $after->slots, ...$about),
            $old->quantity($before) === $new->quantity($after) ? null : new SheetChange(
                'quantity', [$old->quantity($before)], [$new->quantity($after)], ...$about,
            ),
        ]));
    }

    private static function pieceFit(Piece $before, Piece $after): Fit
    {
        $same = $before->shape === $after->shape && $before->slots === $after->slots && $before->lay->mirrored === $after->lay->mirrored;
        $asLarge = self::encoded(self::sides($before)) === self::encoded(self::sides($after));
        if ($same && $asLarge && self::outline($before) === self::outline($after)) {
            return Fit::Kept;
        }
        $square = in_array($before->shape, [PieceShape::Square, PieceShape::Rectangle, PieceShape::Strip, PieceShape::Segment], true);

        return $same && $square && self::fitsInto(self::sides($after), self::sides($before)) ? Fit::Trim : Fit::Anew;
    }

    private static function unitFit(TaskSheet $old, TaskSheet $new, bool $sameCloth): Fit
    {
        if ($old->digest === $new->digest) {
            return Fit::Kept;
        }
        $canBe = $sameCloth && $old->kind->is($new->kind->value) && $new->kind->trimsDown;

        return $canBe && self::fitsInto(self::trim($new), self::trim($old)) ? Fit::Trim : Fit::Anew;
    }

    /**
     * @param  list<Measurement>  $inner
     * @param  list<Measurement>  $outer
     */
    private static function fitsInto(array $inner, array $outer): bool
    {
        foreach ($inner as $index => $side) {
            if (! isset($outer[$index]) || $side->exact->isGreaterThan($outer[$index]->exact)) {
                return false;
            }
        }

        return count($inner) === count($outer);
    }

    /** @return array<string, Piece> what is cut and counted off, by id */
    private static function cut(TaskSheet $task): array
    {
        $pieces = [];
        foreach ($task->making->pieces as $piece) {
            if ($piece->shape !== PieceShape::Part) {
                $pieces[$piece->id] = $piece;
            }
        }

        return $pieces;
    }

    /** @return list<Measurement> */
    private static function sides(Piece $piece): array
    {
        return $piece->length === null ? [$piece->width] : [$piece->width, $piece->length];
    }

    private static function outline(Piece $piece): string
    {
        return $piece->lay->outline?->encode() ?? '';
    }

    /** @return list<Measurement> */
    private static function trim(TaskSheet $task): array
    {
        return [$task->trimWidth(), $task->trimHeight()];
    }

    /** @return list<Measurement> */
    private static function finished(TaskSheet $task): array
    {
        return array_map(
            fn (Length $side): Measurement => Measurement::exact($side),
            [$task->measured()->width, $task->measured()->height],
        );
    }

    /** @return list<string> the fabrics of a unit, in the order of its patches */
    private static function cloths(TaskSheet $task): array
    {
        return array_values(array_unique(array_map(fn (Patch $patch): string => $patch->slot, $task->patches())));
    }

    private static function looks(TaskSheet $task): string
    {
        return implode(';', array_map(fn (Patch $patch): string => $patch->encode(), $task->patches()));
    }

    /** How many steps say something else, or are new or gone. */
    private static function steps(TaskSheet $old, TaskSheet $new): int
    {
        $texts = fn (TaskSheet $task): array => array_map(fn (Step $step): string => implode('|', [
            $step->code, ...array_keys($step->measures), ...self::encoded(array_values($step->measures)), ...$step->slots,
            ...array_map(strval(...), $step->counts), ...$step->names, $step->sewing->value ?? '',
        ]), $task->making->steps);
        [$before, $after] = [$texts($old), $texts($new)];

        return max(count(array_diff($before, $after)), count(array_diff($after, $before)));
    }

    private static function change(string $code, int|string $was, int|string $is): ?SheetChange
    {
        return $was === $is ? null : new SheetChange($code, [$was], [$is]);
    }

    /**
     * @param  list<Measurement>  $was
     * @param  list<Measurement>  $is
     */
    private static function lengths(string $code, array $was, array $is, ?Notation $notation = null): ?SheetChange
    {
        return self::encoded($was, $notation) === self::encoded($is, $notation) ? null : new SheetChange($code, $was, $is);
    }

    /**
     * @param  list<Measurement>  $lengths
     * @param  Notation|null  $notation  by whose marks lengths differ too that come out of others; null where only the exact ones count
     * @return list<string>
     */
    private static function encoded(array $lengths, ?Notation $notation = null): array
    {
        // What has no exact value is the same while it is cut to the same marks.
        return array_map(fn (Measurement $length): string => implode(' ', [
            $notation === null ? $length->rounding->value : $length->in($notation)->encode(),
            $length->approximate
                ? $length->in(Notation::Fractions)->encode().' '.$length->in(Notation::Centimetres)->encode()
                : $length->exact->encode(),
        ]), $lengths);
    }
}
