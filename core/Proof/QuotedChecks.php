<?php

declare(strict_types=1);

namespace Dew\Core\Proof;

use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Cutting\Aim;
use Dew\Core\Cutting\ClueCutting;
use Dew\Core\Cutting\CutStep;
use Dew\Core\Cutting\Marks;
use Dew\Core\Cutting\StockCut;
use Dew\Core\Design\DesignClue;
use Dew\Core\Design\SizedDesign;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Words\Note;

/** Whether lengths and counts that the words of a clue quote stand in its plan, at every size whose makers read them. */
final readonly class QuotedChecks
{
    private const FRACTIONS = ['⅛' => '1/8', '¼' => '1/4', '⅜' => '3/8', '½' => '1/2', '⅝' => '5/8', '¾' => '3/4', '⅞' => '7/8'];

    private const LENGTH = '/(?<![\d\/.,])(\d+(?:[\x{202F}\x{A0} ]?\d+[\/⁄]\d+|[\x{202F}\x{A0} -]?[⅛¼⅜½⅝¾⅞])|\d+[\/⁄]\d+|'
        .'[⅛¼⅜½⅝¾⅞]|\d+[.,]\d+|\d+)'
        .'[\x{202F}\x{A0} -]?(in(?:ch(?:es)?)?\b|″|"|cm\b|mm\b)/u';

    private const COUNT = '/(?<![\d\/.,⁄])(\d{1,5})\s+(?:more\s+)?'
        .'(units?|pieces?|squares?|rectangles?|triangles?|strips?|segments?|blocks?|pairs?)\b/u';

    /** @return list<Finding> */
    public static function of(Subject $subject): array
    {
        $findings = [];
        foreach (array_values($subject->design->clues) as $number => $clue) {
            $said = [...array_values(array_diff([$clue->introduction, ...$clue->words->texts()], self::notes($clue)))];
            foreach ($clue->chores as $chore) {
                $said[] = $chore->text;
            }
            $everywhere = self::quoted(implode("\n", $said));
            foreach ($subject->sizes() as $sized) {
                $own = self::quoted(implode("\n", array_map(fn (Note $note): string => $note->text, array_filter(
                    $clue->words->notes,
                    fn (Note $note): bool => $note->size === null || $note->size === $sized->size->id,
                ))));
                [$lengths, $counts] = [$everywhere[0] + $own[0], $everywhere[1] + $own[1]];
                if ($lengths === [] && $counts === []) {
                    continue;
                }
                $sheet = (new SizeCompiler($subject->design, $sized->size->id, pressed: false))->clue(
                    $clue->id, MethodChoices::defaults($subject->design->methods),
                );
                if ($sheet->tasks === [] && $sheet->chores === []) {
                    continue;
                }
                $known = self::lengths($sheet, $sized);
                $planned = null;
                foreach ($lengths as $text => $length) {
                    $isMetric = str_ends_with($text, 'm');
                    if (! self::isThere($length, $known, $isMetric)
                        && ! self::isThere($length, ($planned ??= self::planned($sheet))[0], $isMetric)) {
                        $findings["$number $text"] ??= new Finding('quoted-length', Severity::Warning, '/clues/'.$number, [
                            'quoted' => (string) $text, 'size' => $sized->size->name,
                        ], counts: ['number' => $number + 1]);
                    }
                }
                $there = self::counts($sheet, $sized);
                foreach ($counts as $text => $count) {
                    if (! isset($there[$count]) && ! isset(($planned ??= self::planned($sheet))[1][$count])) {
                        $findings["$number $text"] ??= new Finding('quoted-count', Severity::Warning, '/clues/'.$number, [
                            'quoted' => (string) $text, 'size' => $sized->size->name,
                        ], counts: ['number' => $number + 1]);
                    }
                }
            }
        }

        return array_values($findings);
    }

    /** @return list<string> */
    private static function notes(DesignClue $clue): array
    {
        return array_map(fn (Note $note): string => $note->text, $clue->words->notes);
    }

    /** @return array{array<string, Length>, array<string, int>} lengths and counts by what is written */
    private static function quoted(string $text): array
    {
        $lengths = $counts = [];
        preg_match_all(self::LENGTH, $text, $found, PREG_SET_ORDER);
        foreach ($found as [$whole, $number, $unit]) {
            $length = self::length($number, $unit);
            if ($length !== null) {
                $lengths[$whole] = $length;
            }
        }
        preg_match_all(self::COUNT, $text, $found, PREG_SET_ORDER);
        foreach ($found as [$whole, $number]) {
            $counts[$whole] = (int) $number;
        }

        return [$lengths, $counts];
    }

    private static function length(string $number, string $unit): ?Length
    {
        $plain = trim((string) preg_replace('/[\x{202F}\x{A0} -]+/u', ' ', strtr($number, [',' => '.', '⁄' => '/'])));
        foreach (self::FRACTIONS as $sign => $fraction) {
            $plain = trim(str_replace($sign, ' '.$fraction, $plain));
        }
        try {
            return match ($unit) {
                'cm', 'mm' => Length::parse($plain.' '.$unit),
                default => Length::parse((string) preg_replace('/ +/', ' ', $plain)),
            };
        } catch (MeasureException) {
            return null;
        }
    }

    /**
     * @param  list<Length>  $known
     * @param  bool  $metric  whether it is quoted in centimetres or millimetres, and so rounded to whole millimetres
     */
    private static function isThere(Length $length, array $known, bool $metric): bool
    {
        foreach ($known as $one) {
            if ($metric ? abs($one->toFloat() - $length->toFloat()) < 0.03 : $one->minus($length)->isZero()) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Length> every length that somebody cuts, sews, trims or checks by in a clue, and those of the quilt */
    private static function lengths(ClueSheet $sheet, SizedDesign $sized): array
    {
        $known = [$sized->layout->finished->width, $sized->layout->finished->height];
        foreach ($sized->layout->blockCounts as $block => $count) {
            array_push($known, $sized->products[$block]->finished()->width, $sized->products[$block]->finished()->height);
        }
        foreach ($sheet->tasks as $task) {
            array_push($known, $task->measured()->width, $task->measured()->height, $task->room->seam, $task->room->usableWidth);
            $measures = [$task->trimWidth(), $task->trimHeight()];
            foreach ($task->making->pieces as $piece) {
                array_push($measures, $piece->width, ...$piece->length === null ? [] : [$piece->length]);
            }
            foreach ($task->making->steps as $step) {
                array_push($measures, ...array_values($step->measures));
            }
            foreach ($measures as $measure) {
                array_push($known, $measure->exact, $measure->in(Notation::Fractions), $measure->in(Notation::Centimetres));
            }
        }
        foreach ([...$sheet->tools()] as $tool) {
            $known[] = ($tool->atLeast ?? Measurement::exact(Length::zero()))->in(Notation::Fractions);
        }
        foreach ($sheet->words->tools as $tool) {
            $known[] = $tool->atLeast ?? Length::zero();
        }

        return $known;
    }

    /** @return array<int, true> every number of things that a clue or its quilt has */
    private static function counts(ClueSheet $sheet, SizedDesign $sized): array
    {
        $there = [0 => true, 1 => true, 2 => true, array_sum($sized->layout->blockCounts) => true, $sheet->unitCount() => true];
        foreach ($sized->layout->blockCounts as $count) {
            $there[$count] = true;
        }
        foreach ($sheet->chores as $chore) {
            $there[$chore->count] = true;
        }
        foreach ($sheet->tasks as $task) {
            $there += array_fill_keys(self::countsOf($task), true);
        }

        return $there;
    }

    /** @return list<int> */
    private static function countsOf(TaskSheet $task): array
    {
        $counts = [$task->count, $task->making->batches($task->count), $task->making->unitsAtATime()];
        $pieces = 0;
        foreach ($task->making->pieces as $piece) {
            $quantity = $task->quantity($piece);
            $pieces += $quantity;
            $counts[] = $quantity;
        }

        return [...$counts, $pieces];
    }

    /**
     * What members read on how the clue is cut from bolts, by either ruler: heights of strips and how much cloth each fabric takes, how many
     * strips there are, of each height and of each fabric, and how many pieces one gives.
     *
     * @return array{list<Length>, array<int, true>} lengths and counts
     */
    private static function planned(ClueSheet $sheet): array
    {
        $lengths = $counts = [];
        foreach ($sheet->tasks === [] ? [] : [Notation::Fractions, Notation::Centimetres] as $notation) {
            $marks = new Marks($notation);
            foreach (ClueCutting::fromBolts($sheet->tasks, $sheet->tasks[0]->room, $notation, Aim::Cloth)->slots as $slot) {
                $strips = [];
                foreach (CutStep::of($slot->plan) as $step) {
                    $strips[$step->strip->height] = ($strips[$step->strip->height] ?? 0) + $step->count;
                    $counts += array_fill_keys([$step->count, ...array_values($step->strip->pieces())], true);
                }
                $counts += array_fill_keys([...array_values($strips), array_sum($strips)], true);
                foreach ([...array_keys($strips), ...array_map(fn (StockCut $cut): int => $cut->stock->length, $slot->plan->cuts)] as $length) {
                    $lengths[] = $marks->length($length);
                }
            }
        }

        return [$lengths, $counts];
    }
}
