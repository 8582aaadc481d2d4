<?php

declare(strict_types=1);

namespace Dew\Core\Correction;

use Dew\Core\Measure\Measurement;
use Dew\Core\Sheet\TaskSheet;

/** What changed in one task, and what that means for what was cut and made for it. */
final readonly class TaskCorrection
{
    /**
     * @param  string  $name  as it is called now
     * @param  list<SheetChange>  $changes
     * @param  list<PieceCorrection>  $pieces  every kind of piece that was to be cut
     * @param  Fit  $unit  of what was made
     * @param  string  $digest  of the units as they were
     * @param  int  $was  how many were to be made
     * @param  int  $is  how many are
     * @param  list<Measurement>  $trim  width and height to trim to now
     * @param  Measurement|null  $strip  how wide to cut a coping strip that, sewn to all four sides, brings a block to its new size; null where
     *     none does
     */
    public function __construct(
        public string $task,
        public string $name,
        public array $changes,
        public array $pieces,
        public Fit $unit,
        public string $digest,
        public int $was,
        public int $is,
        public array $trim = [],
        public ?Measurement $strip = null,
    ) {
    }

    /** Whether a person may have to do something about it. */
    public function matters(): bool
    {
        return array_filter($this->changes, fn (SheetChange $change): bool => $change->matters()) !== [];
    }

    /** Whether a number that somebody works by changed, or a way of pressing. */
    public function inNumbers(): bool
    {
        return array_filter($this->changes, fn (SheetChange $change): bool => $change->isNumber()) !== [];
    }

    /** @param  array<string, int>  $counts  as {@see Standing} holds them */
    public function stage(array $counts): Stage
    {
        if (! $this->matters()) {
            return Stage::Untouched;
        }
        $cut = array_filter($this->pieces, fn (PieceCorrection $piece): bool => $this->done($counts, $piece->counter) > 0);

        return match (true) {
            $this->made($counts) > 0 => Stage::Made,
            $cut !== [] => Stage::Cut,
            default => Stage::Uncut,
        };
    }

    /**
     * What is to be done about what somebody had cut and made by then. Pieces that were sewn already are spoken of with their units.
     *
     * @param  array<string, int>  $counts  as {@see Standing} holds them
     * @return list<Advice>
     */
    public function advice(array $counts): array
    {
        if (! $this->matters()) {
            return [];
        }
        $made = $this->made($counts);
        $advice = $made > 0 ? $this->ofUnits($made) : [];
        foreach ($this->pieces as $piece) {
            $cut = $this->done($counts, $piece->counter);
            $sewn = $this->was === 0 ? 0 : intdiv($piece->was * min($made, $this->was) + $this->was - 1, $this->was);
            if ($cut > 0) {
                array_push($advice, ...$this->ofPieces($piece, $cut, max(0, $cut - $sewn)));
            }
        }

        return $advice;
    }

    /** @return list<Advice> */
    private function ofUnits(int $made): array
    {
        return match (true) {
            $this->unit === Fit::Trim => [new Advice('made-trim', $made)],
            $this->unit === Fit::Anew => [new Advice('made-anew', $made)],
            $made > $this->is => [new Advice('made-spare', $made - $this->is)],
            $made >= $this->was && $this->is > $this->was => [new Advice('made-more', $this->is - $made)],
            default => [new Advice('made-kept', $made)],
        };
    }

    /**
     * @param  int  $left  of those cut, what is not sewn into units
     * @return list<Advice>
     */
    private function ofPieces(PieceCorrection $piece, int $cut, int $left): array
    {
        if ($piece->fit !== Fit::Kept) {
            return $left === 0 ? [] : [new Advice('cut-'.$piece->fit->value, $left, $piece)];
        }

        return match (true) {
            $cut > $piece->is => [new Advice('cut-spare', $cut - $piece->is, $piece)],
            $cut >= $piece->was && $piece->is > $piece->was => [new Advice('cut-more', $piece->is - $cut, $piece)],
            $left > 0 => [new Advice('cut-kept', $left, $piece)],
            default => [],
        };
    }

    /** @param  array<string, int>  $counts */
    private function made(array $counts): int
    {
        return max($this->done($counts, TaskSheet::SEWN), $this->done($counts, TaskSheet::TRIMMED));
    }

    /** @param  array<string, int>  $counts */
    private function done(array $counts, string $counter): int
    {
        return $counts[Standing::name($this->task, $counter, $this->digest)] ?? 0;
    }

    /** @return array<string, mixed> plain data; see {@see fromData()} */
    public function toData(): array
    {
        return [
            'task' => $this->task,
            'name' => $this->name,
            'changes' => array_map(fn (SheetChange $change): array => $change->toData(), $this->changes),
            'pieces' => array_map(fn (PieceCorrection $piece): array => $piece->toData(), $this->pieces),
            'unit' => $this->unit->value,
            'digest' => $this->digest,
            'was' => $this->was,
            'is' => $this->is,
            'trim' => array_map(fn (Measurement $side): string => $side->encode(), $this->trim),
            ...$this->strip === null ? [] : ['strip' => $this->strip->encode()],
        ];
    }

    /** @param  array<string, mixed>  $data  as {@see toData()} gave it */
    public static function fromData(array $data): self
    {
        /**
         * @var array{task: string, name: string, changes: list<array<string, mixed>>, pieces: list<array<string, mixed>>, unit: string,
         *     digest: string, was: int, is: int, trim: list<string>, strip?: string} $data
         */
        return new self(
            $data['task'],
            $data['name'],
            array_map(SheetChange::fromData(...), $data['changes']),
            array_map(PieceCorrection::fromData(...), $data['pieces']),
            Fit::from($data['unit']),
            $data['digest'],
            $data['was'],
            $data['is'],
            array_map(Measurement::decode(...), $data['trim']),
            isset($data['strip']) ? Measurement::decode($data['strip']) : null,
        );
    }
}
