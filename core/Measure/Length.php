<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

use Brick\Math\BigInteger;

/**
 * An exact length in inches: (one + root2·√2 + root3·√3) / denominator, all four whole numbers.
 *
 * Sums, differences and rational multiples never drift, and because 1, √2 and √3 are independent over the rationals two lengths are
 * equal exactly when their lowest terms are; "these two seams are equal" is decided, not guessed. Native integers carry the work (an
 * arbitrary-precision library is consulted only to settle the sign of numbers that differ by less than a float can tell), and every
 * operation that would leave 64 bits throws instead of rounding.
 *
 * A length may be negative as the result of a subtraction; {@see LengthParser} refuses negative input.
 */
final readonly class Length
{
    /** The product of two numbers up to this one is a number of 64 bits. */
    private const CROSSWISE = 3_000_000_000;

    private const ROOT2 = 1.4142135623730951;

    private const ROOT3 = 1.7320508075688772;

    /** Below this share of its terms' magnitude a float sum says nothing about its sign. */
    private const FLOAT_DOUBT = 1e-12;

    /** Parts of an inch to which an irrational outside the field is kept. */
    private const FINE = 65536;

    private function __construct(
        private int $one,
        private int $root2,
        private int $root3,
        private int $denominator,
    ) {
    }

    public static function zero(): self
    {
        return new self(0, 0, 0, 1);
    }

    public static function inches(int $inches): self
    {
        return new self($inches, 0, 0, 1);
    }

    /** @param  array<self>  $lengths */
    public static function sum(array $lengths): self
    {
        $sum = null;
        foreach ($lengths as $length) {
            $sum = $sum === null ? $length : $sum->plus($length);
        }

        return $sum ?? self::zero();
    }

    /** @throws MeasureException when the denominator is zero */
    public static function fraction(int $numerator, int $denominator): self
    {
        return self::reduced($numerator, 0, 0, $denominator);
    }

    /** √2 times a fraction, as every 45° diagonal needs. */
    public static function root2(int $numerator, int $denominator = 1): self
    {
        return self::reduced(0, $numerator, 0, $denominator);
    }

    /** √3 times a fraction, as every 60° shape needs. */
    public static function root3(int $numerator, int $denominator = 1): self
    {
        return self::reduced(0, 0, $numerator, $denominator);
    }

    /**
     * The nearest 1⁄65536 in: for what has no exact value here, such as most square roots. Whatever is cut by it says that it is
     * approximate.
     */
    public static function approximately(float $inches): self
    {
        return self::reduced(self::whole(round($inches * self::FINE)), 0, 0, self::FINE);
    }

    /** Rounded up to the next 1⁄65536 in, so that what is reckoned with an irrational that has no exact value keeps to small numbers. */
    public function upToFine(): self
    {
        return self::FINE % $this->denominator === 0 && $this->isRational()
            ? $this
            : self::reduced(self::whole(ceil($this->toFloat() * self::FINE - 1e-6)), 0, 0, self::FINE);
    }

    /**
     * The long edge of a right triangle: exact where the square root is a rational, or one times √2 or √3; else rounded up by less than
     * 1⁄65536 in.
     *
     * @return array{self, bool} the length, and whether it is exact
     */
    public static function hypotenuse(self $a, self $b): array
    {
        if ($a->isRational() && $b->isRational()) {
            $shared = $a->denominator * $b->denominator / self::greatestCommonDivisor($a->denominator, $b->denominator);
            $square = ($a->one * $shared / $a->denominator) ** 2 + ($b->one * $shared / $b->denominator) ** 2;
            if (is_int($square) && is_int($shared)) {
                foreach ([1, 2, 3] as $times) {
                    $root = (int) round(sqrt($square / $times));
                    if ($times * $root * $root === $square) {
                        return [self::reduced($times === 1 ? $root : 0, $times === 2 ? $root : 0, $times === 3 ? $root : 0, $shared), true];
                    }
                }
            }
        }

        return [self::reduced(self::whole(ceil(hypot($a->toFloat(), $b->toFloat()) * self::FINE)), 0, 0, self::FINE), false];
    }

    /**
     * This length times a ratio of two others. The result is exact when the divisor is a fraction, a fraction of √2 or a fraction of √3,
     * one of the two factors is a fraction, and the result holds no √6; else it is rounded up by less than 1⁄65536 in.
     *
     * Example: 3 in times the ratio of 2 in to √2 in is 3√2 in, exactly.
     *
     * @return array{self, bool} the length, and whether it is exact
     *
     * @throws MeasureException when the divisor is zero
     */
    public function timesRatio(self $numerator, self $denominator): array
    {
        if ($this->isRational() || $numerator->isRational()) {
            [$factor, $other] = $this->isRational() ? [$this, $numerator] : [$numerator, $this];
            $product = $other->times($factor->one, $factor->denominator);
            if ($denominator->isRational()) {
                return [$product->times($denominator->denominator, $denominator->one), true];
            }
            // x/(r√2) = x√2/(2r), and likewise with √3.
            if ($denominator->one === 0 && $denominator->root3 === 0 && $product->root3 === 0) {
                return [$product->timesRoot2()->times($denominator->denominator, self::whole(2 * $denominator->root2)), true];
            }
            if ($denominator->one === 0 && $denominator->root2 === 0 && $product->root2 === 0) {
                return [$product->timesRoot3()->times($denominator->denominator, self::whole(3 * $denominator->root3)), true];
            }
        }
        if ($denominator->isZero()) {
            throw MeasureException::zeroDenominator('0');
        }
        $inches = $this->toFloat() * $numerator->toFloat() / $denominator->toFloat();

        return [self::reduced(self::whole(ceil($inches * self::FINE - 1e-6)), 0, 0, self::FINE), false];
    }

    /**
     * This length times another taken as a plain number, such as a scale of √2/2. Exact when one of the two is a fraction or neither result
     * needs √6; else to the nearest 1⁄65536 in.
     */
    public function timesNumber(self $number): self
    {
        if ($number->isRational()) {
            return $this->times($number->one, $number->denominator);
        }
        if ($this->isRational()) {
            return $number->times($this->one, $this->denominator);
        }
        if ($this->root3 === 0 && $number->root3 === 0) {
            $part = $this->times($number->one, $number->denominator);

            return $part->plus($this->timesRoot2()->times($number->root2, $number->denominator));
        }

        return self::approximately($this->toFloat() * $number->toFloat());
    }

    /**
     * Reads what a person typed: "4 5/8", "4⅝", "4-5/8", "4.625", "11.7 cm", "117 mm".
     *
     * @throws MeasureException saying what to change
     */
    public static function parse(string $text, LengthUnit $unit = LengthUnit::Inch): self
    {
        return LengthParser::parse($text, $unit);
    }

    /**
     * Reads back what {@see encode()} wrote.
     *
     * @throws MeasureException when the text is not an encoded length
     */
    public static function decode(string $code): self
    {
        if (preg_match('/^(-?\d+)(?:([+-]\d+)r2)?(?:([+-]\d+)r3)?(?:\/(\d+))?$/', $code, $part) !== 1) {
            throw MeasureException::notUnderstood($code);
        }

        return self::reduced(
            self::int($part[1]),
            self::int($part[2] ?? ''),
            self::int($part[3] ?? ''),
            ($part[4] ?? '') === '' ? 1 : self::int($part[4]),
        );
    }

    /** The canonical text of the exact value: "37/8", "1+2r2/4". The same length always gives the same text. */
    public function encode(): string
    {
        if ($this->root2 === 0 && $this->root3 === 0) {
            return $this->denominator === 1 ? (string) $this->one : $this->one.'/'.$this->denominator;
        }

        return $this->one
            .($this->root2 === 0 ? '' : sprintf('%+dr2', $this->root2))
            .($this->root3 === 0 ? '' : sprintf('%+dr3', $this->root3))
            .($this->denominator === 1 ? '' : '/'.$this->denominator);
    }

    public function plus(self $other): self
    {
        if ($this->root2 === 0 && $this->root3 === 0 && $other->root2 === 0 && $other->root3 === 0) {
            if ($this->one === 0 || $other->one === 0) {
                return $this->one === 0 ? $other : $this;
            }

            return self::plusPlain($this->one, $this->denominator, $other->one, $other->denominator);
        }
        if ($this->isZero() || $other->isZero()) {
            return $this->isZero() ? $other : $this;
        }
        if ($this->denominator === $other->denominator) {
            return self::reduced(
                self::whole($this->one + $other->one),
                self::whole($this->root2 + $other->root2),
                self::whole($this->root3 + $other->root3),
                $this->denominator,
            );
        }
        $shared = self::greatestCommonDivisor($this->denominator, $other->denominator);
        $mine = intdiv($other->denominator, $shared);
        $theirs = intdiv($this->denominator, $shared);

        return self::reduced(
            self::whole($this->one * $mine + $other->one * $theirs),
            self::whole($this->root2 * $mine + $other->root2 * $theirs),
            self::whole($this->root3 * $mine + $other->root3 * $theirs),
            self::whole($this->denominator * $mine),
        );
    }

    public function minus(self $other): self
    {
        if ($this->root2 === 0 && $this->root3 === 0 && $other->root2 === 0 && $other->root3 === 0) {
            return $other->one === 0 ? $this : self::plusPlain(
                $this->one,
                $this->denominator,
                self::whole(-$other->one),
                $other->denominator,
            );
        }

        return $this->plus($other->negated());
    }

    public function negated(): self
    {
        return new self(self::whole(-$this->one), self::whole(-$this->root2), self::whole(-$this->root3), $this->denominator);
    }

    public function absolute(): self
    {
        return $this->isNegative() ? $this->negated() : $this;
    }

    /** This length times numerator/denominator. */
    public function times(int $numerator, int $denominator = 1): self
    {
        if ($numerator === $denominator && $numerator !== 0) {
            return $this;
        }
        if ($this->root2 === 0 && $this->root3 === 0) {
            return self::reduced(self::whole($this->one * $numerator), 0, 0, self::whole($this->denominator * $denominator));
        }

        return self::reduced(
            self::whole($this->one * $numerator),
            self::whole($this->root2 * $numerator),
            self::whole($this->root3 * $numerator),
            self::whole($this->denominator * $denominator),
        );
    }

    public function dividedBy(int $divisor): self
    {
        return $this->times(1, $divisor);
    }

    /**
     * This length times √2: the diagonal of a square of this side.
     *
     * @throws MeasureException when the length holds √3 (√6 is outside the field)
     */
    public function timesRoot2(): self
    {
        if ($this->root3 !== 0) {
            throw MeasureException::notRepresentable('√3 times √2');
        }

        return self::reduced(self::whole(2 * $this->root2), $this->one, 0, $this->denominator);
    }

    /**
     * This length times √3.
     *
     * @throws MeasureException when the length holds √2 (√6 is outside the field)
     */
    public function timesRoot3(): self
    {
        if ($this->root2 !== 0) {
            throw MeasureException::notRepresentable('√2 times √3');
        }

        return self::reduced(self::whole(3 * $this->root3), 0, $this->one, $this->denominator);
    }

    public function equals(self $other): bool
    {
        return $this->one === $other->one
            && $this->denominator === $other->denominator
            && $this->root2 === $other->root2
            && $this->root3 === $other->root3;
    }

    /** -1, 0 or 1, decided exactly. */
    public function compareTo(self $other): int
    {
        if ($this->root2 === 0 && $this->root3 === 0 && $other->root2 === 0 && $other->root3 === 0) {
            // Comparing crosswise needs no new length; what may not fit into 64 bits is compared by larger numbers.
            return max(abs($this->one), abs($other->one), $this->denominator, $other->denominator) <= self::CROSSWISE
                ? $this->one * $other->denominator <=> $other->one * $this->denominator
                : BigInteger::of($this->one)->multipliedBy($other->denominator)->compareTo(BigInteger::of($other->one)->multipliedBy($this->denominator));
        }

        return $this->minus($other)->sign();
    }

    public function isLessThan(self $other): bool
    {
        return $this->compareTo($other) < 0;
    }

    public function isGreaterThan(self $other): bool
    {
        return $this->compareTo($other) > 0;
    }

    public function isZero(): bool
    {
        return $this->one === 0 && $this->root2 === 0 && $this->root3 === 0;
    }

    public function isNegative(): bool
    {
        return $this->sign() < 0;
    }

    public function isPositive(): bool
    {
        return $this->sign() > 0;
    }

    public function isRational(): bool
    {
        return $this->root2 === 0 && $this->root3 === 0;
    }

    public function sign(): int
    {
        if ($this->isRational()) {
            return $this->one <=> 0;
        }
        $second = $this->root2 * self::ROOT2;
        $third = $this->root3 * self::ROOT3;
        $sum = $this->one + $second + $third;
        $magnitude = abs($this->one) + abs($second) + abs($third);

        return abs($sum) > $magnitude * self::FLOAT_DOUBT ? $sum <=> 0.0 : $this->exactSign();
    }

    /** @throws MeasureException unless the step is rational and above zero */
    public function ceilTo(self $step): self
    {
        return $step->times($this->stepsUp($step));
    }

    /** @throws MeasureException unless the step is rational and above zero */
    public function floorTo(self $step): self
    {
        return $step->times($this->countOf($step));
    }

    /** The nearest multiple of the step; a length exactly half-way goes up. */
    public function nearestTo(self $step): self
    {
        return $this->plus($step->dividedBy(2))->floorTo($step);
    }

    public function isMultipleOf(self $step): bool
    {
        return $this->isRational() && $step->isRational() && $this->floorTo($step)->equals($this);
    }

    /**
     * How many whole times the other length goes into this one: pieces in a strip, strips in a width. Never negative.
     *
     * @throws MeasureException when the other length is not above zero
     */
    public function countOf(self $other): int
    {
        if (! $other->isPositive()) {
            throw MeasureException::byNothing();
        }
        if ($this->isNegative()) {
            return -$this->negated()->stepsUp($other);
        }
        $count = self::whole(floor($this->toFloat() / $other->toFloat()));
        while ($count > 0 && $other->times($count)->isGreaterThan($this)) {
            $count--;
        }
        while (! $other->times($count + 1)->isGreaterThan($this)) {
            $count++;
        }

        return $count;
    }

    /**
     * Numerator and denominator in lowest terms.
     *
     * @return array{int, int}
     *
     * @throws MeasureException when the length holds √2 or √3
     */
    public function toFraction(): array
    {
        if (! $this->isRational()) {
            throw MeasureException::notRational();
        }

        return [$this->one, $this->denominator];
    }

    /**
     * This length as a share of another, in lowest terms.
     *
     * @return array{int, positive-int}
     *
     * @throws MeasureException unless both are rational and the other is above zero
     */
    public function over(self $other): array
    {
        [$numerator, $denominator] = $other->toFraction();
        if ($numerator < 1) {
            throw MeasureException::byNothing();
        }
        [$share, $of] = $this->times($denominator, $numerator)->toFraction();

        return [$share, max(1, $of)];
    }

    /** For drawing and for figures that are reported but never cut by. */
    public function toFloat(): float
    {
        return ($this->one + $this->root2 * self::ROOT2 + $this->root3 * self::ROOT3) / $this->denominator;
    }

    /** Decimal inches, rounded to the given number of places. */
    public function toDecimal(int $places): string
    {
        return number_format($this->toFloat(), $places, '.', '');
    }

    private function stepsUp(self $step): int
    {
        $steps = $this->countOf($step);

        return $step->times($steps)->equals($this) ? $steps : $steps + 1;
    }

    /** Sign of a + b√2 + c√3 over arbitrary integers, by squaring one root away at a time. */
    private function exactSign(): int
    {
        $first = BigInteger::of($this->one);
        $second = BigInteger::of($this->root2);
        $third = BigInteger::of($this->root3);
        $left = self::signOfRoot2Sum($first, $second);
        $right = $third->getSign();
        if ($left === $right || $right === 0) {
            return $left;
        }
        if ($left === 0) {
            return $right;
        }
        $difference = self::signOfRoot2Sum(
            $first->multipliedBy($first)->plus(
                $second->multipliedBy($second)->multipliedBy(2),
            )->minus($third->multipliedBy($third)->multipliedBy(3)),
            $first->multipliedBy($second)->multipliedBy(2),
        );

        return $difference > 0 ? $left : ($difference < 0 ? $right : 0);
    }

    /** Sign of a + b√2. */
    private static function signOfRoot2Sum(BigInteger $a, BigInteger $b): int
    {
        if ($a->getSign() === $b->getSign() || $b->isZero()) {
            return $a->getSign();
        }
        if ($a->isZero()) {
            return $b->getSign();
        }
        $difference = $a->multipliedBy($a)->compareTo($b->multipliedBy($b)->multipliedBy(2));

        return $difference > 0 ? $a->getSign() : $b->getSign();
    }

    /** The sum of two fractions in lowest terms, each with a denominator above zero. */
    private static function plusPlain(int $one, int $denominator, int $other, int $otherDenominator): self
    {
        if ($denominator === $otherDenominator) {
            $sum = $one + $other;
            if ($denominator === 1) {
                return new self(self::whole($sum), 0, 0, 1);
            }
            $shared = $denominator;
        } elseif ($denominator % $otherDenominator === 0) {
            $sum = $one + $other * intdiv($denominator, $otherDenominator);
            $shared = $denominator;
        } elseif ($otherDenominator % $denominator === 0) {
            $sum = $one * intdiv($otherDenominator, $denominator) + $other;
            $shared = $otherDenominator;
        } else {
            $divisor = self::greatestCommonDivisor($denominator, $otherDenominator);
            $sum = $one * intdiv($otherDenominator, $divisor) + $other * intdiv($denominator, $divisor);
            $shared = self::whole($denominator * intdiv($otherDenominator, $divisor));
        }
        $sum = self::whole($sum);
        $divisor = self::greatestCommonDivisor($shared, $sum);

        return $divisor === 1 ? new self($sum, 0, 0, $shared) : new self(intdiv($sum, $divisor), 0, 0, intdiv($shared, $divisor));
    }

    private static function reduced(int $one, int $root2, int $root3, int $denominator): self
    {
        if ($denominator === 0) {
            throw MeasureException::zeroDenominator($one.'/0');
        }
        if ($denominator < 0) {
            [$one, $root2, $root3, $denominator] = [
                self::whole(-$one),
                self::whole(-$root2),
                self::whole(-$root3),
                self::whole(-$denominator),
            ];
        }
        if ($denominator !== 1) {
            $shared = self::greatestCommonDivisor($denominator, $one);
            if ($root2 !== 0 && $shared !== 1) {
                $shared = self::greatestCommonDivisor($shared, $root2);
            }
            if ($root3 !== 0 && $shared !== 1) {
                $shared = self::greatestCommonDivisor($shared, $root3);
            }
            if ($shared !== 1) {
                return new self(intdiv($one, $shared), intdiv($root2, $shared), intdiv($root3, $shared), intdiv($denominator, $shared));
            }
        }

        return new self($one, $root2, $root3, $denominator);
    }

    private static function greatestCommonDivisor(int $a, int $b): int
    {
        while ($b !== 0) {
            $rest = $a % $b;
            $a = $b;
            $b = $rest;
        }

        return abs($a);
    }

    /** PHP turns an integer that overflows into a float: that is the moment to refuse. */
    private static function whole(int|float $value): int
    {
        if (is_int($value)) {
            return $value;
        }
        if (abs($value) >= 2 ** 62) {
            throw MeasureException::tooLarge();
        }

        return (int) $value;
    }

    private static function int(string $digits): int
    {
        $number = $digits === '' ? 0 : filter_var($digits, FILTER_VALIDATE_INT);

        return is_int($number) ? $number : throw MeasureException::tooLarge();
    }
}
