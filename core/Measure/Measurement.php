<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

/**
 * An exact length together with the direction in which it may be rounded for a ruler.
 *
 * The exact value is kept, so that a member who reads centimetres gets it rounded once, to the millimetre, and not an eighth of an inch
 * converted. What has no exact value in {@see Length} (most square roots, curves) is kept to 1⁄65536 in and marked approximate.
 *
 * A measurement may depend on others, as the width of sewn strips depends on the strips: when those are cut by a ruler whose marks they do
 * not lie on, this length comes out larger or smaller than its exact value, and {@see value()} says by how much.
 */
final readonly class Measurement
{
    /** More than this over, in inches, and the next mark below is taken for what must not be too large. */
    private const MOST_OVER = [1, 64];

    /** @param  list<Dependence>  $dependences  on lengths that are cut or trimmed to a mark */
    public function __construct(
        public Length $exact,
        public Rounding $rounding = Rounding::Nearest,
        public bool $approximate = false,
        public array $dependences = [],
    ) {
    }

    /** A length that may be cut larger: it is rounded up to the cutting step (⅛ in, or 1 mm). */
    public static function up(Length $exact, bool $approximate = false): self
    {
        return new self($exact, Rounding::Up, $approximate);
    }

    /** A length that must be cut as it is: it is rounded to the nearest fine mark (1⁄16 in, or 1 mm). */
    public static function exact(Length $exact, bool $approximate = false): self
    {
        return new self($exact, Rounding::Nearest, $approximate);
    }

    /** A length that would push points over an edge if it were too large. */
    public static function notOver(Length $exact): self
    {
        return new self($exact, Rounding::NotOver);
    }

    /** A length that is set on the machine, such as a seam allowance, or only reported. */
    public static function setting(Length $exact): self
    {
        return new self($exact, Rounding::None);
    }

    /**
     * What is measured after sewing lengths that were cut by a ruler.
     *
     * Example: three strips of 1⅚ in sewn side by side give 4½ in exactly; cut 1 13⁄16 in each, they give 4 7⁄16 in.
     *
     * @param  list<array{Length, self}>  $on  the factor and the length it stands before; 1 for what adds up
     */
    public static function resulting(Length $exact, array $on, Rounding $rounding = Rounding::Nearest): self
    {
        $dependences = [];
        foreach ($on as [$factor, $other]) {
            // What is only read off is replaced by what it depends on; what is cut larger is cut to a mark of its own.
            foreach ($other->dependences === [] || $other->mayGrow() ? [
                new Dependence(Length::inches(1), $other),
            ] : $other->dependences as $dependence) {
                $number = $factor->timesNumber($dependence->factor);
                $key = $dependence->on->encode();
                $dependences[$key] = new Dependence(
                    isset($dependences[$key]) ? $dependences[$key]->factor->plus($number) : $number,
                    $dependence->on,
                );
            }
        }

        return new self(
            $exact,
            $rounding,
            false,
            array_values(array_filter($dependences, fn (Dependence $one): bool => ! $one->factor->isZero())),
        );
    }

    /**
     * What is measured after sewing side by side: everything adds up.
     *
     * @param  list<self>  $parts
     */
    public static function sewn(Length $exact, array $parts): self
    {
        $one = Length::inches(1);

        return self::resulting($exact, array_map(fn (self $part): array => [$one, $part], $parts));
    }

    /** The same once it is brought to its mark: what is sewn from it depends on that mark, and not on what it was sewn from itself. */
    public function toMark(): self
    {
        return $this->dependences === [] ? $this : new self(
            $this->exact, $this->rounding, $this->approximate, [new Dependence(Length::inches(1), $this)],
        );
    }

    /** Whether this may be cut larger because it is trimmed afterwards. */
    public function mayGrow(): bool
    {
        return $this->rounding === Rounding::Up;
    }

    /** The same length with something added, rounded the same way. */
    public function plus(Length $more): self
    {
        return new self($this->exact->plus($more), $this->rounding, $this->approximate, $this->dependences);
    }

    /** The same result when one of the lengths it depends on is cut at another size on purpose. */
    public function following(self $before, self $after): self
    {
        $exact = $this->exact;
        $dependences = [];
        foreach ($this->dependences as $dependence) {
            if ($dependence->on == $before) {
                $exact = $exact->plus($after->exact->minus($before->exact)->timesNumber($dependence->factor));
                $dependence = new Dependence($dependence->factor, $after);
            }
            $dependences[] = $dependence;
        }

        return new self($exact, $this->rounding, $this->approximate, $dependences);
    }

    /** The length that comes out when everything it depends on is cut by the marks of this notation; not rounded itself. */
    public function value(Notation $notation): Length
    {
        $value = $this->exact;
        foreach ($this->dependences as $dependence) {
            $value = $value->plus($dependence->shift($notation));
        }

        return $value;
    }

    /** The mark to cut or check by in this notation. A value already on a fine mark stays as it is unless it may grow. */
    public function in(Notation $notation): Length
    {
        $value = $this->dependences === [] ? $this->exact : $this->value($notation);

        return match ($this->rounding) {
            Rounding::Up => $value->ceilTo($notation->cuttingStep()),
            Rounding::NotOver => self::notOverMark($value, $notation->fineStep()),
            Rounding::None => $value,
            Rounding::Nearest => $value->nearestTo($notation->fineStep()),
        };
    }

    /** Whether the mark on the ruler is the computed length, or what is over is trimmed away. */
    public function isTrueIn(Notation $notation): bool
    {
        return match ($this->rounding) {
            Rounding::Up, Rounding::None => true,
            Rounding::Nearest, Rounding::NotOver => $this->in($notation)->equals($this->value($notation)),
        };
    }

    public function encode(): string
    {
        $text = $this->rounding->value.($this->approximate ? '~:' : ':').$this->exact->encode();
        foreach ($this->dependences as $dependence) {
            $on = $dependence->on->encode();
            $text .= ';'.$dependence->factor->encode().'*'.($dependence->on->dependences === [] ? $on : "($on)");
        }

        return $text;
    }

    /** @throws MeasureException when the text is not an encoded measurement */
    public static function decode(string $code): self
    {
        $parts = self::parts($code);
        $own = self::decodePlain($parts[0]);
        $dependences = [];
        foreach (array_slice($parts, 1) as $part) {
            [$factor, $on] = explode('*', $part, 2) + [1 => ''];
            $nested = str_starts_with($on, '(') && str_ends_with($on, ')');
            $dependences[] = new Dependence(Length::decode($factor), $nested ? self::decode(substr($on, 1, -1)) : self::decodePlain($on));
        }

        return new self($own->exact, $own->rounding, $own->approximate, $dependences);
    }

    /** @return non-empty-list<string> what semicolons outside of parentheses part */
    private static function parts(string $code): array
    {
        $parts = [];
        $depth = 0;
        foreach (explode(';', $code) as $piece) {
            if ($depth === 0) {
                $parts[] = $piece;
            } else {
                $parts[count($parts) - 1] .= ';'.$piece;
            }
            $depth += substr_count($piece, '(') - substr_count($piece, ')');
        }

        return $parts;
    }

    private static function decodePlain(string $code): self
    {
        [$rounding, $length] = explode(':', $code, 2) + [1 => ''];
        $known = Rounding::tryFrom(rtrim($rounding, '~')) ?? throw MeasureException::notUnderstood($code);

        return new self(Length::decode($length), $known, str_ends_with($rounding, '~'));
    }

    private static function notOverMark(Length $value, Length $step): Length
    {
        $nearest = $value->nearestTo($step);

        return $nearest->minus($value)->isGreaterThan(Length::fraction(...self::MOST_OVER)) ? $nearest->minus($step) : $nearest;
    }
}
