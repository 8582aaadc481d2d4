<?php

declare(strict_types=1);

use Dew\Core\Hands\FitAdvice;
use Dew\Core\Hands\PartFit;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** @return list<string> what is said of the width */
function fitOf(string $asked, string $measured, string ...$neighbours): array
{
    $size = fn (string $width): Size => new Size(Length::parse($width), Length::parse('12 1/2'));
    $advice = PartFit::of($size($asked), $size($measured), array_map($size, $neighbours), Length::fraction(1, 4));
    expect(array_values(array_filter($advice, fn (FitAdvice $one): bool => ! $one->isWidth))[0]->code)->toBe('fits');

    return array_values(array_map(
        fn (FitAdvice $one): string => trim($one->code.' '.$one->by?->encode().' '.$one->cut?->encode()),
        array_filter($advice, fn (FitAdvice $one): bool => $one->isWidth),
    ));
}

it('says what fits a part of another size to those beside it', function (string $measured, array $neighbours, array $advice): void {
    expect(fitOf('12 1/2', $measured, ...$neighbours))->toBe($advice);
})->with([
    'as asked' => ['12 1/2', [], ['fits']],
    'within what anybody measures' => ['12 9/16', [], ['fits']],
    'larger' => ['12 3/4', [], ['trim 1/4']],
    'a little smaller' => ['12 3/8', [], ['ease 1/8']],
    // ¾ in is missing: a strip of 1¼ in, sewn with ¼ in on both its sides, shows ¾ in.
    'smaller by enough for a strip' => ['11 3/4', [], ['strip 3/4 5/4', 'resew 3/4']],
    // ¼ in is missing: ⅜ in off both sides, then two strips that show ½ in, cut 1 in.
    'smaller by less' => ['12 1/4', [], ['resew 1/4', 'strips 3/8 1']],
    'as small as those beside it' => ['12 1/4', ['12 1/4', '12 5/16'], ['neighbours 1/4', 'resew 1/4', 'strips 3/8 1']],
]);

it('comes out exactly: what is trimmed and what strips bring make the size that was asked', function (): void {
    $seam = Length::fraction(1, 4);
    foreach (['12 1/4', '12 1/16', '11 3/4', '10'] as $measured) {
        foreach (PartFit::of(
            Size::square(Length::parse('12 1/2')), Size::square(Length::parse($measured)), [], $seam,
        ) as $advice) {
            $now = Length::parse($measured);
            if ($advice->code === 'strip') {
                expect($now->plus($advice->cut)->minus($seam->times(2))->encode())->toBe('25/2');
            }
            if ($advice->code === 'strips') {
                $trimmed = $now->minus($advice->by->times(2));
                expect($trimmed->plus($advice->cut->times(2))->minus($seam->times(4))->encode())->toBe('25/2');
            }
        }
    }
});
