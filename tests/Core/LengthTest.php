<?php

declare(strict_types=1);

use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthParser;
use Dew\Core\Measure\LengthUnit;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;

it('reads lengths as people write them', function (string $text, string $exact): void {
    expect(Length::parse($text)->encode())->toBe($exact);
})->with([
    ['4 5/8', '37/8'], ['4⅝', '37/8'], ['4-5/8', '37/8'], ['4.625', '37/8'], ['4 ⅝ in', '37/8'], ['4 5/8"', '37/8'], [
        '  4,625 inches ',
        '37/8',
    ],
    [
        '11.7 cm',
        '585/127',
    ], ['117 mm', '585/127'], ['5/8', '5/8'], ['½', '1/2'], ['.5', '1/2'], ['12', '12'], ['0', '0'], ['2⅔', '8/3'], ['1 15⁄16', '31/16'],
    ["67\u{2009}15⁄16\u{a0}in", '1087/16'], ["41½\u{a0}in", '83/2'], ['2 ⁷⁄₁₆ in', '39/16'], ["40\u{202f}cm", '2000/127'],
    ['4 5/8 IN', '37/8'], ['3½ cm', '175/127'],
    ['1.5 m', '7500/127'], ['1,5 m', '7500/127'], ['1.5m', '7500/127'], ['150 cm', '7500/127'], ['1500 mm', '7500/127'],
    ['1 1/2 yd', '54'], ['1½ yards', '54'], ['0.5 yd.', '18'], ['2 metres', '10000/127'],
]);

it('takes lists apart at semicolons and commas, and leaves decimal commas alone', function (string $list, LengthUnit $unit, array $texts): void {
    expect(LengthParser::texts($list, $unit))->toBe($texts);
})->with([
    ['60, 60 1/4, 60', LengthUnit::Inch, ['60', '60 1/4', '60']], ['60,60', LengthUnit::Inch, ['60', '60']],
    ['60; 60,5', LengthUnit::Inch, ['60', '60,5']], ['114,3; 115', LengthUnit::Centimetre, ['114,3', '115']],
    ['114,3, 115', LengthUnit::Centimetre, ['114,3', '115']], ['114,3', LengthUnit::Centimetre, ['114,3']],
    ['114,115,116', LengthUnit::Centimetre, ['114', '115', '116']], ['1,5 cm, 2 cm', LengthUnit::Inch, ['1,5 cm', '2 cm']],
    ['', LengthUnit::Inch, ['']], ['60, ', LengthUnit::Inch, ['60', '']],
]);

it('takes a bare number in the unit it is told', function (): void {
    expect(Length::parse('2.54', LengthUnit::Centimetre)->encode())->toBe('1')
        ->and(Length::parse('1 in', LengthUnit::Centimetre)->encode())->toBe('1');
});

it('says what is wrong with a length it cannot read', function (string $text, string $reason): void {
    try {
        Length::parse($text);
    } catch (MeasureException $error) {
        expect($error->reason)->toBe($reason)->and(said($error))->not->toBeEmpty();

        return;
    }
    $this->fail("\"$text\" was read.");
})->with([
    ['4 5/0', 'zero_denominator'], ['-3', 'negative'], ['−3 in', 'negative'], ['4 5/8 cm in', 'two_units'], ['', 'blank'], ['   ', 'blank'],
    ['4 5', 'not_understood'], ['four', 'not_understood'], ['1e9', 'not_understood'], [
        '4 5/8/2',
        'not_understood',
    ], ['1/2 1/2', 'not_understood'],
    ['9999999', 'not_understood'], ['in', 'not_understood'], ["4\0005", 'not_understood'], [
        str_repeat('9', 5000),
        'not_understood',
    ], ['minute', 'not_understood'],
]);

it('never drifts', function (): void {
    foreach ([3, 5, 7, 64, 11] as $part) {
        $sum = Length::zero();
        for ($i = 0; $i < $part * 100; $i++) {
            $sum = $sum->plus(Length::fraction(1, $part));
        }
        expect($sum->encode())->toBe('100');
    }
});

it('adds and takes away thousands of lengths and comes back exactly', function (): void {
    mt_srand(7);
    $random = fn (): Length => Length::fraction(mt_rand(-500, 500), mt_rand(1, 64))
        ->plus(Length::root2(mt_rand(-50, 50), mt_rand(1, 16)))
        ->plus(Length::root3(mt_rand(-50, 50), mt_rand(1, 16)));
    for ($i = 0; $i < 3000; $i++) {
        [$a, $b, $c] = [$random(), $random(), $random()];
        expect($a->plus($b)->minus($b)->equals($a))->toBeTrue()
            ->and($a->plus($b)->plus($c)->equals($a->plus($b->plus($c))))->toBeTrue()
            ->and($a->times(7, 3)->times(3, 7)->equals($a))->toBeTrue()
            ->and(Length::decode($a->encode())->equals($a))->toBeTrue()
            ->and($a->compareTo($b))->toBe(-$b->compareTo($a));
        if (abs($a->toFloat() - $b->toFloat()) > 1e-6) {
            expect($a->compareTo($b))->toBe($a->toFloat() <=> $b->toFloat());
        }
    }
});

it('decides the order of lengths that no float can tell apart', function (): void {
    // Convergents of √2: 1607521/1136689 lies below it by less than 3 parts in 10^13, 3880899/2744210 above.
    expect(Length::fraction(1607521, 1136689)->compareTo(Length::root2(1)))->toBe(-1)
        ->and(Length::fraction(3880899, 2744210)->compareTo(Length::root2(1)))->toBe(1)
        ->and(Length::fraction(1855077841, 1311738121)->compareTo(Length::root2(1)))->toBe(-1)
        ->and(Length::root2(1)->plus(Length::root3(1))->minus(
            Length::fraction(1855077841, 1311738121),
        )->compareTo(Length::root3(1)))->toBe(1)
        ->and(Length::root2(1)->minus(Length::root2(1))->sign())->toBe(0);
});

it('knows the diagonal of a diagonal', function (): void {
    expect(inches('3')->timesRoot2()->timesRoot2()->encode())->toBe('6')
        ->and(inches('3')->timesRoot3()->timesRoot3()->encode())->toBe('9');
    inches('3')->timesRoot2()->timesRoot3();
})->throws(MeasureException::class);

it('rounds to a step the way it is told, exactly at the marks', function (string $length, string $up, string $nearest, string $down): void {
    $eighth = Length::fraction(1, 8);
    expect(inches($length)->ceilTo($eighth)->encode())->toBe(inches($up)->encode())
        ->and(inches($length)->nearestTo($eighth)->encode())->toBe(inches($nearest)->encode())
        ->and(inches($length)->floorTo($eighth)->encode())->toBe(inches($down)->encode());
})->with([
    ['3 7/8', '3 7/8', '3 7/8', '3 7/8'], ['3.8536', '3 7/8', '3 7/8', '3 3/4'], [
        '3 13/16',
        '3 7/8',
        '3 7/8',
        '3 3/4',
    ], ['3.80', '3 7/8', '3 3/4', '3 3/4'], ['0', '0', '0', '0'],
]);

it('rounds below zero as it does above', function (): void {
    $eighth = Length::fraction(1, 8);
    expect(Length::fraction(-5, 16)->floorTo($eighth)->encode())->toBe('-3/8')
        ->and(Length::fraction(-5, 16)->ceilTo($eighth)->encode())->toBe('-1/4');
});

it('counts pieces in a strip without losing one to rounding', function (): void {
    expect(inches('40')->countOf(inches('2.5')))->toBe(16)
        ->and(inches('40')->countOf(Length::fraction(40, 7)))->toBe(7)
        ->and(inches('40')->countOf(inches('2.500001')))->toBe(15)
        ->and(Length::root2(20)->countOf(Length::root2(1)))->toBe(20)
        ->and(inches('1')->countOf(inches('2')))->toBe(0);
});

it('refuses to leave the integers it can carry', function (): void {
    Length::fraction(PHP_INT_MAX, 3)->plus(Length::fraction(PHP_INT_MAX, 5));
})->throws(MeasureException::class);

it('refuses to divide by nothing', function (): void {
    Length::inches(3)->dividedBy(0);
})->throws(MeasureException::class);

it('prints fractions, decimals and centimetres', function (string $length, string $fraction, string $decimal, string $metric): void {
    expect(Notation::Fractions->print(inches($length)))->toBe($fraction)
        ->and(Notation::Decimals->print(inches($length)))->toBe($decimal)
        ->and(Notation::Centimetres->print(inches($length)))->toBe($metric);
})->with([
    ['4 5/8', '4⅝', '4.625', '11.75'], ['1/16', "1\u{2044}16", '0.0625', '0.16'], ['2 1/16', "2\u{2009}1\u{2044}16", '2.0625', '5.24'],
    ['12', '12', '12', '30.48'], ['10', '10', '10', '25.4'], ['0', '0', '0', '0'], ['2 2/3', '2⅔', '2.6667', '6.77'],
]);

it('finds the long edge of a right triangle, exactly where it can be said', function (string $a, string $b, string $c): void {
    [$length, $exact] = Length::hypotenuse(Length::parse($a), Length::parse($b));

    expect($length->encode())->toBe($c)
        ->and($exact)->toBeTrue();
})->with([
    ['3', '4', '5'], ['5', '12', '13'], ['3/4', '1', '5/4'], ['2 1/2', '6', '13/2'],
    ['1', '1', '0+1r2'], ['3', '3', '0+3r2'], ['2 1/3', '2 1/3', '0+7r2/3'],
    ['7', '24', '25'], ['20/3', '5', '25/3'],
]);

it('comes within a hair of every other long edge, never below it', function (): void {
    mt_srand(7);
    for ($round = 0; $round < 4000; $round++) {
        [$a, $b] = [Length::fraction(mt_rand(1, 600), mt_rand(1, 32)), Length::fraction(mt_rand(1, 600), mt_rand(1, 32))];
        [$c, $exact] = Length::hypotenuse($a, $b);
        $true = hypot($a->toFloat(), $b->toFloat());
        expect($c->toFloat() - $true)->toBeGreaterThan(-1e-9)
            ->and($c->toFloat() - $true)->toBeLessThan($exact ? 1e-9 : 1 / 65536);
    }
});

it('multiplies by a ratio exactly while that can be said, and just above it where not', function (): void {
    [$plain, $exact] = Length::parse('2 1/2')->timesRatio(Length::parse('3'), Length::parse('4'));
    [$root, $rootExact] = Length::parse('2')->timesRatio(Length::root2(3), Length::parse('4'));
    [$turned, $turnedExact] = Length::parse('2')->timesRatio(Length::parse('3'), Length::root2(1));
    [$over, $overExact] = Length::parse('2')->timesRatio(Length::parse('3'), Length::root2(1)->plus(Length::inches(1)));

    expect($plain->encode())->toBe('15/8')
        ->and($exact)->toBeTrue()
        ->and($root->encode())->toBe('0+3r2/2')
        ->and($rootExact)->toBeTrue()
        ->and($turnedExact)->toBeTrue()->and($turned->encode())->toBe('0+3r2')
        ->and($overExact)->toBeFalse()
        ->and($over->toFloat())->toEqualWithDelta(6 / (1 + sqrt(2)), 1 / 65536);
});

it('says what share one length is of another', function (): void {
    expect(Length::parse('9')->over(Length::parse('6')))->toBe([3, 2])
        ->and(Length::parse('7 1/2')->over(Length::parse('2 1/2')))->toBe([3, 1])
        ->and(fn () => Length::parse('9')->over(Length::zero()))->toThrow(MeasureException::class)
        ->and(fn () => Length::parse('9')->over(Length::root2(1)))->toThrow(MeasureException::class);
});

it('adds a list of lengths without drifting', function (): void {
    expect(Length::sum([])->encode())->toBe('0')
        ->and(Length::sum(array_fill(0, 49, Length::fraction(1, 49)))->encode())->toBe('1')
        ->and(Length::sum([Length::fraction(1, 3), Length::fraction(1, 5), Length::fraction(1, 7), Length::root2(1, 8)])->encode())->toBe(
            '568+105r2/840',
        );
});

it('keeps an approximate measurement marked through writing, and cuts it by its own rounding', function (): void {
    $measure = Measurement::up(Length::approximately(3.6545), true);

    expect(Measurement::decode($measure->encode()))->toEqual($measure)
        ->and($measure->approximate)->toBeTrue()
        ->and($measure->in(Notation::Fractions)->encode())->toBe('15/4')
        ->and($measure->plus(Length::fraction(1, 8))->in(Notation::Fractions)->encode())->toBe('31/8')
        ->and($measure->plus(Length::fraction(1, 8))->approximate)->toBeTrue()
        ->and($measure->mayGrow())->toBeTrue()
        ->and(Measurement::exact(Length::inches(3))->mayGrow())->toBeFalse();
});
