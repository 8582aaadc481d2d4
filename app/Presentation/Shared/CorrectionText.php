<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Wording\Figure;
use App\Wording\KindWords;
use App\Wording\Sentence;
use Dew\Core\Correction\Advice;
use Dew\Core\Correction\Fit;
use Dew\Core\Correction\SheetChange;
use Dew\Core\Correction\TaskCorrection;
use Dew\Core\Cutting\StripCut;
use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;

/** What a correction changed, and what is to be done about it, in sentences with the lengths of one notation. */
final readonly class CorrectionText
{
    /** @param  array<string, Slot>  $slots  by id */
    public function __construct(
        private Notation $notation,
        private array $slots,
    ) {
    }

    public function change(SheetChange $change, string $name = ''): string
    {
        $counted = in_array($change->code, ['new-piece', 'gone-piece'], true);
        $words = [
            'name' => $change->label === null ? $name : ($change->code === 'chore' ? $this->chore($change->label) : __(
                'pieces.labelled', ['label' => $change->label, 'task' => $name],
            )),
            'was' => $this->values($change->code, array_slice($change->was, $counted ? 1 : 0)),
            'is' => $this->values($change->code, array_slice($change->is, $counted ? 1 : 0)),
            'count' => $this->one($change->is[0] ?? $change->was[0] ?? ''),
            'fabric' => $this->letters($change->slots),
            'size' => $this->size($change->sides),
        ];
        // Corrections of before say nothing of the fabric.
        $code = $change->code.($change->slots === [] ? '' : '-of');

        return $change->code === 'steps'
            ? trans_choice('corrections.changes.steps', is_int($change->is[0] ?? null) ? $change->is[0] : 1, $words)
            : trans_choice('corrections.changes.'.$code, (int) $this->one($change->is[0] ?? $change->was[0] ?? 1), $words);
    }

    /** What a chore is called that has no name of its own. */
    private function chore(string $label): string
    {
        return in_array($label, ['rows', 'centre', 'layers', 'quilting', 'binding'], true) ? __('chores.kinds.'.$label) : $label;
    }

    /** @return list<string> */
    public function changes(TaskCorrection $task): array
    {
        return array_map(fn (SheetChange $change): string => $this->change($change, $task->name), $task->changes);
    }

    /** @param  Piece|null  $piece  the piece as it is cut now, and of which cloth, to say what cutting it anew takes */
    public function advice(Advice $advice, TaskCorrection $task, ?Piece $piece, Length $usableWidth): string
    {
        $cut = $advice->piece;
        $name = $cut?->label === null ? $task->name : __('pieces.labelled', ['label' => $cut->label, 'task' => $task->name]);
        $size = $cut === null ? $task->trim : array_values(array_filter([$cut->width, $cut->length]));
        $said = trans_choice('corrections.advice.'.$advice->code, $advice->count, [
            'name' => $name, 'size' => $this->size($size),
            'fabric' => $this->letters($cut->slots ?? []),
        ]);
        $takes = in_array($advice->code, ['cut-anew', 'cut-more'], true) && $piece !== null
            ? $this->cloth($piece, $advice->count, $usableWidth) : null;

        return implode(' ', array_filter([
            $said,
            $advice->code === 'cut-anew' && $size !== [] ? __('corrections.advice.size', ['size' => $this->size($size)]) : null,
            $takes,
            in_array($advice->code, ['cut-kept', 'cut-trim'], true) && $task->unit !== Fit::Kept
                ? __('corrections.advice.count_again') : null,
            $advice->code === 'made-anew' && $task->strip !== null
                ? __('corrections.advice.strip', ['width' => Figure::text($task->strip, $this->notation)]) : null,
        ]));
    }

    /** How many strips of the cloth so many pieces take, and how much of its length. */
    private function cloth(Piece $piece, int $count, Length $usableWidth): ?string
    {
        $cut = StripCut::of($piece, $count, $this->notation, $usableWidth);
        $strips = $cut->strips ?? ($piece->shape === PieceShape::Strip ? $count : null);
        $width = $piece->width->in($this->notation);
        $print = fn (Length $length): string => $this->notation->print($length)."\u{00a0}".$this->notation->unit()->value;

        return $strips === null || ! $piece->isCloth() ? null : trans_choice('corrections.advice.cloth', $strips, [
            'width' => $print($width),
            'length' => $print($width->times($strips)),
            'fabric' => $this->slots[$piece->slots[0]]->letter ?? $piece->slots[0],
        ]);
    }

    /** @param  list<Measurement|int|string>  $values */
    private function values(string $code, array $values): string
    {
        if (in_array($code, ['cloth', 'piece-cloth'], true)) {
            return $this->letters(array_map(strval(...), array_filter($values, is_string(...))));
        }
        $lengths = array_values(array_filter($values, fn (Measurement|int|string $value): bool => $value instanceof Measurement));
        if ($lengths !== []) {
            return $this->size($lengths);
        }

        return Sentence::list(array_map(fn (Measurement|int|string $value): string => $value instanceof Measurement ? '' : match ($code) {
            'method' => KindWords::method((string) $value),
            'piece-shape' => __('pieces.one.'.$value),
            default => (string) $value,
        }, $values));
    }

    /**
     * Fabrics by their letters, in the order of the alphabet.
     *
     * @param  array<int, string>  $slots
     */
    private function letters(array $slots): string
    {
        $letters = array_map(fn (string $slot): string => $this->slots[$slot]->letter ?? $slot, array_values(array_unique($slots)));
        sort($letters);

        return Sentence::list($letters);
    }

    /** @param  list<Measurement>  $sides */
    private function size(array $sides): string
    {
        $texts = array_map(fn (Measurement $side): string => Figure::text($side, $this->notation), $sides);

        return implode(' × ', count($texts) === 2 && $texts[0] === $texts[1] ? [$texts[0]] : $texts);
    }

    private function one(Measurement|int|string $value): string
    {
        return $value instanceof Measurement ? Figure::text($value, $this->notation) : (string) $value;
    }
}
