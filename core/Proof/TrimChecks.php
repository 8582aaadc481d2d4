<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Design\SizedDesign;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Rounding;

/** Sizes that a person trims or checks to and that no mark of the ruler gives; and what that comes to over a block. */
final readonly class TrimChecks
{
    /** Measures of a step that are read off a ruler. */
    private const READ_OFF = ['unfinished', 'width', 'height', 'sewn', 'edge', 'finished', 'inner', 'from', 'meets'];

    private function __construct(private Subject $subject)
    {
    }

    /** @return list<Finding> */
    public static function of(Subject $subject): array
    {
        $checks = new self($subject);
        $findings = [];
        foreach ($subject->units() as [$key, $unit, $sized]) {
            foreach ($checks->offTheMark($subject->making($unit)->steps) as [$measure, $isTrim]) {
                $findings[$key.' '.$measure->exact->encode()] ??= $checks->finding($key, $measure, $isTrim, $sized);
            }
        }

        return array_values($findings);
    }

    /**
     * @param  list<Step>  $steps
     * @return list<array{Measurement, bool}> the measure, and whether a unit is trimmed to it
     */
    private function offTheMark(array $steps): array
    {
        $notation = $this->subject->design->room->notation();
        $off = [];
        foreach ($steps as $step) {
            if ($step->kind !== StepKind::Trim && $step->kind !== StepKind::Check) {
                continue;
            }
            foreach (array_intersect_key($step->measures, array_flip(self::READ_OFF)) as $measure) {
                $isRead = $measure->rounding === Rounding::Nearest && ! $measure->approximate && $measure->exact->isRational();
                if ($isRead && ! $measure->in($notation)->equals($measure->exact)) {
                    $off[] = [$measure, $step->kind === StepKind::Trim && $measure->dependences === []];
                }
            }
        }

        return $off;
    }

    private function finding(string $key, Measurement $measure, bool $isTrim, SizedDesign $sized): Finding
    {
        $notation = $this->subject->design->room->notation();
        $names = ['unit' => $this->subject->name($key), 'size' => $sized->size->name];
        $lengths = ['exact' => $measure->exact, 'mark' => $measure->in($notation)];
        [$block, $width] = $this->worstBlock($key, $sized) ?? [null, null];
        if ($block === null || $width === null) {
            return new Finding(
                $isTrim ? 'trim-off-mark' : 'check-off-mark',
                $isTrim ? Severity::Warning : Severity::Note,
                $this->subject->place($key),
                $names,
                $lengths,
            );
        }

        return new Finding(
            $isTrim ? 'trim-off-mark-block' : 'check-off-mark-block',
            $isTrim ? Severity::Warning : Severity::Note,
            $this->subject->place($key),
            [...$names, 'block' => $this->subject->name($block)],
            [...$lengths, 'comes_out' => $width->in($notation), 'wanted' => $width->exact],
        );
    }

    /** @return array{string, Measurement}|null the block with the unit in it that comes out farthest from its size, and its width */
    private function worstBlock(string $key, SizedDesign $sized): ?array
    {
        $notation = $this->subject->design->room->notation();
        $worst = null;
        $most = 0.0;
        foreach (array_keys($this->subject->design->blocks) as $block) {
            $unit = $sized->count((string) $block) > 0 ? $sized->products[$block] : null;
            if ($unit === null || ! isset($unit->contents()[$key])) {
                continue;
            }
            foreach ($this->subject->making($unit)->sewn ?? [] as $side) {
                $off = abs($side->value($notation)->minus($side->exact)->toFloat());
                if ($off > $most + 1e-9) {
                    [$worst, $most] = [[(string) $block, $side], $off];
                }
            }
        }

        return $worst;
    }
}
