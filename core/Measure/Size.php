<?php

declare(strict_types=1);

namespace Dew\Core\Measure;

/** Width by height, in inches. */
final readonly class Size
{
    public function __construct(
        public Length $width,
        public Length $height,
    ) {
    }

    public static function square(Length $side): self
    {
        return new self($side, $side);
    }

    /** The same size with an allowance added on every side: finished to unfinished. */
    public function outsetBy(Length $allowance): self
    {
        $both = $allowance->times(2);

        return new self($this->width->plus($both), $this->height->plus($both));
    }

    public function turned(): self
    {
        return new self($this->height, $this->width);
    }

    public function isSquare(): bool
    {
        return $this->width->equals($this->height);
    }

    public function equals(self $other): bool
    {
        return $this->width->equals($other->width) && $this->height->equals($other->height);
    }

    /** Square inches; reported, never cut by. */
    public function area(): float
    {
        return $this->width->toFloat() * $this->height->toFloat();
    }

    public function encode(): string
    {
        return $this->width->encode().' x '.$this->height->encode();
    }

    /** @throws MeasureException */
    public static function decode(string $code): self
    {
        [$width, $height] = explode(' x ', $code, 2) + [1 => ''];

        return new self(Length::decode($width), Length::decode($height));
    }
}
