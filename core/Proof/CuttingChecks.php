<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Block\Block;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Rounding;
use Dew\Core\Unit\PieceShape;

/** What lies on the mat: pieces too large for the cloth, sizes no ruler has, sizes easily mixed up. */
final readonly class CuttingChecks
{
    /** Cut sizes this close to each other, or closer, are easily mixed up on the table. */
    private const LOOK_ALIKE = [1, 4];

    private function __construct(private Subject $subject)
    {
    }

    /** @return list<Finding> */
    public static function of(Subject $subject): array
    {
        $checks = new self($subject);

        return [
            ...$checks->tooWide(),
            ...$checks->offTheMark(),
            ...$checks->unfriendlySizes(),
            ...$checks->lookAlikes(),
            ...$checks->oddOnesOut(),
        ];
    }

    /**
     * A piece that no strip of the cloth can hold.
     *
     * @return list<Finding>
     */
    private function tooWide(): array
    {
        $findings = [];
        $usable = $this->subject->design->room->usableWidth;
        foreach ($this->subject->pieces() as [$unit, $piece]) {
            $length = $piece->isFromSet() ? null : $piece->length;
            $longest = $length === null || $length->exact->isLessThan($piece->width->exact) ? $piece->width->exact : $length->exact;
            if ($longest->isGreaterThan($usable)) {
                $findings[$unit.$longest->encode()] = new Finding(
                    'too-wide',
                    Severity::Error,
                    $this->subject->place($unit),
                    ['unit' => $this->subject->name($unit)],
                    ['cut' => $longest, 'usable' => $usable],
                );
            }
        }

        return array_values($findings);
    }

    /**
     * A piece that must be cut exactly and does not lie on a fine mark of the ruler: nothing trims the difference away.
     *
     * @return list<Finding>
     */
    private function offTheMark(): array
    {
        $findings = [];
        $notation = $this->subject->design->room->notation();
        foreach ($this->subject->pieces() as [$unit, $piece]) {
            if ($piece->width->rounding === Rounding::Nearest
                && $piece->width->exact->isRational()
                && ! $piece->width->isTrueIn($notation)) {
                $findings[$unit.$piece->width->encode()] = new Finding('off-mark', Severity::Warning, $this->subject->place($unit), [
                    'unit' => $this->subject->name($unit),
                ], [
                    'exact' => $piece->width->exact,
                    'mark' => $piece->width->in($notation),
                ]);
            }
        }

        return array_values($findings);
    }

    /**
     * Sizes at which a cut that could lie on the cutting step does not; with the nearest sizes of block at which all do.
     *
     * @return list<Finding>
     */
    private function unfriendlySizes(): array
    {
        $findings = [];
        foreach ($this->subject->sizes() as $index => $sized) {
            $friendly = FriendlySizes::of($this->subject->compilation, $sized);
            if ($friendly->unfriendly === []) {
                continue;
            }
            [$key, $exact] = $friendly->unfriendly[0];
            [$lower, $higher] = $friendly->nearest();
            $near = array_filter(['lower' => $lower ?? $higher, 'higher' => $higher ?? $lower]);
            $findings[] = new Finding($near === [] ? 'unfriendly-size' : 'unfriendly-size-near', Severity::Note, "/sizes/$index", [
                'size' => $sized->size->name,
                'unit' => $this->subject->name($key),
            ], ['exact' => $exact, 'block' => $friendly->block, ...$near], ['pieces' => count($friendly->unfriendly)]);
        }

        return $findings;
    }

    /**
     * Pieces of one fabric that differ by a quarter of an inch or less.
     *
     * @return list<Finding>
     */
    private function lookAlikes(): array
    {
        $bySlot = [];
        $notation = $this->subject->design->room->notation();
        foreach ($this->subject->pieces() as [$unit, $piece, $sized]) {
            if ($piece->isCloth() && $piece->shape !== PieceShape::Template) {
                $width = $piece->width->in($notation);
                $bySlot[$sized->size->scaleKey()][$piece->slots[0]][$width->encode()] ??= [$unit, $width];
            }
        }
        $findings = [];
        foreach (array_merge(
            ...array_map(fn (array $slots): array => array_map(null, array_keys($slots), $slots), array_values($bySlot)),
        ) as [$slot, $widths]) {
            $sorted = array_values($widths ?? []);
            usort($sorted, fn (array $a, array $b): int => $a[1]->compareTo($b[1]));
            foreach (array_slice($sorted, 1) as $index => [$unit, $width]) {
                [$other, $narrower] = $sorted[$index];
                if (! $width->minus($narrower)->isGreaterThan(Length::fraction(...self::LOOK_ALIKE))) {
                    $findings[$slot.$width->encode().$narrower->encode()] ??= new Finding('look-alike', Severity::Note, $this->subject->place($unit), [
                        'fabric' => $this->subject->design->slots[(string) $slot]->name,
                        'unit' => $this->subject->name($unit),
                        'other' => $this->subject->name($other),
                    ], ['wider' => $width, 'narrower' => $narrower]);
                }
            }
        }

        return array_values($findings);
    }

    /**
     * Outermost strips or columns that are a little wider than the equal ones between them: those are easily cut like the others.
     *
     * @return list<Finding>
     */
    private function oddOnesOut(): array
    {
        $findings = [];
        foreach ($this->subject->design->units as $key => $spec) {
            $findings[] = $this->oddOuter((string) $key, $spec->options->widths);
        }
        foreach ($this->subject->design->blocks as $key => $block) {
            if ($block instanceof Block) {
                $findings[] = $this->oddOuter((string) $key, $block->columns);
                $findings[] = $this->oddOuter((string) $key, $block->rows);
            }
        }

        return array_values(array_filter($findings, fn (?Finding $finding): bool => $finding !== null));
    }

    /** @param  list<Length>  $widths  finished, from one side to the other */
    private function oddOuter(string $key, array $widths): ?Finding
    {
        $inner = array_slice($widths, 1, -1);
        if ($inner === [] || str_contains($key, '.') || array_filter(
            $inner,
            fn (Length $width): bool => ! $width->equals($inner[0]),
        ) !== []) {
            return null;
        }
        foreach ([$widths[0], $widths[count($widths) - 1]] as $outer) {
            $more = $outer->minus($inner[0]);
            if ($more->isPositive() && ! $more->isGreaterThan(Length::fraction(...self::LOOK_ALIKE))) {
                $both = $this->subject->design->room->seam->times(2);

                return new Finding('odd-ones-out', Severity::Note, $this->subject->place($key), ['unit' => $this->subject->name($key)], [
                    'outer' => $outer->plus($both), 'inner' => $inner[0]->plus($both), 'more' => $more,
                ]);
            }
        }

        return null;
    }
}
