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
    $advice = PartFit::of($size($asked), $size($measured), array_map(Length::parse(...), $neighbours), [], Length::fraction(1, 4), Length::fraction(1, 16));
    expect(array_values(array_filter($advice, fn (FitAdvice $one): bool => ! $one->isWidth))[0]->code)->toBe('fits');

    return array_values(array_map(
        fn (FitAdvice $one): string => implode(' ', array_filter([
            $one->code, $one->by?->encode(), $one->cut?->encode(), ...array_map(fn (Length $side): string => '-'.$side->encode(), $one->sides ?? []),
        ])),
        array_filter($advice, fn (FitAdvice $one): bool => $one->isWidth),
    ));
}

it('says what fits a part of another size to those above and below it', function (string $measured, array $neighbours, array $advice): void {
    expect(fitOf('12 1/2', $measured, ...$neighbours))->toBe($advice);
})->with([
    'as asked' => ['12 1/2', [], ['fits']],
    'within what anybody measures' => ['12 9/16', [], ['fits']],
    'larger' => ['12 3/4', [], ['trim 1/4 -1/8 -1/8']],
    'a little smaller' => ['12 3/8', [], ['ease 1/8']],
    // ¾ in is missing: a strip of 1¼ in, sewn with ¼ in on both its sides, shows ¾ in.
    'smaller by enough for a strip' => ['11 3/4', [], ['strip 3/4 5/4', 'resew 3/4']],
    // ¼ in is missing: ⅜ in off both sides, then two strips that show ½ in, cut 1 in.
    'smaller by less' => ['12 1/4', [], ['resew 1/4', 'strips 1/4 1 -3/8 -3/8']],
    // 3⁄32 is no mark, 1⁄8 and 1⁄16 are.
    'larger by an odd number of sixteenths' => ['12 11/16', [], ['trim 3/16 -1/8 -1/16']],
    'smaller by one' => ['12 5/16', [], ['resew 3/16', 'strips 3/16 1 -7/16 -3/8']],
    'as small as those above and below it' => ['12 1/4', ['12 1/4', '12 5/16'], ['neighbours 1/4', 'resew 1/4', 'strips 1/4 1 -3/8 -3/8']],
]);

it('compares a width with what lies above and below, and a height with what lies beside', function (): void {
    $quarter = Length::fraction(1, 4);
    $small = Length::parse('12 1/4');
    $codes = fn (array $widths, array $heights): array => array_map(
        fn (FitAdvice $one): string => ($one->isWidth ? 'width ' : 'height ').$one->code,
        PartFit::of(Size::square(Length::parse('12 1/2')), Size::square($small), $widths, $heights, $quarter, Length::fraction(1, 16)),
    );
    expect($codes([$small], []))->toBe(['width neighbours', 'width resew', 'width strips', 'height resew', 'height strips'])
        ->and($codes([], [$small]))->toBe(['width resew', 'width strips', 'height neighbours', 'height resew', 'height strips']);
});

it('comes out exactly: what is trimmed and what strips bring make the size that was asked', function (): void {
    $seam = Length::fraction(1, 4);
    foreach (['12 1/4', '12 1/16', '12 5/16', '12 3/16', '11 3/4', '10', '12 11/16', '13'] as $measured) {
        foreach (PartFit::of(
            Size::square(Length::parse('12 1/2')), Size::square(Length::parse($measured)), [], [], $seam, Length::fraction(1, 16),
        ) as $advice) {
            $now = Length::parse($measured);
            if ($advice->code === 'strip') {
                expect($now->plus($advice->cut)->minus($seam->times(2))->encode())->toBe('25/2');
            }
            foreach ($advice->sides ?? [] as $side) {
                expect($side->isMultipleOf(Length::fraction(1, 16)))->toBeTrue();
            }
            if ($advice->code === 'trim') {
                expect($now->minus($advice->sides[0])->minus($advice->sides[1])->encode())->toBe('25/2');
            }
            if ($advice->code === 'strips') {
                $trimmed = $now->minus($advice->sides[0])->minus($advice->sides[1]);
                expect($trimmed->plus($advice->cut->times(2))->minus($seam->times(4))->encode())->toBe('25/2');
            }
        }
    }
});
