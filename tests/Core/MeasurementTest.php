<?php

declare(strict_types=1);

use Dew\Core\Measure\Dependence;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Measure\Rounding;

it('says what is sewn from strips that are cut to the nearest mark', function (): void {
    $strip = Measurement::exact(Length::fraction(11, 6));
    $sewn = Measurement::sewn(Length::parse('4 1/2'), [$strip, $strip, $strip]);
    expect($strip->in(Notation::Fractions)->encode())->toBe('29/16')
        ->and($sewn->value(Notation::Fractions)->encode())->toBe('71/16')
        ->and($sewn->in(Notation::Fractions)->encode())->toBe('71/16')
        ->and($sewn->isTrueIn(Notation::Fractions))->toBeTrue()
        ->and($strip->isTrueIn(Notation::Fractions))->toBeFalse()
        ->and($sewn->approximate)->toBeFalse()
        ->and($sewn->dependences)->toHaveCount(1)
        ->and($sewn->dependences[0]->factor->encode())->toBe('3');
});

it('replaces what is only read off by what it depends on', function (): void {
    $strip = Measurement::exact(Length::fraction(11, 6));
    $set = Measurement::sewn(Length::parse('4 1/2'), [$strip, $strip, $strip]);
    $two = Measurement::sewn(Length::inches(8), [$set, $set]);
    expect($two->dependences)->toHaveCount(1)
        ->and($two->dependences[0]->factor->encode())->toBe('6')
        ->and($two->dependences[0]->on)->toEqual($strip)
        // 8 in less six times 1⁄48.
        ->and($two->value(Notation::Fractions)->encode())->toBe('63/8');
});

it('drops what cancels out', function (): void {
    $one = Measurement::exact(Length::fraction(11, 6));
    $none = Measurement::resulting(Length::inches(1), [[Length::inches(1), $one], [Length::inches(-1), $one]]);
    expect($none->dependences)->toBe([])->and($none->value(Notation::Fractions)->encode())->toBe('1');
});

it('keeps a cut that depends on another cut to its own mark', function (): void {
    $centre = Measurement::notOver(Length::decode('1+4r2/2'));
    $corner = Measurement::resulting(Length::parse('2 1/2'), [[Length::fraction(-1, 2), $centre]], Rounding::Up);
    $before = Measurement::resulting(Length::parse('4 1/2'), [[Length::fraction(1, 2), $centre], [Length::inches(1), $corner]]);
    $mark = $centre->in(Notation::Fractions);
    expect($corner->value(Notation::Fractions)->encode())
        ->toBe(Length::parse('2 1/2')->minus($mark->minus($centre->exact)->dividedBy(2))->encode())
        ->and($corner->in(Notation::Fractions)->encode())->toBe('21/8')
        ->and($before->value(Notation::Fractions)->encode())
        ->toBe(Length::parse('4 5/8')->plus($mark->minus($centre->exact)->dividedBy(2))->encode());
});

it('writes a measurement as one text and reads it back', function (Measurement $measure): void {
    $text = $measure->encode();
    expect(Measurement::decode($text))->toEqual($measure)->and(Measurement::decode($text)->encode())->toBe($text);
})->with([
    [Measurement::exact(Length::parse('3 1/2'))],
    [Measurement::up(Length::decode('10+1r2/4'), true)],
    [Measurement::notOver(Length::root3(1, 2))],
    [Measurement::setting(Length::zero())],
    [Measurement::resulting(Length::inches(3), [
        [Length::fraction(1, 2), Measurement::exact(Length::fraction(5, 3))],
        [Length::root2(-1, 2), Measurement::notOver(Length::root2(3, 7))],
    ])],
    [Measurement::resulting(Length::inches(3), [
        [Length::inches(1), Measurement::resulting(Length::inches(2), [
            [Length::fraction(-1, 2), Measurement::notOver(Length::fraction(5, 3))],
            [Length::inches(2), Measurement::exact(Length::fraction(7, 3), true)],
        ], Rounding::Up)],
        [Length::inches(4), Measurement::exact(Length::fraction(1, 3))],
    ], Rounding::None)],
]);

it('refuses a text that is no measurement', function (string $text): void {
    expect(fn () => Measurement::decode($text))->toThrow(MeasureException::class);
})->with(['', '3', 'up', 'up:', 'sideways:3', 'up:3;', 'up:3;2*', 'up:3;2*up', 'up:3;x*up:2', 'up:3;2*(up:2', 'up:3:4']);

it('rounds as it was told to', function (Measurement $measure, string $fractions, string $centimetres): void {
    expect($measure->in(Notation::Fractions)->encode())->toBe($fractions)
        ->and($measure->in(Notation::Centimetres)->times(254)->encode())->toBe($centimetres);
})->with([
    'up to an eighth, or a millimetre' => [Measurement::up(Length::decode('10+1r2/4')), '23/8', '730'],
    'to the nearest sixteenth' => [Measurement::exact(Length::fraction(7, 3)), '37/16', '590'],
    'half-way goes up' => [Measurement::exact(Length::fraction(1, 32)), '1/16', '10'],
    'not over, where the nearest mark is a little over' => [Measurement::notOver(Length::fraction(83, 32)), '41/16', '660'],
    'not at all' => [Measurement::setting(Length::fraction(7, 3)), '7/3', '1778/3'],
]);

it('follows a cut that is made larger on purpose', function (): void {
    $cut = Measurement::up(Length::decode('10+1r2/4'));
    $larger = $cut->plus(Length::fraction(1, 8));
    $before = Measurement::resulting(Length::parse('2 1/2'), [[Length::fraction(1, 2), $cut]], Rounding::None);
    expect($before->following($cut, $larger)->exact->encode())->toBe('41/16')
        ->and($before->following($cut, $larger)->dependences)->toEqual([new Dependence(Length::fraction(1, 2), $larger)])
        ->and($before->following($larger, $cut))->toEqual($before)
        ->and($larger->rounding)->toBe(Rounding::Up)
        ->and($larger->mayGrow())->toBeTrue()
        ->and(Measurement::exact(Length::inches(1))->mayGrow())->toBeFalse();
});

it('knows which marks are true', function (): void {
    expect(Measurement::exact(Length::parse('2 1/16'))->isTrueIn(Notation::Fractions))->toBeTrue()
        ->and(Measurement::exact(Length::parse('2 1/32'))->isTrueIn(Notation::Fractions))->toBeFalse()
        ->and(Measurement::exact(Length::parse('2 1/16'))->isTrueIn(Notation::Centimetres))->toBeFalse()
        ->and(Measurement::up(Length::parse('2 1/32'))->isTrueIn(Notation::Fractions))->toBeTrue()
        ->and(Measurement::setting(Length::parse('2 1/32'))->isTrueIn(Notation::Fractions))->toBeTrue();
});

it('multiplies by plain numbers, exactly where the field allows it', function (string $length, string $number, string $product): void {
    expect(Length::decode($length)->timesNumber(Length::decode($number))->encode())->toBe($product);
})->with([
    ['3', '1/2', '3/2'], ['1/2', '3', '3/2'], ['0+1r2', '1/2', '0+1r2/2'], ['2', '0+1r2/2', '0+1r2'], ['0+1r2', '0+1r2', '2'],
    ['1+1r2', '1+1r2', '3+2r2'], ['0+1r3', '2', '0+2r3'], ['3', '0+1r3', '0+3r3'],
]);

it('falls back to a 65536th of an inch where the field does not hold the product', function (): void {
    $product = Length::root2(1)->timesNumber(Length::root3(1));
    expect($product->toFloat())->toEqualWithDelta(sqrt(6), 1 / 65536)
        ->and($product->isRational())->toBeTrue();
});

it('divides by fractions of roots exactly', function (string $length, string $numerator, string $denominator, string $result, bool $exact): void {
    [$quotient, $isExact] = Length::decode($length)->timesRatio(Length::decode($numerator), Length::decode($denominator));
    expect($isExact)->toBe($exact);
    $exact ? expect($quotient->encode())->toBe($result) : expect($quotient->toFloat())->toEqualWithDelta((float) $result, 2 / 65536);
})->with([
    ['3', '2', '4', '3/2', true],
    ['3', '2', '0+1r2', '0+3r2', true],
    ['0+3r2', '2', '0+1r2', '6', true],
    ['2', '0+3r2', '0+1r2', '6', true],
    ['3', '0+1r3', '0+1r3', '3', true],
    ['3', '2', '0+1r3', '0+2r3', true],
    ['0+1r3', '2', '0+1r2', '2.44949', false],
    ['0+1r2', '0+1r2', '3', '0.666667', false],
    ['3', '1', '1+1r2', '1.242641', false],
]);

it('finds long edges that are whole, or a whole number of roots', function (string $a, string $b, string $edge, bool $exact): void {
    [$length, $isExact] = Length::hypotenuse(Length::decode($a), Length::decode($b));
    expect($isExact)->toBe($exact);
    $exact ? expect($length->encode())->toBe($edge) : expect($length->toFloat())->toEqualWithDelta((float) $edge, 2 / 65536);
})->with([
    ['3', '4', '5', true], ['3/2', '2', '5/2', true], ['1', '1', '0+1r2', true], ['5/3', '5/3', '0+5r2/3', true],
    ['1', '2', '2.236068', false], ['0+1r2', '1', '1.732051', false], ['1/3', '1/4', '5/12', true],
]);

it('has a length of √3 and √2, and no more than it can hold', function (): void {
    expect(Length::root3(3, 6)->encode())->toBe('0+1r3/2')
        ->and(Length::root2(4, 6)->encode())->toBe('0+2r2/3')
        ->and(Length::approximately(1.5)->encode())->toBe('3/2')
        ->and(Length::approximately(1 / 3)->encode())->toBe('21845/65536')
        ->and(fn () => Length::decode('9999999999999999999'))->toThrow(MeasureException::class)
        ->and(fn () => Length::inches(PHP_INT_MAX)->plus(Length::inches(PHP_INT_MAX)))->toThrow(MeasureException::class)
        ->and(fn () => Length::inches(PHP_INT_MAX)->times(PHP_INT_MAX))->toThrow(MeasureException::class)
        ->and(fn () => Length::fraction(5, 0))->toThrow(fn (MeasureException $error) => expect(said($error))->toContain('5/0'))
        ->and(Length::fraction(3, -4)->encode())->toBe('-3/4');
});

it('takes the plain way and the long way to the same sum and the same order', function (): void {
    $values = ['0', '1', '-1', '1/2', '-3/4', '7/16', '0+1r2', '1-1r2/2', '0+1r3/3', '2+1r2-1r3/6', '-1/3'];
    foreach ($values as $a) {
        foreach ($values as $b) {
            [$one, $other] = [Length::decode($a), Length::decode($b)];
            expect($one->plus($other)->toFloat())->toEqualWithDelta($one->toFloat() + $other->toFloat(), 1e-12)
                ->and($one->minus($other)->encode())->toBe($one->plus($other->negated())->encode())
                ->and($one->plus($other)->encode())->toBe($other->plus($one)->encode())
                ->and($one->compareTo($other))->toBe($one->toFloat() <=> $other->toFloat())
                ->and($one->isLessThan($other))->toBe($one->toFloat() < $other->toFloat())
                ->and($one->isGreaterThan($other))->toBe($one->toFloat() > $other->toFloat())
                ->and($one->equals($other))->toBe($a === $b)
                ->and(Length::sum([$one, $other, $one])->encode())->toBe($one->plus($other)->plus($one)->encode());
        }
        expect(Length::decode($a)->times(-3, 7)->encode())->toBe(Length::decode($a)->times(-3)->dividedBy(7)->encode())
            ->and(Length::decode($a)->times(0)->isZero())->toBeTrue();
    }
});

it('counts how often one length goes into another, to the last one', function (string $whole, string $part, int $count): void {
    expect(Length::parse($whole)->countOf(Length::decode($part)))->toBe($count);
})->with([
    ['40', '5/2', 16], ['40', '31/8', 10], ['10', '0+1r2', 7], ['0', '1', 0], ['1', '1', 1], ['39.999', '20', 1], ['40', '40', 1],
    ['39', '40', 0],
]);
