<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Block\Cell;
use Dew\Core\Design\Design;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Rounding;
use Dew\Core\Plan\Compiler;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;

/** Reads a design like a strict pattern tester, with every unit made by its default method. What the reader refuses never comes this far. */
final readonly class Proof
{
    /** Cut sizes closer to each other than this are easily mixed up on the table. */
    private const LOOK_ALIKE = [1, 4];

    /** Spares beyond this share of what is wanted are called waste. */
    private const MOST_SPARE = 0.25;

    private function __construct(private Design $design)
    {
    }

    /** @return list<Finding> errors first, each kind in the order of the document */
    public static function of(Design $design): array
    {
        $proof = new self($design);
        $findings = [
            ...$proof->tooWide(),
            ...$proof->unusedFabrics(),
            ...$proof->unusedUnits(),
            ...$proof->unmadeUnits(),
            ...$proof->offTheMark(),
            ...$proof->lookAlikes(),
            ...$proof->biasOutside(),
            ...$proof->wastefulYields(),
        ];
        $rank = fn (Finding $finding): int => (int) array_search($finding->severity, Severity::cases(), true);
        usort($findings, fn (Finding $a, Finding $b): int => $rank($a) <=> $rank($b));

        return $findings;
    }

    /**
     * A piece that no strip of the cloth can hold.
     *
     * @return list<Finding>
     */
    private function tooWide(): array
    {
        $findings = [];
        foreach ($this->pieces() as [$unit, $piece]) {
            $longest = $piece->length === null || $piece->length->exact->isLessThan($piece->width->exact) ? $piece->width->exact : $piece->length->exact;
            if ($longest->isGreaterThan($this->design->room->usableWidth)) {
                $findings[$unit.$longest->encode()] = new Finding('too-wide', Severity::Error, $this->unitPlace($unit), ['unit' => $this->design->unitNames[$unit]], [
                    'cut' => $longest,
                    'usable' => $this->design->room->usableWidth,
                ]);
            }
        }

        return array_values($findings);
    }

    /** @return list<Finding> */
    private function unusedFabrics(): array
    {
        $used = array_fill_keys(array_map(fn ($border): string => $border->slot, $this->design->setting->borders), true);
        foreach ($this->laid() as $unit) {
            foreach ($this->design->units[$unit]->slots() as $slot) {
                $used[$slot->id] = true;
            }
        }
        $findings = [];
        foreach (array_values($this->design->slots) as $index => $slot) {
            if (! isset($used[$slot->id])) {
                $findings[] = new Finding('unused-fabric', Severity::Warning, "/fabrics/$index", ['fabric' => $slot->name]);
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function unusedUnits(): array
    {
        $laid = $this->laid();

        return array_values(array_map(
            fn (string $unit): Finding => new Finding('unused-unit', Severity::Warning, $this->unitPlace($unit), ['unit' => $this->design->unitNames[$unit]]),
            array_diff(array_map(strval(...), array_keys($this->design->units)), $laid),
        ));
    }

    /**
     * A sewn unit that blocks need and no clue makes.
     *
     * @return list<Finding>
     */
    private function unmadeUnits(): array
    {
        $made = [];
        foreach ($this->design->clues as $clue) {
            foreach ($clue->tasks as $task) {
                $made[] = $task->unit;
            }
        }
        $findings = [];
        foreach (array_diff($this->laid(), $made) as $unit) {
            if ($this->design->units[$unit]->kind()->methods()[0] !== Method::Plain) {
                $findings[] = new Finding('unmade-unit', Severity::Warning, $this->unitPlace($unit), ['unit' => $this->design->unitNames[$unit]]);
            }
        }

        return $findings;
    }

    /**
     * A piece that must be cut exactly and does not lie on a sixteenth: nothing trims the difference away.
     *
     * @return list<Finding>
     */
    private function offTheMark(): array
    {
        $findings = [];
        foreach ($this->pieces() as [$unit, $piece]) {
            if ($piece->width->rounding === Rounding::Nearest && ! $piece->width->isTrueIn(Notation::Fractions)) {
                $findings[$unit.$piece->width->encode()] = new Finding('off-mark', Severity::Warning, $this->unitPlace($unit), ['unit' => $this->design->unitNames[$unit]], [
                    'exact' => $piece->width->exact,
                    'mark' => $piece->width->in(Notation::Fractions),
                ]);
            }
        }

        return array_values($findings);
    }

    /**
     * Pieces of one fabric that differ by less than a quarter of an inch.
     *
     * @return list<Finding>
     */
    private function lookAlikes(): array
    {
        $bySlot = [];
        foreach ($this->pieces() as [$unit, $piece]) {
            if (! $piece->isSegment()) {
                $width = $piece->width->in(Notation::Fractions);
                $bySlot[$piece->slots[0]][$width->encode()] ??= [$unit, $width];
            }
        }
        $findings = [];
        foreach ($bySlot as $slot => $widths) {
            $sorted = array_values($widths);
            usort($sorted, fn (array $a, array $b): int => $a[1]->compareTo($b[1]));
            foreach (array_slice($sorted, 1) as $index => [$unit, $width]) {
                [$other, $narrower] = $sorted[$index];
                if ($width->minus($narrower)->isLessThan(Length::fraction(...self::LOOK_ALIKE))) {
                    $findings[] = new Finding('look-alike', Severity::Note, $this->unitPlace($unit), [
                        'fabric' => $this->design->slots[$slot]->name,
                        'unit' => $this->design->unitNames[$unit],
                        'other' => $this->design->unitNames[$other],
                    ], ['wider' => $width, 'narrower' => $narrower]);
                }
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function biasOutside(): array
    {
        $findings = [];
        foreach ($this->laid() as $unit) {
            $making = $this->design->units[$unit]->making($this->design->units[$unit]->kind()->methods()[0], $this->design->room);
            if ($making->biasEdges > 0) {
                $findings[] = new Finding('bias-outside', Severity::Note, $this->unitPlace($unit), ['unit' => $this->design->unitNames[$unit]], counts: ['edges' => $making->biasEdges]);
            }
        }

        return $findings;
    }

    /**
     * A task whose default method leaves many units over at some size.
     *
     * @return list<Finding>
     */
    private function wastefulYields(): array
    {
        $findings = [];
        foreach (array_keys($this->design->sizes) as $size) {
            $counts = Compiler::unitCounts($this->design, $this->design->sizes[$size]);
            foreach ($counts as $unit => $count) {
                $made = $this->design->units[$unit];
                $spares = $made->making($made->kind()->methods()[0], $this->design->room)->spares($count);
                if ($spares > $count * self::MOST_SPARE) {
                    $findings[] = new Finding('wasteful-yield', Severity::Note, $this->unitPlace((string) $unit), [
                        'unit' => $this->design->unitNames[$unit],
                        'size' => $this->design->sizes[$size]->name,
                    ], counts: ['needed' => $count, 'spares' => $spares]);
                }
            }
        }

        return $findings;
    }

    /** @return list<array{string, Piece}> every piece of every unit that lies in a block, by its default method */
    private function pieces(): array
    {
        $pieces = [];
        foreach ($this->laid() as $unit) {
            $made = $this->design->units[$unit];
            foreach ($made->making($made->kind()->methods()[0], $this->design->room)->pieces as $piece) {
                $pieces[] = [$unit, $piece];
            }
        }

        return $pieces;
    }

    /** @return list<string> ids of the units that lie in a block, in the order of the document */
    private function laid(): array
    {
        $laid = [];
        foreach ($this->design->blocks as $block) {
            $laid += array_fill_keys(array_map(fn (Cell $cell): string => $cell->unit, $block->cells), true);
        }

        return array_map(strval(...), array_keys(array_intersect_key($this->design->units, $laid)));
    }

    private function unitPlace(string $unit): string
    {
        return '/units/'.array_search($unit, array_keys($this->design->units), true);
    }
}
