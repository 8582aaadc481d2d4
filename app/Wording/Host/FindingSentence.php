<?php

declare(strict_types=1);

namespace App\Wording\Host;

use App\Support\Words;
use App\Wording\Figure;
use App\Wording\KindWords;
use App\Wording\Problems;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Proof\Finding;

/** What a finding says to the host: what to change, then why. */
final class FindingSentence
{
    /** What a finding names in square inches. */
    private const AREAS = ['area' => true, 'covers' => true, 'drawn' => true];

    /** @param  DraftDocument|null  $document  where things are named that a sentence of the core tells by their ids */
    public static function of(Finding $finding, ?DraftDocument $document = null): string
    {
        $problem = $finding->problem === null ? '' : Problems::say($finding->problem);
        $isSentence = in_array($finding->code, ['unfinished', 'unreadable'], true) && $problem !== '' && $problem === ucfirst($problem);
        $notation = app(Words::class)->notation();
        $lengths = array_map(fn (Length $length): string => Figure::text(Measurement::setting($length), $notation), $finding->lengths);
        $areas = array_map(
            fn (string $area): string => Figure::area((float) $area, $notation), array_intersect_key($finding->names, self::AREAS),
        );
        // Two sizes that read alike are one.
        $isOne = $finding->code === 'unfriendly-size-near' && $lengths['lower'] === $lengths['higher'];
        $sentence = $isSentence ? $problem : __('proof.'.$finding->code.($isOne ? '-one' : ''), [
            ...self::names($finding->names), ...$areas, 'problem' => $problem, ...$lengths, ...array_map(strval(...), $finding->counts),
        ]);

        return $document === null ? $sentence : ValueText::named($sentence, $document);
    }

    /** How many errors, warnings and notes there are. */
    public static function counts(int $errors, int $warnings, int $notes): string
    {
        return implode(', ', [
            trans_choice('proof.errors', $errors), trans_choice('proof.warnings', $warnings), trans_choice('proof.notes', $notes),
        ]);
    }

    /**
     * Methods and parts of the setting by the names people read.
     *
     * @param  array<string, string>  $names
     * @return array<string, string>
     */
    private static function names(array $names): array
    {
        if (isset($names['part'], $names['unit'])) {
            $names['unit'] = PartName::of($names['part'], $names['unit']);
        }
        foreach (array_intersect_key($names, ['method' => '', 'right_by' => '']) as $name => $method) {
            $names[$name] = KindWords::method($method);
        }

        return $names;
    }
}
