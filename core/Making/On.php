<?php

declare(strict_types=1);

namespace Dew\Core\Making;

use Dew\Core\Measure\Refused;
use InvalidArgumentException;

/**
 * What a step does something to: a piece, a line on it, an edge, a seam, a corner or the whole unit.
 *
 * Words, drawings, pressing and assembly all read the same operands, so that no fact stands in a sentence alone. Patches count from zero in
 * the order of {@see \Dew\Core\Unit\Unit::patches()}, cells of a block in the order of the block.
 */
final readonly class On
{
    private function __construct(
        public Operand $kind,
        public string $of,
        public int $first = 0,
        public int $second = 0,
    ) {
    }

    public static function piece(string $id): self
    {
        return new self(Operand::Piece, $id);
    }

    /** @return list<self> */
    public static function pieces(string ...$ids): array
    {
        return array_map(self::piece(...), array_values($ids));
    }

    public static function sewLine(string $piece, int $number): self
    {
        return new self(Operand::SewLine, $piece, $number);
    }

    /** @return list<self> the first so many sewing lines of a piece */
    public static function sewLines(string $piece, int $count): array
    {
        return array_map(fn (int $number): self => self::sewLine($piece, $number), $count < 1 ? [] : range(0, $count - 1));
    }

    public static function cutLine(string $piece, int $number): self
    {
        return new self(Operand::CutLine, $piece, $number);
    }

    /** @return list<self> the first so many cutting lines of a piece */
    public static function cutLines(string $piece, int $count): array
    {
        return array_map(fn (int $number): self => self::cutLine($piece, $number), $count < 1 ? [] : range(0, $count - 1));
    }

    public static function edge(int $patch, int $number): self
    {
        return new self(Operand::Edge, '', $patch, $number);
    }

    public static function seam(int $one, int $other): self
    {
        return new self(Operand::Seam, '', min($one, $other), max($one, $other));
    }

    /**
     * @param  list<array{int, int}>  $pairs
     * @return list<self>
     */
    public static function seams(array $pairs): array
    {
        return array_map(fn (array $pair): self => self::seam(...$pair), $pairs);
    }

    public static function toward(int $patch): self
    {
        return new self(Operand::Toward, '', $patch);
    }

    public static function corner(string $place): self
    {
        return new self(Operand::Corner, $place);
    }

    public static function whole(): self
    {
        return new self(Operand::Whole, '');
    }

    /**
     * The same of the mirror image of the unit: left and right corners change places.
     *
     * @param  array<string, string>  $ids  new ids of pieces by their old ones
     */
    public function turnedOver(array $ids): self
    {
        if ($this->kind === Operand::Corner) {
            return self::corner(strtr($this->of, ['left' => 'right', 'right' => 'left']));
        }
        $isPiece = in_array($this->kind, [Operand::Piece, Operand::SewLine, Operand::CutLine], true);

        return $isPiece && isset($ids[$this->of]) ? new self($this->kind, $ids[$this->of], $this->first, $this->second) : $this;
    }

    public function encode(): string
    {
        return match ($this->kind) {
            Operand::Piece, Operand::Corner => $this->kind->value.' '.$this->of,
            Operand::SewLine, Operand::CutLine => $this->kind->value.' '.$this->first.' '.$this->of,
            Operand::Edge, Operand::Seam => $this->kind->value.' '.$this->first.' '.$this->second,
            Operand::Toward => $this->kind->value.' '.$this->first,
            Operand::Whole => $this->kind->value,
        };
    }

    /** @throws InvalidArgumentException when the text is no encoded operand */
    public static function decode(string $code): self
    {
        $parts = explode(' ', $code, 3) + ['', '', ''];
        $kind = Operand::tryFrom($parts[0]) ?? throw new Refused('making.no_operand', ['code' => $code]);

        return match ($kind) {
            Operand::Piece, Operand::Corner => new self($kind, substr($code, strlen($parts[0]) + 1)),
            Operand::SewLine, Operand::CutLine => new self($kind, $parts[2], (int) $parts[1]),
            Operand::Edge, Operand::Seam => new self($kind, '', (int) $parts[1], (int) $parts[2]),
            Operand::Toward => new self($kind, '', (int) $parts[1]),
            Operand::Whole => new self($kind, ''),
        };
    }
}
