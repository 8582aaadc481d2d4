<?php

declare(strict_types=1);

namespace Dew\Core\Press;

use Dew\Core\Measure\Refused;
use InvalidArgumentException;

/** Which way one seam of a unit or block is pressed, and between which of its patches or cells it lies. Places in finished inches. */
final readonly class PressFlag
{
    /** Inches by which the ends of a seam may differ in all and still be the same seam. */
    private const SAME = 0.01;

    /**
     * @param  list<array{int, int}>  $between  numbers of patches of a unit, or of cells of a block: on the seam's left, and on its right
     * @param  list<float>  $clashes  how far from its beginning, in inches, two seams meet at it that lie the same way
     */
    public function __construct(
        public float $fromX,
        public float $fromY,
        public float $toX,
        public float $toY,
        public Pressed $pressed,
        public array $between = [],
        public array $clashes = [],
    ) {
    }

    /** Whether it lies where another one does, so that both are the same seam. */
    public function isAt(self $other): bool
    {
        return $this->liesAt($other->fromX, $other->fromY, $other->toX, $other->toY);
    }

    public function liesAt(float $fromX, float $fromY, float $toX, float $toY): bool
    {
        return abs($this->fromX - $fromX) + abs($this->fromY - $fromY) + abs($this->toX - $toX) + abs($this->toY - $toY) < self::SAME;
    }

    /**
     * Which of two patches or cells beside it the allowance is pressed to; null when it is pressed open, or is not between them.
     */
    public function towards(int $one, int $other): ?int
    {
        return match (true) {
            $this->pressed === Pressed::Open => null,
            in_array([$one, $other], $this->between, true) => $this->pressed === Pressed::Left ? $one : $other,
            in_array([$other, $one], $this->between, true) => $this->pressed === Pressed::Left ? $other : $one,
            default => null,
        };
    }

    /**
     * Which way its allowance lies on the table, seen from the front with its unit upright: a key of the sentences in lang/en/press.php.
     */
    public function way(): string
    {
        if ($this->pressed === Pressed::Open) {
            return 'open';
        }
        // The right of the way from one end to the other, where y grows downwards.
        [$x, $y] = [-($this->toY - $this->fromY), $this->toX - $this->fromX];
        if ($this->pressed === Pressed::Left) {
            [$x, $y] = [-$x, -$y];
        }
        $size = hypot($x, $y);
        $across = abs($x) < 0.01 * $size ? '' : ($x > 0 ? 'right' : 'left');
        $down = abs($y) < 0.01 * $size ? '' : ($y > 0 ? 'down' : 'up');

        return implode('_', array_filter([$down, $across]));
    }

    /** @return list<array{float, float}> the places at which two seams meet at it that lie the same way */
    public function clashPoints(): array
    {
        $length = max(PressModel::GRAIN, hypot($this->toX - $this->fromX, $this->toY - $this->fromY));

        return array_map(fn (float $along): array => [
            $this->fromX + ($this->toX - $this->fromX) * $along / $length, $this->fromY + ($this->toY - $this->fromY) * $along / $length,
        ], $this->clashes);
    }

    /** The same seam pressed otherwise. */
    public function as(Pressed $pressed): self
    {
        return new self($this->fromX, $this->fromY, $this->toX, $this->toY, $pressed, $this->between, $this->clashes);
    }

    /**
     * The same seam with the patches or cells on its sides.
     *
     * @param  list<array{int, int}>  $between
     */
    public function lyingBetween(array $between): self
    {
        return new self($this->fromX, $this->fromY, $this->toX, $this->toY, $this->pressed, $between, $this->clashes);
    }

    public function encode(): string
    {
        $number = fn (float $inches): string => (string) (round($inches, 4) + 0.0);

        return implode(' ', [
            $number($this->fromX), $number($this->fromY), $number($this->toX), $number($this->toY),
            $this->pressed->value.($this->clashes === [] ? '' : '!'.implode(',', array_map($number, $this->clashes))),
            ...array_map(fn (array $pair): string => implode('-', $pair), $this->between),
        ]);
    }

    /** @throws InvalidArgumentException when the text is no encoded flag */
    public static function decode(string $code): self
    {
        $parts = explode(' ', $code);
        [$way, $clashes] = explode('!', $parts[4] ?? '') + ['', ''];
        $pressed = Pressed::tryFrom($way);
        if ($pressed === null) {
            throw new Refused('press.no_flag', ['code' => $code]);
        }
        $between = [];
        foreach (array_slice($parts, 5) as $pair) {
            [$left, $right] = explode('-', $pair) + [0, 0];
            $between[] = [(int) $left, (int) $right];
        }

        return new self(
            (float) $parts[0], (float) $parts[1], (float) $parts[2], (float) $parts[3], $pressed, $between,
            $clashes === '' ? [] : array_map(floatval(...), explode(',', $clashes)),
        );
    }
}
