<?php

declare(strict_types=1);

use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Unit\Kind\UnitExample;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\UnitKind;

/*
 * Every step of every way to make every kind, with what it is done on: what drawings, pressing and assembly are worked out from. Other
 * tests hold these to geometry and to worked cases; this one shows any change to what members are told, so that somebody reads it. After
 * a change that is meant, look at the difference and write the list anew: DEW_WRITE_REFERENCE=1 bin/dew test pest -- --filter=StepsReference
 */

function stepLine(Step $step): string
{
    $measures = array_map(fn (Measurement $measure): string => $measure->encode(), $step->measures);
    $named = fn (array $values): string => implode(' ', array_map(fn (string $name, mixed $value): string => "$name=$value", array_keys($values), $values));

    return '    '.implode(' | ', array_filter([
        $step->kind->value.' '.$step->code,
        implode('; ', array_map(fn (On $on): string => $on->encode(), $step->on)),
        $named($measures),
        $named($step->slots),
        $named($step->counts),
        $step->sewing === null ? '' : $step->sewing->value,
    ], fn (string $part): bool => $part !== ''));
}

function pieceLine(Piece $piece): string
{
    return '    '.implode(' | ', array_filter([
        $piece->id.' '.$piece->shape->value,
        implode('+', $piece->slots),
        $piece->width->encode().($piece->length === null ? '' : ' x '.$piece->length->encode()),
        sprintf('yield %d, %d for each unit, %d at a time', $piece->batch->yield, $piece->batch->perUnit, $piece->batch->each),
        $piece->batch->segment ?? '',
        implode(' ', [count($piece->lines->sew) ?: '', count($piece->lines->cut) ?: '']) === ' ' ? '' : sprintf(
            '%d lines to sew, %d to cut',
            count($piece->lines->sew),
            count($piece->lines->cut),
        ),
        $piece->grain()->value.($piece->lay->chiral ? ', faces up' : '').($piece->lay->mirrored ? ', mirrored' : ''),
    ], fn (string $part): bool => $part !== ''));
}

function makingText(UnitKind $kind, Making $making, int $fabrics): string
{
    return implode("\n", [
        sprintf('%s by %s in %d fabrics, %d bias edges', $kind->value, $making->method->value, $fabrics, $making->biasEdges),
        ...array_map(pieceLine(...), $making->pieces),
        ...array_map(stepLine(...), $making->steps),
        '',
    ]);
}

it('tells every step, piece and operand of every way of making as the list in the reference has it', function (): void {
    $text = '';
    foreach (UnitKind::library() as $kind) {
        foreach (array_unique([$kind->fabrics()[0], min(4, $kind->fabrics()[1])]) as $fabrics) {
            $unit = UnitExample::of($kind, Length::inches(6), fabrics($fabrics))->make();
            foreach ($kind->methods() as $method) {
                try {
                    $text .= makingText($kind, $unit->making($method, roomOf('1/4')), $fabrics)."\n";
                } catch (InvalidArgumentException $error) {
                    $text .= "$kind->value by $method->value in $fabrics fabrics: {$error->getMessage()}\n\n";
                }
            }
        }
    }
    $file = __DIR__.'/reference/steps.txt';
    if (getenv('DEW_WRITE_REFERENCE') !== false) {
        file_put_contents($file, $text);
    }
    expect($text)->toBe((string) file_get_contents($file));
});
