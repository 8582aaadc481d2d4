<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

/**
 * An exact length together with the direction in which it may be rounded for a ruler.
 *
 * The exact value is kept, so that a member who reads centimetres gets it rounded once, to the millimetre, and not an eighth of an inch
 * converted. What has no exact value in {@see Length} (most square roots, curves) is kept to 1⁄65536 in and marked approximate.
 */
final readonly class Measurement
{
    public function __construct(
        public Length $exact,
        public Rounding $rounding = Rounding::Nearest,
        public bool $approximate = false,
    ) {
    }

    /** May be cut larger: rounded up to the cutting step. */
    public static function up(Length $exact, bool $approximate = false): self
    {
        return new self($exact, Rounding::Up, $approximate);
    }

    /** Must be cut as it is: rounded to the nearest fine mark. */
    public static function exact(Length $exact, bool $approximate = false): self
    {
        return new self($exact, Rounding::Nearest, $approximate);
    }

    /** Whether what is cut larger is trimmed afterwards. */
    public function mayGrow(): bool
    {
        return $this->rounding === Rounding::Up;
    }

    /** The same length with something added, rounded the same way. */
    public function plus(Length $more): self
    {
        return new self($this->exact->plus($more), $this->rounding, $this->approximate);
    }

    /** Set on the machine, such as a seam allowance. */
    public static function setting(Length $exact): self
    {
        return new self($exact, Rounding::None);
    }

    /** What to cut or check by in this notation. A value already on a fine mark stays as it is unless it may grow. */
    public function in(Notation $notation): Length
    {
        return match ($this->rounding) {
            Rounding::Up => $this->exact->ceilTo($notation->cuttingStep()),
            Rounding::Down => $this->exact->floorTo($notation->cuttingStep()),
            Rounding::None => $this->exact,
            Rounding::Nearest => $this->exact->nearestTo($notation->fineStep()),
        };
    }

    /** False when the mark on the ruler is not the computed length and nothing will trim the difference away. */
    public function isTrueIn(Notation $notation): bool
    {
        return $this->rounding !== Rounding::Nearest || $this->in($notation)->equals($this->exact);
    }

    public function encode(): string
    {
        return $this->rounding->value.($this->approximate ? '~:' : ':').$this->exact->encode();
    }

    /** @throws MeasureException */
    public static function decode(string $code): self
    {
        [$rounding, $length] = explode(':', $code, 2) + [1 => ''];

        return new self(Length::decode($length), Rounding::tryFrom(rtrim($rounding, '~')) ?? throw MeasureException::notUnderstood($code), str_ends_with($rounding, '~'));
    }
}
